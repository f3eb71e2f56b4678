import { z } from 'zod';
import { instant, keptCallRecordSchema, readingRecordSchema, schemaVersion, standRecordSchema, uuid } from './records';
import { partRecordSchema, rigRecordSchema } from './rigRecords';

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

export type Transfer = z.output<typeof transferSchema>;
