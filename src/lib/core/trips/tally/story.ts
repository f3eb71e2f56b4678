import type { ParsedReading } from '../../foundation/schema/reading';
import type { Rig } from '../../foundation/schema/rig';
import type { Trial } from '../../foundation/schema/tally';
import { changedFields, type Field } from '../reactions/changed';
import { inOrder, type OrderedEntry } from './order';
import { turnsOf, type Turn } from './trial';

/** How an outing begins. */
export interface Beginning {
	readonly startedAt: string;
	readonly spotId: string | null;
	readonly reading: ParsedReading;
	readonly rig: Rig;
	readonly trial: Trial | null;
}

/** What is fished without a change. */
export interface Stretch {
	readonly rig: Rig;
	readonly spotId: string | null;
	readonly reading: ParsedReading;
	/** What was changed against the stretch before; nothing for the first, and where only the water was read anew. */
	readonly changed: readonly Field[];
	/** Turn of the trial, if it is one. */
	readonly turn: number | null;
	readonly broken: boolean;
	readonly beganAt: string;
	casts: number;
	follows: number;
	shorts: number;
	/** Bites of which no fish was hooked; those of landed and lost fish are counted with them. */
	bites: number;
	landed: number;
	lost: number;
	fouled: number;
	fouledS: number;
	/** Seconds fished, pauses left out. */
	activeS: number;
	/** Casts since the last strike, or since the stretch began. */
	dry: number;
	readonly happened: OrderedEntry[];
}

/** An outing as it stands. */
export interface Story {
	readonly stretches: readonly Stretch[];
	readonly now: Stretch;
	readonly paused: boolean;
	readonly ended: boolean;
	/** Seconds fished until the last thing that happened. */
	readonly activeS: number;
	/** When that was; `null` while it is paused or over. */
	readonly runningSince: string | null;
	readonly turns: readonly Turn[];
	/** Bites that are the same fish as one landed or lost, by the fish: keys of what happened. */
	readonly joins: ReadonlyMap<string, string>;
	readonly last: OrderedEntry | null;
}

/** A fish that is landed or lost so soon (s) after a bite, with no cast between, is the fish that bit, unless it was said otherwise. */
export const SAME_FISH_S = 60;

/** Fish that struck: each is one, whether it was tapped once or at bite, hooking and landing. */
export const strikesOf = ({ shorts, bites, landed, lost }: Stretch): number => shorts + bites + landed + lost;

const blank = {
	casts: 0,
	follows: 0,
	shorts: 0,
	bites: 0,
	landed: 0,
	lost: 0,
	fouled: 0,
	fouledS: 0,
	activeS: 0,
	dry: 0
};

const seconds = (from: string, to: string): number => Math.max(0, (Date.parse(to) - Date.parse(from)) / 1000);

class Telling {
	readonly stretches: Stretch[] = [];
	readonly #order: ReturnType<typeof turnsOf>;
	readonly #beginning: Beginning;
	/** Since when the clock runs that is not counted yet. */
	since: string | null;
	ended = false;
	activeS = 0;
	readonly joins = new Map<string, string>();
	/** Bites since the last cast that are no landed or lost fish's yet: another cast is another fish. */
	#open: OrderedEntry[] = [];

	constructor(beginning: Beginning) {
		this.#beginning = beginning;
		this.since = beginning.startedAt;
		this.#order = beginning.trial ? turnsOf(beginning.trial) : [];
		const { rig, spotId, reading, startedAt } = beginning;
		this.#begin({ rig, spotId, reading }, [], startedAt, null);
	}

	get now(): Stretch {
		return this.stretches.at(-1)!;
	}

