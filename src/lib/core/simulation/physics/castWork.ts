import { bodyOf, depthsAlong, startsAt, type Retrieve } from './depth';
import type { Lure } from './lure';

/** The last meters (m) of a retrieve, under the rod, where nothing is fished any more. */
const LAST_M = 2;

/** How a rig is cast and wound, but for its countdown. */
export type Cast = Omit<Retrieve, 'countdownS'>;

/** A retrieve as it works between two depths. */
export interface CastWork {
	readonly countdownS: number;
	/** Share of the meters wound on which the lure is between the depths, 0 to 1. */
	readonly share: number;
}

/** Between which depths (m) a lure works, and the depths (m, ascending) that are counted down to. */
export interface WorkDepths {
	readonly fromM: number;
	readonly toM: number;
	readonly targetsM: readonly number[];
}

/**
 * How much of its retrieve a lure spends between two depths after each countdown that is worth trying, none first, in
 * the fast estimate (docs/TANK.md).
 *
 * @param longestS Longest countdown that is waited for, s.
 */
export function castWorks(lure: Lure, cast: Cast, { fromM, toM, targetsM }: WorkDepths, longestS: number): CastWork[] {
	const body = bodyOf(lure);
	return startsAt(body, cast, targetsM, longestS).map(({ countdownS, state }) => {
		const depthsM = depthsAlong(body, cast, state, LAST_M);
		const inside = depthsM.filter((depth) => depth >= fromM && depth <= toM).length;
		return { countdownS, share: inside / depthsM.length };
	});
}
