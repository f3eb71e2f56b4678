import type { ParsedReading } from '$lib/core/schema/reading';

type Patch = Partial<ParsedReading>;

/**
 * How long (ms) a hand rests until what it moved is changed, longer than a slow device needs from one place to the next;
 * it is changed at once when the hand lets go.
 */
const RESTS_MS = 250;

/** What a hand is moving, and by which control. */
interface Moved {
	readonly patch: Patch;
	readonly step: string;
}

/**
 * What a hand is moving of the reading. It is shown with every frame and changed once the hand rests or lets go, so that
 * the device, the other tabs and the ranking are not busy with every place on the way.
 */
export class Slide {
	#shown = $state.raw<Moved | null>(null);
	/** The same, or a place further on that is about to be shown. */
	#latest: Moved | null = null;
	#busy = $state(false);
	readonly #change: (patch: Patch, step: string) => void;
	#rest: ReturnType<typeof setTimeout> | undefined;
	#coming: ReturnType<typeof setTimeout> | undefined;

	/** @param change Changes the reading; `step` names the control. */
	constructor(change: (patch: Patch, step: string) => void) {
		this.#change = change;
	}

	/** Whether a hand moves something that is not changed yet. */
	get busy(): boolean {
		return this.#busy;
	}

	/** What it moves, as far as that is shown. */
	get patch(): Patch | null {
		return this.#shown?.patch ?? null;
	}

	move(patch: Patch, step: string): void {
		this.#take(patch, step);
		this.#show();
	}

	/**
	 * The same for a control that shows by itself where the hand is: all that hangs on it comes in a task of its own, so
	 * that the two never hold up a frame together.
	 */
	follow(patch: Patch, step: string): void {
		this.#take(patch, step);
		this.#coming ??= setTimeout(() => this.#show());
	}

	/** Changes what was moved. */
	land(): void {
		clearTimeout(this.#rest);
		const moved = this.#latest;
		if (!moved) return;
		this.#latest = null;
		this.#busy = false;
		this.#show();
		this.#change(moved.patch, moved.step);
	}

	#take(patch: Patch, step: string): void {
		if (this.#latest && this.#latest.step !== step) this.land();
		clearTimeout(this.#rest);
		this.#latest = { patch: { ...this.#latest?.patch, ...patch }, step };
		this.#busy = true;
		this.#rest = setTimeout(() => this.land(), RESTS_MS);
	}

	#show(): void {
		clearTimeout(this.#coming);
		this.#coming = undefined;
		this.#shown = this.#latest;
	}
}
