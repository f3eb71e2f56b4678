import { without as omit } from '$lib/core/foundation/basics/without';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import type { EntryRecord, OutingRecord } from '$lib/core/records/tallySchemas';
import type { Entry, EntryInput } from '$lib/core/foundation/schema/tally';
import type { storyOf, Story } from '$lib/core/trips/tally/story';
import { nextOrder, type OrderedEntry } from '$lib/core/trips/tally/order';
import type { Device } from '../sync/device';
import type { Listed } from '../sync/lists';
import type { Write } from '../sync/outbox.svelte';
import { newUuid } from '../sync/uuid';

/** An outing with its key. */
export interface OpenOuting {
	readonly id: string;
	readonly version: number;
	readonly record: OutingRecord;
}

interface ListedEntry {
	readonly id: string;
	readonly version: number;
	readonly record: EntryRecord;
}

/** What this device holds of the outing under way: all of it, so that it opens without a network. */
interface TallyState {
	readonly outing: OpenOuting | null;
	readonly happened: Readonly<Record<string, ListedEntry>>;
	/** Taken back here or elsewhere: what is heard of them later changes nothing. */
	readonly gone: readonly string[];
	/** Number of the angler's sequence up to which deletions were heard of. */
	readonly since: number;
}

/** How what is written goes on its way to the server. */
export interface TallyPort {
	put(kind: 'outings' | 'happenings', id: string, base: number, record: object, title: string): Promise<void>;
	remove(kind: 'outings' | 'happenings', id: string, base: number, title: string): Promise<void>;
	/** The device has it: other tabs may look. */
	saved(): void;
	/** The latest number of the angler's sequence that is known of. */
	sequence(): number;
}

/** What was written elsewhere since a number; `null` when the server cannot say. */
type ChangesSince = (since: number) => Promise<{
	readonly sequence: number;
	readonly more: boolean;
	readonly changes: readonly { readonly kind: string; readonly id: string; readonly deleted: boolean }[];
} | null>;

/** What happened, with what was not said of it, or what is wrong with it. */
type Whole = (what: EntryInput) => Entry | string;
/** How stored records of any version are read. */
interface StoredReader {
	/** Gets ready to read what was stored; what an earlier edition wrote takes more code. */
	prepareFor(stored: unknown): Promise<void>;
	/** A stored record in today's shape; `undefined` for what no version knows. */
	readStored(kind: 'outings' | 'happenings', raw: unknown): unknown;
}
const AS_STORED: StoredReader = { prepareFor: async () => undefined, readStored: (_kind, raw) => raw };

const KEY = 'tally';
const isoNow = (): string => new Date().toISOString();
const NOTHING: TallyState = { outing: null, happened: {}, gone: [], since: 0 };

/** What an entry is called in a list of what is not sent yet. */
const TITLES: Readonly<Record<string, string>> = {
	short: 'A short strike',
	rig: 'A change of rig',
	turn: 'A trial’s turn'
};
const titleOf = ({ kind }: { readonly kind: string }): string => TITLES[kind] ?? `A ${kind}`;

const happenedOf = ({ id, record }: ListedEntry): OrderedEntry => ({
	id,
	at: record.at,
	order: record.order,
	what: record.what
});

/**
 * The running outing: on the device first, sent to the server in the background. Entries are never changed but by
 * whoever wrote them, so that two devices write side by side; their place in the order, not a clock, says what came first.
 */
export class Tally {
	#held = $state.raw<TallyState>(NOTHING);
	#device: Device | null = null;
	/** Something that may be written down, with what was not said of it, or what is wrong with it. */
	whole: Whole = () => 'Still loading. Try again in a moment.';
	#reader = AS_STORED;
	readonly #port: TallyPort;
	readonly #now: () => string;
	/** Whether the device said that it is full; what is tapped is on the screen all the same. */
	full = $state(false);
	/** The past outing that was opened here: the latest one does not take its place. */
	#opened: string | null = null;
	ready = $state(false);

	constructor(port: TallyPort, now: () => string = isoNow) {
		this.#port = port;
		this.#now = now;
	}

