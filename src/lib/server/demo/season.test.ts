import { beforeAll, describe, expect, it } from 'vitest';
import { startBuild } from '../../core/rig/build/start';
import { seeded } from '../../core/foundation/basics/random';
import { entryRecordSchema, outingRecordSchema } from '../../core/records/tallySchemas';
import { readingSchema, type ParsedReading, type ReadingInput } from '../../core/foundation/schema/reading';
import type { Rig } from '../../core/foundation/schema/rig';
import { seasonOf, TRUE_EFFECTS, trueRate, type SeededOuting } from './season';

const waterOf = (more: Partial<ReadingInput> = {}): ParsedReading =>
	readingSchema.parse({ waterTemperatureC: 18, visibilityM: 1.5, bottomM: 3, sky: 'sun', ...more });
const { rig: first } = startBuild('spinnerbait');

/** An outing on each of so many days of one water. */
function season(seed: number, days: number, reading: ParsedReading): SeededOuting[] {
	const random = seeded(seed);
	let made = 0;
	const id = () => `00000000-0000-4000-8000-${String(++made).padStart(12, '0')}`;
	const takenAt = (at: number) => new Date(Date.UTC(2026, 2, 1 + at, 6));
	const all = Array.from({ length: days }, (_, at) => ({
		name: `Day ${at}`,
		spotId: null,
		takenAt: takenAt(at),
		reading
	}));
	return seasonOf(random, all, id);
}

const rear = (rig: Rig) => rig.blades.find(({ position }) => position === 'rear')!;
const STRIKES = new Set(['short', 'bite', 'lost', 'landed']);

/** Casts and strikes of a season with what stands for a thing, and with what does not. */
function counted(outings: readonly SeededOuting[], has: (rig: Rig) => boolean) {
	const sides = { with: { casts: 0, strikes: 0 }, without: { casts: 0, strikes: 0 } };
	for (const { record, happenings } of outings) {
		let { rig } = record;
		for (const { what } of happenings.map((one) => one.record)) {
			const side = sides[has(rig) ? 'with' : 'without'];
			if (what.kind === 'cast') side.casts += what.count;
			if (STRIKES.has(what.kind)) side.strikes++;
			if (what.kind === 'rig') ({ rig } = what);
		}
	}
	const rate = ({ casts, strikes }: (typeof sides)['with']) => strikes / casts;
	return { ...sides, ratio: rate(sides.with) / rate(sides.without) };
}

/** So many days that a ratio of rates comes out within a tenth. */
const MANY = 500;

describe('the season that the demo is made of', () => {
	let outings: SeededOuting[];
	beforeAll(() => {
		outings = season(5, 30, waterOf({ cover: [{ kind: 'pads', density: 'thick', form: 'even', topM: 0 }] }));
	});

	it('is the same for the same numbers, and another for others', () => {
		const reading = waterOf();
		expect(season(3, 4, reading)).toEqual(season(3, 4, reading));
		expect(season(3, 4, reading)).not.toEqual(season(4, 4, reading));
	});

	it('holds records as an angler could have written them', () => {
		for (const { record, happenings } of outings) {
			expect(outingRecordSchema.parse(record)).toEqual(record);
			for (const one of happenings) expect(entryRecordSchema.parse(one.record)).toEqual(one.record);
		}
	});

	it('has each outing in order, from its start to its end', () => {
		for (const { id, record, happenings } of outings) {
			const records = happenings.map((one) => one.record);
			expect(records.map(({ order }) => order)).toEqual(records.map((_, at) => at + 1));
			const times = records.map(({ at }) => Date.parse(at));
			expect(times).toEqual(times.toSorted((a, b) => a - b));
			expect(times[0]).toBeGreaterThan(Date.parse(record.startedAt));
			expect(new Set(records.map(({ outingId }) => outingId))).toEqual(new Set([id]));
			expect(records.filter(({ what }) => what.kind === 'end')).toEqual([records.at(-1)]);
		}
	});

	it('changes one thing at a time, so that it can teach something, and ends each day with another family', () => {
		const differing = (a: Rig, b: Rig) =>
			(Object.keys(a) as (keyof Rig)[]).filter((key) => !Object.is(JSON.stringify(a[key]), JSON.stringify(b[key])));
		for (const { record, happenings } of outings) {
			let { rig } = record;
			for (const { what } of happenings.map((one) => one.record)) {
				if (what.kind !== 'rig') continue;
				if (what.rig.family === record.rig.family) expect(differing(rig, what.rig)).toHaveLength(1);
				({ rig } = what);
			}
			expect(rig.family).not.toBe(record.rig.family);
		}
	});

	it('brings more fish in summer than in January', () => {
		const landed = (waterTemperatureC: number) =>
			season(5, 30, waterOf({ waterTemperatureC })).flatMap(({ happenings }) =>
				happenings.filter(({ record }) => record.what.kind === 'landed')
			).length;
		expect(landed(24)).toBeGreaterThan(1.5 * landed(4));
	});

	it('fouls where weed grows, and nowhere else', () => {
		const fouled = (all: readonly SeededOuting[]) =>
			all.flatMap(({ happenings }) => happenings.filter(({ record }) => record.what.kind === 'fouled')).length;
		expect(fouled(outings)).toBeGreaterThan(0);
		expect(fouled(season(5, 30, waterOf()))).toBe(0);
	});
});

