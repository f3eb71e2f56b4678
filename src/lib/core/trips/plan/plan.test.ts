import loadHighs from 'highs';
import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { answerScore } from '../../ranking/answer/score';
import { refusalOf } from '../../testing/refusal';
import { bestDeck, retiesOf, valueOf, type Day, type Solve } from './deck';
import { solveBy } from './highs';
import { readingSchema } from '../../foundation/schema/reading';
import { anyReading } from '../../testing/arbitraries';
import { scheduleDay, scheduled } from './schedule';
import { answerPlan, plan } from './plan';
import { calledHour, KnownDay, prepared, turnsOf } from './prepared';
import { scenariosOf } from './scenarios';
import { bestOf, bestOutfits, givenUp, type Case } from './underUncertainty';
import { solveWith } from './solver';
import { planInputSchema } from '../../foundation/schema/plan';

let solve: Solve;
beforeAll(async () => {
	solve = solveBy(await loadHighs());
	solveWith(solve);
});

const points = fc.oneof(
	{ weight: 4, arbitrary: fc.integer({ min: 0, max: 30 }).map((tenths) => tenths / 10) },
	{ weight: 1, arbitrary: fc.constant(null) }
);
const smallDay: fc.Arbitrary<Day> = fc
	.record({ hours: fc.integer({ min: 1, max: 5 }), rigs: fc.integer({ min: 1, max: 5 }) })
	.chain(({ hours, rigs }) =>
		fc.record({
			hours: fc.array(
				fc.record({
					weight: fc.constantFrom(0.5, 1, 2),
					behind: fc.array(points, { minLength: rigs, maxLength: rigs })
				}),
				{ minLength: hours, maxLength: hours }
			),
			outfitOf: fc.array(fc.integer({ min: 0, max: 2 }), { minLength: rigs, maxLength: rigs }),
			rods: fc.integer({ min: 1, max: 3 }),
			retie: fc.constantFrom(0, 0.3, 1),
			fixed: fc.constant([])
		})
	);

/** Every way to cast a day, tried. */
function byBruteForce(day: Day): number | null {
	let best: number | null = null;
	const cast: (number | null)[] = [];
	const go = (hour: number): void => {
		if (hour === day.hours.length) {
			const outfits = new Set(cast.flatMap((rig) => (rig === null ? [] : [day.outfitOf[rig]!])));
			if (outfits.size > day.rods) return;
			const value = valueOf(day, cast);
			if (best === null || value < best) best = value;
			return;
		}
		const runs = day.hours[hour]!.behind.flatMap((behind, rig) => (behind === null ? [] : [rig]));
		for (const rig of runs.length > 0 ? runs : [null]) {
			cast.push(rig);
			go(hour + 1);
			cast.pop();
		}
	};
	go(0);
	return best;
}

describe('the deck that gives up least', () => {
	it('is no worse than any other, tried one by one on small days', () => {
		fc.assert(
			fc.property(smallDay, (day) => {
				const deck = bestDeck(day, solve);
				const best = byBruteForce(day);
				if (best === null) expect(deck).toBeNull();
				else {
					expect(deck!.exact).toBe(true);
					expect(deck!.value).toBeCloseTo(best, 6);
				}
			}),
			{ numRuns: 200 }
		);
	});

	it('gives up less with every rod more, and never ties again for less than a knot is worth', () => {
		fc.assert(
			fc.property(smallDay, (day) => {
				const values = [1, 2, 3].map((rods) => bestDeck({ ...day, rods }, solve)?.value ?? Infinity);
				expect(values[1]).toBeLessThanOrEqual(values[0]! + 1e-9);
				expect(values[2]).toBeLessThanOrEqual(values[1]! + 1e-9);
			}),
			{ numRuns: 30 }
		);
		const day = {
			hours: [
				[0, 0.2],
				[0.2, 0]
			].map((behind) => ({ weight: 1, behind })),
			outfitOf: [0, 0],
			rods: 1,
			fixed: []
		};
		expect(bestDeck({ ...day, retie: 0.3 }, solve)).toMatchObject({ value: 0.2, exact: true });
		expect(bestDeck({ ...day, retie: 0.1 }, solve)!.cast).toEqual([0, 1]);
	});

	it('counts a knot only where the outfit carries something else', () => {
		expect(retiesOf([0, 0, 1, 0], [0, 0])).toBe(2);
		expect(retiesOf([0, 1, 0, 1], [0, 1])).toBe(0);
		expect(retiesOf([0, null, 0], [0])).toBe(0);
	});
});

