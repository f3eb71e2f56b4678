import { z } from 'zod';
import { callAnswerSchema } from './call';
import { houseRulesSchema } from './house';
import { coverSchema, readingSchema } from './reading';
import { buildSchema, ownPartSchema } from './build';
import { lockSchema, rigSchema } from './rig';
import { rigLogSchema } from './rigLog';

/** Version of the stored documents' shape; raised with a step that reads the older one. */
export const SCHEMA_VERSION = 1;

const schemaVersion = z.literal(SCHEMA_VERSION);
const name = z.string().trim().min(1, 'Give it a name.').max(120, 'A name has at most 120 letters.');
const uuid = z.uuid({ version: 'v4', error: 'A key is a version 4 UUID.' });
const instant = z.iso.datetime({ offset: false, error: 'A time is written in UTC, like 2026-05-09T06:40:00Z.' });

/** A reading as it is kept. */
export const readingRecordSchema = z.strictObject({
	schemaVersion,
	name,
	spotId: uuid.nullable(),
	takenAt: instant,
	reading: readingSchema
});

/** A call as it is kept: everything that it takes to replay it. */
export const keptCallRecordSchema = z.strictObject({
	schemaVersion,
	name,
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

/** A part of a kept rig as the table had it on that day: what the rig was built from, whatever the table says later. */
const builtPartSchema = z.strictObject({
	slot: z.string().max(20),
	id: z.string().max(80),
	version: z.number().int().min(1),
	name: z.string().max(120),
	count: z.number().int().min(1).max(20),
	lengthMm: z.number().nullable(),
	massG: z.number().nullable()
});

/** A rig as it is kept: its build, the parts it was built from, and what happened to it since. */
export const rigRecordSchema = z.strictObject({
	schemaVersion,
	name,
	build: buildSchema,
	parts: z.array(builtPartSchema).max(40),
	log: rigLogSchema
});

/** A part of the angler's own as it is kept. */
export const partRecordSchema = z.strictObject({ schemaVersion, part: ownPartSchema });

/** What lies on the bench: a build, kept or not yet. */
export const benchRecordSchema = z.strictObject({
	schemaVersion,
	name: z.string().max(120),
	rigId: uuid.nullable(),
	rigVersion: z.number().int().min(0),
	build: buildSchema,
	log: rigLogSchema,
	updatedAt: instant
});

/** One rig as a file. */
export const rigFileSchema = z.strictObject({
	kind: z.literal('lucernal-rig'),
	schemaVersion,
	rig: rigRecordSchema
});

/** Depth profile and cover of a spot; distances in m from the bank. */
export const spotDocumentSchema = z.strictObject({
	schemaVersion,
	profile: z.array(z.strictObject({ outM: z.number().min(0), depthM: z.number().min(0) })).min(2),
	cover: z.array(coverSchema)
});

const exported = <T extends z.ZodType>(record: T) =>
	z.strictObject({ id: uuid, version: z.number().int().min(1), record });

/** A file of everything that an angler keeps. */
export const transferSchema = z.strictObject({
	kind: z.literal('lucernal-records'),
	schemaVersion,
	exportedAt: instant,
	/** Where the angler stands; left alone by an import that does not bring it. */
	stand: standRecordSchema.optional(),
	readings: z.array(exported(readingRecordSchema)).max(5000),
	keptCalls: z.array(exported(keptCallRecordSchema)).max(5000),
	rigs: z.array(exported(rigRecordSchema)).max(5000).default([]),
	parts: z.array(exported(partRecordSchema)).max(5000).default([])
});

export type ReadingRecord = z.output<typeof readingRecordSchema>;
export type KeptCallRecord = z.output<typeof keptCallRecordSchema>;
export type DeskRecord = z.output<typeof deskRecordSchema>;
export type SettingsRecord = z.output<typeof settingsRecordSchema>;
export type StandRecord = z.output<typeof standRecordSchema>;
export type RigRecord = z.output<typeof rigRecordSchema>;
export type PartRecord = z.output<typeof partRecordSchema>;
export type BenchRecord = z.output<typeof benchRecordSchema>;
export type SpotDocument = z.output<typeof spotDocumentSchema>;
export type Transfer = z.output<typeof transferSchema>;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];
export type Theme = (typeof THEMES)[number];
