import { setMaxListeners } from 'node:events';
import { answer, batchOf, type Verb } from '../../core/cli/verbs';
import { InputFailure } from '../../core/schema/failure';
import { answerOf, pool, type Asking, type Pool } from './pool';

/** Who asks, and whether they still wait. */
export type Asker = Omit<Asking, 'batch'>;

async function item(threads: Pool, verb: Verb, input: unknown, index: number, asker: Asker): Promise<unknown> {
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
 * @throws {InputFailure} For the first bad item, its index first in the path; then nothing is answered.
 * @throws {HttpFailure} 429 or 503 where there is too much to do, 422 where an item takes too long.
 */
export async function answerBeside(verb: Verb, input: unknown, asker: Asker): Promise<unknown> {
	const threads = pool();
	if (!threads) return answer(verb, input);
	const batch = batchOf(input);
	if (!batch) return answerOf(await threads.ask({ verb, input }, { ...asker, batch: false }));
	// Every item listens for the asker going away.
	if (asker.signal) setMaxListeners(0, asker.signal);
	const answers = await Promise.allSettled(batch.map((one, index) => item(threads, verb, one, index, asker)));
	const refused = answers.find((one) => one.status === 'rejected');
	if (refused) throw refused.reason;
	return answers.map((one) => (one as PromiseFulfilledResult<unknown>).value);
}