describe('what is true in it', () => {
	const shaped = (change: (rig: Rig) => Rig) => change(structuredClone(first));
	const gold = shaped((rig) => ({
		...rig,
		blades: rig.blades.map((blade) => ({ ...blade, finish: 'gold' as const }))
	}));
	const nickel = shaped((rig) => ({
		...rig,
		blades: rig.blades.map((blade) => ({ ...blade, finish: 'nickel' as const }))
	}));

	it('is there in its own water alone', () => {
		const times = (reading: ParsedReading) => trueRate(gold, reading, 1) / trueRate(nickel, reading, 1);
		expect(times(waterOf({ sky: 'overcast' }))).toBeCloseTo(TRUE_EFFECTS.goldUnderCloud, 9);
		expect(times(waterOf({ sky: 'dark' }))).toBeCloseTo(TRUE_EFFECTS.goldUnderCloud, 9);
		expect(times(waterOf({ sky: 'sun' }))).toBe(1);
	});

	it('never makes more than every second cast a strike', () => {
		const reading = waterOf({ sky: 'dark', visibilityM: 0.3, waterTemperatureC: 8 });
		expect(trueRate({ ...gold, retrieve: { ...gold.retrieve, speedMps: 0.4 } }, reading, 1000)).toBe(0.5);
	});

	it.each([
		['gold under cloud', waterOf({ sky: 'overcast' }), (rig: Rig) => rear(rig).finish === 'gold', 'goldUnderCloud'],
		[
			'a Colorado in dirt',
			waterOf({ visibilityM: 0.4 }),
			(rig: Rig) => rear(rig).style === 'colorado',
			'coloradoInDirt'
		],
		[
			'a slow pace in the cold',
			waterOf({ waterTemperatureC: 8 }),
			(rig: Rig) => rig.retrieve.speedMps <= 0.6,
			'slowInTheCold'
		],
		['a skirt', waterOf(), (rig: Rig) => rig.skirt.colour === 'white-chartreuse', 'skirt']
	] as const)('%s comes out of enough casts as it is', (_, reading, has, effect) => {
		const { ratio, with: some, without } = counted(season(11, MANY, reading), has);
		// Two and a half standard errors of the log of a ratio of two counts, with as much again for days that differ.
		const off = 2.5 * Math.sqrt(2 / some.strikes + 2 / without.strikes);
		expect(Math.abs(Math.log(ratio / TRUE_EFFECTS[effect]))).toBeLessThan(off);
		expect(off).toBeLessThan(0.15);
	});
});
