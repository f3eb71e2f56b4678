import { HttpFailure } from './failures';

/** Most writes of one angler within a window (ms). A device that was away brings hundreds, and comes again for the rest. */
const WRITES = 300;
const WINDOW_MS = 10_000;
/** Most anglers that are counted at once; the longest idle ones are forgotten first. */
const COUNTED_MAX = 10_000;
/** What an import counts as: a write for so many rows, which are written together, and for so many bytes to be read. */
const ROWS_A_WRITE = 30;
const BYTES_A_WRITE = 64 * 1024;

interface Count {
	readonly since: number;
	writes: number;
}

/** Counts writes by angler. Times (ms) are of a clock that never jumps, such as `performance.now()`. */
export class Rates {
	readonly #counts = new Map<string, Count>();

	/** The count of the present window; what one large write had too much is carried over. */
	#present(anglerId: string, now: number): Count {
		const known = this.#counts.get(anglerId);
		if (!known) return { since: now, writes: 0 };
		const windows = Math.floor((now - known.since) / WINDOW_MS);
		if (windows < 1) return known;
		const left = known.writes - WRITES * windows;
		return left > 0 ? { since: known.since + windows * WINDOW_MS, writes: left } : { since: now, writes: 0 };
	}

	/** Counts writes that were done, however many: the next ones wait for them. */
	add(anglerId: string, now: number, writes: number): Count {
		const count = this.#present(anglerId, now);
		count.writes += writes;
		this.#counts.delete(anglerId);
		this.#counts.set(anglerId, count);
		if (this.#counts.size > COUNTED_MAX) this.#counts.delete(this.#counts.keys().next().value!);
		return count;
	}

	/**
	 * Counts one more write, or a large one that weighs as many, which is taken as long as there is room for one.
	 *
	 * @throws {HttpFailure} 429 with the seconds until there is room again, when there were too many.
	 */
	count(anglerId: string, now: number, writes = 1): void {
		const before = this.#present(anglerId, now).writes;
		const count = this.add(anglerId, now, before >= WRITES ? 1 : writes);
		if (before < WRITES) return;
		const windows = Math.max(1, Math.ceil((count.writes - WRITES) / WRITES));
		const seconds = Math.ceil((count.since + windows * WINDOW_MS - now) / 1000);
		throw HttpFailure.later(429, 'too-many', `Too many changes at once. Try again in ${seconds} s.`, seconds);
	}
}

const shared = new Rates();

/**
 * Counts a write of an angler, or a file that is brought in, by its size.
 *
 * @throws {HttpFailure} 429 with the seconds to wait.
 */
export const countWrite = (anglerId: string, bytes = 0): void =>
	shared.count(anglerId, performance.now(), Math.max(1, Math.ceil(bytes / BYTES_A_WRITE)));

/** Counts the rows that a file brought, once they are written. */
export const countRows = (anglerId: string, rows: number): void =>
	void shared.add(anglerId, performance.now(), Math.ceil(rows / ROWS_A_WRITE));
