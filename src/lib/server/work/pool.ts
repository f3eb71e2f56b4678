import { Worker, type TransferListItem } from 'node:worker_threads';
import { HttpFailure } from '../http/failures';
import { READY } from './ready';

/** When a busy server is to be asked again, s. */
const AGAIN_S = 2;

/** How a pool works. */
export interface PoolSettings<T> {
	/** Number of threads. */
	readonly size: number;
	/** Longest (ms) that a thread may work on one task; after that the thread is ended. */
	readonly taskMs: (task: T) => number;
	/** Most tasks that wait, in all and of one asker. */
	readonly waitingMax: number;
	readonly waitingOfOneMax: number;
	/** What is said of a task that took too long. */
	readonly tooLong: string;
	/** Buffers that are handed over to the thread rather than copied. */
	readonly transfer?: (task: T) => readonly TransferListItem[];
	/** Largest heap (MB) of a thread; Node's own limit when left out. */
	readonly heapMb?: number;
}

/** How a task is asked. */
export interface RequestOptions {
	/** Whether it is one of many: single tasks go first. */
	readonly batch: boolean;
	/** Who asks. */
	readonly asker: string;
	/** Aborted when nobody waits for the answer any more. */
	readonly signal?: AbortSignal | undefined;
}

interface Waiting<T, D> {
	readonly task: T;
	readonly asker: string;
	readonly resolve: (done: D) => void;
	readonly reject: (error: Error) => void;
}

interface Thread<T, D> {
	readonly worker: Worker;
	ready: boolean;
	waiting: Waiting<T, D> | null;
	timer: ReturnType<typeof setTimeout> | undefined;
}

const busy = (status: 429 | 503): HttpFailure => {
	const message = status === 429 ? 'Too many requests at once. Wait a moment.' : 'The server is busy.';
	return HttpFailure.later(status, 'busy', message, AGAIN_S);
};

const gone = (): HttpFailure => HttpFailure.later(503, 'busy', 'The request was canceled.', AGAIN_S);
const lost = (): HttpFailure => HttpFailure.later(503, 'busy', 'This could not be finished. Try again.', AGAIN_S);

/**
 * A few threads that work through tasks. Single tasks go before the items of batches, so that nobody waits for somebody
 * else's two hundred. A task that takes too long ends with its thread, and no other task does. Who asks for more than can
 * wait is told so at once.
 */
export class Pool<T, D> {
	readonly #script: string;
	readonly #settings: PoolSettings<T>;
	readonly #threads: Thread<T, D>[] = [];
	#single: Waiting<T, D>[] = [];
	#batch: Waiting<T, D>[] = [];

	/** @param script Path of the threads' script. It posts `READY` once it can work, then one message for each task. */
	constructor(script: string, settings: PoolSettings<T>) {
		this.#script = script;
		this.#settings = settings;
	}

