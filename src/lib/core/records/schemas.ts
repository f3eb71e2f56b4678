import { z } from 'zod';
import { callAnswerSchema } from '../schema/call';
import { houseRulesSchema } from '../claims/house';
import { coverSchema, readingSchema } from '../schema/reading';
import { PLACES } from '../schema/words';
import { lockSchema } from '../schema/rig';

/**
 * Version of the stored records' shape; raised with a step in `records/upgrade.ts` that reads the older one.
 *
 * 2: a kept call says where and when; the reading in hand and the rig in hand are documents of their own; a rig has at
 * most the blades that its family can carry.
 */
export const SCHEMA_VERSION = 2;

export const schemaVersion = z.literal(SCHEMA_VERSION);
export const recordName = z.string().trim().min(1, 'Give it a name.').max(120, 'A name has at most 120 letters.');
export const uuid = z.uuid({ version: 'v4', error: 'A key is a version 4 UUID.' });
export const instant = z.iso.datetime({ offset: false, error: 'A time is written in UTC, like 2026-05-09T06:40:00Z.' });

/** A reading as it is kept. */
export const readingRecordSchema = z.strictObject({
	schemaVersion,
	name: recordName,
	spotId: uuid.nullable(),
	takenAt: instant,
	reading: readingSchema
});

/** A call as it is kept: everything that it takes to replay it. */
export const keptCallRecordSchema = z.strictObject({
	schemaVersion,
	name: recordName,
	readingId: uuid.nullable(),
	/** Where and when the reading was taken. */
	spotId: uuid.nullable(),
	takenAt: instant,
	keptAt: instant,
	claimBase: z.number().int().min(1),
	reading: readingSchema,
	stances: z.record(z.string(), z.string()),
	houseRules: houseRulesSchema.default([]),
	locks: lockSchema,
	/** Which of the answer's calls was kept, from 0. */
	chosen: z.number().int().min(0).max(7),
	answer: callAnswerSchema
});

/** The reading in hand, kept or not, with what is fixed about the rig that is called for it. */
export const deskRecordSchema = z.strictObject({
	schemaVersion,
	name: z.string().max(120),
	readingId: uuid.nullable(),
	readingVersion: z.number().int().min(0),
	spotId: uuid.nullable(),
	takenAt: instant,
	reading: readingSchema,
	/** What the angler fixed about the rig. */
	locks: lockSchema.default({})
});

export const UNIT_SYSTEMS = ['metric', 'imperial'] as const;
export const THEMES = ['day', 'lamp'] as const;

/** How an angler wants the screen. */
export const settingsRecordSchema = z.strictObject({
	schemaVersion,
	units: z.enum(UNIT_SYSTEMS),
	shortcuts: z.boolean()
});

/** Where an angler stands: sides taken in the splits, and rules of their own. */
export const standRecordSchema = z.strictObject({
	schemaVersion,
	stances: z.record(z.string().max(40), z.string().max(40)),
	houseRules: houseRulesSchema
});

const bearing = z.number().min(0).max(360);

/** A water: where it lies and which clock it keeps. */
export const waterRecordSchema = z.strictObject({
	schemaVersion,
	name: recordName,
	timeZone: z.string().min(1).max(64),
	place: z.enum(PLACES),
	latitude: z.number().min(-90).max(90),
	longitude: z.number().min(-180).max(180)
});

/** A spot of a water: depth profile and cover; distances in m from the bank. */
export const spotRecordSchema = z.strictObject({
	schemaVersion,
	waterId: uuid,
	name: recordName,
	/** Compass bearing (degrees) in which one looks from the bank over the water. */
	bankBearingDeg: bearing,
	profile: z.array(z.strictObject({ outM: z.number().min(0), depthM: z.number().min(0) })).min(2),
	cover: z.array(coverSchema)
});

export type ReadingRecord = z.output<typeof readingRecordSchema>;
export type KeptCallRecord = z.output<typeof keptCallRecordSchema>;
export type DeskRecord = z.output<typeof deskRecordSchema>;
export type SettingsRecord = z.output<typeof settingsRecordSchema>;
export type StandRecord = z.output<typeof standRecordSchema>;
export type WaterRecord = z.output<typeof waterRecordSchema>;
export type SpotRecord = z.output<typeof spotRecordSchema>;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];
export type Theme = (typeof THEMES)[number];
