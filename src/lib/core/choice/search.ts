import { cellOf, complete, eliminate, eliminationOrder, joined, worthIn, type Bucket, type Factor } from './factors';
import type { Gate } from './gates';
import { scopesOf, type Judgement } from './judge';
import { lackOf } from './lack';
import type { Mask } from './locks';
import type { Link, Space } from './part';
import { runningOf } from './running';
import { addContribution } from './tables';

/** Scores in the tables are thousandths of a point times this, less the plainness of the rig: ties go to the simpler. */
export const TIE = 4096;

const indexOf = (space: Space, id: string): number => space.variables.findIndex((variable) => variable.id === id);

/** The order in which a space is searched, and the opposite one in which it is eliminated. */
interface Plan {
	readonly sizes: readonly number[];
	readonly weight: number;
	readonly style: number;
	/** Variables the gate does not look at, in order of removal; then those it does, last chosen first. */
	readonly free: readonly number[];
	readonly gated: readonly number[];
	readonly links: readonly Factor[];
}

function linkFactor(space: Space, link: Link): Factor {
	const a = indexOf(space, link.a);
	const b = indexOf(space, link.b);
	const cells = space.variables[a]!.parts.flatMap((first) =>
		space.variables[b]!.parts.map((second) => (link.allows(first, second) ? 0 : -Infinity))
	);
	return { variables: [a, b], table: Float64Array.from(cells) };
}

const plans = new Map<Space, Plan>();

/** How a space is searched; it depends on the catalogue and the claim base alone, so it is made once. */
function planOf(space: Space): Plan {
	let plan = plans.get(space);
	if (!plan) {
		const { rest, material, engine, speed, weight } = runningOf(space);
		const style = indexOf(space, 'retrieve');
		const sizes = space.variables.map((variable) => variable.parts.length);
		const links = space.links.map((link) => linkFactor(space, link));
		const chosen = [speed, engine, ...rest.map(({ variable }) => variable), material];
		const scopes = [...links.map(({ variables }) => variables), ...scopesOf(space)];
		const free = eliminationOrder(scopes, sizes, [weight, style, ...chosen]);
		plans.set(space, (plan = { sizes, weight, style, free, gated: chosen.reverse(), links }));
	}
	return plan;
}

/** Sums of tables by the variables they are over: fewer, larger steps for the elimination. */
class TableSums {
	readonly #byKey = new Map<string, Factor>();

	/** The running sum over some variables, begun at zero. */
	over(variables: readonly number[], cells: number): Float64Array {
		const key = variables.join();
		let sum = this.#byKey.get(key);
		if (!sum) this.#byKey.set(key, (sum = { variables, table: new Float64Array(cells) }));
		return sum.table;
	}

	factors(): Factor[] {
		return [...this.#byKey.values()];
	}
}

function factorsOf(space: Space, mask: Mask, judgements: readonly Judgement[], links: readonly Factor[]): Factor[] {
	const sums = new TableSums();
	for (const { claim, share, table, most, asIs } of judgements) {
		const sum = sums.over(table.variables, table.cells.length);
		addContribution(sum, table, { strength: claim.strength, share }, most, asIs, TIE);
	}
	space.variables.forEach(({ parts }, at) => {
		const sum = sums.over([at], parts.length);
		parts.forEach((part, value) => (sum[value]! += mask[at]![value] ? -part.plain : -Infinity));
	});
	return [...sums.factors(), ...links];
}

/** Weights and engines that some choice of the other parts may make hold the band. */
function mayHold(gate: Gate, sizes: readonly number[], mask: Mask): Uint8Array {
	const { weight, speed, engine } = gate.running;
	// Under water any speed may do it, so that one question answers for all.
	const owns = gate.atOwnSpeed ? [...mask[speed]!.keys()] : [0];
	const holds = new Uint8Array(sizes[weight]! * sizes[engine]!);
	for (let w = 0; w < sizes[weight]!; w++) {
		for (let e = 0; e < sizes[engine]!; e++) {
			if (!mask[weight]![w] || !mask[engine]![e]) continue;
			if (owns.some((own) => gate.mayGoOn(w, own, e, 0))) holds[w * sizes[engine]! + e] = 1;
		}
	}
	return holds;
}

/** How much of the work was cut short, and by what. */
export interface Tally {
	nodes: number;
	bound: number;
	gate: number;
}

/** The best rig of a space for one weight and one style of retrieve. */
export interface Find {
	readonly space: Space;
	readonly assignment: Int32Array;
	/** Score and plainness in one number; larger is better. */
	readonly rank: number;
	readonly weightOz: number;
	readonly retrieve: string;
}

/** A weight and style of retrieve whose rigs reach at most `bound`. */
export interface Cell {
	readonly search: SpaceSearch;
	readonly bound: number;
	readonly weightOz: number;
	readonly retrieve: string;
	readonly weight: number;
	readonly style: number;
}

/** Number of gated variables that are removed last, with the gate's own table: speed and engine. */
const LAST = 2;

/** One space on one reading, ready to be searched for the best rig that runs. */
export class SpaceSearch {
	readonly space: Space;
	readonly #plan: Plan;
	readonly #gate: Gate;
	/** Tables over weight, style, speed and engine, when everything else has been removed from them. */
	readonly #left: readonly Factor[];
	readonly #early: readonly Bucket[];
	readonly #kept: Factor;
	/** Weights with engines that may hold the band. */
	readonly #holds: Uint8Array;
	/** Buckets of what the gate looks at, first chosen first: speed, engine, then the gate's own order. */
	readonly #gated: readonly Bucket[];

