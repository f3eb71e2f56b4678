import {
	cellOf,
	complete,
	eliminate,
	eliminationOrder,
	joined,
	worthIn,
	type Bucket,
	type Factor
} from '../space/factors';
import type { Gate } from '../gate/gates';
import { scopesOf, type Judgement } from '../scoring/judgements';
import { explainRejection } from '../gate/explainRejection';
import type { Mask } from '../space/locks';
import type { Link, Space } from '../space/part';
import { runningOf } from '../gate/running';
import { SharedWork } from './sharedWork';
import { SPACES } from '../space/spaces';
import { TripleSum } from '../space/tripleSum';
import { waysOf, type Way } from './ways';

const indexOf = (space: Space, id: string): number => space.variables.findIndex((variable) => variable.id === id);

/** The order in which a space is searched, and the opposite one in which it is eliminated. */
interface Plan {
	readonly sizes: readonly number[];
	readonly weight: number;
	readonly style: number;
	/** Variables the gate does not look at, in order of removal; then those that are chosen last, the last one first. */
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

const sizesOf = (space: Space): number[] => space.variables.map((variable) => variable.parts.length);

/** How a space is searched; kin spaces are searched in one order over one set of links, so that they share work. */
function planFrom(space: Space, kin: readonly Space[]): Omit<Plan, 'sizes'> {
	const widest = kin.reduce((a, b) => (sizesOf(b)[0]! > sizesOf(a)[0]! ? b : a));
	const { rest, material, engine, speed, weight } = runningOf(space);
	const style = indexOf(space, 'retrieve');
	const links = space.links.map((link) => linkFactor(space, link));
	const chosen = [...rest.map(({ variable }) => variable), material];
	const scopes = [...links.map(({ variables }) => variables), ...kin.flatMap(scopesOf)];
	const free = eliminationOrder(scopes, sizesOf(widest), [weight, style, speed, engine, ...chosen]);
	return { weight, style, free, gated: chosen.reverse(), links };
}

const plans = new Map<string, Omit<Plan, 'sizes'>>();
const sizesBySpace = new Map<Space, readonly number[]>();

/** How a space is searched; it depends on the catalog and the claim base alone, so it is made once. */
function planOf(space: Space): Plan {
	let plan = plans.get(space.family);
	if (!plan) {
		const kin = SPACES.filter(({ family }) => family === space.family);
		plans.set(space.family, (plan = planFrom(space, kin)));
	}
	let sizes = sizesBySpace.get(space);
	if (!sizes) sizesBySpace.set(space, (sizes = sizesOf(space)));
	return { ...plan, sizes };
}

/** In which order a space's variables are removed, how many values each has, and which its links join. */
export function removalOf(space: Space) {
	const { free, gated, sizes, links } = planOf(space);
	return { order: [...free, ...gated], sizes, links: links.map(({ variables }) => variables) };
}

/** How much of the work was cut short, and by what. */
export interface SearchCounts {
	nodes: number;
	bound: number;
	gate: number;
}

/** A rig of a space on paper. */
export interface UngatedRig {
	readonly space: Space;
	readonly assignment: Int32Array;
	/** Score and plainness in one number; larger is better. */
	readonly rank: number;
}

/** A rig that runs, how it is fished, and by which search it was found. */
export interface Find extends UngatedRig {
	readonly search: SpaceSearch;
	readonly way: Way;
}

/** A style of retrieve at a speed, with the most that its rigs can reach. */
interface Pair {
	readonly style: number;
	readonly speed: number;
	readonly way: Way;
	readonly bound: number;
}

/** Rigs of one beat, which reach at most `bound`: their styles and speeds, the most promising first. */
export interface Cell {
	readonly search: SpaceSearch;
	readonly beat: number;
	readonly bound: number;
	readonly pairs: readonly Pair[];
}

/** A rig as far as it is chosen, and the best that was found. */
interface Hunt {
	readonly assignment: Int32Array;
	readonly tally: SearchCounts;
	rank: number;
	found: Int32Array | null;
}

const byBound = (a: { bound: number }, b: { bound: number }): number => b.bound - a.bound;

/** Whether a weight with an engine may hold the band: not asked yet, yes, no. */
const [UNASKED, YES, NO] = [0, 1, 2] as const;

/** One space on one reading, ready to be searched for the best rig that runs. */
export class SpaceSearch {
	readonly space: Space;
	readonly mask: Mask;
	readonly ties: readonly Factor[];
	readonly #plan: Plan;
	readonly #gate: Gate;
	/** Buckets of what the gate does not look at, and of what is chosen last, first chosen first. */
	readonly #free: readonly Bucket[];
	readonly #gated: readonly Bucket[];
	/** For each style what rigs of a speed, engine and weight can reach; mostly one table serves all. */
	readonly #cores: readonly Float64Array[];
	/** What a style at a speed adds whatever the engine and weight. */
	readonly #pairs: Float64Array;
	readonly #holds: Uint8Array;

