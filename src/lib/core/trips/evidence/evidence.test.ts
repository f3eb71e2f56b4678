import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../foundation/basics/random';
import type { Evidence } from '../../foundation/schema/evidence';
import { refusalOf } from '../../testing/refusal';
import { cases } from './evidence.cases.json';
import { answerEvidence } from './evidence';
import { posteriorOf } from './posterior';
import { quadrature } from './quadrature';

const at = (answer: Evidence, path: string): number =>
	path.split('.').reduce<unknown>((value, key) => (value as Record<string, unknown>)[key], answer) as number;

describe('stretches that were worked out by a second implementation', () => {
	it.each(cases.map((one) => [one.name, one] as const))('%s', (_name, one) => {
		const answer = answerEvidence(one.input);
		for (const { path, value, rel, abs } of one.expect) {
			expect(Math.abs(at(answer, path) - value), path).toBeLessThanOrEqual(Math.max(abs, rel * Math.abs(value)) / 10);
		}
	});
});

const block = (aBites: number, bBites: number, aCasts = 30, bCasts = 30, planned = true) => ({
	id: `${aBites} ${bBites}`,
	planned,
	a: { casts: aCasts, bites: aBites },
	b: { casts: bCasts, bites: bBites }
});
const ask = (blocks: object[], more: object = {}) => answerEvidence({ blocks, ...more });
const arm = fc.record({ casts: fc.integer({ min: 1, max: 80 }), bites: fc.integer({ min: 0, max: 12 }) });
const anyBlocks = fc.array(fc.record({ id: fc.string({ maxLength: 5 }), planned: fc.boolean(), a: arm, b: arm }), {
	minLength: 1,
	maxLength: 12
});

describe('the ratio', () => {
	it('is the other way round when the two are changed about', () => {
		fc.assert(
			fc.property(anyBlocks, (blocks) => {
				const one = ask(blocks);
				const other = ask(blocks.map(({ id, planned, a, b }) => ({ id, planned, a: b, b: a })));
				expect(one.ratio.median * other.ratio.median).toBeCloseTo(1, 5);
				expect(one.ratio.from * other.ratio.to).toBeCloseTo(1, 4);
				expect(one.better.a).toBeCloseTo(other.better.b, 6);
				expect(one.better.a + one.better.b).toBeCloseTo(1, 12);
			}),
			{ numRuns: 30 }
		);
	});

	it('does not care in which order, or in how many pieces of one hour, it was fished', () => {
		fc.assert(
			fc.property(anyBlocks, (blocks) => {
				expect(ask(blocks.toReversed()).ratio.median).toBeCloseTo(ask(blocks).ratio.median, 9);
			}),
			{ numRuns: 15 }
		);
		// Two halves with the same share of effort are as much as the whole.
		const halves = ask([block(2, 1, 20, 10), block(3, 2, 20, 10)]);
		expect(halves.ratio.median).toBeCloseTo(ask([block(5, 3, 40, 20)]).ratio.median, 6);
	});

	it('does not take a good hour for a good lure: each stretch counts by its own total', () => {
		// A was fished mostly while they bit, b mostly while they did not; within each hour both did alike.
		const { ratio } = ask([block(20, 5, 40, 10), block(1, 4, 10, 40)]);
		expect(ratio.median).toBeCloseTo(1, 1);
	});

	it('grows with more bites of one, is narrower with more of both, and lies between its ends', () => {
		const [few, many] = [ask([block(6, 3)]), ask([block(24, 12)])];
		expect(ask([block(8, 3)]).ratio.median).toBeGreaterThan(few.ratio.median);
		expect(Math.log(many.ratio.to / many.ratio.from)).toBeLessThan(Math.log(few.ratio.to / few.ratio.from));
		expect(few.ratio.from < few.ratio.median && few.ratio.median < few.ratio.to).toBe(true);
		const wider = ask([block(6, 3)], { level: 0.99 });
		expect(wider.ratio.from).toBeLessThan(few.ratio.from);
	});

	it('holds what it says: nine of ten intervals hold the true ratio, over many made-up seasons', () => {
		const random = seeded(7);
		const normal = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
		const RUNS = 400;
		let held = 0;
		for (let run = 0; run < RUNS; run++) {
			const theta = 0.5 * normal();
			const blocks = Array.from({ length: 6 }, () => {
				const [aCasts, bCasts] = [10 + Math.floor(random() * 30), 10 + Math.floor(random() * 30)];
				const rate = 0.02 + 0.1 * random();
				const bites = (casts: number, p: number): number =>
					Array.from({ length: casts }, () => random() < p).filter(Boolean).length;
				return block(
					bites(aCasts, rate * Math.exp(theta / 2)),
					bites(bCasts, rate * Math.exp(-theta / 2)),
					aCasts,
					bCasts
				);
			});
			const { from, to } = ask(blocks).ratio;
			if (Math.log(from) <= theta && theta <= Math.log(to)) held++;
		}
		expect(held / RUNS).toBeGreaterThan(0.86);
		expect(held / RUNS).toBeLessThan(0.94);
	});
});

