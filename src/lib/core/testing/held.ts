import { USUAL_TIP_M } from '../foundation/constants/constants';
import { bodyOf, depthsAtM, type Body, type Retrieve } from '../simulation/physics/depth';
import { GATE_DISTANCES_M } from '../simulation/physics/gateTable';
import type { Lure } from '../simulation/physics/lure';

/** Longest countdown that is waited for, s. */
const LONGEST_S = 60;
/** Halvings of the countdown: to a hundredth of a second or so. */
const ROUNDS = 12;

/** A band to be held: at least `fromM` deep at two distances, nowhere deeper than `toM`, on a cast of `castM`. */
export interface HeldBand {
	readonly fromM: number;
	readonly toM: number;
	readonly castM: number;
	/** Depth (m) that is aimed at: the middle of the fish. */
	readonly aimM: number;
}

/** How a lure is to be fished so that it holds a band. */
export interface HeldCast {
	readonly countdownS: number;
	/** Depths (m) at the gate's distances, farthest first; `null` where the cast does not reach. */
	readonly depthsM: readonly (number | null)[];
	readonly holds: boolean;
}

const deepest = (depths: readonly (number | null)[]): number => Math.max(...depths.map((depth) => depth ?? -Infinity));

function judged(countdownS: number, depthsM: readonly (number | null)[], { fromM, toM }: HeldBand): HeldCast {
	const sorted = depthsM.filter((depth) => depth !== null).sort((a, b) => b - a);
	const second = sorted[Math.min(1, sorted.length - 1)];
	const holds = second === undefined || (second >= fromM - 1e-6 && sorted[0]! <= toM + 1e-3);
	return { countdownS, depthsM, holds };
}

/** The second deepest of some depths, or the only one. */
function second(depths: readonly (number | null)[]): number {
	const sorted = depths.filter((depth) => depth !== null).sort((a, b) => b - a);
	return sorted[Math.min(1, sorted.length - 1)] ?? -Infinity;
}

/** The countdown (s) at which a measure of the path reaches `wantedM`, or the end of what can be counted. */
function countdownTo(body: Body, retrieve: Retrieve, measure: typeof deepest, wantedM: number): number {
	const at = (countdownS: number): number => measure(depthsAtM(body, { ...retrieve, countdownS }, GATE_DISTANCES_M));
	if (at(0) >= wantedM) return 0;
	let [short, long] = [0, 2];
	while (long < LONGEST_S && at(long) < wantedM) [short, long] = [long, Math.min(LONGEST_S, long * 2)];
	for (let round = 0; round < ROUNDS && long - short > 0.01; round++) {
		const middle = (short + long) / 2;
		if (at(middle) <= wantedM) short = middle;
		else long = middle;
	}
	return short;
}

/**
 * The countdown with which a lure at a speed passes two distances at the depth aimed at, or failing that keeps to the
 * lower edge of the band.
 * Uses the fast estimate itself, not its tables.
 *
 * @param lineM Diameter of the line, m.
 */
export function heldCast(lure: Lure, lineM: number, speedMps: number, band: HeldBand): HeldCast {
	const body = bodyOf(lure);
	const retrieve = { speedMps, castM: band.castM, countdownS: 0, tipM: USUAL_TIP_M, lineM };
	const tried = (measure: typeof deepest, wantedM: number): HeldCast => {
		const countdownS = countdownTo(body, retrieve, measure, wantedM);
		return judged(countdownS, depthsAtM(body, { ...retrieve, countdownS }, GATE_DISTANCES_M), band);
	};
	const aimed = tried(second, band.aimM);
	return aimed.holds ? aimed : tried(deepest, band.toM);
}
