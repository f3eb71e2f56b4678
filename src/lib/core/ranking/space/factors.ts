/**
 * Exact maximum of a sum of tables by variable elimination (bucket elimination, Dechter 1999): a variable is removed
 * by folding every table that mentions it into one table of its neighbors that holds the best it can add. What was
 * folded stays at hand, so that a search in the opposite order knows the exact best of every beginning.
 */

/** A table over some variables, row-major in their order. -Infinity marks what cannot stand together. */
export interface Factor {
	readonly variables: readonly number[];
	readonly table: Float64Array;
}

/** A removed variable: the tables that mentioned it, and the best it adds for each assignment of its neighbors. */
export interface Bucket {
	readonly variable: number;
	readonly factors: readonly Factor[];
	readonly message: Factor;
}

/** What is left when some variables are gone: the tables over the others, and the buckets in order of removal. */
export interface Eliminated {
	readonly left: readonly Factor[];
	readonly buckets: readonly Bucket[];
}

const product = (sizes: readonly number[], variables: readonly number[]): number =>
	variables.reduce((cells, variable) => cells * sizes[variable]!, 1);

/** Variables as a bit set; there are never more than 31. */
const bitsOf = (variables: readonly number[]): number =>
	variables.reduce((bits, variable) => bits | (1 << variable), 0);

function variablesOf(bits: number, sizes: readonly number[]): number[] {
	return [...sizes.keys()].filter((variable) => (bits >> variable) & 1);
}

function neighbourBits(variable: number, scopes: readonly number[]): number {
	const found = scopes.reduce((bits, scope) => ((scope >> variable) & 1 ? bits | scope : bits), 0);
	return found & ~(1 << variable);
}

/** How far a table's index moves when a variable moves by one; 0 when it does not mention it. */
export function strideOf(factor: Factor, variable: number, sizes: readonly number[]): number {
	const at = factor.variables.indexOf(variable);
	if (at < 0) return 0;
	let stride = 1;
	for (let behind = at + 1; behind < factor.variables.length; behind++) stride *= sizes[factor.variables[behind]!]!;
	return stride;
}

/** RigDrag a table to every cell of a larger one (over `variables`) that has all its variables. */
function addInto(target: Float64Array, variables: readonly number[], factor: Factor, sizes: readonly number[]): void {
	const { table } = factor;
	const strides = variables.map((variable) => strideOf(factor, variable, sizes));
	const counts = variables.map((variable) => sizes[variable]!);
	const last = variables.length - 1;
	if (last < 0) {
		target[0]! += table[0]!;
		return;
	}
	const digits = new Int32Array(variables.length);
	const [run, step] = [counts[last]!, strides[last]!];
	let from = 0;
	for (let cell = 0; cell < target.length;) {
		for (let value = 0, at = from; value < run; value++, at += step) target[cell++]! += table[at]!;
		for (let place = last - 1; place >= 0; place--) {
			from += strides[place]!;
			if (++digits[place]! < counts[place]!) break;
			digits[place] = 0;
			from -= strides[place]! * counts[place]!;
		}
	}
}

/** The best of every run of `count` neighboring cells. */
function bestOfRuns(sums: Float64Array, count: number): Float64Array {
	const best = new Float64Array(sums.length / count);
	for (let cell = 0, at = 0; cell < best.length; cell++) {
		let most = -Infinity;
		for (const end = at + count; at < end; at++) if (sums[at]! > most) most = sums[at]!;
		best[cell] = most;
	}
	return best;
}

function fold(
	variable: number,
	neighbours: readonly number[],
	factors: readonly Factor[],
	sizes: readonly number[]
): Bucket {
	const scope = [...neighbours, variable];
	const sums = new Float64Array(product(sizes, scope));
	for (const factor of factors) addInto(sums, scope, factor, sizes);
	return { variable, factors, message: { variables: neighbours, table: bestOfRuns(sums, sizes[variable]!) } };
}

function cellsOf(bits: number, sizes: readonly number[]): number {
	let cells = 1;
	for (let variable = 0; variable < sizes.length; variable++) if ((bits >> variable) & 1) cells *= sizes[variable]!;
	return cells;
}

/** The variable whose removal makes the smallest new table; the lowest index of equals, so the order is fixed. */
function cheapest(open: ReadonlySet<number>, scopes: readonly number[], sizes: readonly number[]): number {
	let best = -1;
	let bestCells = Infinity;
	for (const variable of open) {
		const cells = cellsOf(neighbourBits(variable, scopes), sizes) * sizes[variable]!;
		if (cells < bestCells) [best, bestCells] = [variable, cells];
	}
	return best;
}