	#begin(
		what: Pick<Stretch, 'rig' | 'spotId' | 'reading'>,
		changed: readonly Field[],
		beganAt: string,
		turn: number | null
	) {
		this.#open = [];
		this.stretches.push({ ...what, changed, turn, beganAt, broken: false, ...blank, happened: [] });
	}

	#count(at: string): void {
		if (this.since === null) return;
		const passed = seconds(this.since, at);
		this.now.activeS += passed;
		this.activeS += passed;
		this.since = at;
	}

	#turn(turn: number, at: string): void {
		const { trial } = this.#beginning;
		if (!trial || turn >= this.#order.length) return;
		const rig = trial[this.#order[turn]!];
		this.#begin({ ...this.now, rig }, changedFields(this.now.rig, rig), at, turn);
	}

	#rig(rig: Rig, at: string): void {
		const changed = changedFields(this.now.rig, rig);
		if (changed.length > 0) this.#begin({ ...this.now, rig }, changed, at, null);
	}

	/** The bite that a landed or lost fish was: as it was said, else the latest within a minute. */
	#biteOf({ at, what }: OrderedEntry): OrderedEntry | undefined {
		if (what.kind !== 'landed' && what.kind !== 'lost') return undefined;
		const { after } = what;
		if (after === null) return undefined;
		if (after !== undefined) {
			const taken = [...this.joins.values()];
			return this.now.happened.find(({ id, what: one }) => id === after && one.kind === 'bite' && !taken.includes(id));
		}
		return this.#open.findLast((bite) => seconds(bite.at, at) <= SAME_FISH_S);
	}

	#struck(happened: OrderedEntry): void {
		const { now } = this;
		const { what } = happened;
		now.dry = 0;
		if (what.kind === 'short') now.shorts++;
		if (what.kind === 'bite') {
			now.bites++;
			this.#open.push(happened);
		}
		if (what.kind === 'landed') now.landed++;
		if (what.kind === 'lost') now.lost++;
		const bite = this.#biteOf(happened);
		if (!bite) return;
		now.bites--;
		this.joins.set(happened.id, bite.id);
		this.#open = this.#open.filter(({ id }) => id !== bite.id);
	}

	tell(happened: OrderedEntry): void {
		const { at, what } = happened;
		if (this.ended) return;
		this.#count(at);
		switch (what.kind) {
			case 'cast':
				this.now.casts += what.count;
				this.#open = [];
				this.now.dry += what.count;
				break;
			case 'follow':
				this.now.follows++;
				break;
			case 'short':
			case 'bite':
			case 'landed':
			case 'lost':
				this.#struck(happened);
				break;
			case 'fouled':
				this.now.fouled++;
				this.now.fouledS += what.seconds;
				break;
			case 'rig':
				this.#rig(what.rig, at);
				break;
			case 'spot':
				if (what.spotId !== this.now.spotId) this.#begin({ ...this.now, spotId: what.spotId }, ['place'], at, null);
				break;
			case 'reading':
				this.#begin({ ...this.now, reading: what.reading }, [], at, this.now.turn);
				break;
			case 'turn':
				this.#turn(what.turn, at);
				break;
			case 'broken':
				this.stretches[this.stretches.length - 1] = { ...this.now, broken: true };
				break;
			case 'pause':
				this.since = null;
				break;
			case 'resume':
				this.since ??= at;
				break;
			case 'end':
				this.ended = true;
				this.since = null;
				break;
		}
		this.now.happened.push(happened);
	}

	turns(): Turn[] {
		const { trial } = this.#beginning;
		if (!trial) return [];
		return this.#order.flatMap((arm, turn) => {
			const parts = this.stretches.filter((one) => one.turn === turn);
			if (parts.length === 0) return [];
			const casts = parts.reduce((sum, one) => sum + one.casts, 0);
			const struck = parts.reduce((sum, one) => sum + strikesOf(one), 0);
			return [
				{ turn, arm, casts, strikes: struck, whole: casts >= trial.casts && !parts.some(({ broken }) => broken) }
			];
		});
	}
}

/** Tells an outing from its beginning and all that happened, in whatever order that is given. */
export function storyOf(beginning: Beginning, happened: readonly OrderedEntry[]): Story {
	const telling = new Telling(beginning);
	const ordered = inOrder(happened);
	for (const one of ordered) telling.tell(one);
	const { stretches, now, since, ended, activeS } = telling;
	return {
		stretches,
		now,
		ended,
		activeS,
		paused: since === null && !ended,
		runningSince: since,
		turns: telling.turns(),
		joins: telling.joins,
		last: ordered.at(-1) ?? null
	};
}
