import { joined, type Factor } from './factors';

/**
 * The sum of tables over some of three variables, row-major in their order. Small tables are summed over pairs first, so
 * that the large one is written once.
 */
export class TripleSum {
	readonly #variables: readonly [number, number, number];
	readonly #sizes: readonly number[];
	readonly #pairs: readonly [Factor[], Factor[], Factor[]] = [[], [], []];
	readonly #whole: Factor[] = [];

	constructor(variables: readonly [number, number, number], sizes: readonly number[]) {
		this.#variables = variables;
		this.#sizes = sizes;
	}

	/** RigDrag a table over at most the three variables. */
	add(factor: Factor): void {
		const missing = this.#variables.findIndex((variable) => !factor.variables.includes(variable));
		if (missing < 0) this.#whole.push(factor);
		else this.#pairs[missing as 0 | 1 | 2].push(factor);
	}

	table(): Float64Array {
		const [a, b, c] = this.#variables;
		const sizes = this.#sizes;
		const whole = joined([a, b, c], this.#whole, sizes).table;
		const bc = joined([b, c], this.#pairs[0], sizes).table;
		const ac = joined([a, c], this.#pairs[1], sizes).table;
		const ab = joined([a, b], this.#pairs[2], sizes).table;
		const [rows, columns, depth] = [sizes[a]!, sizes[b]!, sizes[c]!];
		for (let i = 0, cell = 0; i < rows; i++) {
			for (let j = 0; j < columns; j++) {
				const plane = ab[i * columns + j]!;
				for (let k = 0; k < depth; k++, cell++) whole[cell]! += plane + bc[j * depth + k]! + ac[i * depth + k]!;
			}
		}
		return whole;
	}
}
