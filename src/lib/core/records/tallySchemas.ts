import * as z from 'zod/mini';
import { instant } from '../foundation/schema/instant';
import { readingSchema } from '../foundation/schema/reading';
import { rigSchema } from '../foundation/schema/rig';
import { entrySchema, trialSchema } from '../foundation/schema/tally';
import { recordName, schemaVersion, uuid } from './schemas';

/** Most rigs that lie on the deck. */
const DECK_MAX = 12;

/** An outing: where and how it began. What happened on it are records of their own, so that two devices write side by side. */
export const outingRecordSchema = z.strictObject({
	schemaVersion,
	name: recordName,
	startedAt: instant,
	spotId: z.nullable(uuid),
	reading: readingSchema,
	/** What was cast first, and what else lay on the deck. */
	rig: rigSchema,
	deck: z.array(rigSchema).check(z.maxLength(DECK_MAX)),
	trial: z.nullable(trialSchema)
});

/** Something that happened on an outing. */
export const entryRecordSchema = z.strictObject({
	schemaVersion,
	outingId: uuid,
	/** When, for how long things took; what came first is told by `order`. */
	at: instant,
	order: z.int().check(z.minimum(1), z.maximum(1_000_000)),
	what: entrySchema
});

export type OutingRecord = z.output<typeof outingRecordSchema>;
export type EntryRecord = z.output<typeof entryRecordSchema>;
