import { SCHEMA_VERSION, type DeskRecord, type ReadingRecord } from '../core/schema/records';
import type { ParsedReading } from '../core/schema/reading';
import { getPreference, setPreference } from './records/preferences';
import type { Stored } from './records/store';

/** A desk on which this reading lies; the rig in hand stays. */
export async function layReading(
	anglerId: string,
	reading: ParsedReading,
	rest: Partial<Pick<DeskRecord, 'name' | 'spotId' | 'takenAt' | 'readingId' | 'readingVersion'>>,
	now: Date
): Promise<DeskRecord> {
	const before = await getPreference(anglerId, 'desk');
	const updatedAt = now.toISOString();
	const desk: DeskRecord = {
		schemaVersion: SCHEMA_VERSION,
		name: '',
		readingId: null,
		readingVersion: 0,
		spotId: null,
		takenAt: updatedAt,
		rig: null,
		locks: {},
		...before,
		...rest,
		reading,
		updatedAt
	};
	await setPreference(anglerId, 'desk', desk);
	return desk;
}

/** The desk fields of a stored reading; a duplicate has no key yet. */
export function fromStored({ id, version, record }: Stored<ReadingRecord>, duplicate: boolean) {
	const { name, spotId, takenAt } = record;
	if (duplicate) return { name: `${name}, again`, spotId, takenAt, readingId: null, readingVersion: 0 };
	return { name, spotId, takenAt, readingId: id, readingVersion: version };
}
