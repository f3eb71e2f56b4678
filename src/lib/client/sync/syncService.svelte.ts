import type { DocumentKindName } from '$lib/core/records/kind';
import type { RecordKindName } from '$lib/core/records/kinds';
import type { CallOnScreen } from '$lib/core/records/commands';
import type { CallAnswer } from '$lib/core/foundation/schema/call';
import type {
	DeskRecord,
	SavedCallRecord,
	ReadingRecord,
	SpotRecord,
	WaterRecord,
	ViewsRecord
} from '$lib/core/records/schemas';
import type { ChartRecord } from '$lib/core/records/chartSchema';
import type { BenchRecord, PartRecord, RigRecord } from '$lib/core/records/rigSchemas';
import type { EntryRecord, OutingRecord } from '$lib/core/records/tallySchemas';
import type { Device } from './device';
import { listWithWaiting, toShow, type Listed } from './lists';
import { mergedViews } from './merge';
import { Outbox, type Write } from './outbox.svelte';
import * as server from './server';
import { withTabLock, type Tabs } from './tabs';
import { mergedTrays } from '$lib/core/records/ownedParts';
import type { DrillsRecord } from '$lib/core/records/drillsRecord';
import { mergedDrills } from '$lib/core/records/learned';
import type { TrayRecord } from '$lib/core/records/trayRecord';
import { newUuid } from './uuid';

/** Pause (ms) after the last change of a document before it is sent. The device has it already. */
const PAUSE_MS = 800;
/** How often (ms) to ask what changed elsewhere, until the server answers once. */
const HEARS_MS = 10_000;

/** A record that was deleted on a screen, until something else is. */
interface Deletion {
	readonly kind: RecordKindName;
	readonly id: string;
	readonly title: string;
	readonly screen: string;
	readonly order: number;
}

interface Records {
	readonly readings: ReadingRecord;
	readonly 'kept-calls': SavedCallRecord;
	readonly rigs: RigRecord;
	readonly parts: PartRecord;
	readonly waters: WaterRecord;
	readonly spots: SpotRecord;
	readonly charts: ChartRecord;
	readonly outings: OutingRecord;
	readonly happenings: EntryRecord;
}
/** A kind of record of which an angler has a list. */
type ListKind = keyof Records;

/** What is a document to the angler, in a sentence. */
const TITLES: Readonly<Record<string, string>> = {
	desk: 'Your current reading',
	bench: 'Your current rig',
	stand: 'Your views and own rules',
	settings: 'Your settings',
	day: 'The day you are planning',
	tray: 'Your tray',
	drills: 'Your drills'
};

/** A document as the sync service sees it: it is sent when it has changed, and takes over what the server has. */
export interface DocumentToSync {
	readonly name: DocumentKindName;
	readonly value: unknown;
	readonly base: number;
	readonly revision: number;
	/** Whether the server lacks the latest change. */
	readonly dirty: boolean;
	/** Resolves once the device has everything up to here. */
	settled(): Promise<void>;
	acknowledge(revision: number, version: number): void;
	rebase(version: number): void;
	replace(value: never, version: number): void;
}

/** What the sync service needs of the application. */
export interface SyncPort {
	readonly anglerId: string;
	readonly documents: readonly DocumentToSync[];
	readonly desk: { readonly value: DeskRecord; amend(change: (desk: DeskRecord) => DeskRecord): void };
	readonly views: ViewsRecord;
	readonly viewsDocument: { amend(change: (views: ViewsRecord) => ViewsRecord): void };
	readonly trayDocument: { amend(change: (tray: TrayRecord) => TrayRecord): void };
	readonly drillsDocument: { amend(change: (drills: DrillsRecord) => DrillsRecord): void };
	readonly bench: {
		readonly record: BenchRecord | null;
		saved(before: string, rigId: string, rigVersion: number): void;
	};
	readonly tally: {
		catchUp(changesSince: typeof server.changesSince): Promise<void>;
		acknowledge(write: Write, version: number): void;
	};
	/** The screen that is shown, and the next place in the order of all steps. */
	editContext(): { readonly screen: string; readonly order: number };
}

/** Sends what changed on this device to the server, and takes over what changed elsewhere. */
export class SyncService {
	outbox = $state.raw<Outbox | null>(null);
	/** The last deletion, for undo. */
	deletion = $state.raw<Deletion | null>(null);
	/** Writes to lists that the server took since the lists were last read: shown until they are read again. */
	recent = $state.raw<readonly Write[]>([]);
	/** Counts changes that the server reported, so that lists are read again. */
	changes = $state(0);
	readonly #app: SyncPort;
	#sequence = 0;
	#hearing: ReturnType<typeof setTimeout> | undefined;
	#closed = false;
	readonly #timers: Record<string, ReturnType<typeof setTimeout>> = {};

	constructor(app: SyncPort) {
		this.#app = app;
	}

	/** Whether the server could not be reached the last time. */
	get away(): boolean {
		return this.outbox?.away ?? false;
	}

