import type { PartRecord } from '$lib/core/records/rigSchemas';
import { isUnreachable } from '../db/connection';
import { everyRecord } from './every';
import { storeOf, type Stored } from './store';

/** What a page reads of an angler's records, or nothing while they are out of reach: it opens all the same. */
export async function orFallback<T>({ recordsDown }: App.Locals, read: () => Promise<T>, nothing: T): Promise<T> {
	if (recordsDown) return nothing;
	try {
		return await read();
	} catch (error) {
		if (!isUnreachable(error)) throw error;
		return nothing;
	}
}

/** The angler's own parts that have a color of their own. */
export function ownColours(locals: App.Locals, anglerId: string): Promise<Stored<PartRecord>[]> {
	const read = async () =>
		(await everyRecord(storeOf('parts').all(anglerId))).filter(({ record }) => record.part.colour);
	return orFallback(locals, read, []);
}
