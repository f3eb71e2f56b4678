import { SCHEMA_VERSION } from '../../core/records/version';
import { randomUUID } from 'node:crypto';
import { buildOf } from '../../core/rig/build/buildOf';
import { readEntry } from '../../core/records/read';
import type { BenchRecord } from '../../core/records/rigSchemas';
import type { DeskRecord } from '../../core/records/schemas';
import type { Rig } from '../../core/foundation/schema/rig';
import type { ParsedReading } from '../../core/foundation/schema/reading';

import { without } from '../../core/foundation/basics/without';
import { storeOf } from './store';

/** The angler's desk with this as the current reading: for pages that work without scripts. Locks of another reading go. */
export async function openReading(
	anglerId: string,
	reading: ParsedReading,
	rest: Partial<Pick<DeskRecord, 'name' | 'spotId' | 'takenAt' | 'readingId' | 'readingVersion'>>,
	now: Date
): Promise<DeskRecord> {
	const before = await storeOf('desk').find(anglerId);
	const desk: DeskRecord = {
		schemaVersion: SCHEMA_VERSION,
		name: '',
		readingId: null,
		readingVersion: 0,
		spotId: null,
		takenAt: now.toISOString(),
		locks: {},
		...before?.record,
		...rest,
		reading
	};
	// A form sends all of the reading: nothing of it is assumed any more.
	const { record } = readEntry('desk', without(desk, 'said'));
	await storeOf('desk').replace(anglerId, record);
	return record;
}

/** Lays a build on the bench: for pages that work without scripts. */
export async function openBuild(anglerId: string, bench: Omit<BenchRecord, 'schemaVersion'>): Promise<void> {
	await storeOf('bench').replace(anglerId, { schemaVersion: SCHEMA_VERSION, ...bench });
}

/** Makes a rig the current one: for pages that work without scripts. */
export const useRig = (anglerId: string, rig: Rig): Promise<void> =>
	openBuild(anglerId, { name: '', rigId: randomUUID(), rigVersion: 0, build: buildOf(rig), log: [] });
