import { tableOf } from '$lib/core/foundation/basics/typed';
import { expose } from 'comlink';
import { compared, groupedBy, type Grouped } from '$lib/core/trips/proof/compare';
import { spotDaysOf, type SpotDay } from '$lib/core/trips/proof/calendar';
import { proofFacetOf, PROOF_FACETS, valuesIn } from '$lib/core/trips/proof/facets';
import type { Fact } from '$lib/core/trips/proof/facts';
import { GEAR, landedBy, weededBy, type Gear, type LandedShare, type Weeded } from '$lib/core/trips/proof/losses';
import { trialsOf, type TrialResult } from '$lib/core/trips/proof/trials';
import { movesOf, type Moved } from '$lib/core/trips/proof/moves';
import { unpacked, type Packed } from '$lib/core/trips/proof/packed';
import {
	hookAdvice,
	hookedIn,
	leftOf,
	narrowedTo,
	type Filter,
	type Hooked,
	type Left
} from '$lib/core/trips/proof/view';
import type { Evidence } from '$lib/core/foundation/schema/evidence';

/** What is seen of the record at one look. */
export interface Look {
	readonly left: Left;
	readonly grouped: Grouped;
	/** Days on each spot where the angler fishes. */
	readonly spotDays: readonly SpotDay[];
	readonly hooked: readonly Hooked[];
	readonly advice: string | null;
	/** Hooked fish that came to hand, by what they were hooked with. */
	readonly kept: Readonly<Record<Gear, readonly LandedShare[]>>;
	readonly weeded: readonly Weeded[];
	readonly trials: readonly TrialResult[];
	/** Values that each facet has anywhere in the record, for the filters. */
	readonly values: Readonly<Record<string, readonly string[]>>;
}

let facts: readonly Fact[] = [];
let dayOf = (instant: string): string => instant.slice(0, 10);

/** The day of an instant in a time zone, as 2026-05-09. */
function dayIn(timeZone: string): typeof dayOf {
	const format = new Intl.DateTimeFormat('en-CA', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' });
	return (instant) => format.format(Date.parse(instant));
}

/** The angler's record, held here while the screen is open. */
const api = {
	/** @param timeZone Where the angler's days begin and end (IANA). */
	open(record: Packed, timeZone: string): void {
		facts = unpacked(record);
		dayOf = dayIn(timeZone);
	},
	look(facet: string, filter: Filter): Look {
		const some = narrowedTo(facts, filter);
		const hooked = hookedIn(some);
		return {
			left: leftOf(some),
			grouped: groupedBy(some, proofFacetOf(facet)),
			spotDays: spotDaysOf(some, dayOf),
			hooked,
			advice: hookAdvice(hooked),
			kept: tableOf(GEAR, (gear) => landedBy(some, gear)),
			weeded: weededBy(some),
			trials: trialsOf(some),
			values: Object.fromEntries(PROOF_FACETS.map((facet) => [facet.id, valuesIn(facet, facts)]))
		};
	},
	compare: (facet: string, filter: Filter, a: string, b: string): Evidence | null =>
		compared(narrowedTo(facts, filter), proofFacetOf(facet), a, b),
	moves: (filter: Filter): Moved[] => movesOf(narrowedTo(facts, filter))
};
export type ProofApi = typeof api;
expose(api);
