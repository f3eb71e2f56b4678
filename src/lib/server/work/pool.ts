import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { InputFailure, type Failure } from '../../core/schema/failure';
import type { Verb } from '../../core/cli/verbs';
import { HttpFailure } from '../http/failures';
import { READY } from './ready';

/** One item of work, and what comes back. */
export interface Task {
	readonly verb: Verb;
	readonly input: unknown;
}
export type Done = { readonly ok: true; readonly answer: unknown } | { readonly ok: false; readonly failure: Failure };

/** Threads that work beside the server's own, which hardly works itself and gets its turn from the system. */
const THREADS = Math.min(2, availableParallelism());
/** Longest (ms) that a thread may work on one item. The heaviest rules that are weighed take about half a second. */
const ITEM_MS = 1000;
/** Verbs that are many questions in one get so many times as long: a day is its hours. */
const LONGER: Readonly<Partial<Record<Verb, number>>> = { plan: 5 };
/** Most items that wait, in all and of one asker: a whole batch with a few questions beside it. */
const WAITING_MAX = 1000;
const WAITING_OF_ONE_MAX = 250;
/** When a busy server is to be asked again, s. */
const AGAIN_S = 2;

/** How a task is asked. */
export interface Asking {
	/** Whether it is one of many: single questions go first. */
	readonly batch: boolean;
	/** Who asks. */
	readonly asker: string;
	/** Says that nobody waits for the answer any more. */
	readonly signal?: AbortSignal | undefined;
}

interface Waiting extends Task {
	readonly asker: string;
	readonly resolve: (done: Done) => void;
	readonly reject: (error: Error) => void;
}

interface Thread {
	readonly worker: Worker;
	ready: boolean;
	task: Waiting | null;
	timer: ReturnType<typeof setTimeout> | undefined;
}

const busy = (status: 429 | 503): HttpFailure => {
	const message = status === 429 ? 'You ask more than is worked off just now.' : 'The server has its hands full.';
	return HttpFailure.later(status, 'busy', message, AGAIN_S);
};

/**
 * A few threads that answer what is asked of the core. Single questions go before the items of batches, so that nobody
 * waits for somebody else's two hundred; an item that takes too long ends with its thread, and no other does; whoever
 * asks for more than can be worked off is told so at once.
 */
export class Pool {
	readonly #script: string;
	readonly #size: number;
	readonly #itemMs: number;
	readonly #threads: Thread[] = [];
	#single: Waiting[] = [];
	#batch: Waiting[] = [];

	constructor(script: string, size = THREADS, itemMs = ITEM_MS) {
		this.#script = script;
		this.#size = size;
		this.#itemMs = itemMs;
	}

	/**
	 * @throws {HttpFailure} 429 where the asker has too much waiting, 503 where all have; 422 where it took too long.
	 * @throws {Error} When the thread that worked on it died, or nobody waits any more.
	 */
	ask(task: Task, { batch, asker, signal }: Asking): Promise<Done> {
		const all = [...this.#single, ...this.#batch];
		if (all.filter((one) => one.asker === asker).length >= WAITING_OF_ONE_MAX) return Promise.reject(busy(429));
		if (all.length >= WAITING_MAX) return Promise.reject(busy(503));
		return new Promise((resolve, reject) => {
			const waiting: Waiting = { ...task, asker, resolve, reject };
			signal?.addEventListener('abort', () => this.#forget(waiting), { once: true });
			(batch ? this.#batch : this.#single).push(waiting);
			this.#next();
		});
	}

	/** Takes out what nobody waits for; what is worked on already is finished. */
	#forget(waiting: Waiting): void {
		this.#single = this.#single.filter((one) => one !== waiting);
		this.#batch = this.#batch.filter((one) => one !== waiting);
		waiting.reject(new Error('Nobody waits for it any more.'));
	}

	#next(): void {
		if (this.#single.length + this.#batch.length === 0) return;
		const idle = this.#threads.find(({ task, ready }) => ready && task === null);
		if (!idle) return this.#begin();
		const task = this.#single.shift() ?? this.#batch.shift()!;
		idle.task = task;
		idle.worker.ref();
		idle.timer = setTimeout(() => this.#end(idle), this.#itemMs * (LONGER[task.verb] ?? 1));
		idle.worker.postMessage({ verb: task.verb, input: task.input } satisfies Task);
		this.#next();
	}

	#begin(): void {
		if (this.#threads.length >= this.#size || this.#threads.some(({ ready }) => !ready)) return;
		const thread: Thread = { worker: new Worker(this.#script), ready: false, task: null, timer: undefined };
		thread.worker.on('message', (said: Done | typeof READY) => {
			if (said === READY) this.#open(thread);
			else this.#settle(thread, (task) => task.resolve(said));
		});
		thread.worker.on('error', (error) => this.#lose(thread, error as Error));
		thread.worker.on('exit', () => this.#lose(thread, new Error('The thread ended.')));
		this.#threads.push(thread);
	}

	#open(thread: Thread): void {
		thread.ready = true;
		// A thread that has nothing to do does not keep the server from ending.
		thread.worker.unref();
		this.#next();
	}

	#settle(thread: Thread, tell: (task: Waiting) => void): void {
		const { task } = thread;
		clearTimeout(thread.timer);
		thread.task = null;
		thread.worker.unref();
		if (task) tell(task);
		this.#next();
	}

	/** An item that takes too long is given up with its thread. */
	#end(thread: Thread): void {
		const message = 'This takes longer to weigh than the server gives to one question. Fewer rules of your own help.';
		this.#lose(thread, new HttpFailure(422, 'too-long', message));
		void thread.worker.terminate();
	}

	#lose(thread: Thread, error: Error): void {
		const at = this.#threads.indexOf(thread);
		if (at < 0) return;
		this.#threads.splice(at, 1);
		if (!thread.ready) {
			// It never came to work: whatever waits would wait for ever.
			for (const task of [...this.#single.splice(0), ...this.#batch.splice(0)]) task.reject(error);
		}
		this.#settle(thread, (task) => task.reject(error));
	}

	/** Ends the threads; whoever waits is told. */
	async close(): Promise<void> {
		const threads = this.#threads.splice(0);
		for (const { timer } of threads) clearTimeout(timer);
		const worked = threads.flatMap(({ task }) => task ?? []);
		const gone = HttpFailure.later(503, 'busy', 'The server is being stopped.', AGAIN_S);
		for (const task of [...worked, ...this.#single.splice(0), ...this.#batch.splice(0)]) task.reject(gone);
		await Promise.all(threads.map(({ worker }) => worker.terminate()));
	}
}

/** Where the build puts the threads' script, beside the server that was started. */
const SCRIPT = join(dirname(process.argv[1] ?? ''), 'threads', 'verbs.js');
let shared: Pool | null = null;

/** The server's pool; `null` where nothing was built, as while developing. */
export function pool(): Pool | null {
	if (!shared && existsSync(SCRIPT)) shared = new Pool(SCRIPT);
	return shared;
}

/** Ends the server's threads, where there are any. */
export async function closePool(): Promise<void> {
	await shared?.close();
}

/** The answer of a task. @throws {InputFailure} What the core refused. */
export function answerOf(done: Done): unknown {
	if (!done.ok) throw new InputFailure(done.failure);
	return done.answer;
}
