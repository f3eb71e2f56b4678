import * as z from 'zod/mini';
import { buildSchema, ownPartSchema } from '../foundation/schema/build';
import { recordName, schemaVersion, uuid } from './schemas';
import { rigLogSchema } from '../foundation/schema/rigLog';

/** A part of a kept rig as the table had it on that day: what the rig was built from, whatever the table says later. */
const builtPartSchema = z.strictObject({
	slot: z.string().check(z.maxLength(20)),
	id: z.string().check(z.maxLength(80)),
	version: z.int().check(z.minimum(1)),
	name: z.string().check(z.maxLength(120)),
	count: z.int().check(z.minimum(1), z.maximum(20)),
	lengthMm: z.nullable(z.number()),
	massG: z.nullable(z.number())
});

/** A rig as it is kept: its build, the parts it was built from, and what happened to it since. */
export const rigRecordSchema = z.strictObject({
	schemaVersion,
	name: recordName,
	build: buildSchema,
	parts: z.array(builtPartSchema).check(z.maxLength(40)),
	log: rigLogSchema
});

/** A part of the angler's own as it is kept. */
export const partRecordSchema = z.strictObject({ schemaVersion, part: ownPartSchema });

/** The current rig as it lies on the bench: a build, kept or not yet. */
export const benchRecordSchema = z.strictObject({
	schemaVersion,
	name: z.string().check(z.maxLength(120)),
	/** Key under which the rig is kept, or would be; version 0 until it is. */
	rigId: uuid,
	rigVersion: z.int().check(z.minimum(0)),
	build: buildSchema,
	log: rigLogSchema
});

export type RigRecord = z.output<typeof rigRecordSchema>;
export type PartRecord = z.output<typeof partRecordSchema>;
export type BenchRecord = z.output<typeof benchRecordSchema>;
