import type { App } from '$lib/client/app.svelte';
import type { ParsedReading } from '$lib/core/schema/reading';

/** A change of the reading that was tried to see what is called then, with the way back to what was read. */
export class Tried {
	readonly #app: App;
	#one = $state.raw<{ readonly text: string; readonly before: ParsedReading; readonly after: ParsedReading } | null>(
		null
	);
	/** Why the last change makes no reading. */
	wrong = $state<string | null>(null);

	constructor(app: App) {
		this.#app = app;
	}

	/** What was tried, in words, while the reading still is as that made it; `null` once it was changed otherwise. */
	readonly text: string | null = $derived.by(() =>
		this.#one && this.#one.after === this.#app.reading ? this.#one.text : null
	);

	take(patch: Partial<ParsedReading>, text: string): void {
		// What was tried before it is no longer there to go back from: the way back is to what was read.
		const before = this.text === null ? this.#app.reading : this.#one!.before;
		this.wrong = this.#app.change(patch, `try ${text}`);
		if (this.wrong === null) this.#one = { text, before, after: this.#app.reading };
	}

	back(): void {
		if (this.text === null) return;
		const { before } = this.#one!;
		this.#app.desk.change((desk) => ({ ...desk, reading: before }), this.#app.making());
		this.#one = null;
	}
}
