import * as z from 'zod/mini';
import { parseWith } from '../foundation/schema/failure';
import { rigRecordSchema, type RigRecord } from './rigSchemas';
import { SCHEMA_VERSION } from './version';
import { readRecord } from './read';

/** One rig as a file, as it is written now. */
export const rigFileSchema = z.strictObject({
	kind: z.literal('lucernal-rig'),
	schemaVersion: z.literal(SCHEMA_VERSION),
	rig: rigRecordSchema
});

const anyVersion = z.strictObject({
	kind: z.literal('lucernal-rig', { error: 'This file was not saved here as a rig.' }),
	schemaVersion: z.int().check(z.minimum(1)),
	rig: z.unknown()
});

/** The file of a rig. */
export const rigFileOf = (rig: RigRecord): z.output<typeof rigFileSchema> => ({
	kind: 'lucernal-rig',
	schemaVersion: SCHEMA_VERSION,
	rig
});

/**
 * Reads a rig's file of any version.
 *
 * @throws {InputFailure} With the path to the first thing wrong in it.
 */
export const readRigFile = (raw: unknown): RigRecord => readRecord('rigs', parseWith(anyVersion, raw).rig).record;
