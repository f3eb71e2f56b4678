import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { InputFailure, type Failure } from '../../core/schema/failure';
import type { Verb } from '../../core/cli/verbs';

/** One item of work, and what comes back. */
export interface Task {
	readonly verb: Verb;
	readonly input: unknown;
}
export type Done = { readonly ok: true; readonly answer: unknown } | { readonly ok: false; readonly failure: Failure };

/** Threads that work beside the server's own; one is left for that where there are more. */
const THREADS = Math.max(1, Math.min(2, availableParallelism() - 1));

interface Waiting extends Task {
	readonly resolve: (done: Done) => void;
	readonly reject: (error: Error) => void;
}

interface Thread {
	readonly worker: Worker;
	task: Waiting | null;
}

/**
 * A few threads that answer what is asked of the core. Single questions go before the items of batches, so that nobody
 * waits for somebody else's two hundred; a thread that dies takes its own question with it and no other.
 */
export class Pool {
	readonly #script: string;
	readonly #size: number;
	readonly #threads: Thread[] = [];
	readonly #single: Waiting[] = [];
	readonly #batch: Waiting[] = [];

	constructor(script: string, size = THREADS) {
		this.#script = script;
		this.#size = size;
	}

	/** @throws {Error} When the thread that worked on it died. */
	ask(task: Task, batch: boolean): Promise<Done> {
		return new Promise((resolve, reject) => {
			(batch ? this.#batch : this.#single).push({ ...task, resolve, reject });
			this.#next();
		});
	}

	#next(): void {
		if (this.#single.length + this.#batch.length === 0) return;
		const idle = this.#threads.find(({ task }) => task === null) ?? this.#begin();
		if (!idle) return;
		const task = this.#single.shift() ?? this.#batch.shift()!;
		idle.task = task;
		idle.worker.ref();
		idle.worker.postMessage({ verb: task.verb, input: task.input } satisfies Task);
		this.#next();
	}

	#begin(): Thread | null {
		if (this.#threads.length >= this.#size) return null;
		const thread: Thread = { worker: new Worker(this.#script), task: null };
		thread.worker.on('message', (done: Done) => this.#settle(thread, (task) => task.resolve(done)));
		thread.worker.on('error', (error) => this.#lose(thread, error as Error));
		thread.worker.on('exit', () => this.#lose(thread, new Error('The thread ended.')));
		// A thread that has nothing to do does not keep the server from ending.
		thread.worker.unref();
		this.#threads.push(thread);
		return thread;
	}

	#settle(thread: Thread, tell: (task: Waiting) => void): void {
		const { task } = thread;
		thread.task = null;
		thread.worker.unref();
		if (task) tell(task);
		this.#next();
	}

	#lose(thread: Thread, error: Error): void {
		const at = this.#threads.indexOf(thread);
		if (at < 0) return;
		this.#threads.splice(at, 1);
		this.#settle(thread, (task) => task.reject(error));
	}

	async close(): Promise<void> {
		await Promise.all(this.#threads.splice(0).map(({ worker }) => worker.terminate()));
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
