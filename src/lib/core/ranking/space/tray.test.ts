import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { without } from '../../foundation/basics/without';
import { bladeSets, LAYOUTS, type BladeSet } from '../../foundation/catalogue/layouts';
import type { CallAnswer } from '../../foundation/schema/call';
import { readingSchema, type ReadingInput } from '../../foundation/schema/reading';
import type { Locks, Rig } from '../../foundation/schema/rig';
import type { Tray, TrayPart } from '../../foundation/schema/tray';
import { HEAD_MATERIALS, HEAD_SHAPES, SKIRT_COLOURS } from '../../foundation/schema/words';
import { anyReading } from '../../testing/arbitraries';
import { refusalOf } from '../../testing/refusal';
import { answerCall, call } from '../answer/call';
import { ownsChange } from './tray';

const REEDS: ReadingInput = {
	waterTemperatureC: 19,
	visibilityM: 1.4,
	bottomM: 2,
	sky: 'overcast',
	wind: 'chop',
	fishFromM: 0.3,
	fishToM: 1.4
};
const QUICK = { windows: false, families: false } as const;

const called = (reading: ReadingInput, tray: Tray, locks: Locks = {}): CallAnswer =>
	call({ reading: readingSchema.parse(reading), tray, locks }, QUICK);
const bestOf = (reading: ReadingInput, tray: Tray): number => called(reading, tray).calls[0]?.score ?? -Infinity;
const bestLocked = (reading: ReadingInput, locks: Locks): number =>
	call({ reading: readingSchema.parse(reading), locks }, QUICK).calls[0]?.score ?? -Infinity;

const shares = (part: object, has: object): boolean =>
	Object.entries(part).every(([key, value]) => (has as Record<string, unknown>)[key] === value);

/** Whether a rig is made of what a tray of loose parts lists, in words of its own. */
function madeOf({ weightOz, headMaterial, headShape, hook, ...rig }: Rig, tray: Tray): boolean {
	const listed = (kind: TrayPart['part']): object[] =>
		tray.filter(({ part }) => part === kind).map((item) => without(item, 'part'));
	const any = (kind: TrayPart['part'], has: object): boolean =>
		listed(kind).length === 0 || listed(kind).some((part) => shares(part, has));
	return (
		any('head', { weightOz, headMaterial, headShape, hook }) &&
		rig.blades.every((blade) => any('blade', blade)) &&
		(rig.skirt.colour === 'none' || any('skirt', rig.skirt)) &&
		(rig.trailer === null || any('trailer', rig.trailer)) &&
		any('line', rig.line)
	);
}

const anyHead = fc.record({
	part: fc.constant('head' as const),
	weightOz: fc.constantFrom(0.25, 0.375, 0.5, 0.75),
	headMaterial: fc.constantFrom(...HEAD_MATERIALS),
	headShape: fc.constantFrom(...HEAD_SHAPES)
});
const finishes = fc.constantFrom('gold' as const, 'nickel' as const);
const blade = fc.constant('blade' as const);
/** Blades that turn, as they are sold. */
const anyTurning = fc
	.record({ set: fc.constantFrom(...bladeSets('single')), finish: finishes })
	.map(({ set, finish }) => ({ part: 'blade' as const, ...set.rear, finish }));
const anyBlade = fc.oneof(
	anyTurning,
	fc.record({ part: blade, style: fc.constantFrom('standard' as const, 'prop-2' as const), finish: finishes })
);
const anySkirt = fc.record({
	part: fc.constant('skirt' as const),
	colour: fc.constantFrom(...SKIRT_COLOURS.filter((colour) => colour !== 'none')),
	material: fc.constantFrom('silicone' as const, 'fine' as const)
});
const anyTrailer = fc.record({
	part: fc.constant('trailer' as const),
	kind: fc.constantFrom('split-tail' as const, 'craw' as const, 'paddle-tail' as const),
	colour: fc.constantFrom('white' as const, 'black' as const)
});
const upTo = (most: number) => ({ minLength: 0, maxLength: most });
const anyLoose = fc
	.tuple(
		fc.array(anyHead, upTo(4)),
		fc.array(anyBlade, upTo(5)),
		fc.array(anySkirt, upTo(3)),
		fc.array(anyTrailer, upTo(2))
	)
	.map((parts): Tray => parts.flat());

/** Whether two blades make a tandem. */
function goTogether({ front, rear }: Pick<BladeSet, 'front' | 'rear'>): boolean {
	const same = (set: BladeSet) => [set.front!.style, set.front!.size, set.rear.style, set.rear.size].join();
	const asked = same({ front, rear });
	return LAYOUTS.filter((layout) => layout !== 'single').some((layout) => bladeSets(layout).map(same).includes(asked));
}