	get lastOrder(): number {
		return this.deletion?.order ?? 0;
	}

	/** The latest number of the angler's sequence that is known of. */
	get sequence(): number {
		return this.#sequence;
	}

	/** What undo would bring back on a screen. */
	deletionOn(screen: string): Deletion | null {
		return this.deletion?.screen === screen ? this.deletion : null;
	}

	/** What is kept from now on is on its way, also while the device is still being opened. */
	async open(device: Device, sequence: number, tabs: Tabs): Promise<void> {
		this.#sequence = sequence;
		const outbox = new Outbox(device, {
			send: server.send,
			exclusively: (run) => withTabLock(this.#app.anglerId, run),
			onaccepted: (write, version) => this.#acknowledge(write, version),
			onchange: () => {
				tabs.post({ kind: 'outbox' });
				void this.#decide();
			}
		});
		this.outbox = outbox;
		await outbox.open();
		if (outbox.writes.length > 0) void outbox.flush();
	}

	/** Looks again at what waits: another tab has sent some of it, perhaps an older value of what was changed here. */
	async refresh(): Promise<void> {
		await this.outbox?.refresh();
		for (const document of this.#app.documents) if (document.dirty) this.scheduleSend(document);
	}

	/**
	 * Tries again to send what waits, and asks what was written elsewhere.
	 *
	 * @returns Whether that was heard.
	 */
	async pullChanges(): Promise<boolean> {
		await this.outbox?.flush();
		for (let more = true; more;) {
			const heard = await server.changesSince(this.#sequence);
			if (!heard) return false;
			more = heard.more;
			this.#sequence = heard.sequence;
			if (heard.changes.length > 0) this.changes++;
		}
		await this.#app.tally.catchUp(server.changesSince);
		return true;
	}

	/** Looks until it hears once: a page may be one that was laid up before, where the server was too slow to send it. */
	async pullUntilReached(): Promise<void> {
		clearTimeout(this.#hearing);
		if (!(await this.pullChanges()) && !this.#closed)
			this.#hearing = setTimeout(() => void this.pullUntilReached(), HEARS_MS);
	}

	/** Tells a document a moment after it has stopped changing; a page that is closed tells nothing more. */
	scheduleSend(document: DocumentToSync): void {
		if (this.#closed) return;
		clearTimeout(this.#timers[document.name]);
		this.#timers[document.name] = setTimeout(() => void this.sendDocument(document), PAUSE_MS);
	}

	/** Puts a document's latest value on its way. While the last one is still under way it waits for it. */
	async sendDocument(document: DocumentToSync): Promise<void> {
		const { outbox } = this;
		await document.settled();
		const kind = document.name;
		if (!outbox || !document.dirty) return;
		const waiting = outbox.of(kind, kind);
		if (waiting && (waiting.sent || waiting.refusal)) return;
		await outbox.add({
			kind,
			id: kind,
			action: 'put',
			base: document.base,
			record: document.value,
			revision: document.revision,
			title: TITLES[kind] ?? kind
		});
	}

	/** Everything that waits for its moment goes now: the page is being left. */
	async flushNow(): Promise<void> {
		for (const document of this.#app.documents) {
			clearTimeout(this.#timers[document.name]);
			if (document.dirty) await this.sendDocument(document);
		}
	}

	/**
	 * Opens a session in place, and tells what waited for it. Another angler's desk is another page.
	 *
	 * @returns What is wrong, or `null`.
	 */
	async signInAgain(name: string, passphrase: string): Promise<string | null> {
		const opened = await server.openSession(name, passphrase);
		if ('wrong' in opened) return opened.wrong;
		if (opened.anglerId !== this.#app.anglerId) location.assign('/water');
		else await this.outbox?.flush();
		return null;
	}

	#acknowledge(write: Write, version: number): void {
		const { kind, id, revision } = write;
		const document = this.#documentOf(kind);
		if (document) {
			document.acknowledge(revision, version);
			if (document.dirty) this.scheduleSend(document);
			return;
		}
		// The outing under way is held whole on the device: no list need be read again for it.
		if (kind === 'outings' || kind === 'happenings') return this.#app.tally.acknowledge(write, version);
		const { desk, bench } = this.#app;
		if (kind === 'readings' && desk.value.readingId === id) {
			desk.amend((record) => (record.readingId === id ? { ...record, readingVersion: version } : record));
		}
		if (kind === 'rigs' && bench.record?.rigId === id) bench.saved(id, id, version);
		this.recent = [...this.recent, { ...write, base: version }];
		this.changes++;
	}

	#documentOf(kind: RecordKindName): DocumentToSync | undefined {
		return this.#app.documents.find(({ name }) => name === kind);
	}

	/** Keeps a record of a list under a key; `version` is the one it was built on, 0 for a new one. */
	async put<K extends ListKind>(
		kind: K,
		id: string,
		version: number,
		record: Records[K],
		title: string
	): Promise<void> {
		await this.outbox?.add({ kind, id, action: 'put', base: version, record, revision: 0, title });
	}

	/** Saves a call as it was on the screen, whatever has changed there since. */
	async saveCall(screen: CallOnScreen, answer: CallAnswer, id: string): Promise<void> {
		const { savedCall } = await import('$lib/core/records/commands');
		const record = savedCall(screen, answer);
		await this.put('kept-calls', id, 0, record, record.name);
	}

	async remove(kind: ListKind, id: string, version: number, title: string): Promise<void> {
		const { screen, order } = this.#app.editContext();
		await this.outbox?.add({ kind, id, action: 'remove', base: version, record: null, revision: 0, title });
		// Said once the list lacks it, not before.
		if (kind !== 'happenings' && kind !== 'outings') this.deletion = { kind, id, title, screen, order };
	}

	/** Brings the record back that was deleted last. */
	async bringBack(): Promise<void> {
		const { deletion, outbox } = this;
		if (!deletion || !outbox) return;
		this.deletion = null;
		const { kind, id, title } = deletion;
		const waiting = outbox.writes.find((write) => write.kind === kind && write.id === id && write.action === 'remove');
		// Whether it is on its way already only the device can say: it may be sent just now.
		if (waiting && (await outbox.takeBack(waiting.key))) return;
		await outbox.add({ kind, id, action: 'restore', base: 0, record: null, revision: 0, title });
	}

	/** A list as the server has it, with what still not sent yet. */
	withWaiting<K extends ListKind>(kind: K, list: readonly Listed<Records[K]>[]): Listed<Records[K]>[] {
		return listWithWaiting(list, this.since(kind));
	}

	/** What a list has still to show of the writes since it was last read: told, and still waiting. */
	since(kind: RecordKindName): Write[] {
		// For a moment a write is both told and still waiting.
		const told = this.recent.map(({ key }) => key);
		const waiting = this.outbox?.writes.filter(({ key }) => !told.includes(key)) ?? [];
		return toShow([...this.recent, ...waiting].filter((write) => write.kind === kind));
	}

	/** Whether a record was deleted since its list was last read. */
	isRemoved(kind: RecordKindName, id: string): boolean {
		return this.since(kind).some((write) => write.id === id && write.action === 'remove');
	}

	/** The lists were read: what the server had taken before that is in them. */
	listsRead(before: readonly Write[]): void {
		this.recent = this.recent.filter((write) => !before.includes(write));
	}

	/** The angler's own word stands over the server's. */
	async keepMine(write: Write): Promise<void> {
		const document = this.#documentOf(write.kind);
		const version = write.refusal?.current?.version ?? 0;
		if (!document) return this.outbox?.again(write.key, { base: version });
		await this.outbox?.drop(write.key);
		document.rebase(version);
	}

	/** A refused record is kept beside the server's, as a new one. */
	async keepAsNew(write: Write): Promise<void> {
		const id = newUuid();
		const { desk, bench } = this.#app;
		if (write.kind === 'readings') {
			desk.amend((record) =>
				record.readingId === write.id ? { ...record, readingId: id, readingVersion: 0 } : record
			);
		}
		if (write.kind === 'rigs') bench.saved(write.id, id, 0);
		await this.outbox?.again(write.key, { id, base: 0 });
	}

	/** The server's word stands: a document is replaced, and what was here is one step back. */
	async takeTheirs(write: Write): Promise<void> {
		const { current } = write.refusal ?? {};
		if (current) this.#documentOf(write.kind)?.replace(current.record as never, current.version);
		await this.outbox?.drop(write.key);
		this.changes++;
	}

	/** Decides what needs no deciding: nothing is lost by it, and nothing is asked. */
	async #decide(): Promise<void> {
		for (const write of this.outbox?.refused ?? []) {
			const { kind, action, refusal } = write;
			// Sides and rules that were changed in two places are put together.
			if (kind === 'stand' && refusal?.current) {
				const theirs = refusal.current.record as ViewsRecord;
				if (!mergedViews(this.#app.views, theirs)) continue;
				this.#app.viewsDocument.amend((mine) => mergedViews(mine, theirs) ?? mine);
				return this.keepMine(write);
			}
			// So are parts that were added and deleted in two places.
			if (kind === 'tray' && refusal?.current) {
				const theirs = refusal.current.record as TrayRecord;
				this.#app.trayDocument.amend((mine) => mergedTrays(mine, theirs));
				return this.keepMine(write);
			}
			if (kind === 'drills' && refusal?.current) {
				const theirs = refusal.current.record as DrillsRecord;
				this.#app.drillsDocument.amend((mine) => mergedDrills(mine, theirs));
				return this.keepMine(write);
			}
			// What was deleted meanwhile is kept anew rather than not at all.
			if (action === 'put' && refusal?.status === 404) return this.keepAsNew(write);
		}
	}

	close(): void {
		this.#closed = true;
		clearTimeout(this.#hearing);
		for (const timer of Object.values(this.#timers)) clearTimeout(timer);
		this.outbox?.close();
	}
}
