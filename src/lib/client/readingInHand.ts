import { bandWithin } from '$lib/core/reading/band';
import { completeReading } from '$lib/core/reading/complete';
import { BLANK_READING } from '$lib/core/reading/blank';
import { readingSchema, type ParsedReading } from '$lib/core/schema/reading';
import { SCHEMA_VERSION, type DeskRecord, type ReadingRecord } from '$lib/core/records/schemas';
import type { Locks } from '$lib/core/schema/rig';
import { without } from '$lib/core/base/without';

/** A desk with nothing read yet. */
export const blankDesk = (now: string): DeskRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name: '',
	readingId: null,
	readingVersion: 0,
	spotId: null,
	takenAt: now,
	reading: readingSchema.parse(BLANK_READING),
	locks: {}
});

/** The desk with some of its reading changed; `null` and why where that would make no reading. */
export function patched(
	desk: DeskRecord,
	patch: Partial<ParsedReading>
): { desk: DeskRecord; wrong: null } | { desk: null; wrong: string } {
	const parsed = readingSchema.safeParse({ ...desk.reading, ...patch });
	if (!parsed.success) return { desk: null, wrong: parsed.error.issues[0]!.message };
	// What was not changed stays the very same object, so that nothing drawn from it is drawn anew.
	const changed = Object.keys(patch).map((name) => [name, parsed.data[name as keyof ParsedReading]]);
	return { desk: { ...desk, reading: { ...desk.reading, ...Object.fromEntries(changed) } }, wrong: null };
}

/** The desk with something about the rig fixed, or freed with `undefined`; `null` fixes that it is left off. */
export function locked(desk: DeskRecord, key: keyof Locks, value: Locks[keyof Locks]): DeskRecord {
	const rest = without(desk.locks, key);
	return { ...desk, locks: value === undefined ? rest : { ...rest, [key]: value } };
}

/** A spot as far as a reading takes it over. */
export interface Place {
	readonly id: string;
	readonly waterId: string;
	readonly place: ParsedReading['place'];
	readonly cover: ParsedReading['cover'];
	/** Depth (m) at the outer end of its profile. */
	readonly bottomM: number;
}

/**
 * The desk at another spot. It is another reading from there on: the kept one stays as it is, and what was locked on one
 * water is not locked on another.
 */
export function movedTo(desk: DeskRecord, to: Place | null, from: Place | null): DeskRecord {
	const elsewhere = { ...desk, spotId: to?.id ?? null, readingId: null, readingVersion: 0 };
	if (!to) return elsewhere;
	const { cover, place, bottomM } = to;
	const reading: ParsedReading = {
		...desk.reading,
		cover: cover && [...cover],
		place,
		bottomM,
		...bandWithin(completeReading(desk.reading), bottomM)
	};
	return { ...elsewhere, reading, locks: to.waterId === from?.waterId ? desk.locks : {} };
}

/** The desk's reading as it is kept under a name. */
export const recordOf = ({ spotId, takenAt, reading }: DeskRecord, name: string): ReadingRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name,
	spotId,
	takenAt,
	reading
});

/** A kept reading laid on the desk. */
export const laid = (id: string, version: number, { name, spotId, takenAt, reading }: ReadingRecord): DeskRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name,
	spotId,
	takenAt,
	reading,
	readingId: id,
	readingVersion: version,
	locks: {}
});
