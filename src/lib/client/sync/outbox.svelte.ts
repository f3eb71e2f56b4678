import { dequal } from 'dequal';
import type { RecordKindName } from '$lib/core/records/kinds';
import type { Device } from './device';
import { newUuid } from './uuid';

/** What the server said of a write that it does not take. */
export interface Refusal {
	readonly status: number;
	readonly code: string;
	readonly message: string;
	/** The server's own record, where another write came first. */
	readonly current: { readonly version: number; readonly record: unknown } | null;
}

/** A write on its way to the server. */
export interface Write {
	/** The same however often it is sent, so that it is done once. */
	readonly key: string;
	readonly kind: RecordKindName;
	readonly id: string;
	readonly action: 'put' | 'remove' | 'restore';
	/** The version that it was built on; 0 for a new record. */
	readonly base: number;
	readonly record: unknown;
	/** The document's revision that it carries; 0 for a record of a list. */
	readonly revision: number;
	/** What it is, to the angler. */
	readonly title: string;
	/** Once sent it may have been done, so that it is not changed any more. */
	readonly sent: boolean;
	readonly refusal: Refusal | null;
}

/** What came of sending a write. */
export type Outcome =
	| { readonly kind: 'accepted'; readonly version: number }
	| { readonly kind: 'away' }
	| { readonly kind: 'signed-out' }
	| { readonly kind: 'refused'; readonly refusal: Refusal };

/** How the outbox reaches the server, and who hears of what it did. */
export interface OutboxPort {
	readonly send: (write: Write) => Promise<Outcome>;
	/** Runs something while no other tab does: sends are done by one tab at a time. */
	readonly exclusively: (run: () => Promise<void>) => Promise<void>;
	readonly onaccepted: (write: Write, version: number) => void;
	/** Said when what waits has changed, so that other tabs look. */
	readonly onchange: () => void;
}

/** A write before it got its key. */
export type NewWrite = Omit<Write, 'key' | 'sent' | 'refusal'>;

interface NewWithKey {
	readonly key: string;
	readonly write: NewWrite;
}

/** What lies on the device: writes in their order, and the version that each record got by the last one that was told. */
interface WaitingWrites {
	readonly writes: readonly Write[];
	readonly versions: Readonly<Record<string, number>>;
}

/** What waits in a page whose device is full, and the keys of what was done since. */
interface Memory {
	readonly held: WaitingWrites;
	readonly gone: readonly string[];
}

const KEY = 'outbox';
const NOTHING: WaitingWrites = { writes: [], versions: {} };
/** What the device holds, with what it could not store on top. */
function remembered(stored: WaitingWrites, { held, gone }: Memory): WaitingWrites {
	const known = new Set([...gone, ...held.writes.map(({ key }) => key)]);
	return {
		versions: { ...stored.versions, ...held.versions },
		// What another tab put there meanwhile comes after.
		writes: [...held.writes, ...stored.writes.filter(({ key }) => !known.has(key))]
	};
}

const recordPathOf = ({ kind, id }: Pick<Write, 'kind' | 'id'>): string => `${kind}/${id}`;
/** How long (ms) the outbox waits before it tries again while the server is away. */
const AGAIN_MS = 3000;

const sameRecord = (a: Write, b: Pick<Write, 'kind' | 'id'>): boolean => a.kind === b.kind && a.id === b.id;

/**
 * A write added to those that wait: an unsent one of the same document takes the newer value. It is built on the version
 * that this device knows of by now, though another tab may have been the one to hear of it.
 */
function added({ writes, versions }: WaitingWrites, { key, write }: NewWithKey): WaitingWrites {
	if (writes.some((one) => one.key === key)) return { writes, versions };
	const base = Math.max(write.base, versions[recordPathOf(write)] ?? 0);
	const fresh: Write = { ...write, base, key, sent: false, refusal: null };
	const replaced = writes.find(
		(one) =>
			sameRecord(one, write) && !one.sent && one.refusal === null && one.action === 'put' && write.action === 'put'
	);
	if (!replaced) return { versions, writes: [...writes, fresh] };
	const newer = { ...fresh, key: replaced.key, base: replaced.base };
	return { versions, writes: writes.map((one) => (one === replaced ? newer : one)) };
}