describe('what a tray makes of a changed rig', () => {
	const rig = answerCall({ reading: REEDS, locks: { family: 'spinnerbait', trailer: null } }).calls[0]!.rig;
	const { weightOz, headMaterial, headShape } = rig;
	const tray: Tray = [
		{ part: 'head', weightOz, headMaterial, headShape },
		...rig.blades.map((one) => ({ part: 'blade' as const, style: one.style, size: one.size, finish: one.finish }))
	];
	const owned = (change: Locks): boolean => ownsChange(tray, { ...rig, ...change }, change);

	it('is told part by part: what is listed, what is left off, and what has no list at all', () => {
		expect(owned({ weightOz })).toBe(true);
		expect(owned({ weightOz: 1.5 })).toBe(false);
		expect(owned({ blades: rig.blades })).toBe(true);
		expect(owned({ blades: rig.blades.map((one) => ({ ...one, finish: 'copper' })) })).toBe(false);
		expect(owned({ skirt: { ...rig.skirt, colour: 'purple' } })).toBe(true);
		expect(owned({ retrieve: { style: 'burn', speedMps: 1.5 } })).toBe(true);
	});

	it('takes a part of which none is left for gone', () => {
		expect(
			ownsChange(
				tray.map((part) => ({ ...part, count: 0 })),
				rig,
				{ weightOz: 1.5 }
			)
		).toBe(true);
	});
});

describe('a tray of loose parts', () => {
	it('calls nothing but what it lists, or bare', () => {
		fc.assert(
			fc.property(anyReading, anyLoose, (reading, tray) => {
				for (const { rig } of called(reading, tray).calls) expect(madeOf(rig, tray), JSON.stringify(rig)).toBe(true);
			}),
			{ numRuns: 40 }
		);
	});

	it('calls the best of what can be put together: as when each lure of it were there, put together', () => {
		const heads = fc.array(anyHead, { minLength: 1, maxLength: 3 });
		const blades = fc.array(anyTurning, { minLength: 1, maxLength: 4 });
		fc.assert(
			fc.property(anyReading, heads, blades, (reading, some, turning) => {
				const places = turning.map((one) => without(one, 'part'));
				const pairs = places.flatMap((front) => places.map((rear) => ({ front, rear })));
				const sets = [...places.map((rear) => ({ front: null, rear })), ...pairs.filter(goTogether)];
				const lures = some.flatMap((item) =>
					sets.map(({ front, rear }) => {
						const ahead = front ? [{ ...front, position: 'front' as const }] : [];
						const rig = { ...without(item, 'part'), blades: [...ahead, { ...rear, position: 'rear' as const }] };
						return { part: 'lure' as const, rig };
					})
				);
				expect(bestOf(reading, [...some, ...turning])).toBe(bestOf(reading, lures));
			}),
			{ numRuns: 200 }
		);
	});

	it('calls as the locks do, where it lists one thing of a kind', () => {
		const trailers = fc.record({ skirt: anySkirt, trailer: anyTrailer });
		fc.assert(
			fc.property(anyReading, trailers, (reading, { skirt, trailer }) => {
				const [dress, body] = [without(skirt, 'part'), without(trailer, 'part')];
				const locks: Locks = { skirt: dress };
				const free = [
					{ ...locks, trailer: body },
					{ ...locks, trailer: null }
				].map((one) => bestLocked(reading, one));
				const bare = [{ trailer: body }, { trailer: null }].map((one) =>
					bestLocked(reading, { ...one, skirt: { colour: 'none' } })
				);
				expect(bestOf(reading, [skirt, trailer])).toBe(Math.max(...free, ...bare));
			}),
			{ numRuns: 30 }
		);
	});

	it('never calls more than is called from everything, nor less than from a part of it', () => {
		fc.assert(
			fc.property(anyReading, anyLoose, (reading, tray) => {
				const whole = bestLocked(reading, {});
				expect(bestOf(reading, tray)).toBeLessThanOrEqual(whole);
				const heads = tray.filter(({ part }) => part === 'head');
				const fewer = heads.length > 1 ? tray.filter((part) => part !== heads[0]) : tray;
				expect(bestOf(reading, fewer)).toBeLessThanOrEqual(bestOf(reading, tray));
			}),
			{ numRuns: 60 }
		);
	});
});

