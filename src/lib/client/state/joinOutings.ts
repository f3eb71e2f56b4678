import { SCHEMA_VERSION } from '$lib/core/records/version';
import type { EntryRecord } from '$lib/core/records/tallySchemas';
import type { EntryInput } from '$lib/core/foundation/schema/tally';
import { nextOrder, type OrderedEntry } from '$lib/core/trips/tally/order';
import type { Listed } from '../sync/lists';
import type { OpenOuting, Tally } from './tally.svelte';
import { newUuid } from '../sync/uuid';

interface HappeningsPage {
	readonly items: readonly Listed<EntryRecord>[];
	readonly next: string | null;
}

/** All that happened on an outing; `null` when the server cannot say. */
export async function entriesOf(outingId: string): Promise<Listed<EntryRecord>[] | null> {
	const found: Listed<EntryRecord>[] = [];
	for (let next: string | null = ''; next !== null;) {
		const after: string = next ? `&after=${encodeURIComponent(next)}` : '';
		const response = await fetch(`/api/v1/happenings?outingId=${outingId}${after}`).catch(() => null);
		if (!response?.ok) return null;
		const page = (await response.json()) as HappeningsPage;
		found.push(...page.items);
		({ next } = page);
	}
	return found;
}

type Happenings = readonly Listed<EntryRecord>[];

/** What lies between two outings that become one: a pause, then the water, place and rig with which the later one began. */
function between({ record }: OpenOuting, endedAt: string | undefined): [string, EntryInput][] {
	const { startedAt, spotId, reading, rig } = record;
	return [
		[endedAt ?? startedAt, { kind: 'pause' }],
		[startedAt, { kind: 'resume' }],
		[startedAt, { kind: 'spot', spotId }],
		[startedAt, { kind: 'reading', reading }],
		[startedAt, { kind: 'rig', rig }]
	];
}

/**
 * Joins another outing that is over to the one that is held: what happened on it comes after what happened here, and the
 * other outing is gone.
 *
 * @returns What parts them again.
 */
export async function join(tally: Tally, next: OpenOuting, happenings: Happenings): Promise<() => Promise<void>> {
	const { outing, story } = tally;
	if (!outing || !story?.ended) return () => Promise.resolve();
	const ends = tally.happened.filter(({ what }) => what.kind === 'end');
	for (const { id } of ends) await tally.undo(id);
	let order = nextOrder(tally.happened);
	const added: string[] = [];
	for (const [at, what] of between(next, ends.at(-1)?.at)) {
		const id = newUuid();
		const said: EntryRecord = {
			schemaVersion: SCHEMA_VERSION,
			outingId: outing.id,
			at,
			order: order++,
			what: tally.made(what)
		};
		await tally.putEntry(id, 0, said);
		added.push(id);
	}
	for (const { id, version, record } of happenings) {
		await tally.putEntry(id, version, { ...record, outingId: outing.id, order: order + record.order });
	}
	await tally.removeOuting(next);
	return () => part(tally, next, happenings, added, ends);
}

/** Parts outings that were joined: the other one gets a key of its own, and what happened on it goes back to it. */
async function part(
	tally: Tally,
	next: OpenOuting,
	happenings: Happenings,
	added: readonly string[],
	ends: readonly OrderedEntry[]
): Promise<void> {
	for (const id of added) await tally.undo(id);
	const id = newUuid();
	await tally.putOuting(id, next.record);
	for (const one of happenings) await tally.handOver(one.id, id);
	for (const end of ends) await tally.putBack(end);
}