	/**
	 * @param shared What the family's spaces that are opened alike have in common.
	 * @param ties What can only stand together, beside the space's own links.
	 */
	constructor(
		space: Space,
		mask: Mask,
		judgements: readonly Judgement[],
		gate: Gate,
		shared = new SharedWork(),
		ties: readonly Factor[] = []
	) {
		this.space = space;
		this.ties = ties;
		this.mask = mask;
		this.#plan = planOf(space);
		this.#gate = gate;
		const { sizes, links, free, gated, style, weight } = this.#plan;
		const { speed, engine } = gate.running;
		const factors = [...links, ...ties, ...shared.factorsOf(space, mask, judgements)];
		const { left, buckets } = eliminate(factors, sizes, [...free, ...gated], shared.folds);
		this.#free = buckets.slice(0, free.length);
		this.#gated = buckets.slice(free.length).reverse();
		const ofStyle = left.filter(({ variables }) => variables.includes(style));
		const narrow = ofStyle.filter(({ variables }) => variables.every((at) => at === style || at === speed));
		this.#pairs = joined([style, speed], narrow, sizes).table;
		const sum = new TripleSum([speed, engine, weight], sizes);
		for (const factor of left) if (!ofStyle.includes(factor)) sum.add(factor);
		this.#cores = this.#coresWith(
			sum.table(),
			ofStyle.filter((factor) => !narrow.includes(factor))
		);
		this.#holds = new Uint8Array(sizes[weight]! * sizes[engine]!);
	}

