import fc from 'fast-check';
import loadHighs from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { readingSchema, type ReadingInput } from '../../foundation/schema/reading';
import type { Restock, RestockInput } from '../../foundation/schema/restock';
import { traySchema, type Tray, type TrayPart } from '../../foundation/schema/tray';
import { partText } from '../../foundation/labels/partText';
import { call } from '../../ranking/answer/call';
import { anyReading } from '../../testing/arbitraries';
import { refusalOf } from '../../testing/refusal';
import { solveBy } from '../plan/highs';
import { solveWith } from '../plan/solver';
import { answerRestock, gap, restock } from './restock';
import { shopParts } from './shop';

beforeAll(async () => solveWith(solveBy(await loadHighs())));

const QUICK = { windows: false, families: false } as const;
const NOTHING = -6;

/** What a season is behind the whole catalog with a tray, as the contract defines it. */
function behind(readings: readonly ReadingInput[], tray: Tray): number {
	const best = (reading: ReadingInput, from?: Tray) =>
		call({ reading: readingSchema.parse(reading), ...(from && { tray: from }) }, QUICK).calls[0]?.score;
	const sum = readings.reduce((total, reading) => {
		const own = best(reading, tray);
		return total + (own === undefined ? NOTHING : own - best(reading)!);
	}, 0);
	return Math.round(sum * 1000) / 1000;
}

interface Bought {
	readonly parts: Tray;
	readonly value: number;
	readonly cost: number;
}

/** All purchases within limits, by going through them. */
function purchases({ readings, tray, candidates = [], budget = Infinity, maxParts = Infinity }: Season): Bought[] {
	const sets = candidates.reduce<Tray[]>((found, part) => [...found, ...found.map((set) => [...set, part])], [[]]);
	return sets.flatMap((parts) => {
		const cost = parts.reduce((sum, { price = 0 }) => sum + price, 0);
		if (parts.length > maxParts || cost > budget) return [];
		return [{ parts, cost, value: behind(readings, [...tray, ...parts]) }];
	});
}

type Season = Pick<RestockInput, 'tray' | 'candidates' | 'budget' | 'maxParts' | 'wanted'> & {
	readonly readings: readonly ReadingInput[];
};

const asked = ({ readings, ...rest }: Season): Restock =>
	restock({ ...rest, readings: readings.map((reading) => readingSchema.parse(reading)) });

const costs = fc.constantFrom(0, 1, 2.5);
const loose = fc.oneof(
	fc.record({ part: fc.constant('head' as const), weightOz: fc.constantFrom(0.25, 0.375, 0.5, 0.75), price: costs }),
	fc.record({
		part: fc.constant('blade' as const),
		style: fc.constantFrom('colorado' as const, 'willow' as const),
		size: fc.constantFrom(3, 3.5, 4.5, 5),
		finish: fc.constantFrom('gold' as const, 'nickel' as const),
		price: costs
	}),
	fc.record({
		part: fc.constant('skirt' as const),
		colour: fc.constantFrom('white' as const, 'black' as const, 'green-pumpkin' as const),
		price: costs
	}),
	fc.record({
		part: fc.constant('lure' as const),
		rig: fc.record({
			family: fc.constantFrom('bladed-jig' as const, 'underspin' as const),
			weightOz: fc.constantFrom(0.375, 0.5)
		}),
		price: costs
	})
);
const OWNED: Tray = [
	{ part: 'head', weightOz: 0.5, headMaterial: 'lead' },
	{ part: 'blade', style: 'colorado', size: 4, finish: 'gold' },
	{ part: 'skirt', colour: 'chartreuse' }
];
const seasons = fc.record({
	readings: fc.array(anyReading, { minLength: 1, maxLength: 3 }),
	tray: fc.constantFrom(OWNED, OWNED.slice(0, 2), OWNED.slice(1)),
	candidates: fc.array(loose, { minLength: 1, maxLength: 5 }) as fc.Arbitrary<Tray>,
	maxParts: fc.constantFrom(1, 2, 3, 5),
	budget: fc.constantFrom(1, 3, 100)
});

describe('restock', () => {
	it('buys what going through all purchases finds best, with the fewest parts, then the cheapest', () => {
		fc.assert(
			fc.property(seasons, (season) => {
				const all = purchases(season);
				const most = Math.max(...all.map(({ value }) => value));
				const best = all.filter(({ value }) => value > most - 1e-6);
				const fewest = Math.min(...best.map(({ parts }) => parts.length));
				const cheapest = Math.min(...best.filter(({ parts }) => parts.length === fewest).map(({ cost }) => cost));
				const found = asked(season);
				expect(found.exact).toBe(true);
				expect(found.value).toBeCloseTo(most, 6);
				expect(found.before).toBeCloseTo(behind(season.readings, season.tray), 6);
				expect(found.buy).toHaveLength(fewest);
				expect(found.buy.reduce((sum, { cost }) => sum + cost, 0)).toBeCloseTo(cheapest, 6);
			}),
			{ numRuns: 25 }
		);
	});

	it('reaches a wanted share with the fewest parts, then the cheapest', () => {
		fc.assert(
			fc.property(seasons, fc.constantFrom(0.3, 0.6, 0.9), (limited, wanted) => {
				const season = { ...limited, maxParts: 5, budget: 100, wanted };
				const all = purchases(season);
				const before = behind(season.readings, season.tray);
				const most = Math.max(...all.map(({ value }) => value));
				const target = Math.min(most, before * (1 - wanted));
				const enough = all.filter(({ value }) => value > target - 1e-3);
				const fewest = Math.min(...enough.map(({ parts }) => parts.length));
				const cheapest = Math.min(...enough.filter(({ parts }) => parts.length === fewest).map(({ cost }) => cost));
				const found = asked(season);
				expect(found.value).toBeGreaterThan(target - 1e-3);
				expect(found.buy).toHaveLength(fewest);
				expect(found.buy.reduce((sum, { cost }) => sum + cost, 0)).toBeCloseTo(cheapest, 6);
			}),
			{ numRuns: 15 }
		);
	});
});