	readonly outing: OpenOuting | null = $derived(this.#held.outing);
	readonly happened: readonly OrderedEntry[] = $derived(Object.values(this.#held.happened).map(happenedOf));
	/** What tells an outing from what happened: it comes after the page. */
	#tell = $state.raw<typeof storyOf | null>(null);
	readonly story: Story | null = $derived(this.outing && this.#tell && this.#tell(this.outing.record, this.happened));

	/**
	 * Takes up what the device holds.
	 *
	 * @param whole Makes what happened whole, or says what is wrong with it. Nothing is written down before it is there.
	 * @param tell Tells an outing from what happened.
	 * @param reader Reads stored records of any version.
	 */
	async open(device: Device, whole: Whole, tell: typeof storyOf, reader: StoredReader = AS_STORED): Promise<void> {
		this.#device = device;
		this.whole = whole;
		this.#reader = reader;
		this.#tell = tell;
		await this.listen();
		this.ready = true;
	}

	/** Takes up what the device holds, also what was said as a page was left. */
	async listen(): Promise<void> {
		const device = this.#device;
		if (!device) return;
		const words = device.readUnload(KEY);
		const held = (await device.read<TallyState>(KEY)) ?? NOTHING;
		const said = words.map(({ value }) => value as TallyState);
		await this.#reader.prepareFor([held, said]).catch(() => undefined);
		await this.#update((now) => [held, ...said].map((one) => this.#inTodaysShape(one)).reduce(joined, now));
		for (const { forget } of words) forget();
	}

	/** What an earlier edition stored; a record that no edition knows is left out, and is still at the server. */
	#inTodaysShape(held: TallyState): TallyState {
		const record = held.outing && (this.#reader.readStored('outings', held.outing.record) as OutingRecord | undefined);
		const happened: Record<string, ListedEntry> = {};
		for (const [id, entry] of Object.entries(held.happened)) {
			const read = this.#reader.readStored('happenings', entry.record) as EntryRecord | undefined;
			if (read) happened[id] = { ...entry, record: read };
		}
		return { ...held, outing: held.outing && record ? { ...held.outing, record } : null, happened };
	}

	/** Another tab wrote. */
	async refresh(): Promise<void> {
		const held = await this.#device?.read<TallyState>(KEY);
		if (held) this.#held = this.#inTodaysShape(held);
	}

	/** Changes on the screen at once, then on the device, on top of what another tab wrote there. */
	async #update(change: (held: TallyState) => TallyState): Promise<void> {
		this.#held = change(this.#held);
		try {
			const after = await this.#device?.update<TallyState>(KEY, (before) =>
				change(before ? joined(before, this.#held) : this.#held)
			);
			if (after) this.#held = joined(after, this.#held);
			this.full = false;
			this.#port.saved();
		} catch {
			this.full = true;
		}
	}

	/** Changes what is held and hands it on at once: a page that dies in between has said both, or neither. */
	async #both(change: (held: TallyState) => TallyState, tell: () => Promise<void>): Promise<void> {
		await Promise.all([this.#update(change), tell()]);
	}

	/** Begins an outing; the one before ends, and stays kept. */
	async begin(record: Omit<OutingRecord, 'schemaVersion' | 'startedAt'>): Promise<void> {
		if (this.story && !this.story.ended) await this.add({ kind: 'end' });
		const since = this.#port.sequence();
		const outing: OpenOuting = {
			id: newUuid(),
			version: 0,
			record: { schemaVersion: SCHEMA_VERSION, startedAt: this.#now(), ...record }
		};
		await this.#both(
			() => ({ ...NOTHING, outing, since }),
			() => this.#port.put('outings', outing.id, 0, outing.record, record.name)
		);
	}

	/** What happened, whole. @throws {Error} For what is nothing. */
	made(what: EntryInput): Entry {
		const whole = this.whole(what);
		if (typeof whole === 'string') throw new Error(whole);
		return whole;
	}

	/** Writes down what happened. */
	async add(what: EntryInput): Promise<string | null> {
		const { outing } = this;
		if (!outing) return null;
		const record: EntryRecord = {
			schemaVersion: SCHEMA_VERSION,
			outingId: outing.id,
			at: this.#now(),
			order: nextOrder(this.happened),
			what: this.made(what)
		};
		const id = newUuid();
		await this.putEntry(id, 0, record);
		return id;
	}

	/** Says more of something that happened: how long the fish was, where the hook sat. */
	async say(id: string, what: EntryInput): Promise<void> {
		const before = this.#held.happened[id];
		if (!before) return;
		await this.putEntry(id, before.version, { ...before.record, what: this.made(what) });
	}

	/** Takes something back, the latest unless it is named. */
	async undo(id = this.story?.last?.id): Promise<void> {
		const one = id === undefined ? undefined : this.#held.happened[id];
		if (!one) return;
		await this.#both(
			(held) => without(held, one.id),
			() => this.#port.remove('happenings', one.id, one.version, titleOf(one.record.what))
		);
	}

	/** Opens an outing that is over in place of this one, to look at and correct; one that goes on stays. */
	async openPast(outing: OpenOuting, happenings: readonly Listed<EntryRecord>[]): Promise<void> {
		if (this.story && !this.story.ended) return;
		const happened = Object.fromEntries(happenings.map((one) => [one.id, one]));
		this.#opened = outing.id;
		await this.#update(() => ({ ...NOTHING, outing, happened, since: this.#port.sequence() }));
	}

	/** Corrects what is said of the outing itself; what it was before is taken back by correcting it again. */
	async correct(patch: Partial<OutingRecord>): Promise<void> {
		const { outing } = this;
		if (!outing) return;
		const record = { ...outing.record, ...patch };
		await this.#both(
			(held) => ({ ...held, outing: { ...outing, record } }),
			() => this.#port.put('outings', outing.id, outing.version, record, record.name)
		);
	}

	/** Writes down again what was taken back, in its old place. */
	async putBack({ at, order, what }: OrderedEntry): Promise<void> {
		const { outing } = this;
		if (outing)
			await this.putEntry(newUuid(), 0, { schemaVersion: SCHEMA_VERSION, outingId: outing.id, at, order, what });
	}

	/** Puts an entry of this or another outing down here, as it is or with something of it changed. */
	async putEntry(id: string, version: number, record: EntryRecord): Promise<void> {
		const one: ListedEntry = { id, version, record };
		await this.#both(
			(held) => ({ ...held, happened: { ...held.happened, [id]: one } }),
			() => this.#port.put('happenings', id, version, record, titleOf(record.what))
		);
	}

	/** Hands an entry over to another outing: it is no longer held here. */
	async handOver(id: string, outingId: string): Promise<void> {
		const one = this.#held.happened[id];
		if (!one) return;
		const record = { ...one.record, outingId };
		await this.#both(
			(held) => without(held, id),
			() => this.#port.put('happenings', id, one.version, record, titleOf(record.what))
		);
	}

	/** Writes an outing down beside the one that is held. */
	putOuting(id: string, record: OutingRecord): Promise<void> {
		return this.#port.put('outings', id, 0, record, record.name);
	}

	/** Takes another outing than the one that is held away. */
	removeOuting({ id, version, record }: OpenOuting): Promise<void> {
		return this.#port.remove('outings', id, version, record.name);
	}

	/** The server took a write: the next one is built on its version. */
	acknowledge({ kind, id }: Pick<Write, 'kind' | 'id'>, version: number): void {
		void this.#update((held) => {
			const { outing, happened } = held;
			if (kind === 'outings' && outing?.id === id) return { ...held, outing: { ...outing, version } };
			const one = happened[id];
			return kind === 'happenings' && one ? { ...held, happened: { ...happened, [id]: { ...one, version } } } : held;
		});
	}

	/**
	 * Takes over what the server has of the outing under way, from this device or another.
	 *
	 * @param sequence The angler's latest number when that was read.
	 */
	async heard(outing: OpenOuting | null, happenings: readonly Listed<EntryRecord>[], sequence: number): Promise<void> {
		if (!outing) return;
		// What the page was loaded with may be older than what this device has begun, and ended, since.
		if (this.#keepsOver(outing)) return;
		await this.#update((held) => {
			const base: TallyState = held.outing?.id === outing.id ? held : { ...NOTHING, outing, since: sequence };
			const theirs = Object.fromEntries(happenings.map((one) => [one.id, one]));
			// What was written here and is not sent yet wins over the same version there.
			return joined({ ...NOTHING, outing, happened: theirs }, base);
		});
	}

	/** Whether this device's outing stands over another one: it goes on, or began later. */
	#keepsOver({ id, record }: OpenOuting): boolean {
		const ours = this.outing;
		if (!ours || ours.id === id) return false;
		if (ours.id === this.#opened) return true;
		return !this.story?.ended || Date.parse(record.startedAt) <= Date.parse(ours.record.startedAt);
	}

	/** Asks what was deleted elsewhere since this device heard last. */
	async catchUp(changesSince: ChangesSince): Promise<void> {
		if (!this.outing) return;
		for (let more = true; more;) {
			const { since } = this.#held;
			const heard = await changesSince(since);
			if (!heard) return;
			more = heard.more && heard.sequence > since;
			const ids = heard.changes.flatMap(({ kind, id, deleted }) => (kind === 'happenings' && deleted ? [id] : []));
			if (ids.length === 0 && heard.sequence === since) return;
			await this.#update((held) => ({ ...ids.reduce(without, held), since: Math.max(held.since, heard.sequence) }));
		}
	}

	/** The page is being left: what is under way to the device is said. */
	leave(): void {
		if (this.#held.outing) this.#device?.writeUnload(KEY, this.#held);
	}
}

function without(held: TallyState, id: string): TallyState {
	return { ...held, happened: omit(held.happened, id), gone: held.gone.includes(id) ? held.gone : [...held.gone, id] };
}

/** Two copies of one outing put together: everything that is in either, but what either took back; of equals ours. Of two outings ours. */
function joined(theirs: TallyState, ours: TallyState): TallyState {
	if (!ours.outing) return theirs;
	if (!theirs.outing || theirs.outing.id !== ours.outing.id) return ours;
	const gone = [...new Set([...theirs.gone, ...ours.gone])];
	const happened: Record<string, ListedEntry> = { ...theirs.happened };
	for (const [id, one] of Object.entries(ours.happened)) {
		const known = happened[id];
		if (!known || one.version >= known.version) happened[id] = one;
	}
	for (const id of gone) delete happened[id];
	const outing = ours.outing.version >= theirs.outing.version ? ours.outing : theirs.outing;
	return { outing, happened, gone, since: Math.max(theirs.since, ours.since) };
}
