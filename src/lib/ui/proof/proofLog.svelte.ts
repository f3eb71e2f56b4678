import type { Tally } from '$lib/client/state/tally.svelte';
import type { Work } from '$lib/client/workers/work';
import type { Evidence } from '$lib/core/foundation/schema/evidence';
import type { Moved } from '$lib/core/trips/proof/moves';
import { Packing, type Packed } from '$lib/core/trips/proof/packed';
import type { Filter } from '$lib/core/trips/proof/view';
import type { Look } from '$lib/workers/proof.worker';

/** The outing that this device holds, packed as the server packs the log; `null` for none. */
function ownOf({ outing, happened }: Pick<Tally, 'outing' | 'happened'>): Packed | null {
	if (!outing) return null;
	const packing = new Packing();
	packing.add({ ...outing.record, id: outing.id, happened: [...happened] });
	return packing.packed;
}

type ProofWork = Pick<Work, 'openLog' | 'lookAtLog' | 'compareInLog' | 'movesInLog'>;

/** What the server says of a file of entries. */
interface Imported {
	readonly added?: number;
	readonly known?: number;
	readonly error?: { readonly message: string };
}

/** The angler's log as Proof shows it: where it comes from, and what is worked out from it in the worker. */
export class ProofLog {
	/** Whether the log is still being fetched, is there, or cannot be had. */
	source = $state<'reading' | 'there' | 'away'>('reading');
	/** Whether only what this device holds is shown. */
	alone = $state(false);
	look = $state.raw<Look | null>(null);
	/** The facet that the look is by. */
	shown = $state('finish');
	/** Two values compared; `null` for none, or while they are worked out. */
	evidence = $state.raw<Evidence | null>(null);
	/** How the log moves each rule; `null` while that is worked out. */
	moved = $state.raw<readonly Moved[] | null>(null);
	names = $state.raw<Packed['outings']>([]);
	/** What became of a file that was brought in, in words. */
	brought = $state('');

	readonly #work: () => ProofWork | null;
	readonly #tally: () => Pick<Tally, 'outing' | 'happened'>;
	readonly #zone: () => string;

	/**
	 * @param tally The outing on this device, which stands in for the log where there is no connection.
	 * @param zone Where the angler's days begin and end (IANA).
	 */
	constructor(work: () => ProofWork | null, tally: () => Pick<Tally, 'outing' | 'happened'>, zone: () => string) {
		this.#work = work;
		this.#tally = tally;
		this.#zone = zone;
	}

	/** Fetches the log, or takes what this device holds, and hands it to the worker. */
	async open(): Promise<void> {
		const response = await fetch('/api/v1/facts').catch(() => null);
		const record = response?.ok ? ((await response.json()) as Packed) : ownOf(this.#tally());
		this.alone = !response?.ok;
		const work = this.#work();
		if (!record || !work) return void (this.source = 'away');
		await work.openLog(record, this.#zone());
		this.names = record.outings;
		this.source = 'there';
	}

	/** Looks at the log by a facet under a filter; of several looks the newest stands. */
	async see(facet: string, filter: Filter): Promise<void> {
		const seen = await this.#work()?.lookAtLog(facet, filter);
		if (seen) [this.look, this.shown] = [seen, facet];
	}

	/** Compares two values of a facet. */
	async compare(facet: string, filter: Filter, a: string, b: string): Promise<void> {
		const found = await this.#work()?.compareInLog(facet, filter, a, b);
		if (found !== undefined) this.evidence = found;
	}

	/** Works out how the log moves each rule. */
	async weigh(filter: Filter): Promise<void> {
		this.moved = null;
		const found = await this.#work()?.movesInLog(filter);
		if (found) this.moved = found;
	}

	/** Brings a file of entries in, whole or not at all, and opens the log anew. @returns Whether it came in. */
	async bring(file: Blob): Promise<boolean> {
		const sent = { method: 'POST', headers: { 'content-type': 'text/csv' }, body: await file.text() };
		const response = await fetch('/api/v1/tally.csv', sent).catch(() => null);
		const answer = (await response?.json().catch(() => null)) as Imported | null;
		this.brought = response?.ok
			? `${answer?.added} lines added, ${answer?.known} were already here.`
			: (answer?.error?.message ?? 'The file could not be imported; nothing was added.');
		if (response?.ok) await this.open();
		return response?.ok ?? false;
	}
}