describe('what restock says of a purchase', () => {
	const READINGS: readonly ReadingInput[] = [
		{ waterTemperatureC: 9, visibilityM: 0.4, bottomM: 3.5, fishFromM: 2, fishToM: 3 },
		{ waterTemperatureC: 22, visibilityM: 3, bottomM: 3, fishFromM: 0.5, fishToM: 1.5 }
	];
	const HEAVY: TrayPart = { part: 'head', weightOz: 0.75, headMaterial: 'lead', price: 3 };
	const season: Season = { readings: READINGS, tray: OWNED, candidates: [HEAVY] };

	it('names the readings in which each part is tied on, what it costs, and what lies idle', () => {
		const tray: Tray = [...OWNED, { part: 'skirt', colour: 'orange' }];
		const found = asked({ ...season, tray });
		expect(found.buy).toHaveLength(1);
		expect(found.buy[0]).toMatchObject({ part: HEAVY, cost: 3 });
		expect(found.buy[0]!.serves).toContain(0);
		expect(found.idle).toContainEqual({ part: 'skirt', colour: 'orange' });
		expect(found.covered).toBeCloseTo((found.before - found.value) / found.before, 9);
	});

	it('never buys the first part of a kind that is free while none is listed', () => {
		const { buy } = asked({
			...season,
			candidates: [
				{ part: 'wire', wireIn: 0.035 },
				{ part: 'line', type: 'mono' }
			]
		});
		expect(buy).toEqual([]);
	});

	it('takes a price of its kind where a part has none, and buys nothing that is dearer than the budget', () => {
		const unpriced: Tray = [{ part: 'head', weightOz: 0.75, headMaterial: 'lead' }];
		const dear = restock({
			readings: READINGS.map((reading) => readingSchema.parse(reading)),
			tray: traySchema.parse(OWNED),
			candidates: unpriced,
			prices: { head: 5 },
			budget: 4
		});
		expect(dear.buy).toEqual([]);
	});

	it('says that it is not exact, and how much more there may be, when it may not search', () => {
		const found = restock(
			{ readings: READINGS.map((reading) => readingSchema.parse(reading)), tray: OWNED },
			{ searches: 0 }
		);
		expect(found.exact).toBe(false);
		expect(found.bound).toBeGreaterThanOrEqual(found.value);
	});

	it('tells its progress, never with a bound below what it has', () => {
		const told: number[] = [];
		const progress = ({ value, bound }: { value: number; bound: number }): void => void told.push(bound - value);
		const readings = READINGS.map((reading) => readingSchema.parse(reading));
		restock({ readings, tray: OWNED, maxParts: 1 }, { searches: 2000, progress });
		expect(told.length).toBeGreaterThan(0);
		for (const room of told) expect(room).toBeGreaterThanOrEqual(0);
	});

	it('refuses a season without readings, and a budget below nothing', () => {
		expect(refusalOf(() => answerRestock({ readings: [], tray: [] }))).toMatchObject({ path: 'readings' });
		const budget = { readings: READINGS, tray: [], budget: -1 };
		expect(refusalOf(() => answerRestock(budget))).toMatchObject({ path: 'budget' });
	});

	it('shops carry each part once, each under a name of its own', () => {
		const texts = shopParts().map(partText);
		expect(new Set(texts).size).toBe(texts.length);
		for (const text of texts) expect(text).not.toMatch(/undefined|NaN| {2}|any/);
		const words = shopParts().map((part) => JSON.stringify(part));
		expect(new Set(words).size).toBe(words.length);
		expect(traySchema.safeParse(shopParts()).success).toBe(true);
	});

	it('a gap gains what the tray with the part is better by, and repeats what it can stand in for', () => {
		const readings = READINGS.map((reading) => readingSchema.parse(reading));
		const { points, fills } = gap({ readings, tray: OWNED, part: HEAVY });
		expect(points).toBeCloseTo(behind(READINGS, [...OWNED, HEAVY]) - behind(READINGS, OWNED), 6);
		expect(fills).toContain(0);
		const twin = gap({ readings, tray: OWNED, part: OWNED[0]! });
		expect(twin).toEqual({ fills: [], repeats: [0], points: 0 });
	});
});
