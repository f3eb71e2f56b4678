import { openDB, type IDBPDatabase } from 'idb';

/** What this device holds, by key: every value outlives a reload, and no other tab comes between an update. */
export interface Device {
	/** Whether what is held outlives the page; `false` in a browser that refuses to store anything. */
	readonly lasting: boolean;
	read<T>(key: string): Promise<T | undefined>;
	/**
	 * Replaces a value by what `change` makes of it; `undefined` leaves nothing.
	 *
	 * @returns What is held afterwards.
	 * @throws {DOMException} `QuotaExceededError` when the device is full; then what was held stays.
	 */
	update<T>(key: string, change: (before: T | undefined) => T | undefined): Promise<T | undefined>;
}

const STORE = 'held';

class StoredDevice implements Device {
	readonly lasting = true;
	readonly #database: IDBPDatabase;

	constructor(database: IDBPDatabase) {
		this.#database = database;
	}

	read<T>(key: string): Promise<T | undefined> {
		return this.#database.get(STORE, key) as Promise<T | undefined>;
	}

	async update<T>(key: string, change: (before: T | undefined) => T | undefined): Promise<T | undefined> {
		const transaction = this.#database.transaction(STORE, 'readwrite');
		const after = change((await transaction.store.get(key)) as T | undefined);
		await (after === undefined ? transaction.store.delete(key) : transaction.store.put(after, key));
		await transaction.done;
		return after;
	}
}

/** A device that forgets with the page: for browsers that store nothing, and for tests. */
export class MemoryDevice implements Device {
	readonly lasting: boolean;
	readonly #held = new Map<string, unknown>();

	constructor(lasting = false) {
		this.lasting = lasting;
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
}

/** What this device holds of one angler: each has a store of its own, so that nobody sees another's. */
export async function openDevice(anglerId: string): Promise<Device> {
	try {
		const database = await openDB(`lucernal-${anglerId}`, 1, {
			upgrade: (fresh) => void fresh.createObjectStore(STORE)
		});
		return new StoredDevice(database);
	} catch {
		return new MemoryDevice();
	}
}
