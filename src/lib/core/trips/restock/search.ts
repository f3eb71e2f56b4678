/**
 * The purchase that serves a season best, proven: branch and price (Barnhart et al. 1998). What a purchase is worth is
 * bounded by a linear programme over rigs; its rigs are found as they are needed, by the exact search of the call with a
 * price on every part. Where the best mixture buys half a part, the purchases are divided into those with and without it.
 */
import type { Solve } from '../plan/deck';
import { mixtureOf, Rigs, type Branch, type Limits, type Mixture } from './cover';
import { NOTHING_RUNS, valueOf, type Season } from './season';

/** A purchase: parts by number, and what the season is worth with them (thousandths of a point, at most 0). */
export interface Purchase {
	readonly parts: ReadonlySet<number>;
	readonly value: number;
}

/** How far a search has come. */
export interface Progress {
	readonly searches: number;
	readonly value: number;
	readonly bound: number;
}

/** What a search may take. */
export interface Effort {
	/** Most searches for a rig. */
	readonly searches: number;
	/** Told now and then. */
	readonly progress?: (progress: Progress) => void;
}

/** Sums are whole thousandths: less than half of one is none. */
const NONE = 0.5;
/** A share of a part this near to none or one is none or one. */
const WHOLE = 1e-6;

/** A branch, and what no purchase of it can exceed. */
interface Node extends Branch {
	readonly bound: number;
}

/** Searches for purchases in one season; what it learns of rigs serves all of them. */
export class PurchaseSearch {
	readonly #season: Season;
	readonly #count: number;
	readonly #solve: Solve;
	readonly #effort: Effort;
	readonly #rigs: Rigs;
	/** Whether all that was asked so far was answered within the effort. */
	exact = true;
	/** What the last search could not exclude. */
	bound = 0;

	constructor(season: Season, count: number, solve: Solve, effort: Effort) {
		this.#season = season;
		this.#count = count;
		this.#solve = solve;
		this.#effort = effort;
		this.#rigs = new Rigs(season.readings.length);
	}

