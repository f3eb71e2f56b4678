import type { ParsedReading } from '$lib/core/schema/reading';

type Patch = Partial<ParsedReading>;

/**
 * How long (ms) a hand rests until what it moved is changed, longer than a slow device needs from one place to the next;
 * it is changed at once when the hand lets go.
 */
const RESTS_MS = 250;

/**
 * What a hand is moving of the reading. It is shown with every frame and changed once the hand rests or lets go, so that
 * the device, the other tabs and the ranking are not busy with every place on the way.
 */
export class Slide {
	#moved = $state.raw<{ readonly patch: Patch; readonly step: string } | null>(null);
	readonly #change: (patch: Patch, step: string) => void;
	#rest: ReturnType<typeof setTimeout> | undefined;

	/** @param change Changes the reading; `step` names the control. */
	constructor(change: (patch: Patch, step: string) => void) {
		this.#change = change;
	}

	/** What is moved and not changed yet. */
	get patch(): Patch | null {
		return this.#moved?.patch ?? null;
	}

	move(patch: Patch, step: string): void {
		if (this.#moved && this.#moved.step !== step) this.land();
		clearTimeout(this.#rest);
		this.#moved = { patch: { ...this.#moved?.patch, ...patch }, step };
		this.#rest = setTimeout(() => this.land(), RESTS_MS);
	}

	/** Changes what was moved. */
	land(): void {
		clearTimeout(this.#rest);
		const moved = this.#moved;
		if (!moved) return;
		this.#moved = null;
		this.#change(moved.patch, moved.step);
	}
}
