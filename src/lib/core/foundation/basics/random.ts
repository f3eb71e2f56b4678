/** A source of numbers from 0 up to, but not including, 1. */
export type Random = () => number;

/**
 * A seeded source of random numbers (mulberry32, public domain): the same seed gives the same numbers everywhere.
 *
 * @param seed Any whole number.
 */
export function seeded(seed: number): Random {
	let state = seed >>> 0;
	return () => {
		state = (state + 0x6d2b79f5) >>> 0;
		let mixed = Math.imul(state ^ (state >>> 15), state | 1);
		mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
		return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
	};
}

/** One of some values, each as likely as the others. */
export const pick = <T>(random: Random, values: readonly T[]): T => values[Math.floor(random() * values.length)]!;
