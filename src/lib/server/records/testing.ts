import { SCHEMA_VERSION } from '../../core/records/version';
import { call } from '../../core/ranking/answer/call';
import { readingSchema } from '../../core/foundation/schema/reading';
import type { SavedCallRecord, ReadingRecord, WaterRecord } from '../../core/records/schemas';

/** The water of the records that tests keep. */
export const WATER = readingSchema.parse({
	waterTemperatureC: 16.5,
	visibilityM: 0.9,
	bottomM: 2.4,
	wind: 'chop',
	sky: 'overcast'
});
const TAKEN_AT = '2026-05-09T06:40:00.000Z';
const answer = call({ reading: WATER });

export const readingRecord = (more: Partial<ReadingRecord> = {}): ReadingRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name: 'Alder Bank',
	spotId: null,
	takenAt: TAKEN_AT,
	reading: WATER,
	...more
});

export const keptRecord = (readingId: string | null = null): SavedCallRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name: 'First light',
	readingId,
	spotId: null,
	takenAt: TAKEN_AT,
	keptAt: '2026-05-09T06:50:00.000Z',
	claimBase: answer.claimBase,
	reading: WATER,
	stances: {},
	houseRules: [],
	locks: {},
	chosen: 0,
	answer
});

export const waterRecord = (more: Partial<WaterRecord> = {}): WaterRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name: 'W',
	timeZone: 'Europe/Paris',
	place: 'lake',
	latitude: 44,
	longitude: 0.6,
	...more
});