describe('a tray', () => {
	it('keeps out trebles over the local rule, and a second hook beside one that is just within it', () => {
		const head = { part: 'head', weightOz: 0.5 } as const;
		const treble: Tray = [{ ...head, hook: { style: 'treble' } }];
		const short = (pointsMax: number): ReadingInput => ({ ...REEDS, answers: ['short-strikes'], rules: { pointsMax } });
		expect(called(short(2), treble).calls).toEqual([]);
		expect(called(short(2), [...treble, head]).calls[0]!.rig.hook.style).toBe('single');
		for (const { rig } of called(short(3), treble).calls) expect(rig.trailerHook).toBe('none');
	});

	it('that lists nothing bounds nothing', () => {
		expect(called(REEDS, [])).toEqual(call({ reading: readingSchema.parse(REEDS) }, QUICK));
	});

	it('of lures without heads means those lures, with all of their blades', () => {
		const rig: Locks = {
			family: 'spinnerbait',
			weightOz: 0.5,
			blades: [{ position: 'rear', style: 'colorado', size: 4 }]
		};
		const { calls, candidates } = called(REEDS, [{ part: 'lure', rig }]);
		expect(calls.length).toBeGreaterThan(0);
		for (const { rig: made } of calls) {
			expect(made).toMatchObject({ family: 'spinnerbait', weightOz: 0.5, blades: [{ style: 'colorado', size: 4 }] });
			expect(made.blades).toHaveLength(1);
		}
		expect(candidates).toBeLessThan(called(REEDS, []).candidates);
	});

	it('gives figures as they are owned, the nearest of those that the catalog does not tell apart', () => {
		const heads: Tray = [0.41, 0.38].map((weightOz) => ({ part: 'head', weightOz }));
		expect(called(REEDS, heads).calls[0]!.rig.weightOz).toBe(0.38);
	});

	it('puts a loose blade only where the catalog has one of its size: no tandem of equals, no large blade under a head', () => {
		const thin: ReadingInput = { waterTemperatureC: 0, visibilityM: 2.25, bottomM: 0.5, fishFromM: 0, fishToM: 0 };
		for (const reading of [thin, REEDS]) {
			const small: Tray = [
				{ part: 'head', weightOz: 0.5, headMaterial: 'lead', headShape: 'plain' },
				{ part: 'blade', style: 'colorado', size: 2, finish: 'gold' }
			];
			for (const { rig } of called(reading, small).calls) expect(rig.blades, JSON.stringify(rig)).toHaveLength(1);
			const large: Tray = [{ part: 'blade', style: 'willow', size: 7 }];
			expect(called(reading, large, { family: 'underspin' }).calls).toEqual([]);
		}
		// What was bought as a pair stays one: a finished lure is judged as its nearest.
		const blades: Locks['blades'] = (['front', 'rear'] as const).map((position) => ({
			position,
			style: 'colorado',
			size: 2
		}));
		const [pair] = called(REEDS, [{ part: 'lure', rig: { family: 'spinnerbait', weightOz: 0.25, blades } }]).calls;
		expect(pair!.rig.blades).toMatchObject(blades!);
	});

	it('keeps out a part of which none is left', () => {
		const skirts: Tray = [
			{ part: 'skirt', colour: 'orange', count: 2 },
			{ part: 'skirt', colour: 'white', count: 0 }
		];
		const worn = called(REEDS, skirts, { family: 'spinnerbait' }).calls.map(({ rig }) => rig.skirt.colour);
		expect(worn.length).toBeGreaterThan(0);
		expect(new Set(worn)).toEqual(new Set(['orange']));
	});

	it('says so where it holds no lure that locks leave', () => {
		const { calls, verdict } = called(REEDS, [{ part: 'blade', style: 'standard' }], { family: 'spinnerbait' });
		expect(calls).toEqual([]);
		expect(verdict.reasons[0]).toContain('no lure can be built from the parts in your tray');
	});

	it('leaves families that it holds nothing of barred, and says why', () => {
		const { families } = call({ reading: readingSchema.parse(REEDS), tray: [{ part: 'blade', style: 'standard' }] });
		const barred = families.filter(({ family }) => family !== 'bladed-jig').map(({ barred }) => barred);
		expect(barred).toHaveLength(3);
		for (const why of barred) expect(why).toContain('tray');
	});

	it('counts what it leaves', () => {
		const one: Tray = [
			{ part: 'head', weightOz: 0.5, headMaterial: 'lead' },
			{ part: 'head', weightOz: 0.75, headMaterial: 'tungsten' }
		];
		const both = called(REEDS, one).candidates;
		const each = one.map((head) => called(REEDS, [head]).candidates);
		expect(both).toBe(each[0]! + each[1]!);
	});

	it('that names a part which is none is refused at its place', () => {
		const refused = (tray: unknown) => refusalOf(() => answerCall({ reading: REEDS, tray }));
		expect(refused([{ part: 'head', weightOz: 0.5 }, { part: 'rattle' }])).toMatchObject({ path: 'tray.1.part' });
		expect(refused([{ part: 'wire', wireIn: 0.3 }])).toMatchObject({ code: 'invalid', path: 'tray.0.wireIn' });
		expect(refused([{ part: 'skirt', size: 4 }])).toMatchObject({ code: 'unknown-key', path: 'tray.0.size' });
	});
});
