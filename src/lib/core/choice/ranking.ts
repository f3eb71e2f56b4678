import type { Family } from '../schema/words';
import type { Cell, Find, SpaceSearch, Tally } from './search';

/** How many calls are wanted. */
export interface Wanted {
	/** Most calls in all, and of one family. */
	readonly top: number;
	readonly perFamily: number;
	/** Whether the best of every family is wanted, called or not. */
	readonly everyFamily: boolean;
}

/** What a ranking found: the calls, best first, and the best of every family that was wanted. */
export interface Ranked {
	readonly called: readonly Find[];
	readonly bests: ReadonlyMap<Family, Find>;
}

const byRank = (a: Find, b: Find): number => b.rank - a.rank;

/** The finds that stand so far: of each family the best of each way of fishing it, best first. */
class Standings {
	readonly #families = new Map<Family, readonly Find[]>();
	readonly #wanted: Wanted;
	/** The rank below which no family's second is called any more. */
	#lastSecond = -Infinity;
	#best = -Infinity;

	constructor(wanted: Wanted) {
		this.#wanted = wanted;
	}

	get bests(): Map<Family, Find> {
		return new Map([...this.#families].map(([family, finds]) => [family, finds[0]!]));
	}

	/** What would be called now: the best of each family before any family's second. */
	called(): Find[] {
		const { top } = this.#wanted;
		const bests = [...this.bests.values()].sort(byRank).slice(0, top);
		return [...bests, ...this.#seconds().slice(0, top - bests.length)].sort(byRank);
	}

	#seconds(): Find[] {
		const { perFamily } = this.#wanted;
		return [...this.#families.values()].flatMap((finds) => finds.slice(1, perFamily)).sort(byRank);
	}

	/** The rank that a rig fished in some way must beat to matter. */
	toBeat(way: string, family: Family): number {
		const { top, perFamily, everyFamily } = this.#wanted;
		if (top === 1 && !everyFamily) return this.#best;
		let [own, first, crowded, others] = [-Infinity, -Infinity, -Infinity, 0];
		for (const find of this.#families.get(family) ?? []) {
			if (find.way === way) own = find.rank;
			else if (others++ === 0) first = find.rank;
			if (others === perFamily) crowded = Math.max(crowded, find.way === way ? -Infinity : find.rank);
		}
		return Math.max(own, crowded, Math.min(first, this.#lastSecond));
	}

	add(find: Find): void {
		const { family } = find.space;
		const others = (this.#families.get(family) ?? []).filter(({ way }) => way !== find.way);
		this.#families.set(family, [...others, find].sort(byRank));
		this.#best = Math.max(this.#best, find.rank);
		const open = this.#wanted.top - Math.min(this.#wanted.top, this.#families.size);
		this.#lastSecond = open === 0 ? Infinity : (this.#seconds()[open - 1]?.rank ?? -Infinity);
	}
}

/**
 * The best rigs that run, best first: the best of each family, then the best that fish one of them another way. Exact:
 * what is not looked at cannot be among them.
 *
 * @param tally Counts the work.
 */
export function rank(searches: readonly SpaceSearch[], wanted: Wanted, tally: Tally): Ranked {
	const standings = new Standings(wanted);
	const cells: Cell[] = searches.flatMap((search) => search.cells()).sort((a, b) => b.bound - a.bound);
	for (const cell of cells) {
		const above = standings.toBeat(cell.way, cell.search.space.family);
		if (cell.bound <= above) {
			tally.bound++;
			continue;
		}
		const find = cell.search.best(cell, above, tally);
		if (find) standings.add(find);
	}
	return { called: standings.called(), bests: standings.bests };
}
