import * as z from 'zod/mini';
import { InputFailure, parseWith, type Failure, type SetAside } from '../foundation/schema/failure';
import { SCHEMA_VERSION } from './version';
import { KINDS, type RecordKindName, type RecordOf } from './kinds';
import type { RawRecord, RecordKind } from './kind';

/** A record as it is held now, and what of it could not be kept. */
export interface ReadRecord<R> {
	readonly record: R;
	readonly aside: readonly SetAside[];
}

/** The refusal of what a later edition wrote. */
export const newerVersion = (path: string): Failure => ({
	code: 'newer-version',
	path,
	message: 'A newer version of Lucernal saved this. Update this one first.'
});

const isRecord = (value: unknown): value is RawRecord =>
	typeof value === 'object' && value !== null && !Array.isArray(value);

/** The version of a record that was stored or sent. */
const versioned = z.looseObject({
	schemaVersion: z
		.int('A version is a whole number from 1 up.')
		.check(z.minimum(1, 'A version is a whole number from 1 up.'))
});

/** The record in today's shape: each older version goes through the steps that follow it. */
function upgraded(kind: RecordKind, raw: RawRecord): RawRecord {
	const { schemaVersion } = parseWith(versioned, raw);
	if (schemaVersion > SCHEMA_VERSION) throw new InputFailure(newerVersion('schemaVersion'));
	let record = raw;
	for (let version = schemaVersion; version < SCHEMA_VERSION; version++) {
		const step = kind.upgrades[version];
		if (step) record = step(record);
	}
	return record;
}

/**
 * Reads a record of any version.
 *
 * @throws {InputFailure} With the path to the first thing wrong; `newer-version` for one that a later edition wrote.
 */
export function readRecord<N extends RecordKindName>(name: N, raw: unknown): ReadRecord<RecordOf<N>> {
	const kind: RecordKind = KINDS[name];
	if (!isRecord(raw)) return { record: parseWith(kind.schema, raw) as RecordOf<N>, aside: [] };
	const present = upgraded(kind, raw);
	const { record, aside } = kind.tolerate ? kind.tolerate(present) : { record: present, aside: [] };
	return { record: parseWith(kind.schema, record) as RecordOf<N>, aside };
}

/**
 * Reads a record that comes in, from a device or a file: what is stored already is read with more patience.
 *
 * @throws {InputFailure} Like `readRecord`, and where the kind takes no such record any more.
 */
export function readEntry<N extends RecordKindName>(name: N, raw: unknown): ReadRecord<RecordOf<N>> {
	const read = readRecord(name, raw);
	const failure = (KINDS[name] as RecordKind).refuseEntry?.(read.record as RawRecord);
	if (failure) throw new InputFailure(failure);
	return read;
}