const at = (hour: number): string => `2026-05-09T${String(hour).padStart(2, '0')}:00:00.000Z`;
const water = {
	waterTemperatureC: 18,
	visibilityM: 1,
	bottomM: 2,
	cover: [{ kind: 'grass-tops', density: 'medium', topM: 1.2 }]
};
const hours = [
	{ at: at(6), reading: { ...water, light: 'low', wind: 'calm' }, spot: 'Pad Bay' },
	{ at: at(9), reading: { ...water, sky: 'sun', wind: 'ripple' } },
	{ at: at(12), reading: { ...water, sky: 'overcast', wind: 'chop', bank: 'windblown' } }
];

describe('a day on the water', () => {
	it('is served by each hour’s best call where there are rods enough, and gives up only what the knots cost', () => {
		const { value, exact, unserved, rods, best } = plan(planInputSchema.parse({ hours, rods: 4, perHour: 3 }), solve);
		expect([exact, unserved]).toEqual([true, []]);
		expect(value).toBeLessThanOrEqual(0.6);
		const all = rods.flatMap((rod) => rod.hours);
		expect(all.map((hour) => hour.at).toSorted()).toEqual(hours.map((hour) => hour.at));
		expect(all.find((hour) => hour.at === at(6))!.spot).toBe('Pad Bay');
		expect(best.every(({ call }) => call !== null)).toBe(true);
	});

	it('judges every rig as `score` does, and bars what the gate bars', () => {
		const { rods } = answerPlan({ hours, rods: 1, perHour: 2 }) as ReturnType<typeof plan>;
		expect(rods).toHaveLength(1);
		for (const { at: when, rig, behind } of rods[0]!.hours) {
			const reading = hours.find((hour) => hour.at === when)!.reading;
			const judged = answerScore({ reading, rig });
			expect(behind).toBeCloseTo(Math.max(0, judged.behind!), 3);
			expect(judged.barred).toBeNull();
		}
	});

	it('calls only the hours that were changed again, and comes to the same', () => {
		const known = new KnownDay();
		const asked = (sky: string) =>
			planInputSchema.parse({
				hours: [hours[0], { ...hours[1], reading: { ...hours[1]!.reading, sky } }],
				rods: 2,
				perHour: 2
			});
		const before = prepared(asked('sun'), known);
		const after = prepared(asked('overcast'), known);
		expect(after.called[0]).toBe(before.called[0]);
		expect(after.called[1]).not.toBe(before.called[1]);
		expect(scheduleDay(after, solve)).toEqual(plan(asked('overcast'), solve));
		// What was asked for before is still there.
		expect(prepared(asked('sun'), known).called[1]).toBe(before.called[1]);
	});

	it('knows an hour again in whatever order its words stand', () => {
		const known = new KnownDay();
		const day = planInputSchema.parse({ hours: [hours[0]], rods: 1, perHour: 2 });
		const { reading } = day.hours[0]!;
		const turned = Object.fromEntries(Object.entries(reading).reverse()) as typeof reading;
		expect(calledHour({ perHour: 2 }, turned, known)).toBe(prepared(day, known).called[0]);
	});

	it('keeps to the outfits that are owned', () => {
		const [first] = plan(planInputSchema.parse({ hours, rods: 1, perHour: 1 }), solve).rods;
		const line = { type: 'mono', testLb: 20, leader: null } as const;
		const owned = { ...first!.outfit, line };
		const { rods } = plan(planInputSchema.parse({ hours, rods: 1, perHour: 2, fixed: [owned] }), solve);
		expect(rods.map(({ outfit }) => outfit)).toEqual([owned]);
		expect(
			refusalOf(() =>
				plan(planInputSchema.parse({ hours, rods: 1, fixed: [owned, { ...owned, line: first!.outfit.line }] }), solve)
			)?.path
		).toBe('fixed');
	});

	it('is refused where it is none', () => {
		expect(refusalOf(() => answerPlan({ hours: [], rods: 2 }))?.path).toBe('hours');
		expect(refusalOf(() => answerPlan({ hours, rods: 9 }))?.path).toBe('rods');
		expect(refusalOf(() => answerPlan({ hours: [{ ...hours[0], at: 'dawn' }], rods: 2 }))?.path).toBe('hours.0.at');
	});
});

const cases: fc.Arbitrary<{ cases: Case[]; outfits: number; rods: number }> = fc
	.record({ outfits: fc.integer({ min: 1, max: 5 }), count: fc.integer({ min: 1, max: 12 }) })
	.chain(({ outfits, count }) =>
		fc.record({
			outfits: fc.constant(outfits),
			rods: fc.integer({ min: 1, max: 4 }),
			cases: fc.array(
				fc.record({
					weight: fc.integer({ min: 1, max: 10 }).map((tenths) => tenths / 10),
					behind: fc.array(points, { minLength: outfits, maxLength: outfits })
				}),
				{ minLength: count, maxLength: count }
			)
		})
	);

