import type { DeskRecord } from '$lib/core/schema/records';

/** Pause (ms) after the last change before the server is told. */
const PAUSE_MS = 1200;

/** Tells the server what lies on the desk, a moment after it stops changing. The device has it already. */
export class Keeper {
	/** Whether the last telling failed. */
	down = $state(false);
	#latest: DeskRecord | null = null;
	#told = '';
	#timer: ReturnType<typeof setTimeout> | undefined;

	keep(record: DeskRecord): void {
		if (record.updatedAt === this.#told) return;
		this.#latest = record;
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.#tell(), PAUSE_MS);
	}

	/** Tells again what could not be told. */
	retry(): void {
		void this.#tell();
	}

	async #tell(): Promise<void> {
		const record = this.#latest;
		if (!record) {
			this.down = false;
			return;
		}
		const response = await fetch('/api/v1/preferences/desk', {
			method: 'PUT',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify(record),
			keepalive: true
		}).catch(() => null);
		this.down = response === null || response.status >= 500;
		if (this.down) return;
		this.#told = record.updatedAt;
		if (this.#latest === record) this.#latest = null;
	}
}
