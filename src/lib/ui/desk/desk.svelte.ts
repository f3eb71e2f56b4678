import { getContext, setContext } from 'svelte';
import { completeReading, type Reading } from '$lib/core/reading/complete';
import type { CallAnswer } from '$lib/core/schema/call';
import { readingSchema, type ParsedReading } from '$lib/core/schema/reading';
import {
	deskRecordSchema,
	SCHEMA_VERSION,
	type DeskRecord,
	type SettingsRecord,
	type StandRecord
} from '$lib/core/schema/records';
import type { CallInput } from '$lib/core/schema/call';
import type { HouseRule } from '$lib/core/schema/house';
import type { Ranker } from './ranker';
import type { Locks, Rig } from '$lib/core/schema/rig';
import type { WaterView, SpotView } from '$lib/server/records/places';
import { without } from '$lib/core/without';
import { isoNow } from '../time';
import { reuseRigs } from './reuse';
import { BLANK } from '../reading/fields';

const STORAGE_KEY = 'lucernal.desk';
const UNDO_MAX = 100;
/** Changes of one field that come faster than this (ms) are one step of undo: a drag is one change. */
const ONE_STEP_MS = 600;

const KEY = Symbol('desk');
/** Older than anything: whatever this device holds is newer than an empty desk. */
const BEFORE_ALL = '1970-01-01T00:00:00.000Z';

/** What the server knows when a page opens. */
export interface DeskStart {
	readonly desk: DeskRecord | null;
	readonly settings: SettingsRecord;
	readonly stand: StandRecord;
	readonly waters: readonly WaterView[];
	readonly now: string;
}

/** A desk with nothing on it yet. */
export function emptyDesk(now: string): DeskRecord {
	return {
		schemaVersion: SCHEMA_VERSION,
		name: '',
		readingId: null,
		readingVersion: 0,
		spotId: null,
		takenAt: now,
		reading: readingSchema.parse(BLANK),
		rig: null,
		locks: {},
		updatedAt: BEFORE_ALL
	};
}

/**
 * The reading and the rig in hand: the pair that every screen is about. It lives on this device first, so that
 * neither a reload nor a lost database loses what was entered.
 */