/** Every choice of so many outfits at most. */
const choices = (outfits: number, rods: number): number[][] =>
	Array.from({ length: 2 ** outfits }, (_, bits) =>
		Array.from({ length: outfits }, (_place, outfit) => outfit).filter((outfit) => (bits >> outfit) & 1)
	).filter(({ length }) => length > 0 && length <= rods);

describe('rods for a day that may turn out otherwise', () => {
	it('give up no more than any others, tried one by one', () => {
		fc.assert(
			fc.property(cases, (day) => {
				const serves = (outfits: number[]): boolean =>
					day.cases.every((one) => one.behind.every((behind) => behind === null) || bestOf(one, outfits) !== null);
				const values = choices(day.outfits, day.rods)
					.filter(serves)
					.map((outfits) => givenUp(day.cases, outfits));
				const found = bestOutfits({ ...day, fixed: [] }, solve);
				if (values.length === 0) {
					expect(found).toBeNull();
					return;
				}
				expect(found!.value).toBeCloseTo(Math.min(...values), 6);
				expect(found!.outfits.length).toBeLessThanOrEqual(day.rods);
			}),
			{ numRuns: 150 }
		);
	});

	it('each add something that the day would lose without them, and say in what they serve', () => {
		const uncertain = hours.map((hour) => {
			const reading = readingSchema.parse(hour.reading);
			return { ...hour, scenarios: scenariosOf(reading).map(({ odds, patch }) => ({ odds, patch })) };
		});
		const ready = prepared(planInputSchema.parse({ hours: uncertain, rods: 3, perHour: 2 }));
		const deck = scheduleDay(ready, solve);
		for (const rod of deck.rods) {
			expect(rod.adds).toBeGreaterThan(0);
			expect(rod.for.length).toBeGreaterThan(0);
		}
		const odds = deck.rods.flatMap((rod) => rod.for.map((one) => one.odds)).reduce((sum, one) => sum + one, 0);
		expect(odds).toBeCloseTo(hours.length, 6);
		const value = deck.rods.flatMap((rod) => rod.for).reduce((sum, one) => sum + one.odds * one.behind, 0);
		expect(deck.value).toBeCloseTo(value, 6);
		const day = scheduled(ready, deck, solve);
		expect(day.rods.map(({ outfit }) => outfit)).toEqual(deck.rods.map(({ outfit }) => outfit));
		expect(day.rods.flatMap((rod) => rod.hours)).toHaveLength(hours.length);
	});

	it('have odds that sum to one, whatever was read, and turn out as readings', () => {
		fc.assert(
			fc.property(anyReading, (input) => {
				const reading = readingSchema.parse(input);
				const scenarios = scenariosOf(reading);
				expect(scenarios.reduce((sum, { odds }) => sum + odds, 0)).toBeCloseTo(1, 9);
				expect(scenarios[0]!.odds).toBeGreaterThan(0.3);
				const hour = { at: at(6), reading, scenarios: scenarios.map(({ odds, patch }) => ({ odds, patch })) };
				expect(turnsOf(planInputSchema.parse({ hours: [hour], rods: 1 }))).toHaveLength(scenarios.length);
			})
		);
	});

	it.each([
		{ bottomM: 2.95, fishFromM: 0, fishToM: 1.975 },
		{ bottomM: 3, fishFromM: 0.94, fishToM: 0.94 },
		{ bottomM: 1.2925, fishFromM: 1.2925, fishToM: 1.2925 }
	])('move fish neither under the bottom nor upside down: %o', (where) => {
		const reading = readingSchema.parse({ waterTemperatureC: 12, visibilityM: 1, ...where });
		for (const { patch } of scenariosOf(reading)) {
			const { fishFromM, fishToM } = { ...where, ...patch };
			expect(fishFromM).toBeLessThanOrEqual(fishToM);
			expect(fishToM).toBeLessThanOrEqual(where.bottomM);
		}
	});

	it('are refused at their field where odds or patch are none', () => {
		const scenario = (odds: number, patch: object) => ({
			hours: [{ ...hours[0], scenarios: [{ odds, patch }] }],
			rods: 1
		});
		expect(refusalOf(() => answerPlan(scenario(0.5, {})))?.path).toBe('hours.0.scenarios');
		expect(refusalOf(() => answerPlan(scenario(1, { mood: 'cross' })))?.path).toBe('hours.0.scenarios.0.patch.mood');
	});
});
