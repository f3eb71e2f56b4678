import { wrap, type Remote } from 'comlink';

interface Lane {
	busy: boolean;
	waiting: (() => void) | null;
	drop: (() => void) | null;
}

/**
 * A worker with what is asked of it. It is begun when first asked; when it dies the calls that hung on it fail, and the
 * next call begins another. Calls in one lane come one at a time, and of those that wait only the newest is worth doing.
 */
export class WorkerClient<Api> {
	readonly #spawn: () => Worker;
	#worker: Worker | null = null;
	#api: Remote<Api> | null = null;
	#died: Promise<never> | null = null;
	#idle: (() => void)[] = [];
	readonly #lanes = new Map<string, Lane>();

	constructor(spawn: () => Worker) {
		this.#spawn = spawn;
	}

	#open(): { api: Remote<Api>; died: Promise<never> } {
		if (!this.#api || !this.#died) {
			const worker = this.#spawn();
			this.#died = new Promise((_, reject) => {
				worker.onerror = (event) => {
					this.close();
					reject(new Error(event.message || 'The worker died.'));
				};
			});
			// Nobody may be asking when it dies.
			this.#died.catch(() => undefined);
			this.#worker = worker;
			this.#api = wrap<Api>(worker);
		}
		return { api: this.#api, died: this.#died };
	}

	/**
	 * Asks once.
	 *
	 * @throws {Error} What the worker threw, or that it died.
	 */
	run<T>(call: (api: Remote<Api>) => Promise<T>): Promise<T> {
		const { api, died } = this.#open();
		return Promise.race([call(api), died]);
	}

	/**
	 * Asks in a lane.
	 *
	 * @returns The answer, or `null` where a newer question of the lane came meanwhile.
	 * @throws {Error} What the worker threw, or that it died; the lane is free again.
	 */
	async latest<T>(name: string, call: (api: Remote<Api>) => Promise<T>): Promise<T | null> {
		const lane = this.#lanes.get(name) ?? { busy: false, waiting: null, drop: null };
		this.#lanes.set(name, lane);
		if (lane.busy) {
			lane.drop?.();
			const turn = await new Promise<boolean>((resolve) => {
				lane.waiting = () => resolve(true);
				lane.drop = () => resolve(false);
			});
			if (!turn) return null;
		}
		lane.busy = true;
		try {
			const answer = await this.run(call);
			return lane.waiting ? null : answer;
		} finally {
			const { waiting } = lane;
			[lane.busy, lane.waiting, lane.drop] = [waiting !== null, null, null];
			if (waiting) waiting();
			else this.#rest();
		}
	}

	#rest(): void {
		const idle = this.#idle;
		this.#idle = [];
		for (const go of idle) go();
	}

	/** Once nothing is being worked out in any lane. */
	async idle(): Promise<void> {
		if ([...this.#lanes.values()].every(({ busy }) => !busy)) return;
		await new Promise<void>((resolve) => this.#idle.push(resolve));
	}

	/** Ends the worker; whoever waits in a lane is let go. */
	close(): void {
		this.#worker?.terminate();
		[this.#worker, this.#api, this.#died] = [null, null, null];
	}
}
