/** How near (share) a turn has to be to the pace that is wanted to count. */
export const PACE_TOLERANCE = 0.05;
/** How long (s) a pace is to be held. */
export const PACE_S = 60;

/** A crank's pace so far. */
export interface Pace {
	/** Turns a second over the last few turns; `null` before there are two. */
	readonly nowPerS: number | null;
	/** Share of the turns so far that were within 5 % of the pace that is wanted; `null` before there is one. */
	readonly held: number | null;
	readonly turns: number;
}

/** Turns over which the pace of the moment is taken: a hand evens out over a few. */
const RECENT = 4;

/**
 * How well a pace is held, by a tap for each turn of the handle.
 *
 * @param tapsMs Times of the taps, ms, in order.
 * @param wantedPerS Turns a second that are wanted.
 */
export function paceOf(tapsMs: readonly number[], wantedPerS: number): Pace {
	const gaps = tapsMs.slice(1).map((at, before) => at - tapsMs[before]!);
	if (gaps.length === 0) return { nowPerS: null, held: null, turns: 0 };
	const recent = gaps.slice(-RECENT);
	const meanMs = recent.reduce((sum, gap) => sum + gap, 0) / recent.length;
	const near = gaps.filter((gap) => Math.abs(1000 / gap / wantedPerS - 1) <= PACE_TOLERANCE).length;
	return { nowPerS: meanMs > 0 ? 1000 / meanMs : null, held: near / gaps.length, turns: gaps.length };
}
