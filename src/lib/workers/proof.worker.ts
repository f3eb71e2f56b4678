import { expose } from 'comlink';
import { compared, groupedBy, type Grouped } from '$lib/core/proof/compare';
import { facetOf, FACETS } from '$lib/core/proof/facets';
import type { Fact } from '$lib/core/proof/facts';
import { GEAR, keptBy, weededBy, type Gear, type Kept, type Weeded } from '$lib/core/proof/losses';
import { trialsOf, type TrialResult } from '$lib/core/proof/trials';
import { movesOf, type Moved } from '$lib/core/proof/moves';
import { unpacked, type Packed } from '$lib/core/proof/packed';
import {
	hookAdvice,
	hookedIn,
	leftOf,
	monthsOf,
	narrowedTo,
	type Filter,
	type Hooked,
	type Left,
	type Month
} from '$lib/core/proof/view';
import type { Evidence } from '$lib/core/schema/evidence';

/** What is seen of the record at one look. */
export interface Look {
	readonly left: Left;
	readonly grouped: Grouped;
	readonly months: readonly Month[];
	readonly hooked: readonly Hooked[];
	readonly advice: string | null;
	/** Hooked fish that came to hand, by what they were hooked with. */
	readonly kept: Readonly<Record<Gear, readonly Kept[]>>;
	readonly weeded: readonly Weeded[];
	readonly trials: readonly TrialResult[];
	/** Values that each facet has anywhere in the record, for the filters. */
	readonly values: Readonly<Record<string, readonly string[]>>;
}

let facts: readonly Fact[] = [];

/** The angler's record, held here while the screen is open. */
const api = {
	open: (record: Packed): void => void (facts = unpacked(record)),
	look(facet: string, filter: Filter): Look {
		const some = narrowedTo(facts, filter);
		const hooked = hookedIn(some);
		return {
			left: leftOf(some),
			grouped: groupedBy(some, facetOf(facet)),
			months: monthsOf(some),
			hooked,
			advice: hookAdvice(hooked),
			kept: Object.fromEntries(GEAR.map((gear) => [gear, keptBy(some, gear)])) as Record<Gear, Kept[]>,
			weeded: weededBy(some),
			trials: trialsOf(some),
			values: Object.fromEntries(FACETS.map(({ id, of }) => [id, [...new Set(facts.map(of))].toSorted()]))
		};
	},
	compare: (facet: string, filter: Filter, a: string, b: string): Evidence | null =>
		compared(narrowedTo(facts, filter), facetOf(facet), a, b),
	moves: (filter: Filter): Moved[] => movesOf(narrowedTo(facts, filter))
};
export type ProofApi = typeof api;
expose(api);
