import { SCHEMA_VERSION } from './version';
import type { RigRecord } from './rigSchemas';
import type { Build } from '../foundation/schema/build';
import type { RigLog } from '../foundation/schema/rigLog';
import { partsOf } from '../rig/build/partsOf';

/** The parts that a build is made of, as the table has them now. */
const builtFrom = (build: Build): RigRecord['parts'] =>
	partsOf(build).map(({ slot, part, count }) => ({
		slot,
		count,
		id: part.id,
		version: part.version,
		name: part.name,
		lengthMm: part.figures.lengthMm?.value ?? null,
		massG: part.figures.massG?.value ?? null
	}));

/** A rig as it is to be kept. */
export const rigRecordOf = (name: string, build: Build, log: RigLog): RigRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name,
	build,
	log,
	parts: builtFrom(build)
});

/** Names of the parts of a kept rig whose figures in the table have changed since it was built. */
export function changedSince({ build, parts }: RigRecord): string[] {
	const now = new Map(builtFrom(build).map((part) => [part.slot, part]));
	return parts
		.filter(({ slot, version, massG, lengthMm }) => {
			const present = now.get(slot);
			return !present || present.version !== version || present.massG !== massG || present.lengthMm !== lengthMm;
		})
		.map(({ name }) => name);
}

/** Names of the kept rigs that are built with an own part; they keep it as it was built if it changes or goes. */
export const usersOf = (partId: string, rigs: readonly { readonly record: RigRecord }[]): string[] =>
	rigs
		.filter(({ record }) => Object.values(record.build.own).some((use) => use?.id === partId))
		.map(({ record }) => record.name);
