import type { Reading } from '$lib/core/water/reading/complete';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';

/** How a value of a reading came about: read by the angler, assumed from the rest, or open. */
export type Provenance = 'read' | 'assumed' | 'unread';

/** How one value came about. A default that stands for "not looked at" is open: no rule speaks because of it. */
export function provenance(key: keyof ParsedReading, given: ParsedReading, complete: Reading): Provenance {
	if (given[key] !== undefined) return 'read';
	return complete.unread.has(key) || complete[key] === undefined ? 'unread' : 'assumed';
}
