import { flushSync } from 'svelte';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';

type Patch = Partial<ParsedReading>;

/**
 * How long (ms) a hand rests until what it moved is changed, longer than a slow device needs from one place to the next;
 * it is changed at once when the hand lets go.
 */
const RESTS_MS = 250;
/** Longest (ms) that what is moved may take to be shown and still leave the browser time to paint it in the same frame. */
const QUICK_MS = 6;

/** What a hand is moving, and by which control. */
interface Moved {
	readonly patch: Patch;
	readonly step: string;
}

/**
 * What a hand is moving of the reading. It is shown with every frame and changed once the hand rests or lets go, so that
 * the device, the other tabs and the ranking are not busy with every place on the way.
 */
export class DragPreview {
	#shown = $state.raw<Moved | null>(null);
	/** The same, or a place further on that is about to be shown. */
	#latest = $state.raw<Moved | null>(null);
	/** Whether a hand moves something that is not changed yet. */
	readonly busy = $derived(this.#latest !== null);
	/** Not until it was seen to be: the first place of all draws most anew. */
	#quick = false;
	readonly #change: (patch: Patch, step: string) => void;
	#rest: ReturnType<typeof setTimeout> | undefined;
	#coming: ReturnType<typeof setTimeout> | undefined;

	/** @param change Changes the reading; `step` names the control. */
	constructor(change: (patch: Patch, step: string) => void) {
		this.#change = change;
	}

	/** What it moves, as far as that is shown. */
	get patch(): Patch | null {
		return this.#shown?.patch ?? null;
	}

	/**
	 * Shows what is moved: at once where that is quick, else in a task of its own, so that a slow device never has to show
	 * and paint in one.
	 */
	move(patch: Patch, step: string): void {
		this.#take(patch, step);
		if (this.#quick) this.#show();
		else this.#coming ??= setTimeout(() => this.#show());
	}

	/** Changes what was moved. */
	land(): void {
		clearTimeout(this.#rest);
		const moved = this.#latest;
		if (!moved) return;
		this.#stop();
		this.#latest = null;
		this.#shown = null;
		this.#change(moved.patch, moved.step);
	}

	#take(patch: Patch, step: string): void {
		if (this.#latest && this.#latest.step !== step) this.land();
		clearTimeout(this.#rest);
		this.#latest = { patch: { ...this.#latest?.patch, ...patch }, step };
		this.#rest = setTimeout(() => this.land(), RESTS_MS);
	}

	/** What was about to be shown is not. */
	#stop(): void {
		clearTimeout(this.#coming);
		this.#coming = undefined;
	}

	#show(): void {
		this.#stop();
		const begun = performance.now();
		this.#shown = this.#latest;
		flushSync();
		this.#quick = performance.now() - begun <= QUICK_MS;
	}
}
