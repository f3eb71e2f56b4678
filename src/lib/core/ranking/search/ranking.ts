import type { Family } from '../../foundation/schema/words';
import type { Cell, Find, SpaceSearch, SearchCounts } from './search';
import { areApart } from './ways';

/** How many calls are wanted. */
export interface Wanted {
	/** Most calls in all. */
	readonly top: number;
	/** Whether a family may be called twice, the second time fished another way. */
	readonly seconds: boolean;
	/** Whether the best of every family is wanted, called or not. */
	readonly everyFamily: boolean;
}

/** What a ranking found: the calls, best first, and the best of every family that was wanted. */
export interface Ranked {
	readonly called: readonly Find[];
	readonly bests: ReadonlyMap<Family, Find>;
}

const byRank = (a: Find, b: Find): number => b.rank - a.rank;

/** The best find of each family among cells, as far as it is among the best `seats` of them. */
function bestOf(cells: readonly Cell[], seats: number, tally: SearchCounts): Map<Family, Find> {
	const bests = new Map<Family, Find>();
	let last = -Infinity;
	for (const cell of cells.toSorted((a, b) => b.bound - a.bound)) {
		const { family } = cell.search.space;
		const above = Math.max(bests.get(family)?.rank ?? -Infinity, last);
		if (cell.bound <= above) {
			tally.bound++;
			continue;
		}
		const find = cell.search.best(cell, above, tally);
		if (!find) continue;
		bests.set(family, find);
		last = [...bests.values()].toSorted(byRank)[seats - 1]?.rank ?? -Infinity;
	}
	return bests;
}

/** What is left of a cell for rigs that are fished another way than a find; `null` where nothing is. */
function apartFrom(cell: Cell, first: Find | undefined): Cell | null {
	if (!first) return null;
	const pairs = cell.pairs.filter(({ way }) => areApart(way, first.way));
	return pairs.length > 0 ? { ...cell, pairs, bound: pairs[0]!.bound } : null;
}

/**
 * The best rigs that run, best first: the best of each family, then the best that fish one of them another way. Exact:
 * what is not looked at cannot be among them.
 *
 * @param tally Counts the work.
 */
export function rank(searches: readonly SpaceSearch[], wanted: Wanted, tally: SearchCounts): Ranked {
	const { top, seconds, everyFamily } = wanted;
	const cells = searches.flatMap((search) => search.cells());
	const bests = bestOf(cells, everyFamily ? Infinity : top, tally);
	const firsts = [...bests.values()].toSorted(byRank).slice(0, top);
	const seats = seconds ? top - firsts.length : 0;
	if (seats === 0) return { called: firsts, bests };
	const apart = cells.flatMap((cell) => apartFrom(cell, bests.get(cell.search.space.family)) ?? []);
	const others = [...bestOf(apart, seats, tally).values()].toSorted(byRank).slice(0, seats);
	return { called: [...firsts, ...others].toSorted(byRank), bests };
}
