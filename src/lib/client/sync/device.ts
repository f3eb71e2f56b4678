import type { IDBPDatabase } from 'idb';
import { newUuid } from './uuid';

/** What this device holds, by key: every value outlives a reload, and no other tab comes between an update. */
export interface Device {
	/** Whether what is held outlives the page; `false` in a browser that refuses to store anything. */
	lasting(): Promise<boolean>;
	read<T>(key: string): Promise<T | undefined>;
	/**
	 * Replaces a value by what `change` makes of it; `undefined` leaves nothing.
	 *
	 * @returns What is held afterwards.
	 * @throws {DOMException} `QuotaExceededError` when the device is full; then what was held stays.
	 */
	update<T>(key: string, change: (before: T | undefined) => T | undefined): Promise<T | undefined>;
	/**
	 * Writes a value down before this call returns, for a page that is being left: what is under way dies with it. A page
	 * that is shown again takes its last words back.
	 */
	writeUnload(key: string, entry: unknown): void;
	/** Takes this page's last word under a key back: it was not left after all. */
	clearUnload(key: string): void;
	/** What was said under a key as pages were left, until it is forgotten. */
	readUnload(key: string): readonly UnloadEntry[];
	/**
	 * Calls `listen` whenever another page says its last words: a busy browser lets the page that is left speak only after
	 * the next one has begun.
	 *
	 * @returns What ends it.
	 */
	onUnload(listen: () => void): () => void;
	/** Forgets everything that is held of the angler. */
	forget(): Promise<void>;
}

/** Said as a page was left. */
export interface UnloadEntry {
	readonly value: unknown;
	/** To be called once it is in its place. */
	readonly forget: () => void;
}

const STORE = 'held';

/** A device that forgets with the page: for browsers that store nothing, and for tests. */
export class MemoryDevice implements Device {
	readonly #held = new Map<string, unknown>();
	readonly #words = new Map<string, unknown>();
	readonly #listeners = new Set<() => void>();

	async lasting(): Promise<boolean> {
		return false;
	}

	async read<T>(key: string): Promise<T | undefined> {
		return structuredClone(this.#held.get(key)) as T | undefined;
	}

	async update<T>(key: string, change: (before: T | undefined) => T | undefined): Promise<T | undefined> {
		const after = change(structuredClone(this.#held.get(key)) as T | undefined);
		if (after === undefined) this.#held.delete(key);
		else this.#held.set(key, structuredClone(after));
		return after;
	}

	writeUnload(key: string, entry: unknown): void {
		this.#words.set(key, structuredClone(entry));
		for (const listen of this.#listeners) queueMicrotask(listen);
	}

	clearUnload(key: string): void {
		this.#words.delete(key);
	}

	readUnload(key: string): readonly UnloadEntry[] {
		return this.#words.has(key) ? [{ value: this.#words.get(key), forget: () => this.#words.delete(key) }] : [];
	}

	onUnload(listen: () => void): () => void {
		this.#listeners.add(listen);
		return () => this.#listeners.delete(listen);
	}

	async forget(): Promise<void> {
		this.#held.clear();
		this.#words.clear();
	}
}

/**
 * The browser's own store. It is there at once, though it takes a moment to open: whatever is asked of it waits for that,
 * and where the browser refuses to store anything, it forgets with the page.
 */
export class StoredDevice implements Device {
	readonly #name: string;
	readonly #database: Promise<IDBPDatabase | null>;
	readonly #memory = new MemoryDevice();
	/** This tab, while its page is open. */
	readonly #tab = newUuid();

	/** @param anglerId Each angler has a store of its own, so that nobody sees another's. */
	constructor(anglerId: string) {
		this.#name = `lucernal-${anglerId}`;
		this.#database = this.#open().catch(() => null);
		window.addEventListener('pageshow', () => this.#takeBack());
	}

	async #open(): Promise<IDBPDatabase> {
		const { openDB } = await import('idb');
		return openDB(this.#name, 1, { upgrade: (fresh) => void fresh.createObjectStore(STORE) });
	}

	async lasting(): Promise<boolean> {
		return (await this.#database) !== null;
	}

	async read<T>(key: string): Promise<T | undefined> {
		const database = await this.#database;
		return database ? ((await database.get(STORE, key)) as T | undefined) : this.#memory.read(key);
	}

	async update<T>(key: string, change: (before: T | undefined) => T | undefined): Promise<T | undefined> {
		const database = await this.#database;
		if (!database) return this.#memory.update(key, change);
		const transaction = database.transaction(STORE, 'readwrite');
		const after = change((await transaction.store.get(key)) as T | undefined);
		await (after === undefined ? transaction.store.delete(key) : transaction.store.put(after, key));
		await transaction.done;
		return after;
	}

	writeUnload(key: string, entry: unknown): void {
		try {
			localStorage.setItem(this.#place(key), JSON.stringify(entry));
		} catch {
			// A browser that stores nothing, or is full: nobody is left to hear of it.
		}
	}

	clearUnload(key: string): void {
		try {
			localStorage.removeItem(this.#place(key));
		} catch {
			// A browser that stores nothing has nothing to take back.
		}
	}

	/** Where this page's own word under a key lies. */
	#place(key: string): string {
		return `${this.#name}/${key}/${this.#tab}`;
	}

	readUnload(key: string): readonly UnloadEntry[] {
		return this.#places(`${this.#name}/${key}/`).map((place) => ({
			value: JSON.parse(localStorage.getItem(place)!) as unknown,
			forget: () => localStorage.removeItem(place)
		}));
	}

	onUnload(listen: () => void): () => void {
		const onstorage = ({ key, newValue }: StorageEvent) => {
			if (newValue !== null && key?.startsWith(`${this.#name}/`)) listen();
		};
		window.addEventListener('storage', onstorage);
		return () => window.removeEventListener('storage', onstorage);
	}

	async forget(): Promise<void> {
		for (const place of this.#places(`${this.#name}/`)) localStorage.removeItem(place);
		await (await this.#database)?.clear(STORE);
	}

	#takeBack(): void {
		const mine = this.#places(`${this.#name}/`).filter((place) => place.endsWith(this.#tab));
		for (const place of mine) localStorage.removeItem(place);
	}

	#places(start: string): string[] {
		try {
			return Object.keys(localStorage).filter((place) => place.startsWith(start));
		} catch {
			return [];
		}
	}
}
