import { availableParallelism } from 'node:os';
import { InputFailure, type Failure } from '../../core/foundation/schema/failure';
import { Pool, type PoolSettings } from './pool';
import type { TaskVerb } from './tasks';
import { threadScript } from './threads';

/** One question to the core, and what comes back. */
export interface VerbTask {
	readonly verb: TaskVerb;
	readonly input: unknown;
}
export type VerbDone =
	{ readonly ok: true; readonly answer: unknown } | { readonly ok: false; readonly failure: Failure };
export type VerbPool = Pool<VerbTask, VerbDone>;

/** Longest (ms) that a thread may work on one question. The heaviest rules that are weighed take about half a second. */
const QUESTION_MS = 1000;
/** Verbs that are many questions in one get so many times as long: a call casts its rigs too, a day is its hours and how they may turn out, a season its readings. */
const LONGER: Readonly<Partial<Record<TaskVerb, number>>> = { call: 2, plan: 10, restock: 10, gap: 10 };

/** Threads that work beside the server's own, which hardly works itself and gets its turn from the system. */
export const VERB_SETTINGS: PoolSettings<VerbTask> = {
	size: Math.min(2, availableParallelism()),
	taskMs: ({ verb }) => QUESTION_MS * (LONGER[verb] ?? 1),
	// Of one asker a whole batch, with a few questions beside it.
	waitingMax: 1000,
	waitingOfOneMax: 250,
	tooLong: 'This takes too long to work out. Ask about fewer readings, or use fewer own rules.'
};

let shared: VerbPool | null = null;

/** The server's threads for questions to the core; `null` where nothing was built. */
export function verbPool(): VerbPool | null {
	const script = shared ? null : threadScript('verbs');
	if (script) shared = new Pool(script, VERB_SETTINGS);
	return shared;
}

/** Ends the threads, where there are any. */
export const closeVerbPool = async (): Promise<void> => shared?.close();

/** The answer of a question. @throws {InputFailure} What the core refused. */
export function answerOf(done: VerbDone): unknown {
	if (!done.ok) throw new InputFailure(done.failure);
	return done.answer;
}
