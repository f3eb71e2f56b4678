/** A minimum of squares in one or two unknowns. */
export interface Solution {
	readonly at: readonly number[];
	/** Standard deviation of each unknown, the priors included. */
	readonly off: readonly number[];
	/** Correlation of the two; 0 for one. */
	readonly correlation: number;
	/** Condition number of the normal matrix without the priors: how badly the data alone tell the two apart; 1 for one. */
	readonly condition: number;
}

type Normal = readonly [a: number, b: number, c: number];

const ROUNDS = 40;
/** Step of the central differences, and of an unknown under which nothing moves any more. */
const STEP = 0.02;
const STILL = 1e-6;
const DAMPING = 1e-3;

function columnsOf(residuals: (at: readonly number[]) => number[], at: readonly number[]): number[][] {
	return at.map((_, k) => {
		const [up, down] = [STEP, -STEP].map((by) => residuals(at.map((value, j) => (j === k ? value + by : value))));
		return up!.map((value, row) => (value - down![row]!) / (2 * STEP));
	});
}

const dot = (a: readonly number[], b: readonly number[]): number =>
	a.reduce((sum, value, at) => sum + value * b[at]!, 0);

/** Sums of the columns' products: the normal matrix of one or two unknowns, b and c being 0 and 1 for one. */
const normalOf = ([first = [], second]: readonly (readonly number[])[]): Normal =>
	second ? [dot(first, first), dot(first, second), dot(second, second)] : [dot(first, first), 0, 1];

function conditionOf([a, b, c]: Normal, unknowns: number): number {
	if (unknowns === 1) return 1;
	const [middle, half] = [(a + c) / 2, Math.hypot((a - c) / 2, b)];
	return middle - half > 0 ? (middle + half) / (middle - half) : Infinity;
}

/** Solves a symmetric two by two system. */
function solved([a, b, c]: Normal, [p, q]: readonly [number, number]): [number, number] {
	const determinant = a * c - b * b;
	return [(c * p - b * q) / determinant, (a * q - b * p) / determinant];
}

/**
 * Levenberg and Marquardt's method with central differences, in one or two unknowns that begin at 0.
 *
 * @param residuals What is left over, each in its own standard deviations.
 * @param priorOff Standard deviation of each unknown around 0 beforehand; as many as there are unknowns.
 * @returns `null` where residuals are no numbers or nothing settles.
 */
export function leastSquares(
	residuals: (at: readonly number[]) => number[],
	priorOff: readonly number[]
): Solution | null {
	const unknowns = priorOff.length;
	const prior = priorOff.map((off) => 1 / off ** 2);
	const cost = (at: readonly number[]): number =>
		residuals(at).reduce((sum, value) => sum + value ** 2, 0) +
		at.reduce((sum, value, k) => sum + prior[k]! * value ** 2, 0);
	let at: number[] = priorOff.map(() => 0);
	let [least, damping] = [cost(at), DAMPING];
	if (!Number.isFinite(least)) return null;
	for (let round = 0; round < ROUNDS; round++) {
		const columns = columnsOf(residuals, at);
		const left = residuals(at);
		const [a, b, c] = normalOf(columns);
		const pull = columns.map((column, k) => -(dot(column, left) + prior[k]! * at[k]!));
		const hill: Normal = [(a + prior[0]!) * (1 + damping), b, unknowns === 2 ? (c + prior[1]!) * (1 + damping) : 1];
		const move = solved(hill, [pull[0]!, pull[1] ?? 0]);
		const next = at.map((value, k) => value + move[k]!);
		const there = cost(next);
		if (there <= least) {
			[at, least, damping] = [next, there, damping / 4];
			if (Math.hypot(...move.slice(0, unknowns)) < STILL) break;
		} else if ((damping *= 4) > 1e6) break;
	}
	const bare = normalOf(columnsOf(residuals, at));
	const held: Normal = [bare[0] + prior[0]!, bare[1], unknowns === 2 ? bare[2] + prior[1]! : 1];
	const determinant = held[0] * held[2] - held[1] ** 2;
	if (!(determinant > 0)) return null;
	const variances = [held[2] / determinant, held[0] / determinant].slice(0, unknowns);
	return {
		at,
		off: variances.map(Math.sqrt),
		correlation: unknowns === 2 ? -held[1] / Math.sqrt(held[0] * held[2]) : 0,
		condition: conditionOf(bare, unknowns)
	};
}
