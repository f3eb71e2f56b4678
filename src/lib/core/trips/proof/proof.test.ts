import { describe, expect, it } from 'vitest';
import { seeded } from '../../foundation/basics/random';
import { startBuild } from '../../rig/build/start';
import { ratesOf } from '../evidence/rates';
import { shareOf } from '../evidence/share';
import { completeReading } from '../../water/reading/complete';
import { readingSchema } from '../../foundation/schema/reading';
import type { Rig } from '../../foundation/schema/rig';
import { BLANK_FACT } from '../../testing/facts';
import { blocksBetween, compared, groupedBy } from './compare';
import { PROOF_FACETS, proofFacetOf, valuesIn } from './facets';
import { factsOf, type Fact, type Outing } from './facts';
import { resultsOfPlan } from './plannedHours';
import { landedBy, weededBy } from './losses';
import { movesFor, movesOf } from './moves';
import { trialsOf } from './trials';

const { rig: RIG } = startBuild('spinnerbait');
const READING = completeReading(
	readingSchema.parse({ waterTemperatureC: 16, visibilityM: 0.4, bottomM: 2, stain: 'mud' })
);
const styled = (style: 'colorado' | 'willow'): Rig => ({
	...RIG,
	blades: RIG.blades.map((blade) =>
		blade.position === 'rear' ? { ...blade, style, size: style === 'colorado' ? 5 : 4.5 } : blade
	) as Rig['blades']
});
const fact = (outingId: string, rig: Rig, casts: number, strikes: number, more: Partial<Fact> = {}): Fact => ({
	...BLANK_FACT,
	outingId,
	rig,
	reading: READING,
	casts,
	activeS: casts * 40,
	strikes,
	landed: strikes,
	...more
});

it('the values of a facet come in the order of what there is, not of their letters', () => {
	const seen = [3, 0.4, 1, 0.5].map((visibilityM) =>
		fact('a', RIG, 1, 0, {
			reading: completeReading(readingSchema.parse({ waterTemperatureC: 16, visibilityM, bottomM: 2 }))
		})
	);
	expect(valuesIn(proofFacetOf('sight'), seen)).toEqual(['to 0.6 m', '0.6 to 1.2 m', 'over 2.5 m']);
	expect(
		valuesIn(proofFacetOf('blade'), [fact('a', styled('willow'), 1, 0), fact('b', styled('colorado'), 1, 0)])
	).toEqual(['colorado', 'willow']);
});

describe('rates of groups', () => {
	it('draw a small group toward the middle and leave a large one where it is', () => {
		const [large, small] = ratesOf([
			{ casts: 2000, strikes: 120 },
			{ casts: 10, strikes: 3 },
			{ casts: 1500, strikes: 30 }
		]);
		expect(large!.rate).toBeCloseTo(0.06, 2);
		expect(small!.rate).toBeLessThan(0.15);
		expect(small!.rate).toBeGreaterThan(0.03);
		expect(small!.to / small!.from).toBeGreaterThan(large!.to / large!.from);
	});

	it('hold what they say: nine of ten intervals hold the true rate, over many made-up seasons', () => {
		const random = seeded(11);
		const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
		const poisson = (mean: number): number => {
			let [count, product] = [0, random()];
			for (const limit = Math.exp(-mean); product > limit; count++) product *= random();
			return count;
		};
		let [held, all] = [0, 0];
		for (let season = 0; season < 150; season++) {
			const rates = Array.from({ length: 8 }, () => 0.04 * Math.exp(0.45 * normal()));
			const groups = rates.map((rate) => {
				const casts = 30 + Math.floor(random() * 300);
				return { casts, strikes: poisson(rate * casts) };
			});
			ratesOf(groups).forEach(({ from, to }, at) => {
				all++;
				if (from <= rates[at]! && rates[at]! <= to) held++;
			});
		}
		expect(held / all).toBeGreaterThan(0.87);
		expect(held / all).toBeLessThan(0.95);
	});
});

