import type { PartRecord } from '../../core/schema/rigRecords';
import type { Stored } from './store';
import { parts, rigs } from './stores';

/** An own part with the names of the kept rigs that are built with it. */
export interface UsedPart extends Stored<PartRecord> {
	readonly usedBy: readonly string[];
}

/** An angler's own parts, newest first, each with the rigs that use it; those keep the part as built if it goes. */
export async function listParts(anglerId: string): Promise<UsedPart[]> {
	const [own, kept] = await Promise.all([parts.list(anglerId), rigs.list(anglerId, 1000)]);
	return own.map((stored) => ({
		...stored,
		usedBy: kept
			.filter(({ record }) => Object.values(record.build.own).some((use) => use?.id === stored.id))
			.map(({ record }) => record.name)
	}));
}
