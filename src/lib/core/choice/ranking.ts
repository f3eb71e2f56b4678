import type { Family } from '../schema/words';
import type { Cell, Find, SpaceSearch, Tally } from './search';

/** Heads (oz) up to which a weight belongs to a class; two rigs of one class are not told apart by weight. */
const WEIGHT_CLASSES_OZ = [0.25, 0.5, 0.75, Infinity] as const;

/** What tells two calls apart: family, layout, weight class and style of retrieve. */
function kindOf(space: { family: string; layout: string | null }, weightOz: number, retrieve: string): string {
	const weightClass = WEIGHT_CLASSES_OZ.findIndex((upTo) => weightOz <= upTo);
	return [space.family, space.layout, weightClass, retrieve].join();
}

/** The finds that stand so far: the best of each kind, of which only some of a family and some in all can be called. */
class Standings {
	readonly #best = new Map<string, Find>();
	readonly #perFamily: number;
	readonly #top: number;

	constructor(top: number, perFamily: number) {
		this.#top = top;
		this.#perFamily = perFamily;
	}

	/** What would be called now. */
	called(): Find[] {
		const taken = new Map<Family, number>();
		const called: Find[] = [];
		for (const find of [...this.#best.values()].sort((a, b) => b.rank - a.rank)) {
			const { family } = find.space;
			const same = taken.get(family) ?? 0;
			if (same >= this.#perFamily || called.length >= this.#top) continue;
			taken.set(family, same + 1);
			called.push(find);
		}
		return called;
	}

	/** The rank that a rig of a kind must beat to be called. */
	toBeat(kind: string, family: Family): number {
		const own = this.#best.get(kind)?.rank ?? -Infinity;
		const others = this.called().filter((find) => keyOf(find) !== kind);
		const ofFamily = others.filter((find) => find.space.family === family);
		const crowded = ofFamily.length >= this.#perFamily ? ofFamily[this.#perFamily - 1]!.rank : -Infinity;
		return Math.max(own, crowded, this.last());
	}

	/** The rank below which nothing is called any more. */
	last(): number {
		const called = this.called();
		return called.length >= this.#top ? called[called.length - 1]!.rank : -Infinity;
	}

	add(find: Find): void {
		this.#best.set(keyOf(find), find);
	}
}

const keyOf = ({ space, weightOz, retrieve }: Find): string => kindOf(space, weightOz, retrieve);

/**
 * The best rigs that run, best first: they differ in family, layout, weight class or style of retrieve, and at most
 * `perFamily` are of one family. Exact: what is not looked at cannot be among them.
 *
 * @param tally Counts the work.
 */
export function rank(searches: readonly SpaceSearch[], top: number, perFamily: number, tally: Tally): Find[] {
	const standings = new Standings(top, perFamily);
	const cells: Cell[] = searches.flatMap((search) => search.cells()).sort((a, b) => b.bound - a.bound);
	for (const cell of cells) {
		if (cell.bound <= standings.last()) {
			tally.bound++;
			break;
		}
		const { space } = cell.search;
		const above = standings.toBeat(kindOf(space, cell.weightOz, cell.retrieve), space.family);
		if (cell.bound <= above) {
			tally.bound++;
			continue;
		}
		const find = cell.search.best(cell, above, tally);
		if (find) standings.add(find);
	}
	return standings.called();
}
