import { buildOf } from '$lib/core/rig/build/buildOf';
import type { Build } from '$lib/core/foundation/schema/build';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import type { Rig } from '$lib/core/foundation/schema/rig';
import type { RigEvent, RigLog } from '$lib/core/foundation/schema/rigLog';
import type { BenchRecord } from '$lib/core/records/rigSchemas';
import { dequal } from 'dequal';
import type { SyncedDocument } from './document.svelte';
import type { EditContext } from './versions';
import { newUuid } from '../sync/uuid';

/** What a build is kept as: its name, key and history. */
export type SavedAs = Pick<BenchRecord, 'name' | 'rigId' | 'rigVersion' | 'log'>;

/** A build that was not kept yet. */
const fresh = (build: Build): BenchRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name: '',
	rigId: newUuid(),
	rigVersion: 0,
	build,
	log: []
});

/** The current rig, as it lies on the bench: one build with its history. */
export class Bench {
	readonly #held: SyncedDocument<BenchRecord | null>;
	readonly #editContext: (step?: string) => EditContext;

	constructor(held: SyncedDocument<BenchRecord | null>, making: (step?: string) => EditContext) {
		this.#held = held;
		this.#editContext = making;
	}

	get record(): BenchRecord | null {
		return this.#held.value;
	}

	readonly build: Build | null = $derived(this.record?.build ?? null);
	readonly log: RigLog = $derived(this.record?.log ?? []);

	#change(make: (record: BenchRecord) => BenchRecord, step = ''): void {
		this.#held.change((record) => record && make(record), this.#editContext(step));
	}

	/** Changes the build; `step` names the control, so that one run of its keys is one step. */
	change(build: Build, step = ''): void {
		if (!this.record) return this.open(build);
		this.#change((record) => ({ ...record, build }), step);
	}

	/** Lays another build on the bench, kept (`rigId`) or not. */
	open(build: Build, kept: Partial<SavedAs> = {}): void {
		const record = { ...fresh(build), ...kept };
		this.#held.change(() => record, this.#editContext());
	}

	/** Makes a rig the current one; if it is that already, it stays, with its history. */
	useRig(rig: Rig): void {
		if (!dequal(this.build?.rig, rig)) this.open(buildOf(rig));
	}

	rename(name: string): void {
		this.#change((record) => ({ ...record, name }), 'name');
	}

	/** Writes down what happened to the rig. */
	note(event: RigEvent): void {
		this.#change((record) => ({ ...record, log: [...record.log, event] }));
	}

	/** Replaces the history, as when an outcome is added to an entry. */
	setLog(log: RigLog): void {
		this.#change((record) => ({ ...record, log }));
	}

	/** The rig was kept, under another key when the old one was gone: every step back and forth knows it from now on. */
	saved(before: string, rigId: string, rigVersion: number): void {
		this.#held.amend((record) => (record?.rigId === before ? { ...record, rigId, rigVersion } : record));
	}
}
