/** Pause (ms) after the last change before the server is told. */
const PAUSE_MS = 1200;

/** Tells the server what the angler holds under one topic, a moment after it stops changing. The device has it already. */
export class Keeper<T> {
	/** Whether the last telling failed. */
	down = $state(false);
	readonly #path: string;
	#latest: { document: T; mark: string } | null = null;
	#told = '';
	#timer: ReturnType<typeof setTimeout> | undefined;

	constructor(topic: 'desk' | 'stand' | 'bench') {
		this.#path = `/api/v1/preferences/${topic}`;
	}

	/** @param mark Tells one state of the document from another; what was told already is not told again. */
	keep(document: T, mark: string): void {
		if (mark === this.#told || mark === this.#latest?.mark) return;
		this.#latest = { document, mark };
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.#tell(), PAUSE_MS);
	}

	/** Takes a state as told: it came from the server. */
	known(mark: string): void {
		this.#told = mark;
	}

	/** Tells again what could not be told. */
	retry(): void {
		void this.#tell();
	}

	async #tell(): Promise<void> {
		const latest = this.#latest;
		if (!latest) {
			this.down = false;
			return;
		}
		const response = await fetch(this.#path, {
			method: 'PUT',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify(latest.document),
			keepalive: true
		}).catch(() => null);
		this.down = response === null || response.status >= 500;
		if (this.down) return;
		this.#told = latest.mark;
		if (this.#latest === latest) this.#latest = null;
	}
}
