import type { Outing } from '../../core/proof/facts';
import { packed, type Packed } from '../../core/proof/packed';
import type { Happened } from '../../core/tally/story';
import { storeOf } from './store';

/** Happenings are small, and a lifetime has tens of thousands: they are read in long pages. */
const HAPPENINGS_TOGETHER = 5000;

/** Everything that an angler has tallied, in stretches. */
export async function factsOfAngler(anglerId: string): Promise<Packed> {
	const happened = new Map<string, Happened[]>();
	for await (const { id, record } of storeOf('happenings').all(anglerId, { limit: HAPPENINGS_TOGETHER })) {
		const { outingId, at, order, what } = record;
		const list = happened.get(outingId) ?? [];
		list.push({ id, at, order, what });
		happened.set(outingId, list);
	}
	const outings: (Outing & { name: string })[] = [];
	for await (const { id, record } of storeOf('outings').all(anglerId)) {
		const { name, startedAt, spotId, reading, rig, trial } = record;
		outings.push({ id, name, startedAt, spotId, reading, rig, trial, happened: happened.get(id) ?? [] });
	}
	return packed(outings);
}
