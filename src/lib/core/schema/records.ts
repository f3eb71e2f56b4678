import { z } from 'zod';
import { callAnswerSchema } from './call';
import { houseRulesSchema } from './house';
import { coverSchema, readingSchema } from './reading';
import { lockSchema, rigSchema } from './rig';

/** Version of the stored documents' shape; raised with a step that reads the older one. */
export const SCHEMA_VERSION = 1;

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

/** What lies on the table: the reading being read, and the rig in hand. */
export const deskRecordSchema = z.strictObject({
	schemaVersion,
	name: z.string().max(120),
	readingId: uuid.nullable(),
	readingVersion: z.number().int().min(0),
	spotId: uuid.nullable(),
	takenAt: instant,
	reading: readingSchema,
	rig: rigSchema.nullable(),
	/** What the angler fixed about the rig. */
	locks: lockSchema.default({}),
	updatedAt: instant
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

/** Depth profile and cover of a spot; distances in m from the bank. */
export const spotDocumentSchema = z.strictObject({
	schemaVersion,
	profile: z.array(z.strictObject({ outM: z.number().min(0), depthM: z.number().min(0) })).min(2),
	cover: z.array(coverSchema)
});

export type ReadingRecord = z.output<typeof readingRecordSchema>;
export type KeptCallRecord = z.output<typeof keptCallRecordSchema>;
export type DeskRecord = z.output<typeof deskRecordSchema>;
export type SettingsRecord = z.output<typeof settingsRecordSchema>;
export type StandRecord = z.output<typeof standRecordSchema>;
export type SpotDocument = z.output<typeof spotDocumentSchema>;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];
export type Theme = (typeof THEMES)[number];
