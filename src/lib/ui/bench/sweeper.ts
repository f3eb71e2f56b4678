import { wrap, type Remote } from 'comlink';
import type { DimensionId, Sweep } from '$lib/core/bench/sweep';
import type { Reading } from '$lib/core/reading/complete';
import type { Build } from '$lib/core/schema/build';
import type { BenchApi } from '$lib/workers/bench.worker';

/** Asks the bench's worker for sweeps, so that no chart holds up a control. */
export class Sweeper {
	#api: Remote<BenchApi> | null = null;
	#worker: Worker | null = null;
	#latest = 0;

	/** The sweep, or `null` when a newer one was asked for meanwhile. */
	async ask(build: Build, reading: Reading, dimension: DimensionId): Promise<Sweep | null> {
		const run = ++this.#latest;
		if (!this.#api) {
			this.#worker = new Worker(new URL('../../workers/bench.worker.ts', import.meta.url), { type: 'module' });
			this.#api = wrap<BenchApi>(this.#worker);
		}
		const answer = await this.#api.sweep(build, reading, dimension);
		return run === this.#latest ? answer : null;
	}

	close(): void {
		this.#latest++;
		this.#worker?.terminate();
		this.#worker = null;
		this.#api = null;
	}
}
