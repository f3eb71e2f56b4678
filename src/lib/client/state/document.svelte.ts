import { dequal } from 'dequal';
import type { DocumentKindName } from '$lib/core/records/kind';
import type { Device } from '../sync/device';
import * as steps from './versions';
import type { DocumentState, EditContext } from './versions';
import { newUuid } from '../sync/uuid';

type Change<T> = (held: DocumentState<T>) => DocumentState<T>;

/** A document on the device; every write counts, so that a tab sees whether another one came between. */
interface Stored {
	readonly writes: number;
	readonly held: DocumentState<unknown>;
	/** The page that wrote it. */
	readonly by?: string;
}

/** A document on a page that was left before the device had it. */
interface UnloadEntry {
	/** How often the device's copy had been written to when it was last looked at; -1 where it was not. */
	readonly seen: number;
	readonly held: DocumentState<unknown>;
	/** The page that was left. */
	readonly by?: string;
}

interface Versioned<T> {
	readonly value: T;
	readonly version: number;
}

/** What a document gets from those around it. */
export interface DocumentCallbacks<T> {
	/** Gets ready to read what was stored; what an earlier edition wrote takes more code. */
	readonly prepare?: ((stored: unknown) => Promise<void>) | undefined;
	/** Makes a value of what was stored, `undefined` of what is none any more. */
	readonly read: (raw: unknown) => T | undefined;
	/** Said after every change that is to go to the server. */
	readonly onchange: () => void;
	/** Said when the device has the latest change, so that other tabs look. */
	readonly onsaved: () => void;
	/** Said when the device cannot take it. */
	readonly onfull: () => void;
}

/**
 * One document that the angler holds. It changes at once on the screen, then on the device, then at the server; another
 * tab's change is never overwritten: whatever was changed here is done again on top of it.
 */