	/** Tables by style where a rule joins the style to the lure; mostly none does, and one table serves all. */
	#coresWith(core: Float64Array, wide: readonly Factor[]): Float64Array[] {
		const { sizes, style, weight } = this.#plan;
		if (wide.length === 0) return Array.from({ length: sizes[style]! }, () => core);
		const { speed, engine } = this.#gate.running;
		const { table } = joined([style, speed, engine, weight], wide, sizes);
		return Array.from({ length: sizes[style]! }, (_, at) =>
			core.map((worth, cell) => worth + table[at * core.length + cell]!)
		);
	}

	/** Whether some choice of the other parts may make a weight with an engine hold the band. */
	#mayHold(weight: number, engine: number): boolean {
		const at = weight * this.#plan.sizes[this.#gate.running.engine]! + engine;
		if (this.#holds[at] === UNASKED) {
			const { speed } = this.#gate.running;
			// Under water any speed may do it, so that one question answers for all.
			const owns = this.#gate.atOwnSpeed ? [...this.mask[speed]!.keys()] : [0];
			const may = owns.some((own) => this.#gate.mayGoOn(weight, own, engine, 0));
			this.#holds[at] = may ? YES : NO;
		}
		return this.#holds[at] === YES;
	}

	/** The most that rigs of each class of beat reach at each speed, in one of the tables by style. */
	#bestByBeat(core: Float64Array): Float64Array {
		const { sizes, weight } = this.#plan;
		const { speed, engine } = this.#gate.running;
		const { beat, beats } = waysOf(this.space);
		const [speeds, engines, weights] = [sizes[speed]!, sizes[engine]!, sizes[weight]!];
		const best = new Float64Array(beats.length * speeds).fill(-Infinity);
		for (let e = 0; e < engines; e++) {
			for (let own = 0; own < speeds; own++) {
				const at = beat[e]! * speeds + own;
				const from = (own * engines + e) * weights;
				for (let w = 0; w < weights; w++) {
					const worth = core[from + w]!;
					if (worth > best[at]! && this.#gate.mayStandAt(w, own, e)) best[at] = worth;
				}
			}
		}
		return best;
	}

	/** What each style at each speed can reach with a beat, of those with which something is left; best first. */
	#pairsOf(beat: number, bestOf: (core: Float64Array) => Float64Array): Pair[] {
		const { sizes, style } = this.#plan;
		const speeds = sizes[this.#gate.running.speed]!;
		const { way } = waysOf(this.space);
		const pairs: Pair[] = [];
		for (let s = 0; s < sizes[style]!; s++) {
			const best = bestOf(this.#cores[s]!);
			for (let own = 0; own < speeds; own++) {
				const bound = this.#pairs[s * speeds + own]! + best[beat * speeds + own]!;
				if (bound > -Infinity) pairs.push({ style: s, speed: own, way: way(beat, s, own), bound });
			}
		}
		return pairs.sort(byBound);
	}

	/** Classes of beat of which something is left, each with the most that its rigs can reach. */
	cells(): Cell[] {
		const bests = new Map<Float64Array, Float64Array>();
		const bestOf = (core: Float64Array): Float64Array => {
			let best = bests.get(core);
			if (!best) bests.set(core, (best = this.#bestByBeat(core)));
			return best;
		};
		return waysOf(this.space).beats.flatMap((_word, beat) => {
			const pairs = this.#pairsOf(beat, bestOf);
			return pairs.length > 0 ? [{ search: this, beat, bound: pairs[0]!.bound, pairs }] : [];
		});
	}

	/** The best rig of a cell that runs and ranks above `above`; `null` when there is none. */
	best({ beat, pairs }: Cell, above: number, tally: SearchCounts): Find | null {
		const { sizes, style } = this.#plan;
		const hunt: Hunt = { assignment: new Int32Array(sizes.length), tally, rank: above, found: null };
		let way: Way | null = null;
		for (const pair of pairs) {
			if (pair.bound <= hunt.rank) {
				tally.bound++;
				break;
			}
			hunt.assignment[style] = pair.style;
			hunt.assignment[this.#gate.running.speed] = pair.speed;
			const { rank } = hunt;
			this.#chooseEngine(pair, beat, hunt);
			if (hunt.rank > rank) ({ way } = pair);
		}
		if (!hunt.found || !way) return null;
		complete(this.#free, sizes, hunt.found);
		return { search: this, space: this.space, assignment: hunt.found, rank: hunt.rank, way };
	}

	/** Goes through the engines of a beat with their weights, the most promising first. */
	#chooseEngine({ style, speed: own }: Pair, beat: number, hunt: Hunt): void {
		const { sizes, weight } = this.#plan;
		const { speed, engine } = this.#gate.running;
		const core = this.#cores[style]!;
		const pair = this.#pairs[style * sizes[speed]! + own]!;
		const choices: { engine: number; weight: number; bound: number }[] = [];
		const { beat: beats } = waysOf(this.space);
		for (let e = 0; e < sizes[engine]!; e++) {
			if (beats[e] !== beat) continue;
			for (let w = 0; w < sizes[weight]!; w++) {
				const bound = pair + core[(own * sizes[engine]! + e) * sizes[weight]! + w]!;
				if (bound > hunt.rank && this.#gate.mayStandAt(w, own, e)) choices.push({ engine: e, weight: w, bound });
			}
		}
		for (const choice of choices.sort(byBound)) {
			if (choice.bound <= hunt.rank) {
				hunt.tally.bound++;
				return;
			}
			hunt.tally.nodes++;
			hunt.assignment[engine] = choice.engine;
			hunt.assignment[weight] = choice.weight;
			if (this.#mayHold(choice.weight, choice.engine)) this.#tryOut(choice, hunt);
			else hunt.tally.gate++;
		}
	}

	/**
	 * Goes through all that a weight with an engine may be dressed with. Where nothing was left out for its bound and
	 * nothing leaned at its own speed, and still nothing ran, nothing will at any other speed either.
	 */
	#tryOut({ weight, engine, bound }: { weight: number; engine: number; bound: number }, hunt: Hunt): void {
		const { tally, rank } = hunt;
		const { bound: cutBefore } = tally;
		const { leaned } = this.#gate;
		this.#choose(0, bound, hunt);
		const whole = tally.bound === cutBefore && this.#gate.leaned === leaned && !this.#gate.atOwnSpeed;
		if (whole && hunt.rank === rank) this.#holds[weight * this.#plan.sizes[this.#gate.running.engine]! + engine] = NO;
	}

	/** Goes through the values of one variable that the gate looks at, the most promising first. */
	#choose(place: number, bound: number, hunt: Hunt): void {
		const bucket = this.#gated[place];
		if (!bucket) {
			hunt.rank = bound;
			hunt.found = hunt.assignment.slice();
			return;
		}
		for (const { value, bound: worth } of this.#values(bucket, bound, hunt.assignment)) {
			if (worth <= hunt.rank) {
				hunt.tally.bound++;
				return;
			}
			hunt.assignment[bucket.variable] = value;
			hunt.tally.nodes++;
			if (this.#goes(place, hunt.assignment)) this.#choose(place + 1, worth, hunt);
			else hunt.tally.gate++;
		}
	}

	/** Values of a variable with the most that a rig which has them can reach, best first. */
	#values({ variable, factors, message }: Bucket, bound: number, assignment: Int32Array) {
		const { sizes } = this.#plan;
		const values: { value: number; bound: number }[] = [];
		const spent = bound - message.table[cellOf(message.variables, sizes, assignment)]!;
		for (let value = 0; value < sizes[variable]!; value++) {
			const worth = spent + worthIn({ variable, factors, message }, value, sizes, assignment);
			if (worth > -Infinity) values.push({ value, bound: worth });
		}
		return values.sort(byBound);
	}

	/** Whether what is chosen so far may still run. */
	#goes(place: number, assignment: Int32Array): boolean {
		const { weight, speed, engine } = this.#gate.running;
		this.#gate.choose(place, assignment);
		if (place === this.#gate.order.length - 1) return this.#gate.passes(assignment);
		return this.#gate.mayGoOn(assignment[weight]!, assignment[speed]!, assignment[engine]!, place + 1);
	}

	/** The best rig of the space that nothing but claims, locks and rules judge: it may not run. */
	bestUngated(): UngatedRig | null {
		const { sizes, weight, style } = this.#plan;
		const { speed, engine } = this.#gate.running;
		const assignment = new Int32Array(sizes.length);
		let rank = -Infinity;
		this.#cores.forEach((core, s) => {
			core.forEach((worth, cell) => {
				const own = Math.floor(cell / sizes[weight]! / sizes[engine]!);
				const sum = worth + this.#pairs[s * sizes[speed]! + own]!;
				if (sum <= rank) return;
				rank = sum;
				assignment[style] = s;
				assignment[speed] = own;
				assignment[engine] = Math.floor(cell / sizes[weight]!) % sizes[engine]!;
				assignment[weight] = cell % sizes[weight]!;
			});
		});
		if (rank === -Infinity) return null;
		complete([...this.#free, ...[...this.#gated].reverse()], sizes, assignment);
		return { space: this.space, assignment, rank };
	}

	/** Whether a whole rig of the space runs. */
	runs(assignment: Int32Array): boolean {
		return this.#gate.runs(assignment);
	}

	/** What keeps a rig from running, and the single changes that would make it run, in words. */
	lacks(assignment: Int32Array): string {
		return explainRejection(this.space, this.#gate, assignment);
	}
}
