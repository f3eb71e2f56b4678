import type { Reading } from '$lib/core/reading/complete';
import type { ParsedReading } from '$lib/core/schema/reading';

/** How a value of a reading came about: read by the angler, assumed from the rest, or open. */
export type ReadAs = 'read' | 'assumed' | 'unread';

/** How one value came about. A default that stands for "not looked at" is open: no rule speaks because of it. */
export function readAs(key: keyof ParsedReading, given: ParsedReading, complete: Reading): ReadAs {
	if (given[key] !== undefined) return 'read';
	return complete.unread.has(key) || complete[key] === undefined ? 'unread' : 'assumed';
}