describe('the record', () => {
	it('is grouped by every facet, nothing lost, and what was never tried is named', () => {
		const facts = [
			fact('a', RIG, 30, 1),
			fact('a', styled('colorado'), 20, 2),
			fact('b', startBuild('buzzbait').rig, 10, 0)
		];
		for (const facet of PROOF_FACETS) {
			const { groups, never } = groupedBy(facts, facet);
			expect(groups.reduce((sum, { casts }) => sum + casts, 0)).toBe(60);
			for (const { value } of groups) expect(never).not.toContain(value);
		}
		expect(groupedBy(facts, proofFacetOf('family')).never).toEqual(['bladed jig', 'underspin']);
	});

	it('compares within an outing alone, and takes planned pairs for planned', () => {
		const isColorado = ({ rig }: Fact): boolean => rig.blades.at(-1)!.style === 'colorado';
		const apart = [fact('good day', styled('colorado'), 30, 6), fact('bad day', styled('willow'), 30, 0)];
		expect(blocksBetween(apart, isColorado)).toEqual([]);
		expect(compared(apart, proofFacetOf('blade'), 'colorado', 'willow')).toBeNull();
		const [one, two] = blocksBetween(
			[
				...apart,
				fact('good day', styled('willow'), 10, 1),
				fact('t', styled('willow'), 9, 1, { pair: 2 }),
				fact('t', styled('colorado'), 9, 2, { pair: 2 })
			],
			isColorado
		);
		expect(one).toEqual({ id: 'good day ', planned: false, a: { casts: 30, bites: 6 }, b: { casts: 10, bites: 1 } });
		expect(two).toMatchObject({ planned: true, a: { casts: 9, bites: 2 } });
	});

	it('moves a rule toward what it shows, and leaves alone what it says nothing of', () => {
		const season = (better: 'colorado' | 'willow'): Fact[] =>
			Array.from({ length: 10 }, (_, day) => [
				fact(`day ${day}`, styled('colorado'), 60, better === 'colorado' ? 6 : 2),
				fact(`day ${day}`, styled('willow'), 60, better === 'willow' ? 6 : 2)
			]).flat();
		const factorOf = (facts: Fact[], id: string) => movesOf(facts).find(({ claim }) => claim === id)?.factor;
		// Mud wants a Colorado (BLD-13b): the record bears it out, or speaks against it.
		expect(factorOf(season('colorado'), 'BLD-13b')).toBeGreaterThan(1.7);
		expect(factorOf(season('willow'), 'BLD-13b')).toBeLessThan(0.3);
		expect(movesOf([fact('a', RIG, 50, 5)])).toEqual([]);
		const moves = movesFor(movesOf(season('colorado')));
		for (const factor of Object.values(moves)) {
			expect(factor).toBeGreaterThanOrEqual(0);
			expect(factor).toBeLessThanOrEqual(2);
		}
	});

	it('reads an outing in stretches, without those that nothing was cast in, or that were broken off', () => {
		const outing: Outing = {
			id: 'o',
			startedAt: '2026-05-09T06:40:00.000Z',
			spotId: null,
			reading: readingSchema.parse({ waterTemperatureC: 16, visibilityM: 1, bottomM: 2 }),
			rig: RIG,
			trial: null,
			happened: [
				{ id: '1', at: '2026-05-09T06:50:00.000Z', order: 1, what: { kind: 'cast', count: 9 } },
				{ id: '2', at: '2026-05-09T06:51:00.000Z', order: 2, what: { kind: 'lost', hit: null, hook: 'skin' } },
				{ id: '3', at: '2026-05-09T06:52:00.000Z', order: 3, what: { kind: 'rig', rig: styled('colorado') } }
			]
		};
		const facts = factsOf(outing);
		expect(facts).toHaveLength(1);
		expect(facts[0]).toMatchObject({ casts: 9, strikes: 1, hooks: [{ hook: 'skin', set: null, landed: false }] });
	});
});

describe('hooked fish by what they were hooked with', () => {
	const rodded = (action: 'fast' | 'moderate'): Rig => ({ ...RIG, rod: { ...RIG.rod, action } });
	const lost = (hook: 'skin' | 'corner') => ({ hook, set: null, landed: false });

	it('come to hand in a share with its interval, and where most were lost is told', () => {
		const facts = [
			fact('1', rodded('fast'), 50, 6, { landed: 2, lost: 4, hooks: [lost('skin'), lost('skin'), lost('corner')] }),
			fact('2', rodded('moderate'), 50, 10, { landed: 9, lost: 1 }),
			fact('3', rodded('moderate'), 50, 0, { landed: 0, lost: 0 })
		];
		const [moderate, fast] = landedBy(facts, 'rod action');
		expect(moderate).toMatchObject({ value: 'moderate', count: 9, of: 10, lostFrom: null });
		expect(fast).toMatchObject({ value: 'fast', count: 2, of: 6, lostFrom: 'skin' });
		expect(fast!.to).toBeLessThan(moderate!.to);
		expect(landedBy([], 'line')).toEqual([]);
	});

	it('are told by how the hook was set, those alone of which that was said', () => {
		const fish = (set: 'sweep' | 'strike' | null, landed: boolean) => ({ hook: 'corner' as const, set, landed });
		const facts = [
			fact('1', RIG, 50, 6, {
				landed: 3,
				lost: 2,
				hooks: [fish('sweep', true), fish('sweep', true), fish(null, false)]
			}),
			fact('2', RIG, 50, 6, { landed: 1, lost: 1, hooks: [fish('strike', false), fish('sweep', true)] })
		];
		expect(landedBy(facts, 'hookset')).toMatchObject([
			{ value: 'sweep', count: 3, of: 3, lostFrom: null },
			{ value: 'strike', count: 0, of: 1, lostFrom: 'corner' }
		]);
		expect(landedBy([], 'hookset')).toEqual([]);
	});

	it('have intervals that hold the true share about nine times in ten', () => {
		const random = seeded(7);
		let held = 0;
		const TIMES = 3000;
		for (let time = 0; time < TIMES; time++) {
			const [truth, of] = [0.2 + 0.6 * random(), 5 + Math.floor(40 * random())];
			let count = 0;
			for (let at = 0; at < of; at++) if (random() < truth) count++;
			const { from, to } = shareOf(count, of);
			if (from <= truth && truth <= to) held++;
		}
		expect(held / TIMES).toBeGreaterThan(0.88);
		expect(held / TIMES).toBeLessThan(0.93);
		expect(shareOf(0, 0)).toMatchObject({ from: 0, to: 1 });
		// Nine of ten: Wilson's interval at 90 % is .65 to .98, worked by hand.
		expect(shareOf(9, 10).from).toBeCloseTo(0.65, 2);
		expect(shareOf(9, 10).to).toBeCloseTo(0.98, 2);
	});
});

