import { setMaxListeners } from 'node:events';
import { answer, batchOf } from '../../core/cli/verbs';
import { InputFailure } from '../../core/foundation/schema/failure';
import { HttpFailure } from '../http/failures';
import type { RequestOptions } from './pool';
import type { TaskVerb } from './tasks';
import { answerOf, verbPool, type VerbPool } from './verbPool';

/** Who asks, and whether they still wait. */
export type Requester = Omit<RequestOptions, 'batch'>;

/** Longest (ms) that one request is worked on; a batch of ordinary items gets the time that they take on a busy machine. */
const REQUEST_MS = 5000;
/** Verbs that are many questions in one. */
const LONG_MS = 12_000;
const LONG: readonly TaskVerb[] = ['plan', 'restock', 'gap'];
const BATCH_ITEM_MS = 250;
/** When a request that ran out of time may be tried again, s. */
const AGAIN_S = 2;

const outOfTime = (done: number, of: number): HttpFailure => {
	const message = `Only ${done} of ${of} were answered in the time allowed. Ask for fewer at a time, or try later.`;
	return HttpFailure.later(503, 'busy', message, AGAIN_S);
};

/** One end for all items of a request: the asker's patience or the request's time, whichever is over first. */
interface Ending {
	readonly signal: AbortSignal;
	/** Whether the request's time was over. */
	readonly isLate: () => boolean;
	/** Takes timer and listener off again: the asker's own signal may live on. */
	readonly done: () => void;
}

function endingOf(asker: AbortSignal | undefined, ms: number): Ending {
	const ends = new AbortController();
	let late = false;
	const leave = () => ends.abort();
	const timer = setTimeout(() => {
		late = true;
		ends.abort();
	}, ms);
	if (asker?.aborted) ends.abort();
	asker?.addEventListener('abort', leave, { once: true });
	const done = () => {
		clearTimeout(timer);
		asker?.removeEventListener('abort', leave);
	};
	// Every item of a batch listens for the end.
	setMaxListeners(0, ends.signal);
	return { signal: ends.signal, isLate: () => late, done };
}

async function item(
	threads: VerbPool,
	verb: TaskVerb,
	input: unknown,
	index: number,
	asker: Requester
): Promise<unknown> {
	const done = await threads.ask({ verb, input }, { ...asker, batch: true });
	try {
		return answerOf(done);
	} catch (error) {
		throw error instanceof InputFailure ? error.under(index) : error;
	}
}

/**
 * Answers one input or each of a batch, in the threads where there are any: the server itself goes on meanwhile.
 *
 * @param ms The request's time, where its items do not need more.
 * @throws {InputFailure} For the first bad item, its index first in the path; then nothing is answered.
 * @throws {HttpFailure} 429 or 503 where there is too much to do or the request's time is over, 422 where an item takes
 *   too long.
 */
export async function runInThread(
	verb: TaskVerb,
	input: unknown,
	asker: Requester,
	threads: VerbPool | null = verbPool(),
	ms = LONG.includes(verb) ? LONG_MS : REQUEST_MS
): Promise<unknown> {
	if (!threads) return answer(verb === 'page-call' ? 'call' : verb, input);
	const batch = batchOf(input);
	const ending = endingOf(asker.signal, Math.max(ms, (batch?.length ?? 1) * BATCH_ITEM_MS));
	const timed: Requester = { ...asker, signal: ending.signal };
	const asked = batch
		? batch.map((one, index) => item(threads, verb, one, index, timed))
		: [threads.ask({ verb, input }, { ...timed, batch: false }).then(answerOf)];
	const settled = await Promise.allSettled(asked);
	ending.done();
	const answers = settled.filter((one) => one.status === 'fulfilled').map(({ value }) => value);
	const refused = settled.find((one) => one.status === 'rejected' && one.reason instanceof InputFailure);
	const failed = refused ?? settled.find((one) => one.status === 'rejected');
	if (!failed) return batch ? answers : answers[0];
	if (!refused && ending.isLate()) throw outOfTime(answers.length, settled.length);
	throw (failed as PromiseRejectedResult).reason;
}