export class SyncedDocument<T> {
	readonly name: DocumentKindName;
	#held = $state.raw<DocumentState<T>>() as DocumentState<T>;
	#device: Device | null = null;
	#callbacks: DocumentCallbacks<T> = {
		read: () => undefined,
		onchange: () => undefined,
		onsaved: () => undefined,
		onfull: () => undefined
	};
	/** As the page came with it. */
	readonly #first: DocumentState<T>;
	/** Changes that the device does not have yet. */
	#pending: Change<T>[] = [];
	/** How often the device's copy had been written to when it was last looked at; -1 before that. */
	#seen = -1;
	/** This page, for as long as it is open. */
	readonly #page = newUuid();
	/** Whether it has said its last word; one that stays after all takes it back. */
	#spoken = false;
	#saving: Promise<void> = Promise.resolve();

	/** @param version The server's version of the value; 0 when it has none. */
	constructor(name: DocumentKindName, value: T, version: number) {
		this.name = name;
		this.#first = steps.documentState(value, version);
		this.#held = this.#first;
	}

	get value(): T {
		return this.#held.value;
	}

	get base(): number {
		return this.#held.base;
	}

	get revision(): number {
		return this.#held.revision;
	}

	get dirty(): boolean {
		return steps.isDirty(this.#held);
	}

	/** The step that undo would take back. */
	get lastStep(): { readonly screen: string; readonly order: number } | undefined {
		return this.#held.past.at(-1);
	}

	get nextStep(): { readonly screen: string; readonly order: number } | undefined {
		return this.#held.future[0];
	}

	get #key(): string {
		return `document.${this.name}`;
	}

	#valid(held: DocumentState<unknown> | undefined): DocumentState<T> | undefined {
		if (!held) return undefined;
		const value = this.#callbacks.read(held.value);
		if (value === undefined) return undefined;
		const sound = (list: readonly steps.Step<unknown>[]): steps.Step<T>[] =>
			list.flatMap((step) => {
				const before = this.#callbacks.read(step.value);
				return before === undefined ? [] : [{ ...step, value: before }];
			});
		return steps.inTodaysWords({ ...held, value, past: sound(held.past), future: sound(held.future) });
	}

	/** Brings back what the device holds; what was changed before that is done again on top of it. */
	async open(device: Device, server: Versioned<T> | null, callbacks: DocumentCallbacks<T>): Promise<void> {
		this.#device = device;
		this.#callbacks = callbacks;
		this.#saving = this.#readDevice(device, server, device.readUnload(this.#key));
		await this.#saving;
		if (this.#pending.length > 0) void this.#save();
		if (this.dirty) callbacks.onchange();
	}

	/** Reads what is stored, and lays what other pages said on top: said again as this page's own, until it is stored. */
	async #readDevice(
		device: Device,
		server: Versioned<T> | null,
		words: ReturnType<Device['readUnload']>
	): Promise<void> {
		const stored = await device.read<Stored>(this.#key);
		await this.#callbacks.prepare?.([stored, words]).catch(() => undefined);
		this.#seen = stored?.writes ?? 0;
		for (const { value } of words) this.#hear(value as UnloadEntry, stored?.by);
		const mine = steps.begun(this.#valid(stored?.held), server) ?? this.#first;
		this.#held = this.#pending.reduce((held, change) => change(held), mine);
		if (words.length === 0) return;
		// A word that lay there until then would be heard by the next page too, over what is done on this one.
		for (const { forget } of words) forget();
		this.leave();
	}

	/** Takes up what another page said as it was left, though it spoke only after this one had begun. */
	async listen(): Promise<void> {
		this.#saving = this.#saving.then(() => this.#listenNow());
		await this.#saving;
		if (this.dirty) this.#callbacks.onchange();
	}

	async #listenNow(): Promise<void> {
		const device = this.#device;
		const words = device?.readUnload(this.#key) ?? [];
		if (!device || words.length === 0) return;
		await this.#readDevice(device, null, words);
		await this.#write();
	}

	/**
	 * What was said as a page was left is newer than what it had seen or stored itself, and a step on top of what another
	 * one stored meanwhile.
	 */
	#hear({ seen, held: raw, by }: UnloadEntry, storedBy: string | undefined): void {
		const said = this.#valid(raw);
		if (!said) return;
		const making = { screen: '', order: 0, ...said.past.at(-1) };
		const hear = (held: DocumentState<T>): DocumentState<T> => {
			if (seen === this.#seen || (by !== undefined && by === storedBy)) return said;
			return dequal(held.value, said.value) ? held : steps.changed(held, said.value, making);
		};
		this.#pending.unshift(hear);
	}

	#apply(change: Change<T>): void {
		const before = this.#held;
		this.#held = change(before);
		if (this.#held === before) return;
		this.#pending.push(change);
		if (this.#device) void this.#save();
	}

	/** Changes the value. */
	change(make: (value: T) => T, making: EditContext): void {
		this.#apply((held) => steps.changed(held, make(held.value), making));
		this.#callbacks.onchange();
	}

	/** Changes every step alike, as when a record was kept and got its version. */
	amend(amend: (value: T) => T): void {
		this.#apply((held) => steps.amended(held, amend));
		this.#callbacks.onchange();
	}

	undo(): void {
		this.#apply(steps.undone);
		this.#callbacks.onchange();
	}

	redo(): void {
		this.#apply(steps.redone);
		this.#callbacks.onchange();
	}

	/** Ends the step that goes on: the pointer was lifted, the field was left. */
	close(): void {
		if (this.#held.open !== '') this.#apply(steps.closed);
	}

	/** The server took a revision. */
	acknowledge(revision: number, version: number): void {
		this.#apply((held) => steps.acknowledged(held, revision, version));
	}

	/** Another device changed it, and it was not changed here; or the angler chose the other one. */
	replace(value: T, version: number): void {
		this.#apply((held) => steps.replaced(held, value, version));
	}

	/** The angler keeps this one over the server's of a version. */
	rebase(version: number): void {
		this.#apply((held) => ({ ...held, base: version, revision: held.revision + 1 }));
		this.#callbacks.onchange();
	}

	/** Looks at the device again: another tab has changed it. */
	async refresh(): Promise<void> {
		await this.#saving;
		const stored = await this.#device?.read<Stored>(this.#key);
		const held = this.#valid(stored?.held);
		if (!stored || !held || this.#pending.length > 0 || stored.writes <= this.#seen) return;
		this.#seen = stored.writes;
		this.#held = held;
	}

	/** Once everything up to here is on the device. */
	settled(): Promise<void> {
		return this.#saving;
	}

	#save(): Promise<void> {
		this.#saving = this.#saving.then(() => this.#write());
		return this.#saving;
	}

	#takeBack(): void {
		this.#spoken = false;
		this.#device?.clearUnload(this.#key);
	}

	/** Says what the device does not have yet: the page is being left. */
	leave(): void {
		if (this.#pending.length === 0) return;
		this.#spoken = true;
		const word: UnloadEntry = { seen: this.#seen, held: this.#held, by: this.#page };
		this.#device?.writeUnload(this.#key, word);
	}

	async #write(): Promise<void> {
		const pending = [...this.#pending];
		if (pending.length === 0 || !this.#device) return;
		const mine = this.#held;
		const merge = (stored: Stored | undefined): DocumentState<T> => {
			const theirs = stored && stored.writes !== this.#seen ? this.#valid(stored.held) : undefined;
			return theirs ? pending.reduce((held, change) => change(held), theirs) : mine;
		};
		const write = (make: (held: DocumentState<T>) => DocumentState<T>): Promise<Stored | undefined> =>
			this.#device!.update<Stored>(this.#key, (stored) => ({
				writes: (stored?.writes ?? 0) + 1,
				held: make(merge(stored)),
				by: this.#page
			}));
		try {
			// Where the device is full, the value itself matters more than the steps that led to it.
			const after = await write((held) => held).catch(() => write((held) => ({ ...held, past: [], future: [] })));
			this.#seen = after!.writes;
			this.#pending = this.#pending.slice(pending.length);
			if (this.#spoken && this.#pending.length === 0) this.#takeBack();
			// What was changed meanwhile goes on top of what the device holds now.
			if (after!.held !== mine)
				this.#held = this.#pending.reduce((held, change) => change(held), after!.held as DocumentState<T>);
			this.#callbacks.onsaved();
		} catch {
			this.#callbacks.onfull();
		}
	}
}