	constructor(space: Space, mask: Mask, judgements: readonly Judgement[], gate: Gate) {
		this.space = space;
		this.#plan = planOf(space);
		this.#gate = gate;
		const { sizes, links, free, gated } = this.#plan;
		const factors = factorsOf(space, mask, judgements, links);
		const early = eliminate(factors, sizes, [...free, ...gated.slice(0, -LAST)]);
		this.#left = early.left;
		this.#early = early.buckets;
		this.#holds = mayHold(gate, sizes, mask);
		const { kept, buckets } = this.#removeLast((w, e, own) => this.#mayRun(w, e, own));
		this.#kept = kept;
		this.#gated = [...early.buckets.slice(free.length), ...buckets].reverse();
	}

	/** Whether an engine on a weight may hold the band, and stand at a speed. */
	#mayRun(weight: number, engine: number, own: number): boolean {
		const holds = this.#holds[weight * this.#plan.sizes[this.#gate.running.engine]! + engine] === 1;
		return holds && this.#gate.mayStandAt(weight, own, engine);
	}

	/** Removes engine and speed: of each weight and speed the best engine that is allowed is kept. */
	#removeLast(allows: (weight: number, engine: number, own: number) => boolean) {
		const { sizes, weight, style } = this.#plan;
		const { engine, speed } = this.#gate.running;
		const about = this.#left.filter(({ variables }) => variables.includes(engine));
		const withSpeed = about.filter(({ variables }) => variables.includes(speed));
		const withoutSpeed = about.filter((factor) => !withSpeed.includes(factor));
		const byWeight = joined([weight, engine], withoutSpeed, sizes).table;
		const bySpeed = joined([speed, engine], withSpeed, sizes).table;
		const [engines, speeds] = [sizes[engine]!, sizes[speed]!];
		const best = new Float64Array(sizes[weight]! * speeds).fill(-Infinity);
		for (let w = 0; w < sizes[weight]!; w++) {
			for (let e = 0; e < engines; e++) {
				const worth = byWeight[w * engines + e]!;
				if (worth === -Infinity) continue;
				for (let own = 0; own < speeds; own++) {
					const sum = worth + bySpeed[own * engines + e]!;
					if (sum > best[w * speeds + own]! && allows(w, e, own)) best[w * speeds + own] = sum;
				}
			}
		}
		const message = { variables: [weight, speed], table: best };
		const rest = this.#left.filter((factor) => !about.includes(factor));
		const { left, buckets } = eliminate([...rest, message], sizes, [speed]);
		return {
			kept: joined([weight, style], left, sizes),
			buckets: [{ variable: engine, factors: about, message }, ...buckets]
		};
	}

	/** Weights and styles of which something is left, each with the most that its rigs can reach. */
	cells(): Cell[] {
		const { weight, style } = this.#plan;
		const [weights, styles] = [this.space.variables[weight]!.parts, this.space.variables[style]!.parts];
		const cells: Cell[] = [];
		this.#kept.table.forEach((bound, cell) => {
			if (bound === -Infinity) return;
			const [w, s] = [Math.floor(cell / styles.length), cell % styles.length];
			const [weightOz, retrieve] = [weights[w]!.patch.weightOz!, styles[s]!.patch.retrieve!.style!];
			cells.push({ search: this, bound, weightOz, retrieve, weight: w, style: s });
		});
		return cells;
	}

	/** The best rig of a cell that runs and ranks above `above`; `null` when there is none. */
	best(cell: Cell, above: number, tally: Tally): Find | null {
		const { sizes, weight, style } = this.#plan;
		const assignment = new Int32Array(sizes.length);
		assignment[weight] = cell.weight;
		assignment[style] = cell.style;
		const found = { rank: above, assignment: null as Int32Array | null };
		this.#choose(0, cell.bound, assignment, found, tally);
		if (!found.assignment) return null;
		complete(this.#early.slice(0, this.#plan.free.length), sizes, found.assignment);
		const { weightOz, retrieve } = cell;
		return { space: this.space, assignment: found.assignment, rank: found.rank, weightOz, retrieve };
	}

	/** Goes through the values of one gated variable, the most promising first. */
	#choose(
		depth: number,
		bound: number,
		assignment: Int32Array,
		found: { rank: number; assignment: Int32Array | null },
		tally: Tally
	): void {
		const bucket = this.#gated[depth];
		if (!bucket) {
			found.rank = bound;
			found.assignment = assignment.slice();
			return;
		}
		for (const { value, worth } of this.#values(bucket, bound, assignment)) {
			if (worth <= found.rank) {
				tally.bound++;
				return;
			}
			assignment[bucket.variable] = value;
			tally.nodes++;
			if (this.#goes(depth, assignment)) this.#choose(depth + 1, worth, assignment, found, tally);
			else tally.gate++;
		}
	}

	/** Values of a variable with the most that a rig which has them can reach, best first. */
	#values({ variable, factors, message }: Bucket, bound: number, assignment: Int32Array) {
		const { sizes } = this.#plan;
		const values: { value: number; worth: number }[] = [];
		const spent = bound - message.table[cellOf(message.variables, sizes, assignment)]!;
		for (let value = 0; value < sizes[variable]!; value++) {
			const worth = spent + worthIn({ variable, factors, message }, value, sizes, assignment);
			if (worth > -Infinity) values.push({ value, worth });
		}
		return values.sort((a, b) => b.worth - a.worth);
	}

	/** Whether what is chosen so far may still run. Speed and engine have been seen to by the gate's own table. */
	#goes(depth: number, assignment: Int32Array): boolean {
		const { weight, speed, engine } = this.#gate.running;
		if (depth === 0) return true;
		if (depth === 1) return this.#mayRun(assignment[weight]!, assignment[engine]!, assignment[speed]!);
		const place = depth - LAST;
		this.#gate.choose(place, assignment);
		if (place === this.#gate.order.length - 1) return this.#gate.passes(assignment);
		return this.#gate.mayGoOn(assignment[weight]!, assignment[speed]!, assignment[engine]!, place + 1);
	}

	/** The best rig of the space that nothing but claims, locks and rules judge: it may not run. */
	bestOnPaper(): Find | null {
		const { sizes, weight, style } = this.#plan;
		const { kept, buckets } = this.#removeLast(() => true);
		const { table } = kept;
		const cell = table.reduce((best, rank, at) => (rank > table[best]! ? at : best), 0);
		if (table[cell] === -Infinity) return null;
		const assignment = new Int32Array(sizes.length);
		assignment[weight] = Math.floor(cell / sizes[style]!);
		assignment[style] = cell % sizes[style]!;
		complete([...this.#early, ...buckets], sizes, assignment);
		const { patch } = this.space.variables[weight]!.parts[assignment[weight]!]!;
		const retrieve = this.space.variables[style]!.parts[assignment[style]!]!.patch.retrieve!.style!;
		return { space: this.space, assignment, rank: table[cell]!, weightOz: patch.weightOz!, retrieve };
	}

	/** Whether a whole rig of the space runs. */
	runs(assignment: Int32Array): boolean {
		return this.#gate.runs(assignment);
	}

	/** What keeps a rig from running, and the single changes that would make it run, in words. */
	lacks(assignment: Int32Array): string {
		return lackOf(this.space, this.#gate, assignment);
	}
}