/**
 * An order in which to remove all variables but the last ones, each time the one that makes the smallest table.
 *
 * @param scopes The variables of every table that may ever be summed; an order for all of them serves any part.
 * @param last Variables that are left out, to be removed later or kept.
 */
export function eliminationOrder(
	scopes: readonly (readonly number[])[],
	sizes: readonly number[],
	last: readonly number[]
): number[] {
	const open = new Set(sizes.keys());
	last.forEach((variable) => open.delete(variable));
	let left = scopes.map(bitsOf);
	const order: number[] = [];
	while (open.size > 0) {
		const variable = cheapest(open, left, sizes);
		const around = neighbourBits(variable, left);
		left = [...left.filter((bits) => !((bits >> variable) & 1)), around];
		order.push(variable);
		open.delete(variable);
	}
	return order;
}

/** Removals that were worked out already, for spaces that share tables: the very same tables give the same bucket. */
export class Folds {
	readonly #known = new Map<number, Bucket>();

	/** The bucket of a variable, from what is known or worked out by `make`. */
	of(variable: number, touching: readonly Factor[], make: () => Bucket): Bucket {
		const known = this.#known.get(variable);
		const same = known?.factors.length === touching.length && known.factors.every((one, at) => one === touching[at]);
		if (known && same) return known;
		const bucket = make();
		if (!known) this.#known.set(variable, bucket);
		return bucket;
	}
}

/**
 * Removes variables one by one.
 *
 * @param factors Tables to be summed.
 * @param sizes Number of values of each variable.
 * @param order The variables to remove, first removed first.
 * @param folds Removals that may be known.
 */
export function eliminate(
	factors: readonly Factor[],
	sizes: readonly number[],
	order: readonly number[],
	folds: Folds = new Folds()
): Eliminated {
	let left = [...factors];
	const buckets: Bucket[] = [];
	for (const variable of order) {
		const touching = left.filter((factor) => factor.variables.includes(variable));
		const bucket = folds.of(variable, touching, () => {
			const around = touching.reduce((bits, factor) => bits | bitsOf(factor.variables), 0) & ~(1 << variable);
			return fold(variable, variablesOf(around, sizes), touching, sizes);
		});
		left = left.filter((factor) => !touching.includes(factor));
		left.push(bucket.message);
		buckets.push(bucket);
	}
	return { left, buckets };
}

/** One table over `variables`, in that order, that sums tables over some of them. */
export function joined(variables: readonly number[], factors: readonly Factor[], sizes: readonly number[]): Factor {
	const stray = factors.flatMap((factor) => factor.variables).find((variable) => !variables.includes(variable));
	if (stray !== undefined) throw new RangeError(`A table over ${variables.join()} cannot hold variable ${stray}.`);
	const table = new Float64Array(product(sizes, variables));
	for (const factor of factors) addInto(table, variables, factor, sizes);
	return { variables, table };
}

/** Index of an assignment's cell in a table. */
export function cellOf(variables: readonly number[], sizes: readonly number[], assignment: ArrayLike<number>): number {
	let cell = 0;
	for (let at = 0; at < variables.length; at++) cell = cell * sizes[variables[at]!]! + assignment[variables[at]!]!;
	return cell;
}

/** What a value of a bucket's variable adds when its neighbors are assigned. */
export function worthIn(
	{ variable, factors }: Bucket,
	value: number,
	sizes: readonly number[],
	assignment: Int32Array
): number {
	assignment[variable] = value;
	let worth = 0;
	for (const { variables, table } of factors) worth += table[cellOf(variables, sizes, assignment)]!;
	return worth;
}

/** Gives every variable of some buckets, last removed first, its best value under what is assigned already. */
export function complete(buckets: readonly Bucket[], sizes: readonly number[], assignment: Int32Array): void {
	for (let at = buckets.length - 1; at >= 0; at--) {
		const bucket = buckets[at]!;
		let [best, most] = [0, -Infinity];
		for (let value = 0; value < sizes[bucket.variable]!; value++) {
			const worth = worthIn(bucket, value, sizes, assignment);
			if (worth > most) [best, most] = [value, worth];
		}
		assignment[bucket.variable] = best;
	}
}