export class Desk {
	record = $state.raw<DeskRecord>() as DeskRecord;
	settings = $state.raw<SettingsRecord>() as SettingsRecord;
	/** Sides taken in the splits, and rules of the angler's own. */
	stand = $state.raw<StandRecord>() as StandRecord;
	answer = $state.raw<CallAnswer | null>(null);
	// Each by itself, so that a rig changed on the bench neither asks the ranking anew nor reads the water again.
	readonly #water = $derived(this.record.reading);
	readonly #locks = $derived(this.record.locks);
	/** What is asked of the ranking. */
	readonly question: CallInput = $derived({
		reading: this.#water,
		stances: this.stand.stances,
		locks: this.#locks,
		houseRules: this.stand.houseRules
	});
	/** Answers further questions once the page's scripts run. */
	ranker: Ranker | null = null;
	/** The reading with its defaults. */
	readonly complete: Reading = $derived(completeReading(this.#water));
	/** A screen that has an undo of its own takes Ctrl Z over while it is open. */
	stepper: { undo(): void; redo(): void } | null = null;
	/** Whether the page's scripts run; before that the forms work by themselves. */
	live = $state(false);
	waters: readonly WaterView[];
	#undo = $state.raw<readonly DeskRecord[]>([]);
	#lastKey = '';
	#lastAt = 0;

	constructor({ desk, settings, stand, waters, now }: DeskStart) {
		this.stand = stand;
		this.record = desk ?? emptyDesk(now);
		this.settings = settings;
		this.waters = waters;
	}

	get reading(): ParsedReading {
		return this.record.reading;
	}

	get units(): SettingsRecord['units'] {
		return this.settings.units;
	}

	get spot(): { water: WaterView; spot: SpotView } | null {
		for (const water of this.waters) {
			const spot = water.spots.find(({ id }) => id === this.record.spotId);
			if (spot) return { water, spot };
		}
		return null;
	}

	get canUndo(): boolean {
		return this.#undo.length > 0;
	}

	#replace(record: DeskRecord, key: string): void {
		const now = Date.now();
		const goesOn = key !== '' && key === this.#lastKey && now - this.#lastAt < ONE_STEP_MS;
		if (!goesOn) this.#undo = [...this.#undo.slice(-UNDO_MAX), this.record];
		this.#lastKey = key;
		this.#lastAt = now;
		this.record = { ...record, updatedAt: isoNow() };
		this.#store();
	}

	/**
	 * Changes some of the reading. A change that would make no reading (a band below the bottom, say) is refused.
	 *
	 * @param key Names the control, so that one drag is one step of undo.
	 * @returns What is wrong, or `null` when the change was taken.
	 */
	change(patch: Partial<ParsedReading>, key = ''): string | null {
		const parsed = readingSchema.safeParse({ ...this.record.reading, ...patch });
		if (!parsed.success) return parsed.error.issues[0]!.message;
		// What was not changed stays the very same object, so that nothing drawn from it is drawn anew.
		const changed = Object.keys(patch).map((name) => [name, parsed.data[name as keyof ParsedReading]]);
		const reading = { ...this.record.reading, ...Object.fromEntries(changed) };
		this.#replace({ ...this.record, reading }, key);
		return null;
	}

	/** Changes what stands around the reading: its name, place, time, or the rig in hand. */
	put(patch: Partial<Omit<DeskRecord, 'reading' | 'updatedAt'>>): void {
		this.#replace({ ...this.record, ...patch }, '');
	}

	/** Takes an answer; rigs that are as before stay the very same objects, so that they are not drawn anew. */
	hear(answer: CallAnswer): void {
		this.answer = reuseRigs(answer, this.answer);
	}

	/** Fixes something about the rig, or frees it with `undefined`; `null` fixes that it is left off. */
	lock(key: keyof Locks, value: Locks[keyof Locks]): void {
		const rest = without(this.record.locks, key);
		this.put({ locks: value === undefined ? rest : { ...rest, [key]: value } });
	}

	/** Takes a side in a split, the default with "auto", or "both". */
	takeSide(topic: string, stance: string): void {
		const rest = without(this.stand.stances, topic) as StandRecord['stances'];
		this.stand = { ...this.stand, stances: stance === 'auto' ? rest : { ...rest, [topic]: stance } };
	}

	/** Replaces the angler's own rules. */
	setRules(houseRules: HouseRule[]): void {
		this.stand = { ...this.stand, houseRules };
	}

	take(rig: Rig): void {
		this.put({ rig });
	}

	/** Holds a rig that the bench is changing; the bench keeps its own steps of undo. */
	hold(rig: Rig): void {
		this.record = { ...this.record, rig, updatedAt: isoNow() };
		this.#lastKey = '';
		this.#store();
	}

	/** Takes a record as it stands on the server, unless this device has a newer one. */
	open(record: DeskRecord): void {
		this.#replace(record, '');
	}

	undo(): void {
		const before = this.#undo[this.#undo.length - 1];
		if (!before) return;
		this.#undo = this.#undo.slice(0, -1);
		this.record = { ...before, updatedAt: isoNow() };
		this.#lastKey = '';
		this.#store();
	}

	#store(): void {
		try {
			localStorage.setItem(STORAGE_KEY, JSON.stringify(this.record));
		} catch {
			// A full or forbidden store loses nothing that is on the screen.
		}
	}

	/** Brings back what this device holds when it is newer than what the server sent. */
	recall(): void {
		this.live = true;
		try {
			const held = deskRecordSchema.safeParse(JSON.parse(localStorage.getItem(STORAGE_KEY) ?? 'null'));
			if (held.success && held.data.updatedAt > this.record.updatedAt) this.record = held.data;
		} catch {
			// What cannot be read is left where it is.
		}
	}
}

export const provideDesk = (start: DeskStart): Desk => setContext(KEY, new Desk(start));
export const useDesk = (): Desk => getContext<Desk>(KEY);
