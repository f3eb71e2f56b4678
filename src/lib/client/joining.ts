import { SCHEMA_VERSION } from '$lib/core/records/version';
import type { HappeningRecord } from '$lib/core/records/tallySchemas';
import type { HappeningInput } from '$lib/core/schema/tally';
import { nextOrder, type Happened } from '$lib/core/tally/order';
import type { Listed } from './lists';
import type { HeldOuting, Tally } from './tally.svelte';
import { newUuid } from './uuid';

interface HappeningsPage {
	readonly items: readonly Listed<HappeningRecord>[];
	readonly next: string | null;
}

/** All that happened on an outing; `null` when the server cannot say. */
export async function happeningsOf(outingId: string): Promise<Listed<HappeningRecord>[] | null> {
	const found: Listed<HappeningRecord>[] = [];
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

type Happenings = readonly Listed<HappeningRecord>[];

/** What lies between two outings that become one: a pause, then the water, place and rig with which the later one began. */
function between({ record }: HeldOuting, endedAt: string | undefined): [string, HappeningInput][] {
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
export async function join(tally: Tally, next: HeldOuting, happenings: Happenings): Promise<() => Promise<void>> {
	const { outing, story } = tally;
	if (!outing || !story?.ended) return () => Promise.resolve();
	const ends = tally.happened.filter(({ what }) => what.kind === 'end');
	for (const { id } of ends) await tally.undo(id);
	let order = nextOrder(tally.happened);
	const added: string[] = [];
	for (const [at, what] of between(next, ends.at(-1)?.at)) {
		const id = newUuid();
		const said: HappeningRecord = {
			schemaVersion: SCHEMA_VERSION,
			outingId: outing.id,
			at,
			order: order++,
			what: tally.made(what)
		};
		await tally.lay(id, 0, said);
		added.push(id);
	}
	for (const { id, version, record } of happenings) {
		await tally.lay(id, version, { ...record, outingId: outing.id, order: order + record.order });
	}
	await tally.removeOuting(next);
	return () => part(tally, next, happenings, added, ends);
}

/** Parts outings that were joined: the other one gets a key of its own, and what happened on it goes back to it. */
async function part(
	tally: Tally,
	next: HeldOuting,
	happenings: Happenings,
	added: readonly string[],
	ends: readonly Happened[]
): Promise<void> {
	for (const id of added) await tally.undo(id);
	const id = newUuid();
	await tally.putOuting(id, next.record);
	for (const one of happenings) await tally.handOver(one.id, id);
	for (const end of ends) await tally.putBack(end);
}
