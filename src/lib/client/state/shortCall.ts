import type { SavedCallRecord } from '$lib/core/records/schemas';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';
import type { Rig } from '$lib/core/foundation/schema/rig';

/** A saved call as a list needs it. */
export interface ShortCall {
	readonly id: string;
	readonly version: number;
	readonly name: string;
	readonly spotId: string | null;
	readonly takenAt: string;
	readonly reading: ParsedReading;
	readonly verdict: 'good' | 'fair' | 'poor';
	readonly rig: Rig | null;
}

/** A saved call without the whole ledger behind it. */
export function inShort(id: string, version: number, record: SavedCallRecord): ShortCall {
	const { name, spotId, takenAt, reading, answer, chosen } = record;
	return {
		id,
		version,
		name,
		spotId,
		takenAt,
		reading,
		verdict: answer.verdict.blades,
		rig: answer.calls[chosen]?.rig ?? null
	};
}
