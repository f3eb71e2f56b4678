import { setImmediate as turn } from 'node:timers/promises';
import { Packing, type Packed } from '../../core/trips/proof/packed';
import type { OrderedEntry } from '../../core/trips/tally/order';
import { storeOf } from './store';

/** Everything that an angler has tallied, in stretches; the server goes on meanwhile. */
export async function factsOfAngler(anglerId: string): Promise<Packed> {
	const happened = new Map<string, OrderedEntry[]>();
	for await (const { id, record } of storeOf('happenings').byKey(anglerId)) {
		const { outingId, at, order, what } = record;
		const list = happened.get(outingId) ?? [];
		list.push({ id, at, order, what });
		happened.set(outingId, list);
	}
	const packing = new Packing();
	for await (const { id, record } of storeOf('outings').all(anglerId)) {
		const { name, startedAt, spotId, reading, rig, trial } = record;
		packing.add({ id, name, startedAt, spotId, reading, rig, trial, happened: happened.get(id) ?? [] });
		await turn();
	}
	return packing.packed;
}