describe('time lost to weed', () => {
	it('is told by family and blade, the worst first, and only where some was lost', () => {
		const facts = [
			fact('1', styled('willow'), 90, 0, { activeS: 3600, fouledS: 120 }),
			fact('2', styled('colorado'), 90, 0, { activeS: 3600, fouledS: 600 }),
			fact('3', styled('willow'), 90, 0, { activeS: 3600, fouledS: 0 })
		];
		const [worst, other] = weededBy(facts);
		expect(worst!.value).toMatch(/Colorado/i);
		expect(worst!.lostHours).toBeCloseTo(1 / 6, 9);
		expect(other).toMatchObject({ hours: 2, lostHours: 120 / 3600 });
		expect(weededBy([facts[2]!])).toEqual([]);
	});
});

describe('trials', () => {
	const turn = (outingId: string, pair: number, arm: 'a' | 'b', strikes: number) =>
		fact(outingId, styled(arm === 'a' ? 'colorado' : 'willow'), 30, strikes, { pair, arm });

	it('show what came of each, the newest first, from whole pairs alone', () => {
		const facts = [
			turn('old', 0, 'a', 6),
			turn('old', 0, 'b', 1),
			turn('old', 1, 'a', 7),
			turn('old', 1, 'b', 2),
			...[turn('new', 0, 'b', 1), turn('new', 0, 'a', 1), turn('new', 1, 'b', 3)].map((one) => ({
				...one,
				beganAt: '2026-06-09T06:40:00.000Z'
			})),
			turn('half', 0, 'a', 4),
			fact('plain', RIG, 100, 5)
		];
		const found = trialsOf(facts);
		expect(found.map(({ outingId, pairs }) => [outingId, pairs])).toEqual([
			['new', 1],
			['old', 2]
		]);
		expect(found[1]!.evidence.ratio.median).toBeGreaterThan(1.5);
		expect(found[1]!.differs[0]).toMatch(/^Blades: /);
		expect(found[1]!.evidence.warnings.join()).not.toMatch(/planned/);
	});
});

describe('a record laid over a plan', () => {
	const at = (hour: number): string => `2026-05-09T0${hour}:00:00.000Z`;

	it('tells each hour by the stretches that began in it, and whether most casts were as planned', () => {
		const plan = [5, 6, 7, 8].map((hour) => ({ at: at(hour), spot: 's', family: RIG.family }));
		const there = { spotId: 's', beganAt: '2026-05-09T06:59:59.000Z' };
		const facts = [
			fact('1', RIG, 20, 2, there),
			fact('1', RIG, 10, 0, { ...there, spotId: 'elsewhere' }),
			fact('1', RIG, 12, 1, { ...there, beganAt: at(7), spotId: null }),
			fact('1', RIG, 99, 9, { ...there, beganAt: '2026-05-10T06:10:00.000Z' })
		];
		const [five, six, seven, eight] = resultsOfPlan(plan, facts);
		expect(six).toEqual({ at: at(6), casts: 30, strikes: 2, landed: 2, asPlanned: true });
		expect(seven).toMatchObject({ casts: 12, asPlanned: false });
		for (const hour of [five, eight]) expect(hour).toMatchObject({ casts: 0, asPlanned: null });
	});
});
