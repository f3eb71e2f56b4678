import { buildOf } from '$lib/core/bench/fit';
import { wornOf } from '$lib/core/bench/tune/wear';
import type { Build } from '$lib/core/schema/build';
import { benchRecordSchema, type BenchRecord } from '$lib/core/schema/rigRecords';
import { SCHEMA_VERSION } from '$lib/core/schema/records';
import type { Rig } from '$lib/core/schema/rig';
import type { RigEvent, RigLog } from '$lib/core/schema/rigLog';
import { z } from 'zod';
import { isoNow } from '../time';
import { newUuid } from '../uuid';

const STORAGE_KEY = 'lucernal.bench';
const STEPS_MAX = 60;
/** Changes of one control that come faster than this (ms) are one step of undo. */
const ONE_STEP_MS = 600;

const storedSchema = z.object({
	past: z.array(benchRecordSchema),
	record: benchRecordSchema,
	future: z.array(benchRecordSchema)
});

const sameRig = (a: Rig, b: Rig): boolean => JSON.stringify(a) === JSON.stringify(b);

/** What a build is kept as: its name, key and history. */
export type KeptAs = Pick<BenchRecord, 'name' | 'rigId' | 'rigVersion' | 'log'>;

/** The part of the desk that the bench works on. */
interface InHand {
	readonly record: { readonly rig: Rig | null };
	hold(rig: Rig): void;
}

/** What lies on the bench: one build with its history, and every step back and forth. It outlives a reload. */
export class Bench {
	record = $state.raw<BenchRecord | null>(null);
	#past = $state.raw<readonly BenchRecord[]>([]);
	#future = $state.raw<readonly BenchRecord[]>([]);
	readonly #desk: InHand;
	#lastKey = '';
	#lastAt = 0;

	constructor(record: BenchRecord | null, desk: InHand) {
		this.#desk = desk;
		this.record = this.#matching(record);
	}

	/** The bench's record, or a fresh one where another rig is in hand; nothing while no rig is. */
	#matching(record: BenchRecord | null): BenchRecord | null {
		const { rig } = this.#desk.record;
		if (!rig) return null;
		return record && sameRig(record.build.rig, rig) ? record : fresh(buildOf(rig));
	}

	get build(): Build | null {
		return this.record?.build ?? null;
	}

	get log(): RigLog {
		return this.record?.log ?? [];
	}

	readonly worn = $derived(wornOf(this.record?.log ?? []));

	get canUndo(): boolean {
		return this.#past.length > 0;
	}

	get canRedo(): boolean {
		return this.#future.length > 0;
	}

	#put(record: BenchRecord, key: string): void {
		const now = Date.now();
		const goesOn = key !== '' && key === this.#lastKey && now - this.#lastAt < ONE_STEP_MS;
		if (this.record && !goesOn) this.#past = [...this.#past.slice(-STEPS_MAX), this.record];
		[this.#lastKey, this.#lastAt] = [key, now];
		this.#future = [];
		this.#show({ ...record, updatedAt: isoNow() });
	}

	#show(record: BenchRecord): void {
		this.record = record;
		this.#desk.hold(record.build.rig);
		this.#store();
	}

	/** Changes the build; `key` names the control, so that one run of its keys is one step. */
	change(build: Build, key = ''): void {
		if (!this.record) return this.lay(build);
		this.#put({ ...this.record, build }, key);
	}

	/** Lays another build on the bench, kept (`rigId`) or not. */
	lay(build: Build, kept: Partial<KeptAs> = {}): void {
		this.#put({ ...fresh(build), ...kept }, '');
	}

	rename(name: string): void {
		if (this.record) this.#put({ ...this.record, name }, 'name');
	}

	/** Writes down what happened to the rig. */
	note(event: RigEvent): void {
		if (this.record) this.#put({ ...this.record, log: [...this.record.log, event] }, '');
	}

	/** Replaces the history, as when an outcome is added to an entry. */
	setLog(log: RigLog): void {
		if (this.record) this.#put({ ...this.record, log }, '');
	}

	/**
	 * The rig on the bench was kept: every step of it, back and forth, knows the version from now on. It is no step of
	 * undo itself, since nothing on the bench changed.
	 *
	 * @param rigId The key that it was kept under, which is another when the old one was deleted meanwhile.
	 */
	kept(rigId: string, rigVersion: number): void {
		if (!this.record) return;
		const before = this.record.rigId;
		const known = (record: BenchRecord): BenchRecord =>
			record.rigId === before ? { ...record, rigId, rigVersion } : record;
		this.#past = this.#past.map(known);
		this.#future = this.#future.map(known);
		this.record = known(this.record);
		this.#store();
	}

	undo(): void {
		const before = this.#past[this.#past.length - 1];
		if (!before || !this.record) return;
		this.#past = this.#past.slice(0, -1);
		this.#future = [this.record, ...this.#future];
		this.#lastKey = '';
		this.#show(before);
	}

	redo(): void {
		const [next, ...rest] = this.#future;
		if (!next || !this.record) return;
		this.#past = [...this.#past, this.record];
		this.#future = rest;
		this.#lastKey = '';
		this.#show(next);
	}

	#store(): void {
		const steps = { past: this.#past, record: this.record, future: this.#future };
		// Where the device is full, the build itself matters more than the steps that led to it.
		if (!stores(steps)) stores({ past: [], record: this.record, future: [] });
	}

	/**
	 * Brings back what this device holds, with its steps, where it is of the rig in hand and newer than what the server
	 * sent; another rig in hand is laid afresh, and what lay there before is one step back.
	 */
	recall(): void {
		const { rig } = this.#desk.record;
		if (!rig) return;
		const held = stored();
		const present = this.record && sameRig(this.record.build.rig, rig) ? this.record : null;
		if (held && sameRig(held.record.build.rig, rig) && held.record.updatedAt >= (present?.updatedAt ?? '')) {
			[this.#past, this.record, this.#future] = [held.past, held.record, held.future];
			return;
		}
		this.record = present ?? fresh(buildOf(rig));
		if (held) this.#past = [...held.past, held.record];
	}
}

/** Writes to this device; whether it could. A full or forbidden store loses nothing that is on the screen. */
function stores(steps: object): boolean {
	try {
		localStorage.setItem(STORAGE_KEY, JSON.stringify(steps));
		return true;
	} catch {
		return false;
	}
}

/** What this device holds of the bench; `null` for nothing that can be read, which is left where it is. */
function stored(): z.output<typeof storedSchema> | null {
	try {
		return storedSchema.safeParse(JSON.parse(localStorage.getItem(STORAGE_KEY) ?? 'null')).data ?? null;
	} catch {
		return null;
	}
}

/** A build that was not kept yet. */
const fresh = (build: Build): BenchRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name: '',
	rigId: newUuid(),
	rigVersion: 0,
	build,
	log: [],
	updatedAt: '1970-01-01T00:00:00.000Z'
});
