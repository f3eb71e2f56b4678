import { SCHEMA_VERSION } from '$lib/core/records/version';
import { bandWithin } from '$lib/core/water/reading/band';
import { fieldsSaid } from '$lib/core/water/reading/firstFacts';
import { completeReading } from '$lib/core/water/reading/complete';
import { BLANK_READING } from '$lib/core/water/reading/blank';
import { readingFault } from '$lib/core/water/reading/fault';
import { NAME_LONG, NAME_MAX, NAME_MISSING } from '$lib/core/foundation/schema/limits';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';
import type { DeskRecord, ReadingRecord } from '$lib/core/records/schemas';
import type { Locks } from '$lib/core/foundation/schema/rig';
import { without } from '$lib/core/foundation/basics/without';

/** A desk with nothing read yet. */
export const blankDesk = (now: string): DeskRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name: '',
	readingId: null,
	readingVersion: 0,
	spotId: null,
	takenAt: now,
	reading: BLANK_READING,
	said: [],
	locks: {}
});

/** The desk with fields counted as entered; one whose reading was begun from scratch alone counts them. */
const withSaid = (desk: DeskRecord, fields: readonly string[]): DeskRecord =>
	desk.said === undefined ? desk : { ...desk, said: [...new Set([...desk.said, ...fields])] };

/** The desk with some of its reading changed; `null` and why where that would make no reading. */
export function patched(
	desk: DeskRecord,
	patch: Partial<ParsedReading>
): { desk: DeskRecord; wrong: null } | { desk: null; wrong: string } {
	const reading = { ...desk.reading, ...patch };
	const fault = readingFault(reading);
	return fault
		? { desk: null, wrong: fault.message }
		: { desk: withSaid({ ...desk, reading }, fieldsSaid(patch)), wrong: null };
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
	/** Depth (m) at the outer end of its profile; `null` where nobody sounded it. */
	readonly bottomM: number | null;
}

/**
 * The desk at another spot. It is another reading from there on: the kept one stays as it is, and what was locked on one
 * water is not locked on another.
 */
export function movedTo(desk: DeskRecord, to: Place | null, from: Place | null): DeskRecord {
	const elsewhere = { ...desk, spotId: to?.id ?? null, readingId: null, readingVersion: 0 };
	if (!to) return elsewhere;
	const { cover, place } = to;
	const bottomM = to.bottomM ?? desk.reading.bottomM;
	const reading: ParsedReading = {
		...desk.reading,
		cover: cover && [...cover],
		place,
		bottomM,
		...bandWithin(completeReading(desk.reading), bottomM)
	};
	const known = to.bottomM === null ? [] : ['bottomM'];
	const moved = { ...elsewhere, reading, locks: to.waterId === from?.waterId ? desk.locks : {} };
	return withSaid(moved, cover && cover.length > 0 ? [...known, 'cover'] : known);
}

/** The desk's reading as it is kept under a name. */
export const recordOf = ({ spotId, takenAt, reading }: DeskRecord, name: string): ReadingRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name,
	spotId,
	takenAt,
	reading
});

/** What keeps a reading from being kept, or `null`. */
export function saveFault({ name, reading }: ReadingRecord): string | null {
	if (name === '') return NAME_MISSING;
	return name.length > NAME_MAX ? NAME_LONG : (readingFault(reading)?.message ?? null);
}

/** A kept reading laid on the desk. */
export const deskFrom = (
	id: string,
	version: number,
	{ name, spotId, takenAt, reading }: ReadingRecord
): DeskRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name,
	spotId,
	takenAt,
	reading,
	readingId: id,
	readingVersion: version,
	locks: {}
});
