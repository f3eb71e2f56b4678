/**
 * Exact maximum of a sum of tables by variable elimination (bucket elimination, Dechter 1999): a variable is removed
 * by folding every table that mentions it into one table of its neighbours that holds the best it can add.
 */

/** A table over some variables, row-major in their order. -Infinity marks what cannot stand together. */
export interface Factor {
	readonly variables: readonly number[];
	readonly table: Float64Array;
}

interface Step {
	readonly variable: number;
	readonly neighbours: readonly number[];
	/** Best value of the variable for each assignment of its neighbours. */
	readonly choice: Uint8Array;
}

/** What is left when all but the kept variables are gone: their table, and how to find the rest of an assignment. */
export interface Eliminated {
	readonly kept: Factor;
	readonly steps: readonly Step[];
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

/** For each factor, how far its table index moves when a variable moves by one; 0 when it does not mention it. */
function strideOf(factor: Factor, variable: number, sizes: readonly number[]): number {
	const at = factor.variables.indexOf(variable);
	if (at < 0) return 0;
	return product(sizes, factor.variables.slice(at + 1));
}

/** Walks all assignments of `over`, last variable fastest, keeping one table index per factor in `offsets`. */
function walk(
	over: readonly number[],
	sizes: readonly number[],
	factors: readonly Factor[],
	visit: (cell: number, offsets: Int32Array) => void
): void {
	const strides = over.map((variable) => factors.map((factor) => strideOf(factor, variable, sizes)));
	const digits = new Int32Array(over.length);
	const offsets = new Int32Array(factors.length);
	const cells = product(sizes, over);
	for (let cell = 0; cell < cells; cell++) {
		visit(cell, offsets);
		for (let at = over.length - 1; at >= 0; at--) {
			const stride = strides[at]!;
			const size = sizes[over[at]!]!;
			const back = ++digits[at]! === size;
			for (let f = 0; f < offsets.length; f++) offsets[f]! += back ? -stride[f]! * (size - 1) : stride[f]!;
			if (!back) break;
			digits[at] = 0;
		}
	}
}

/** A variable being removed: the tables that mention it, how far each moves with it, and where the best goes. */
interface Folded {
	readonly tables: readonly Float64Array[];
	readonly own: readonly number[];
	readonly count: number;
	readonly table: Float64Array;
	readonly choice: Uint8Array;
}

/** Best value of the variable for one cell when three or fewer tables mention it; unrolled, for this is the hot loop. */
function bestOfFew(folded: Folded, cell: number, offsets: Int32Array): void {
	const { tables, own, count } = folded;
	const a = tables[0]!;
	const b = tables[1] ?? NOTHING;
	const c = tables[2] ?? NOTHING;
	const [stepA, stepB, stepC] = [own[0]!, own[1] ?? 0, own[2] ?? 0];
	let atA = offsets[0]!;
	let atB = tables.length > 1 ? offsets[1]! : 0;
	let atC = tables.length > 2 ? offsets[2]! : 0;
	let bestAt = 0;
	let best = -Infinity;
	for (let value = 0; value < count; value++) {
		const sum = a[atA]! + b[atB]! + c[atC]!;
		if (sum > best) {
			best = sum;
			bestAt = value;
		}
		atA += stepA;
		atB += stepB;
		atC += stepC;
	}
	folded.table[cell] = best;
	folded.choice[cell] = bestAt;
}

/** A table that adds nothing, to stand in where fewer than three are summed. */
const NOTHING = new Float64Array(1);

function bestOfMany(folded: Folded, cell: number, offsets: Int32Array): void {
	const { tables, own, count } = folded;
	let bestAt = 0;
	let best = -Infinity;
	for (let value = 0; value < count; value++) {
		let sum = 0;
		for (let f = 0; f < tables.length; f++) sum += tables[f]![offsets[f]! + value * own[f]!]!;
		if (sum > best) {
			best = sum;
			bestAt = value;
		}
	}
	folded.table[cell] = best;
	folded.choice[cell] = bestAt;
}

function fold(variable: number, neighbours: number[], touching: Factor[], sizes: readonly number[]): [Factor, Step] {
	const cells = product(sizes, neighbours);
	const table = new Float64Array(cells);
	const choice = new Uint8Array(cells);
	const folded: Folded = {
		tables: touching.map((factor) => factor.table),
		own: touching.map((factor) => strideOf(factor, variable, sizes)),
		count: sizes[variable]!,
		table,
		choice
	};
	const best = touching.length <= 3 ? bestOfFew : bestOfMany;
	walk(neighbours, sizes, touching, (cell, offsets) => best(folded, cell, offsets));
	return [
		{ variables: neighbours, table },
		{ variable, neighbours, choice }
	];
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

/** One table over `kept` that sums the tables left when everything else is gone. */
function join(kept: readonly number[], factors: readonly Factor[], sizes: readonly number[]): Factor {
	const table = new Float64Array(product(sizes, kept));
	walk(kept, sizes, factors, (cell, offsets) => {
		let sum = 0;
		for (let f = 0; f < factors.length; f++) sum += factors[f]!.table[offsets[f]!]!;
		table[cell] = sum;
	});
	return { variables: kept, table };
}

/**
 * An order in which to remove all variables but the kept ones, each time the one that makes the smallest table.
 *
 * @param scopes The variables of every table that may ever be summed; an order for all of them serves any part.
 */
export function eliminationOrder(
	scopes: readonly (readonly number[])[],
	sizes: readonly number[],
	kept: readonly number[]
): number[] {
	const open = new Set(sizes.keys());
	kept.forEach((variable) => open.delete(variable));
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

/** Tables over one variable added into a larger table that has it, where there is one: fewer tables to sum later. */
function absorbed(factors: readonly Factor[], sizes: readonly number[]): Factor[] {
	const large = factors.filter(({ variables }) => variables.length > 1);
	const left = large.map(({ variables, table }) => ({ variables, table: table.slice() }));
	for (const factor of factors) {
		if (factor.variables.length > 1) continue;
		const home = left.find(({ variables }) => variables.includes(factor.variables[0]!));
		if (!home || factor.variables.length === 0) left.push({ variables: factor.variables, table: factor.table.slice() });
		else addAlong(home, factor, sizes);
	}
	return left;
}

/** Adds a table over one variable to every cell of a table that has it. */
function addAlong(home: Factor, { variables, table }: Factor, sizes: readonly number[]): void {
	const stride = strideOf(home, variables[0]!, sizes);
	const size = sizes[variables[0]!]!;
	for (let cell = 0; cell < home.table.length; cell++) home.table[cell]! += table[Math.floor(cell / stride) % size]!;
}

/**
 * Removes variables one by one, leaving a table over the kept ones.
 *
 * @param factors Tables to be summed.
 * @param sizes Number of values of each variable, at most 255.
 * @param order Every variable but the kept ones, from `eliminationOrder`.
 * @param kept Variables to keep, in the order wanted for the remaining table.
 */
export function eliminate(
	factors: readonly Factor[],
	sizes: readonly number[],
	order: readonly number[],
	kept: readonly number[]
): Eliminated {
	let left = absorbed(factors, sizes);
	const steps: Step[] = [];
	for (const variable of order) {
		const touching = left.filter((factor) => factor.variables.includes(variable));
		const around = touching.reduce((bits, factor) => bits | bitsOf(factor.variables), 0) & ~(1 << variable);
		const [folded, step] = fold(variable, variablesOf(around, sizes), touching, sizes);
		left = left.filter((factor) => !touching.includes(factor));
		left.push(folded);
		steps.push(step);
	}
	return { kept: join(kept, left, sizes), steps };
}

/**
 * The full assignment that gives a cell of the kept table its value.
 *
 * @param cell Index into `eliminated.kept.table`.
 */
export function assignmentOf(eliminated: Eliminated, sizes: readonly number[], cell: number): number[] {
	const assignment = new Array<number>(sizes.length).fill(0);
	let rest = cell;
	for (const variable of [...eliminated.kept.variables].reverse()) {
		assignment[variable] = rest % sizes[variable]!;
		rest = Math.floor(rest / sizes[variable]!);
	}
	for (const step of [...eliminated.steps].reverse()) {
		const at = step.neighbours.reduce((index, variable) => index * sizes[variable]! + assignment[variable]!, 0);
		assignment[step.variable] = step.choice[at]!;
	}
	return assignment;
}
