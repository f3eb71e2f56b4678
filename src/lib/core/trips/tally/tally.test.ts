import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { startBuild } from '../../rig/build/start';
import { WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import { completeReading } from '../../water/reading/complete';
import { readingSchema } from '../../foundation/schema/reading';
import type { Rig } from '../../foundation/schema/rig';
import { rigLogSchema, type RigLog } from '../../foundation/schema/rigLog';
import { entrySchema, type Entry, type EntryInput } from '../../foundation/schema/tally';
import { FAMILIES } from '../../foundation/schema/words';
import { changedFields, changeText } from '../reactions/changed';
import { nextOf } from './next';
import { drySpell, rarely, rateOf } from '../reactions/rate';
import { storyOf, strikesOf, type Beginning } from './story';
import { inOrder, nextOrder, type OrderedEntry } from './order';
import { blocksOf, turnsOf } from './trial';
import { historyOf, isWritten, withOuting } from './wear';

const READING = readingSchema.parse({ waterTemperatureC: 16, visibilityM: 1, bottomM: 2 });
const { rig: RIG } = startBuild('spinnerbait');
const START = '2026-05-09T06:40:00.000Z';
const BEGINNING: Beginning = { startedAt: START, spotId: null, reading: READING, rig: RIG, trial: null };
const FEW = { casts: 0, strikes: 0 };

/** Things that happened a minute apart, in their order. */
const happened = (...given: EntryInput[]): OrderedEntry[] =>
	given.map((what, at) => ({
		id: `id-${String(at).padStart(4, '0')}`,
		at: new Date(Date.parse(START) + (at + 1) * 60_000).toISOString(),
		order: at + 1,
		what: entrySchema.parse(what)
	}));
const tell = (...given: EntryInput[]) => storyOf(BEGINNING, happened(...given));
const casts = (count: number): EntryInput => ({ kind: 'cast', count });
const slower: Rig = { ...RIG, retrieve: { ...RIG.retrieve, speedMps: 0.4 } };
const purple: Rig = { ...RIG, skirt: { ...RIG.skirt, colour: 'purple' } };
const next = (...given: EntryInput[]) => nextOf(tell(...given), FEW, completeReading(READING), {});

const anything = fc.oneof(
	fc.integer({ min: 1, max: 5 }).map(casts),
	fc.constantFrom<EntryInput>(
		{ kind: 'follow' },
		{ kind: 'short' },
		{ kind: 'bite' },
		{ kind: 'landed' },
		{ kind: 'lost', hook: 'skin' },
		{ kind: 'fouled', seconds: 30 },
		{ kind: 'pause' },
		{ kind: 'resume' },
		{ kind: 'rig', rig: purple },
		{ kind: 'rig', rig: slower },
		{ kind: 'rig', rig: RIG },
		{ kind: 'spot', spotId: '11111111-1111-4111-8111-111111111111' },
		{ kind: 'spot', spotId: null }
	)
);

describe('the story of an outing', () => {
	it('is the same on every device, in whatever order it hears of things', () =>
		fc.assert(
			fc.property(fc.array(anything, { maxLength: 40 }), fc.infiniteStream(fc.nat()), (given, keys) => {
				// Two devices take the same place now and then.
				const all = happened(...given).map((one) => ({ ...one, order: Math.ceil(one.order / 2) }));
				const shuffled = all
					.map((one) => [keys.next().value as number, one] as const)
					.toSorted(([a], [b]) => a - b)
					.map(([, one]) => one);
				expect(storyOf(BEGINNING, shuffled)).toEqual(storyOf(BEGINNING, all));
				expect(inOrder(shuffled)).toEqual(inOrder(all));
			})
		));

	it('counts everything once, in the stretch in which it happened', () =>
		fc.assert(
			fc.property(fc.array(anything, { maxLength: 60 }), (given) => {
				const { stretches, activeS, joins } = tell(...given);
				const sum = (of: (one: (typeof stretches)[number]) => number) =>
					stretches.reduce((total, one) => total + of(one), 0);
				const of = (kind: string) => given.filter((one) => one.kind === kind).length;
				const cast = given.reduce((total, one) => total + (one.kind === 'cast' ? one.count : 0), 0);
				expect(sum((one) => one.casts)).toBe(cast);
				expect(sum(strikesOf)).toBe(of('short') + of('bite') + of('landed') + of('lost') - joins.size);
				expect(sum((one) => one.fouledS)).toBe(30 * of('fouled'));
				expect(sum((one) => one.activeS)).toBeCloseTo(activeS, 6);
				expect(activeS).toBeLessThanOrEqual(60 * given.length);
				for (const one of stretches.slice(1)) expect(one.changed.length).toBeGreaterThan(0);
			})
		));

	it('stops its clock while it is paused, and takes nothing after its end', () => {
		const { activeS, paused, runningSince } = tell(casts(1), { kind: 'pause' }, casts(1), { kind: 'resume' }, casts(1));
		expect([activeS, paused]).toEqual([180, false]);
		expect(runningSince).toBe('2026-05-09T06:45:00.000Z');
		const over = tell(casts(2), { kind: 'end' }, casts(5));
		expect([over.ended, over.now.casts, over.runningSince]).toEqual([true, 2, null]);
	});

	it('gives the next happening a place after all that is known', () => {
		expect(nextOrder([])).toBe(1);
		expect(nextOrder(happened(casts(1), casts(1)))).toBe(3);
	});
});

describe('what was changed', () => {
	it('is named part by part, and a rig is never changed against itself', () => {
		for (const family of FAMILIES) expect(changedFields(startBuild(family).rig, startBuild(family).rig)).toEqual([]);
		expect(changedFields(RIG, purple)).toEqual(['skirt']);
		expect(changedFields(RIG, { ...purple, trailerHook: 'free' })).toEqual(['skirt', 'trailer hook']);
		expect(changedFields(RIG, startBuild('buzzbait').rig)).toEqual(['family']);
		expect(changedFields(RIG, slower)).toEqual(['speed']);
		expect(changeText('skirt', RIG, purple)).toMatch(/^Skirt: .* to purple$/);
	});
});

describe('what next', () => {
	it('waits while a dry spell is nothing rare at the angler’s own rate', () => {
		const rate = rateOf(FEW);
		expect(rate).toBeCloseTo(0.03, 9);
		const spell = drySpell(rate);
		expect(Math.exp(-rate * spell)).toBeLessThanOrEqual(0.2);
		expect(Math.exp(-rate * (spell - 1))).toBeGreaterThan(0.2);
		expect(next(casts(5)).kind).toBe('wait');
		expect(drySpell(rateOf({ casts: 1000, strikes: 100 }))).toBeLessThan(spell);
	});

	it('says no finer than it knows how seldom a spell is', () => {
		expect([0.2, 0.05, 0.9].map(rarely)).toEqual(['1 in 5', '1 in 20', '1 in 2']);
		expect([0.001, 0.0009, 1e-9, 0].map(rarely)).toEqual([
			'1 in 1000',
			...Array.from({ length: 3 }, () => 'less than 1 in 1,000')
		]);
		expect(next(casts(300), casts(300), casts(300)).because).toBe(
			'At your usual rate, the odds of 900 casts without a bite are less than 1 in 1,000.'
		);
	});

	it('after too long a spell changes retrieve, color, blades, depth and place, one after the other', () => {
		const dry = casts(200);
		const first = next(dry);
		expect([first.kind, first.field]).toEqual(['change', 'retrieve']);
		expect(first.because).toMatch(/odds of 200 casts without a bite are 1 in/);
		const after = next(dry, { kind: 'rig', rig: first.rig! }, dry);
		expect(after.field).toBe('skirt');
		expect(nextOf(tell(dry), FEW, completeReading(READING), { VARY: 'steady' }).field).toBe('skirt');
	});

	it('after follows and short strikes begins with the rear blade, and names one thing alone', () => {
		const given: EntryInput[] = [casts(10), { kind: 'follow' }, { kind: 'short' }];
		const { field, rig, because } = next(...given);
		expect(field).toBe('rear finish');
		expect(changedFields(RIG, rig!)).toEqual(['rear finish']);
		expect(because).toBe('1 follow, 1 short strike in 10 casts: they come and turn away.');
		const then = next(...given, { kind: 'rig', rig: rig! }, ...given);
		expect(then.field).not.toBe('rear finish');
	});

	it('offers no nickel in tannic water or mud, where silver does not show', () => {
		const gold: Rig = {
			...RIG,
			blades: RIG.blades.map((blade) => ({ ...blade, finish: 'gold' as const })) as Rig['blades']
		};
		const story = storyOf({ ...BEGINNING, rig: gold }, happened(casts(9), { kind: 'follow' }, { kind: 'follow' }));
		const finish = (stain: 'tannic' | 'mud' | 'green') => {
			const water = completeReading(readingSchema.parse({ ...READING, stain }));
			return nextOf(story, FEW, water, {}).rig!.blades.find(({ position }) => position === 'rear')!.finish;
		};
		expect([finish('tannic'), finish('mud'), finish('green')]).toEqual(['copper', 'copper', 'nickel']);
	});

	it('goes to heads that exist, heavier and lighter', () =>
		fc.assert(
			fc.property(fc.constantFrom(...WEIGHTS_OZ), fc.array(anything, { maxLength: 40 }), (weightOz, given) => {
				const story = storyOf({ ...BEGINNING, rig: { ...RIG, weightOz } }, happened(...given, casts(300)));
				const found = nextOf(story, FEW, completeReading(READING), {});
				if (found.rig) expect(WEIGHTS_OZ).toContain(found.rig.weightOz);
			})
		));

	it('offers no second hook where it would snag, or the local rule bars it', () => {
		const fields = (reading: object) => {
			const base = readingSchema.parse({ ...READING, ...reading });
			const tried = new Set<string>();
			const given: EntryInput[] = [];
			for (let at = 0; at < 8; at++) {
				given.push(casts(10), { kind: 'follow' }, { kind: 'follow' });
				const found = nextOf(storyOf(BEGINNING, happened(...given)), FEW, completeReading(base), {});
				if (!found.rig) break;
				tried.add(found.field!);
				given.push({ kind: 'rig', rig: found.rig });
			}
			return tried;
		};
		expect(fields({})).toContain('trailer hook');
		expect(fields({ rules: { hooksMax: 1 } })).not.toContain('trailer hook');
		expect(fields({ cover: [{ kind: 'wood', density: 'thick', topM: 0.2 }] })).not.toContain('trailer hook');
	});

	it('says at once what two fish lost the same way mean, and that two changes teach nothing', () => {
		const lost: EntryInput = { kind: 'lost', hook: 'skin' };
		expect(next(casts(3), lost, lost)).toMatchObject({ kind: 'advice', because: 'Two fish were lost the same way.' });
		expect(next(casts(3), lost).kind).toBe('wait');
		const both: Rig = { ...purple, trailerHook: 'free' };
		expect(next(casts(3), { kind: 'rig', rig: both }).kind).toBe('learned-nothing');
	});

	it('names one change at a time whatever happened', () =>
		fc.assert(
			fc.property(fc.array(anything, { maxLength: 60 }), fc.constantFrom(...FAMILIES), (given, family) => {
				const { rig } = startBuild(family);
				const story = storyOf({ ...BEGINNING, rig }, happened(...given));
				const found = nextOf(story, FEW, completeReading(READING), {});
				if (found.rig) expect(changedFields(story.now.rig, found.rig)).toEqual([found.field]);
				expect(found.title.length).toBeGreaterThan(0);
			})
		));
});

describe('a trial', () => {
	const trial = { a: RIG, b: purple, seed: 7, pairs: 4, casts: 10 };
	const begun: Beginning = { ...BEGINNING, trial };
	const turn = (at: number): EntryInput => ({ kind: 'turn', turn: at });

	it('has one of each in every pair, and orders that differ by their seed', () =>
		fc.assert(
			fc.property(fc.nat(), fc.integer({ min: 1, max: 40 }), (seed, pairs) => {
				const turns = turnsOf({ seed, pairs });
				expect(turns).toHaveLength(2 * pairs);
				for (let pair = 0; pair < pairs; pair++) expect(turns.slice(2 * pair, 2 * pair + 2).sort()).toEqual(['a', 'b']);
				expect(turnsOf({ seed, pairs })).toEqual(turns);
			})
		));

	it('casts the rig whose turn it is, and counts pairs that were fished whole', () => {
		const given = [
			turn(0),
			casts(10),
			turn(1),
			casts(10),
			{ kind: 'bite' } as const,
			turn(2),
			casts(10),
			turn(3),
			casts(4)
		];
		const story = storyOf(begun, happened(...given, { kind: 'broken' }));
		const order = turnsOf(trial);
		expect(story.turns.map(({ arm, whole }) => [arm, whole])).toEqual([
			[order[0], true],
			[order[1], true],
			[order[2], true],
			[order[3], false]
		]);
		expect(story.now.rig).toEqual(trial[order[3]!]);
		const { blocks, broken } = blocksOf(story.turns);
		expect(broken).toBe(1);
		expect(blocks).toHaveLength(1);
		expect(blocks[0]).toMatchObject({ planned: true, [order[1]!]: { casts: 10, bites: 1 } });
	});

	it('is not disturbed by advice', () => {
		const story = storyOf(begun, happened(turn(0), casts(300)));
		expect(nextOf(story, FEW, completeReading(READING), {}).kind).toBe('wait');
	});
});

describe('what an outing adds to the history of a rig', () => {
	const END = '2026-05-09T10:00:00.000Z';
	const told = tell(
		casts(4),
		{ kind: 'landed' },
		{ kind: 'rig', rig: slower },
		casts(3),
		{ kind: 'landed' },
		{ kind: 'damage', part: 'wire' },
		{ kind: 'rig', rig: purple },
		casts(2),
		{ kind: 'damage', part: 'skirt' }
	);

	it('is its hours, its fish and its bent wire, however it was fished', () => {
		const history = historyOf(told, RIG, END);
		expect(history.map(({ kind }) => kind)).toEqual(['hours', 'fish', 'fish', 'bent']);
		expect(history.every(({ at }) => at === END)).toBe(true);
		expect(historyOf(told, slower, END)).toEqual(history);
	});

	it('is that of each lure by itself, and nothing for one that was not cast', () => {
		expect(historyOf(told, purple, END).map(({ kind }) => kind)).toEqual(['hours']);
		expect(historyOf(told, startBuild('buzzbait').rig, END)).toEqual([]);
	});

	it('is written once: an outing that went on after it was written takes the place of what was written of it', () => {
		const before: RigLog = [{ kind: 'run', at: START, saw: 'true' }];
		const first = withOuting(before, historyOf(tell(casts(4), { kind: 'landed' }), RIG, START));
		expect(first.map(({ kind }) => kind)).toEqual(['run', 'hours', 'fish']);
		const more = historyOf(told, RIG, START);
		expect(isWritten(first, more)).toBe(false);
		const second = withOuting(first, more);
		expect(second).toEqual([...before, ...more]);
		expect(isWritten(second, more)).toBe(true);
		expect(withOuting(second, more)).toEqual(second);
	});

	it('is a history that is taken, and knows what is in it', () => {
		fc.assert(
			fc.property(fc.array(anything, { maxLength: 60 }), (given) => {
				const history = historyOf(tell(casts(1), ...given), RIG, END);
				expect(rigLogSchema.safeParse(history).error).toBeUndefined();
				expect(isWritten(history, history)).toBe(true);
				expect(isWritten([], history)).toBe(false);
			})
		);
	});
});

describe('a fish that is tapped more than once', () => {
	const beginning = {
		startedAt: '2026-05-09T06:00:00.000Z',
		spotId: null,
		reading: { waterTemperatureC: 17, visibilityM: 1, bottomM: 3 },
		rig: startBuild('spinnerbait').rig,
		trial: null
	};
	const at = (second: number): string => new Date(Date.UTC(2026, 4, 9, 6, 10, second)).toISOString();
	const told = (...what: [number, Entry][]) =>
		storyOf(
			beginning,
			what.map(([second, one], order) => ({ id: `${order}`, at: at(second), order: order + 1, what: one }))
		);
	const bite = { kind: 'bite', hit: null } as const;
	const landed = { kind: 'landed', hit: null, hook: null, lengthCm: null, massKg: null } as const;

	it('is one: a bite and a landing within a minute', () => {
		const { now, joins } = told([0, bite], [30, landed]);
		expect([now.bites, now.landed, strikesOf(now)]).toEqual([0, 1, 1]);
		expect([...joins]).toEqual([['1', '0']]);
	});

	it('is two where more than a minute or a cast lies between, or where that was said', () => {
		expect(strikesOf(told([0, bite], [61, landed]).now)).toBe(2);
		expect(strikesOf(told([0, bite], [30, { ...landed, after: null }]).now)).toBe(2);
		expect(strikesOf(told([0, bite], [300, { ...landed, after: '0' }]).now)).toBe(1);
		expect(strikesOf(told([0, bite], [10, { kind: 'cast', count: 1 }], [40, landed]).now)).toBe(2);
	});

	it('takes each bite once, the latest first', () => {
		const { now, joins } = told([0, bite], [10, bite], [20, landed], [30, { ...landed }]);
		expect(strikesOf(now)).toBe(2);
		expect([...joins]).toEqual([
			['2', '1'],
			['3', '0']
		]);
	});
});
