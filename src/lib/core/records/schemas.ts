import * as z from 'zod/mini';
import { callAnswerSchema, movesSchema } from '../foundation/schema/call';
import { houseRulesSchema } from '../claims/house';
import { NAME_LONG, NAME_MAX, NAME_MISSING } from '../foundation/schema/limits';
import { coverSchema, readingSchema } from '../foundation/schema/reading';
import { PLACES } from '../foundation/schema/words';
import { instant } from '../foundation/schema/instant';
import { lockSchema } from '../foundation/schema/rig';
import { GONE_RULES_MAX } from './ruleKey';
import { SCHEMA_VERSION } from './version';

export const schemaVersion = z.literal(SCHEMA_VERSION);
export const recordName = z.string().check(z.trim(), z.minLength(1, NAME_MISSING), z.maxLength(NAME_MAX, NAME_LONG));
/** A key, in small letters however it is written: two spellings are one record. */
export const uuid = z.uuid({ version: 'v4', error: 'A key is a version 4 UUID.' }).check(z.toLowerCase());

/** A reading as it is kept. */
export const readingRecordSchema = z.strictObject({
	schemaVersion,
	name: recordName,
	spotId: z.nullable(uuid),
	takenAt: instant,
	reading: readingSchema
});

/** A call as it is kept: everything that it takes to replay it. */
export const savedCallRecordSchema = z.strictObject({
	schemaVersion,
	name: recordName,
	readingId: z.nullable(uuid),
	/** Where and when the reading was taken. */
	spotId: z.nullable(uuid),
	takenAt: instant,
	keptAt: instant,
	claimBase: z.int().check(z.minimum(1)),
	reading: readingSchema,
	stances: z.record(z.string(), z.string()),
	houseRules: z._default(houseRulesSchema, []),
	locks: lockSchema,
	/** How the angler's record moved the claims, and whether the model of sight spoke; absent where they did not. */
	record: z.optional(movesSchema),
	sight: z.optional(z.boolean()),
	/** Whether it was called from the tray that the angler had then. */
	fromTray: z.optional(z.boolean()),
	/** Which of the answer's calls was kept, from 0. */
	chosen: z.int().check(z.minimum(0), z.maximum(7)),
	answer: callAnswerSchema
});

/** The current reading, kept or not, with what is fixed about the rig that is called for it. */
export const deskRecordSchema = z.strictObject({
	schemaVersion,
	name: z.string().check(z.maxLength(NAME_MAX)),
	readingId: z.nullable(uuid),
	readingVersion: z.int().check(z.minimum(0)),
	spotId: z.nullable(uuid),
	takenAt: instant,
	reading: readingSchema,
	/** Fields that were entered since the reading was begun from scratch; absent where all of it counts as read. */
	said: z.optional(z.array(z.string().check(z.maxLength(40))).check(z.maxLength(60))),
	/** What the angler fixed about the rig. */
	locks: z._default(lockSchema, {})
});

export const UNIT_SYSTEMS = ['metric', 'imperial'] as const;
export const THEMES = ['day', 'lamp'] as const;

/** Most letters of a currency. */
export const CURRENCY_MAX = 4;

/** How an angler wants the screen. */
export const settingsRecordSchema = z.strictObject({
	schemaVersion,
	units: z.enum(UNIT_SYSTEMS),
	shortcuts: z.boolean(),
	/** Sign or letters of the angler's currency, before a sum. */
	currency: z.optional(z.string().check(z.minLength(1), z.maxLength(CURRENCY_MAX))),
	/** What an outing costs, in that currency. */
	outingCost: z.optional(z.number().check(z.minimum(0), z.maximum(100_000)))
});

/** Where an angler stands: sides taken in the splits, and rules of their own. */
export const viewsRecordSchema = z.strictObject({
	schemaVersion,
	stances: z.record(z.string().check(z.maxLength(40)), z.string().check(z.maxLength(40))),
	houseRules: houseRulesSchema,
	/** Keys of rules that were deleted, so that another device does not bring them back. */
	goneRules: z.optional(z.array(z.string().check(z.maxLength(40))).check(z.maxLength(GONE_RULES_MAX))),
	/** By how much the angler's own record moves the claims; absent while it moves none. */
	record: z.optional(movesSchema),
	/** `false` keeps the model of sight out of the call. */
	sight: z.optional(z.boolean()),
	/** Whether the call chooses from the angler's tray alone. */
	fromTray: z.optional(z.boolean())
});

const bearing = z.number().check(z.minimum(0), z.maximum(360));

/** A water: where it lies and which clock it keeps. */
export const waterRecordSchema = z.strictObject({
	schemaVersion,
	name: recordName,
	timeZone: z.string().check(z.minLength(1), z.maxLength(64)),
	place: z.enum(PLACES),
	/** Degrees; `null` where nobody said: sun, moon and length of the day are not known then. */
	latitude: z._default(z.nullable(z.number().check(z.minimum(-90), z.maximum(90))), null),
	longitude: z._default(z.nullable(z.number().check(z.minimum(-180), z.maximum(180))), null)
});

/** A place on earth, degrees east and north. */
export const lonLat = z.tuple([
	z.number().check(z.minimum(-180), z.maximum(180)),
	z.number().check(z.minimum(-90), z.maximum(90))
]);

/** Most points of a spot's depth profile, and most entries of its cover. */
const PROFILE_MAX = 500;
const SPOT_COVER_MAX = 40;

/** A spot of a water. It needs only a name; all else makes the answer better. Distances in m from the bank. */
export const spotRecordSchema = z.strictObject({
	schemaVersion,
	waterId: uuid,
	name: recordName,
	/** Compass bearing (degrees) in which one looks from the bank over the water; `null` where nobody said. */
	bankBearingDeg: z._default(z.nullable(bearing), null),
	/** Where its bank lies. */
	at: z.optional(lonLat),
	/** Height (m) of bank and trees over the water. */
	bankHeightM: z.optional(z.number().check(z.minimum(0), z.maximum(100))),
	/** Empty where nobody sounded it, else two points at least. */
	profile: z._default(
		z.array(z.strictObject({ outM: z.number().check(z.minimum(0)), depthM: z.number().check(z.minimum(0)) })).check(
			z.maxLength(PROFILE_MAX, `A depth profile has at most ${PROFILE_MAX} points.`),
			z.refine((points) => points.length !== 1, 'A depth profile needs at least two points.'),
			z.refine(
				(points) => points.every(({ outM }, at) => at === 0 || outM > points[at - 1]!.outM),
				'Each point of a depth profile must be farther out than the one before.'
			)
		),
		[]
	),
	cover: z._default(
		z.array(coverSchema).check(z.maxLength(SPOT_COVER_MAX, `A spot has at most ${SPOT_COVER_MAX} kinds of cover.`)),
		[]
	)
});

export type ReadingRecord = z.output<typeof readingRecordSchema>;
export type SavedCallRecord = z.output<typeof savedCallRecordSchema>;
export type DeskRecord = z.output<typeof deskRecordSchema>;
export type SettingsRecord = z.output<typeof settingsRecordSchema>;
export type ViewsRecord = z.output<typeof viewsRecordSchema>;
export type WaterRecord = z.output<typeof waterRecordSchema>;
export type SpotRecord = z.output<typeof spotRecordSchema>;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];
export type Theme = (typeof THEMES)[number];