	/**
	 * @throws {HttpFailure} 429 where the asker has too much waiting, 503 where all have; 422 where it took too long or
	 *   could not be handed to a thread; 503 when its thread died, or nobody waits any more.
	 */
	ask(task: T, { batch, asker, signal }: RequestOptions): Promise<D> {
		const { waitingMax, waitingOfOneMax } = this.#settings;
		const all = [...this.#single, ...this.#batch];
		if (all.filter((one) => one.asker === asker).length >= waitingOfOneMax) return Promise.reject(busy(429));
		if (all.length >= waitingMax) return Promise.reject(busy(503));
		if (signal?.aborted) return Promise.reject(gone());
		return new Promise((resolve, reject) => {
			// A signal may outlive the task by far: what listens to it is taken off again.
			const stop = () => this.#forget(waiting);
			const settled = <V>(tell: (value: V) => void) => {
				return (value: V): void => {
					signal?.removeEventListener('abort', stop);
					tell(value);
				};
			};
			const waiting: Waiting<T, D> = { task, asker, resolve: settled(resolve), reject: settled(reject) };
			signal?.addEventListener('abort', stop, { once: true });
			(batch ? this.#batch : this.#single).push(waiting);
			this.#next();
		});
	}

	/** Takes out what nobody waits for; what is worked on already is finished. */
	#forget(waiting: Waiting<T, D>): void {
		this.#single = this.#single.filter((one) => one !== waiting);
		this.#batch = this.#batch.filter((one) => one !== waiting);
		waiting.reject(gone());
	}

	#next(): void {
		if (this.#single.length + this.#batch.length === 0) return;
		const idle = this.#threads.find(({ waiting, ready }) => ready && waiting === null);
		if (!idle) return this.#begin();
		this.#hand(idle, this.#single.shift() ?? this.#batch.shift()!);
		this.#next();
	}

	/** Hands a task to an idle thread. What cannot be copied there, such as data nested too deep, fails that task alone. */
	#hand(idle: Thread<T, D>, waiting: Waiting<T, D>): void {
		const { transfer, taskMs } = this.#settings;
		try {
			idle.worker.postMessage(waiting.task, transfer?.(waiting.task) ?? []);
		} catch {
			waiting.reject(new HttpFailure(422, 'invalid', 'This input is nested too deep.'));
			return;
		}
		idle.waiting = waiting;
		idle.worker.ref();
		idle.timer = setTimeout(() => this.#end(idle), taskMs(waiting.task));
	}

	#begin(): void {
		const { size, heapMb } = this.#settings;
		if (this.#threads.length >= size || this.#threads.some(({ ready }) => !ready)) return;
		const limits = heapMb === undefined ? {} : { resourceLimits: { maxOldGenerationSizeMb: heapMb } };
		let worker: Worker;
		try {
			worker = new Worker(this.#script, limits);
		} catch {
			return this.#refuseAll();
		}
		const thread: Thread<T, D> = { worker, ready: false, waiting: null, timer: undefined };
		worker.on('message', (said: D | typeof READY) => {
			if (said === READY) this.#open(thread);
			else this.#settle(thread, ({ resolve }) => resolve(said));
		});
		worker.on('messageerror', () => this.#settle(thread, ({ reject }) => reject(lost())));
		worker.on('error', () => this.#lose(thread, lost()));
		worker.on('exit', () => this.#lose(thread, lost()));
		this.#threads.push(thread);
	}

	#open(thread: Thread<T, D>): void {
		thread.ready = true;
		// A thread that has nothing to do does not keep the server from ending.
		thread.worker.unref();
		this.#next();
	}

	#settle(thread: Thread<T, D>, tell: (waiting: Waiting<T, D>) => void): void {
		const { waiting } = thread;
		clearTimeout(thread.timer);
		thread.waiting = null;
		thread.worker.unref();
		if (waiting) tell(waiting);
		this.#next();
	}

	/** A task that takes too long is given up with its thread. */
	#end(thread: Thread<T, D>): void {
		this.#lose(thread, new HttpFailure(422, 'too-long', this.#settings.tooLong));
		void thread.worker.terminate();
	}

	#lose(thread: Thread<T, D>, error: Error): void {
		const at = this.#threads.indexOf(thread);
		if (at < 0) return;
		this.#threads.splice(at, 1);
		// It never came to work: whatever waits would wait for ever.
		if (!thread.ready) this.#refuseAll();
		this.#settle(thread, ({ reject }) => reject(error));
	}

	#refuseAll(): void {
		for (const { reject } of [...this.#single.splice(0), ...this.#batch.splice(0)]) reject(lost());
	}

	/** Ends the threads; whoever waits is told. */
	async close(): Promise<void> {
		const threads = this.#threads.splice(0);
		for (const { timer } of threads) clearTimeout(timer);
		const worked = threads.flatMap(({ waiting }) => waiting ?? []);
		const stopped = HttpFailure.later(503, 'busy', 'The server is shutting down.', AGAIN_S);
		for (const { reject } of [...worked, ...this.#single.splice(0), ...this.#batch.splice(0)]) reject(stopped);
		await Promise.all(threads.map(({ worker }) => worker.terminate()));
	}
}
