import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { HttpFailure } from './failures';

/** Most writes of one angler within a window (s). A device that was away brings hundreds, and comes again for the rest. */
const WRITES = 300;
const WINDOW_S = 10;
/** What an import counts as: a write for so many rows, which are written together, and for so many bytes to be read. */
const ROWS_A_WRITE = 30;
const BYTES_A_WRITE = 64 * 1024;

function tooMany({ msBeforeNext }: RateLimiterRes): HttpFailure {
	const seconds = Math.max(1, Math.ceil(msBeforeNext / 1000));
	return HttpFailure.later(429, 'too-many', `Too many changes at once. Try again in ${seconds} s.`, seconds);
}

/** Counts writes by angler, in windows of ten seconds. */
export class Rates {
	readonly #limiter = new RateLimiterMemory({ points: WRITES, duration: WINDOW_S });

	/** Counts what was done, however many writes it weighs: the next ones wait as long as that many would have taken. */
	async add(anglerId: string, writes: number): Promise<void> {
		const { consumedPoints } = await this.#limiter.penalty(anglerId, writes);
		const windows = Math.floor(consumedPoints / WRITES);
		if (windows > 1) await this.#limiter.set(anglerId, consumedPoints, windows * WINDOW_S);
	}

	/**
	 * Counts one more write, or a large one that weighs as many, which is taken as long as there is room for one.
	 *
	 * @throws {HttpFailure} 429 with the seconds until there is room again, when there were too many.
	 */
	async count(anglerId: string, writes = 1): Promise<void> {
		try {
			await this.#limiter.consume(anglerId);
		} catch (refusal) {
			throw refusal instanceof RateLimiterRes ? tooMany(refusal) : refusal;
		}
		if (writes > 1) await this.add(anglerId, writes - 1);
	}
}

const shared = new Rates();

/**
 * Counts a write of an angler, or a file that is brought in, by its size.
 *
 * @throws {HttpFailure} 429 with the seconds to wait.
 */
export const countWrite = (anglerId: string, bytes = 0): Promise<void> =>
	shared.count(anglerId, Math.max(1, Math.ceil(bytes / BYTES_A_WRITE)));

/** Counts the rows that a file brought, once they are written. */
export const countRows = (anglerId: string, rows: number): Promise<void> =>
	shared.add(anglerId, Math.ceil(rows / ROWS_A_WRITE));
