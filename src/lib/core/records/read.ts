import { InputFailure, parseWith, type Failure, type SetAside } from '../schema/failure';
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
	message: 'A later edition wrote this; bring this one up to date first.'
});

const isRecord = (value: unknown): value is RawRecord =>
	typeof value === 'object' && value !== null && !Array.isArray(value);

/** The record in today's shape: each older version goes through the steps that follow it. */
function upgraded(kind: RecordKind, raw: RawRecord): RawRecord {
	let record = raw;
	for (let version = Number(record.schemaVersion); version < SCHEMA_VERSION; version++) {
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
	if (Number(raw.schemaVersion) > SCHEMA_VERSION) {
		throw new InputFailure(newerVersion('schemaVersion'));
	}
	const present = upgraded(kind, raw);
	const { record, aside } = kind.tolerate ? kind.tolerate(present) : { record: present, aside: [] };
	return { record: parseWith(kind.schema, record) as RecordOf<N>, aside };
}