/** What is left after a write was done: those of the same record that follow are built on its version. */
function done({ writes, versions }: WaitingWrites, write: Write, version: number): WaitingWrites {
	const left = writes.filter(({ key }) => key !== write.key);
	return {
		versions: { ...versions, [recordPathOf(write)]: version },
		writes: left.map((one) => (sameRecord(write, one) && !one.sent ? { ...one, base: version } : one))
	};
}

/** The first write that may be sent: none whose record has an earlier one refused. */
function nextOf(writes: readonly Write[]): Write | undefined {
	return writes.find(
		(write, at) =>
			write.refusal === null &&
			!writes.slice(0, at).some((before) => before.refusal !== null && sameRecord(before, write))
	);
}

/**
 * Writes that the server has still to take. They lie on the device until it did: sent at least once, done once, in their
 * order, and a refusal stays until the angler has decided.
 */
export class Outbox {
	writes = $state.raw<readonly Write[]>([]);
	/** Whether the server could not be reached the last time. */
	away = $state(false);
	/** Whether the server asks for a new session. */
	signedOut = $state(false);
	readonly #device: Device;
	readonly #port: OutboxPort;
	/** Whether the device could not store what waits: it is in this page alone until it is sent. */
	full = $state(false);
	/** What waits, while the device cannot store it; with what was done since, so that it is not taken up again. */
	#memory: Memory | null = null;
	/** New writes on their way to the device. */
	#adding: NewWithKey[] = [];
	#running: Promise<void> | null = null;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#closed = false;

	constructor(device: Device, port: OutboxPort) {
		this.#device = device;
		this.#port = port;
	}

	get refused(): readonly Write[] {
		return this.writes.filter(({ refusal }) => refusal !== null);
	}

	of(kind: RecordKindName, id: string): Write | undefined {
		return this.writes.find((write) => sameRecord(write, { kind, id }));
	}

