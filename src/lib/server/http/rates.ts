import { HttpFailure } from './failures';

/** Most writes of one angler within a window (ms). A device that was away brings hundreds, and comes again for the rest. */
const WRITES = 300;
const WINDOW_MS = 10_000;
/** Most anglers that are counted at once; the longest idle ones are forgotten first. */
const COUNTED_MAX = 10_000;

interface Count {
	readonly since: number;
	writes: number;
}

/** Counts writes by angler. */
export class Rates {
	readonly #counts = new Map<string, Count>();

	/**
	 * Counts one more write.
	 *
	 * @throws {HttpFailure} 429 with the seconds until the next window, when there were too many in this one.
	 */
	count(anglerId: string, now: number): void {
		const known = this.#counts.get(anglerId);
		const count = known && now - known.since < WINDOW_MS ? known : { since: now, writes: 0 };
		count.writes++;
		this.#counts.delete(anglerId);
		this.#counts.set(anglerId, count);
		if (this.#counts.size > COUNTED_MAX) this.#counts.delete(this.#counts.keys().next().value!);
		if (count.writes <= WRITES) return;
		const seconds = Math.ceil((count.since + WINDOW_MS - now) / 1000);
		throw HttpFailure.later(429, 'too-many', `That is a lot at once. The rest is taken in ${seconds} s.`, seconds);
	}
}
