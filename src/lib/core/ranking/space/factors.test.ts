import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../foundation/basics/random';
import { complete, eliminate, eliminationOrder, joined, type Factor } from './factors';

/** Every assignment of variables with these sizes. */
function* assignments(sizes: readonly number[]): Generator<number[]> {
	const digits = sizes.map(() => 0);
	for (;;) {
		yield [...digits];
		let at = sizes.length - 1;
		while (at >= 0 && ++digits[at]! === sizes[at]) digits[at--] = 0;
		if (at < 0) return;
	}
}

const worth = (factors: readonly Factor[], sizes: readonly number[], assignment: ArrayLike<number>): number =>
	factors.reduce((sum, { variables, table }) => {
		const cell = variables.reduce((index, variable) => index * sizes[variable]! + assignment[variable]!, 0);
		return sum + table[cell]!;
	}, 0);

/** Random small tables over random pairs of a few variables; some cells impossible. */
function randomProblem(seed: number): { sizes: number[]; factors: Factor[] } {
	const random = seeded(seed);
	const sizes = Array.from({ length: 6 }, () => 2 + Math.floor(random() * 3));
	const scopes = [...sizes.keys()].map((variable) => [variable]);
	for (let pair = 0; pair < 7; pair++) {
		const a = Math.floor(random() * 5);
		scopes.push([a, a + 1 + Math.floor(random() * (5 - a))]);
	}
	const factors = scopes.map((variables) => {
		const cells = variables.reduce((count, variable) => count * sizes[variable]!, 1);
		const table = Float64Array.from({ length: cells }, () => (random() < 0.1 ? -Infinity : Math.floor(random() * 50)));
		return { variables, table };
	});
	return { sizes, factors };
}

describe('elimination', () => {
	it('finds for every kept cell what trying everything finds, and an assignment that is worth it', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
				const { sizes, factors } = randomProblem(seed);
				const kept = [4, 1];
				const order = eliminationOrder(
					factors.map(({ variables }) => variables),
					sizes,
					kept
				);
				const solved = eliminate(factors, sizes, order);
				const table = joined(kept, solved.left, sizes).table;
				const best = new Float64Array(sizes[4]! * sizes[1]!).fill(-Infinity);
				for (const assignment of assignments(sizes)) {
					const cell = assignment[4]! * sizes[1]! + assignment[1]!;
					best[cell] = Math.max(best[cell]!, worth(factors, sizes, assignment));
				}
				expect([...table]).toEqual([...best]);
				best.forEach((value, cell) => {
					if (value === -Infinity) return;
					const assignment = new Int32Array(sizes.length);
					assignment[4] = Math.floor(cell / sizes[1]!);
					assignment[1] = cell % sizes[1]!;
					complete(solved.buckets, sizes, assignment);
					expect(worth(factors, sizes, assignment)).toBe(value);
				});
			}),
			{ numRuns: 60, seed: 3 }
		);
	});

	it('refuses to join a table over a variable that is not kept', () => {
		const stray = { variables: [0], table: new Float64Array(2) };
		expect(() => joined([1], [stray], [2, 2])).toThrow(RangeError);
	});
});