describe('a density by quadrature', () => {
	it('has the quantiles of a normal curve, to a millionth', () => {
		const { quantile, under, sd } = quadrature((x) => [-0.5 * x * x, -x, -1]);
		expect(quantile(0.95)).toBeCloseTo(1.644853627, 6);
		expect(quantile(0.005)).toBeCloseTo(-2.575829304, 6);
		expect(under(1)).toBeCloseTo(0.841344746, 7);
		expect(sd).toBeCloseTo(1, 6);
	});

	it('is as exact for a skewed one: the log of a time that is waited for', () => {
		const { quantile, under } = quadrature((x) => [x - Math.exp(x), 1 - Math.exp(x), -Math.exp(x)]);
		for (const time of [0.01, 0.3, 1, 2.5, 6]) expect(under(Math.log(time))).toBeCloseTo(1 - Math.exp(-time), 6);
		expect(Math.exp(quantile(0.5))).toBeCloseTo(Math.LN2, 6);
	});
});

describe('what is said of it', () => {
	it('is luck with few bites, and certain with many', () => {
		expect(ask([block(1, 1)]).verdict).toMatch(/^Can’t tell/);
		expect(ask([block(7, 3)]).verdict).toMatch(/^A looks better/);
		expect(ask([block(60, 20)]).verdict).toBe('A is better, almost certainly.');
		expect(ask([block(20, 60)]).verdict).toMatch(/^B is better/);
		expect(ask([block(900, 900), block(900, 900)], { level: 0.8 }).verdict).toMatch(/^They are about equal/);
	});

	it('says how much more fishing would settle it: none where it is settled, more the nearer they are', () => {
		expect(ask([block(60, 20)]).more).toEqual({ blocks: 0, hours: 0 });
		const [near, apart] = [ask([block(6, 5), block(5, 5)]).more, ask([block(8, 4), block(7, 3)]).more];
		expect(near.blocks).toBeGreaterThan(apart.blocks);
		expect(apart.hours).toBeCloseTo(apart.blocks * 1, 1);
	});

	it('keeps hours and casts apart in the rates, and warns of what cannot be trusted', () => {
		const hours = { id: 'h', planned: false, a: { hours: 2, bites: 4 }, b: { hours: 1, bites: 1 } };
		const { rates, warnings } = ask([block(3, 1), hours]);
		expect(rates.hours!.a).toEqual({ bites: 4, effort: 2, rate: 2 });
		expect(rates.casts!.b).toEqual({ bites: 1, effort: 30, rate: 1 / 30 });
		expect(warnings.join(' ')).toMatch(/1 of 2 comparisons were not planned.*hours and some in casts/);
		expect(ask([block(0, 0)]).warnings[0]).toMatch(/^No bites/);
		expect(ask([block(1, 1)]).warnings[0]).toMatch(/^Only 2 bites/);
		expect(ask([block(9, 2), block(0, 1)]).warnings.join()).toMatch(/one stretch/);
		expect(ask([block(3, 3), block(3, 2)]).warnings).toEqual([]);
	});

	it('without a bite it is what was assumed', () => {
		const { quantile, under, sd } = posteriorOf([], 0.5);
		expect([quantile(0.5), under(0), sd]).toEqual([
			expect.closeTo(0, 6),
			expect.closeTo(0.5, 6),
			expect.closeTo(0.5, 5)
		]);
		expect([under(-99), under(99)]).toEqual([0, 1]);
	});
});

describe('what is no evidence', () => {
	it.each([
		['nothing fished', [], 'blocks'],
		[
			'neither hours nor casts',
			[{ id: 'x', planned: true, a: { bites: 1 }, b: { casts: 3, bites: 1 } }],
			'blocks.0.a.casts'
		],
		[
			'hours against casts',
			[{ id: 'x', planned: true, a: { hours: 1, bites: 1 }, b: { casts: 3, bites: 1 } }],
			'blocks.0.b'
		],
		['bites below none', [block(-1, 2)], 'blocks.0.a.bites']
	])('%s', (_name, blocks, path) => {
		expect(refusalOf(() => ask(blocks))?.path).toBe(path);
	});
});
