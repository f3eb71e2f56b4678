import type { App } from '$lib/client/state/app.svelte';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';

/** Other conditions that are looked at on Call. Nothing is written to the reading until the angler says so. */
export class Tried {
	readonly #app: App;
	/** Why the last change makes no reading. */
	wrong = $state<string | null>(null);

	constructor(app: App) {
		this.#app = app;
	}

	/** What is looked at, in words; `null` while the reading itself is. */
	readonly text: string | null = $derived.by(() => this.#app.preview?.text ?? null);

	/** Looks at the call for other conditions than those that were read. */
	take(patch: Partial<ParsedReading>, text: string): void {
		this.wrong = this.#app.look(patch, text);
	}

	/** Back to the reading. */
	back(): void {
		this.#app.endPreview();
		this.wrong = null;
	}

	/** Makes the conditions that are looked at those of the reading; Undo takes that back. */
	use(): void {
		this.wrong = this.#app.usePreview();
	}
}