	/** Takes up what the device holds, and what another tab put there. */
	async refresh(): Promise<void> {
		const held = (await this.#device.read<WaitingWrites>(KEY)) ?? NOTHING;
		this.writes = (this.#memory ? remembered(held, this.#memory) : held).writes;
	}

	/** Changes what waits, on the device; where that is full, in this page, from which it is sent all the same. */
	async #update(change: (held: WaitingWrites) => WaitingWrites): Promise<void> {
		try {
			const stored = await this.#device.update<WaitingWrites>(KEY, (held = NOTHING) =>
				change(this.#memory ? remembered(held, this.#memory) : held)
			);
			[this.#memory, this.full, this.writes] = [null, false, stored?.writes ?? []];
		} catch {
			await this.#remember(change);
		}
		this.#port.onchange();
	}

	async #remember(change: (held: WaitingWrites) => WaitingWrites): Promise<void> {
		const stored = (await this.#device.read<WaitingWrites>(KEY).catch(() => undefined)) ?? NOTHING;
		const before = this.#memory ? remembered(stored, this.#memory) : stored;
		const held = change(before);
		const left = held.writes.map(({ key }) => key);
		const gone = before.writes.map(({ key }) => key).filter((key) => !left.includes(key));
		this.#memory = { held, gone: [...(this.#memory?.gone ?? []), ...gone] };
		[this.full, this.writes] = [true, held.writes];
	}

	/** Changes one write, wherever it stands. */
	#amend(key: string, amend: (write: Write) => Write): Promise<void> {
		return this.#update((held) => ({
			...held,
			writes: held.writes.map((write) => (write.key === key ? amend(write) : write))
		}));
	}

	/** Puts a write where it survives a reload, then tries to send it. */
	async add(write: NewWrite): Promise<void> {
		await this.#add({ key: newUuid(), write });
		void this.flush();
	}

	async #add(adding: NewWithKey): Promise<void> {
		this.#adding.push(adding);
		try {
			await this.#update((held) => added(held, adding));
		} finally {
			this.#adding = this.#adding.filter((one) => one !== adding);
		}
	}

	/** Takes up what the device holds, and what was said as a page was left. */
	async open(): Promise<void> {
		const words = this.#device.readUnload(KEY);
		for (const { value, forget } of words) {
			for (const adding of value as NewWithKey[]) await this.#add(adding);
			forget();
		}
		await this.refresh();
	}

	/** Says what is on its way to the device: the page is being left. */
	leave(): void {
		if (this.#adding.length > 0) this.#device.writeUnload(KEY, this.#adding);
	}

	/** Sends what waits, one after the other, until all is told or the server cannot be reached. */
	flush(): Promise<void> {
		clearTimeout(this.#timer);
		this.#running ??= this.#port
			.exclusively(() => this.#run())
			.finally(() => {
				this.#running = null;
				if (this.away && !this.#closed) this.#timer = setTimeout(() => void this.flush(), AGAIN_MS);
			});
		return this.#running;
	}

	async #run(): Promise<void> {
		await this.refresh();
		for (let write = nextOf(this.writes); write; write = nextOf(this.writes)) {
			const { key } = write;
			await this.#amend(key, (one) => ({ ...one, sent: true }));
			const sent = this.writes.find((one) => one.key === key);
			if (!sent) continue;
			const outcome = await this.#port.send(sent);
			this.away = outcome.kind === 'away';
			this.signedOut = outcome.kind === 'signed-out';
			if (this.away || this.signedOut) return;
			await this.#settle(sent, outcome);
		}
		this.away = false;
	}

	async #settle(write: Write, outcome: Outcome): Promise<void> {
		if (outcome.kind === 'accepted') return this.#accepted(write, outcome.version);
		if (outcome.kind !== 'refused') return;
		const { refusal } = outcome;
		// Another write came first and says the same: there is nothing to decide.
		if (refusal.current && dequal(refusal.current.record, write.record)) {
			return this.#accepted(write, refusal.current.version);
		}
		const { current } = refusal;
		await this.#update(({ writes, versions }) => ({
			// The server's word on the version counts, also where it is lower than ours: it may have been restored.
			versions: current ? { ...versions, [recordPathOf(write)]: current.version } : versions,
			writes: writes.map((one) => (one.key === write.key ? { ...one, refusal } : one))
		}));
	}

	async #accepted(write: Write, version: number): Promise<void> {
		this.#port.onaccepted(write, version);
		await this.#update((held) => done(held, write, version));
	}

	/** Takes a write out: the angler leaves it, or another goes in its place. */
	async drop(key: string): Promise<void> {
		await this.#update((held) => ({ ...held, writes: held.writes.filter((write) => write.key !== key) }));
		void this.flush();
	}

	/**
	 * Takes a write out before it is sent: it is decided where it is marked as sent, so that no send comes between.
	 *
	 * @returns Whether it was taken out; one that was sent may be done at the server.
	 */
	async takeBack(key: string): Promise<boolean> {
		let isTaken = false;
		await this.#update((held) => {
			isTaken = held.writes.some((write) => write.key === key && !write.sent);
			return isTaken ? { ...held, writes: held.writes.filter((write) => write.key !== key) } : held;
		});
		void this.flush();
		return isTaken;
	}

	/** Sends a refused write again as another: under a new key, on the version that the server has. */
	async again(key: string, as: { readonly id?: string; readonly base: number }): Promise<void> {
		const fresh = newUuid();
		await this.#amend(key, (write) => ({ ...write, ...as, key: fresh, sent: false, refusal: null }));
		void this.flush();
	}

	close(): void {
		this.#closed = true;
		clearTimeout(this.#timer);
	}
}