	/** What the season is worth with some parts. */
	valueWith(parts: ReadonlySet<number>): number {
		const made = this.#season.made(parts);
		made.forEach((one, reading) => one && this.#rigs.add(reading, one));
		return valueOf(made);
	}

	/** All parts but those refused. */
	#all({ refused }: Branch): Set<number> {
		return new Set(Array.from({ length: this.#count }, (_, item) => item).filter((item) => !refused.has(item)));
	}

	#spent(): boolean {
		return this.#season.searches >= this.#effort.searches;
	}

	/**
	 * The best purchase within limits.
	 *
	 * @param atLeast Only purchases worth at least this are looked for; `null` where there is none.
	 * @param first Whether the first one will do.
	 */
	best(limits: Limits, atLeast = -Infinity, first = false): Purchase | null {
		const nothing: Branch = { bought: new Set(), refused: new Set() };
		let found: Purchase | null = null;
		const floor = (): number => (found ? found.value + NONE : atLeast - NONE);
		const look = (parts: ReadonlySet<number>): void => {
			const value = this.valueWith(parts);
			if (value > floor()) found = { parts, value };
		};
		look(new Set());
		const nodes: Node[] = [{ ...nothing, bound: this.#ceiling(nothing) }];
		while (nodes.length > 0) {
			if (first && found) return found;
			const at = nodes.reduce((best, node, place) => (node.bound > nodes[best]!.bound ? place : best), 0);
			const [node] = nodes.splice(at, 1) as [Node];
			if (node.bound <= floor()) break;
			if (this.#spent()) {
				this.exact = false;
				this.bound = Math.max(node.bound, this.bound);
				return found;
			}
			this.#effort.progress?.({
				searches: this.#season.searches,
				value: found ? (found as Purchase).value : atLeast,
				bound: node.bound
			});
			const priced = this.#priced(node, limits, floor);
			if (priced.bound <= floor()) continue;
			const { shares } = priced.mixture;
			look(this.#rounded(node, shares, limits));
			nodes.push(
				...this.#divided({ ...node, bound: priced.bound }, shares, limits).filter(({ bound }) => bound > floor())
			);
		}
		return found;
	}

	/** What a branch is worth when all of it may be bought. */
	#ceiling(branch: Branch): number {
		// Where nothing runs nothing is lost by what does not run either: the dearest of both counts.
		const made = this.#season.made(this.#all(branch));
		made.forEach((one, reading) => one && this.#rigs.add(reading, one));
		return made.reduce((sum, one) => sum + Math.max(NOTHING_RUNS, one?.value ?? NOTHING_RUNS), 0);
	}

	/** The best mixture of a branch over all rigs there are, and what it proves. */
	#priced(node: Node, limits: Limits, floor: () => number): { bound: number; mixture: Mixture } {
		let { bound } = node;
		for (;;) {
			const mixture = mixtureOf(this.#rigs, node, limits, this.#solve);
			if (this.#spent()) return { bound, mixture };
			let news = false;
			let sum = 0;
			const paid = new Float64Array(this.#count);
			const charged = new Set<string>();
			this.#season.readings.forEach((_, reading) => {
				const found = this.#season.priced(reading, (use) => {
					const { item } = use;
					if (node.bought.has(item)) return 0;
					if (node.refused.has(item)) return Infinity;
					const fee = mixture.fee(reading, use);
					const key = `${reading} ${item} ${use.place}`;
					if (fee > 0 && !charged.has(key)) {
						charged.add(key);
						paid[item]! += fee;
					}
					return fee;
				});
				sum += Math.max(NOTHING_RUNS, found[0]?.net ?? NOTHING_RUNS);
				for (const { net, made } of found) {
					if (net > mixture.readings[reading]! + NONE) news = this.#rigs.add(reading, made) || news;
				}
			});
			bound = Math.min(bound, sum + this.#most(paid, node, limits, mixture));
			if (!news || bound <= floor()) return { bound, mixture };
		}
	}

	/** The most that parts can bring together at what readings pay for them. */
	#most(paid: Float64Array, { bought, refused }: Branch, { parts, budget, costs }: Limits, { part, money }: Mixture) {
		const items = [...paid.keys()].filter((item) => !bought.has(item) && !refused.has(item));
		const left = parts - bought.size;
		const greatest = items.map((item) => paid[item]!).sort((a, b) => b - a);
		const byNumber = greatest.slice(0, left).reduce((sum, worth) => sum + worth, 0);
		if (budget === Infinity) return byNumber;
		const spent = [...bought].reduce((sum, item) => sum + costs[item]!, 0);
		const over = items.reduce((sum, item) => sum + Math.max(0, paid[item]! - part - money * costs[item]!), 0);
		const byMoney = over + part * Math.min(left, items.length) + money * (budget - spent);
		return Math.min(byNumber, byMoney);
	}

	/** A purchase near to a mixture: what it buys most of, as far as the limits go. */
	#rounded({ bought }: Branch, shares: ReadonlyMap<number, number>, { parts, budget, costs }: Limits): Set<number> {
		const chosen = new Set(bought);
		let spent = [...bought].reduce((sum, item) => sum + costs[item]!, 0);
		for (const [item, share] of [...shares].sort(([, a], [, b]) => b - a)) {
			if (share < WHOLE || chosen.size >= parts || spent + costs[item]! > budget + WHOLE) continue;
			chosen.add(item);
			spent += costs[item]!;
		}
		return chosen;
	}

	/** The purchases of a branch with a part, and those without it; none where all parts are decided. */
	#divided(node: Node, shares: ReadonlyMap<number, number>, { parts, budget, costs }: Limits): Node[] {
		const { bought, refused, bound } = node;
		const open = [...this.#all(node)].filter((item) => !bought.has(item));
		const doubt = (item: number): number => {
			const share = shares.get(item) ?? 0;
			return share > WHOLE ? 1 - Math.abs(share - 0.5) : 0;
		};
		const item = open.reduce<number | undefined>(
			(best, one) => (best === undefined || doubt(one) > doubt(best) ? one : best),
			undefined
		);
		if (item === undefined || bought.size >= parts) return [];
		const without = { bought, refused: new Set([...refused, item]), bound };
		const spent = [...bought, item].reduce((sum, one) => sum + costs[one]!, 0);
		if (spent > budget + WHOLE) return [without];
		return [{ bought: new Set([...bought, item]), refused, bound }, without];
	}
}
