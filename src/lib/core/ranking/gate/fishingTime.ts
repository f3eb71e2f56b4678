import { SPEEDS_MPS } from '../../foundation/catalogue/parts';
import { Flow, NEAREST_MARK_M, shareBetween } from '../../simulation/physics/flow';
import { HALF_DENSITY, USUAL_TIP_M } from '../../foundation/constants/constants';
import { dragWidthM } from '../../simulation/physics/line';
import type { Reading } from '../../water/reading/complete';
import type { Band } from './band';
import type { Space } from '../space/part';
import { ROLL_SHARE } from './reach';
import { usualLineM, usualRuns, type UsualRun } from './running';

/** Seconds from the end of one retrieve to the lure's landing on the next cast (the craft's figure). */
export const CAST_S = 8;
/** Longest countdown that is waited for, s. */
export const LONGEST_S = 60;
/** A fish comes up by half of what it sees, at most half of this (m); and takes what passes this far (m) below it. */
const SEEN_AT_MOST_M = 1;
const BELOW_M = 0.15;
/** The lure begins this far under the surface, m. */
const ENTRY_M = 0.02;
const STEP_S = 0.5;

/** Where lures work among the fish: between which depths (m), on what cast (m), and which depths are counted down to. */
export interface Work {
	readonly castM: number;
	readonly fromM: number;
	readonly toM: number;
	readonly targetsM: readonly number[];
}

/** Where a family's lures work among the fish of a reading, within its band. */
export function workOf({ visibilityM, fishFromM }: Reading, { toM, castM }: Band): Work {
	const topM = Math.min(fishFromM, toM);
	const lowestM = toM + BELOW_M;
	// Fish too far under cover to come up to a lure that stays over it leave it no depth to work at.
	const fromM = Math.min(lowestM, fishFromM - Math.min(visibilityM, SEEN_AT_MOST_M) / 2);
	return { castM, fromM, toM: lowestM, targetsM: [topM, (topM + toM) / 2, toM] };
}

/** How deep a lure is (m) after how long (s) on a tight line. */
interface Start {
	readonly depthM: number;
	readonly countdownS: number;
}

/** Speed (m/s) at which a lure swings down on a tight line at an angle. */
function swingMps({ weightN, dragAt }: UsualRun, rangeM: number, angle: number, last: number): number {
	const off = dragAt(last) + (dragWidthM(usualLineM, last) * rangeM) / 4;
	return Math.sqrt((weightN * Math.cos(angle)) / HALF_DENSITY / off);
}

/** Starts without a countdown and with those to some depths, ascending; none is longer than can be waited for. */
function startsOf(run: UsualRun, castM: number, targetsM: readonly number[]): Start[] {
	const starts: Start[] = [{ depthM: ENTRY_M, countdownS: 0 }];
	let [angle, u, seconds, depthM] = [Math.asin((USUAL_TIP_M + ENTRY_M) / castM), 0.3, 0, ENTRY_M];
	for (const targetM of targetsM) {
		if (targetM <= ENTRY_M) continue;
		while (depthM < targetM && seconds < LONGEST_S) {
			u = swingMps(run, castM, angle, u);
			const next = angle + (u / castM) * STEP_S;
			if (next >= Math.PI / 2) return starts;
			const deeper = castM * Math.sin(next) - USUAL_TIP_M;
			if (deeper > targetM) {
				const share = (targetM - depthM) / (deeper - depthM);
				starts.push({ depthM: targetM, countdownS: seconds + share * STEP_S });
				break;
			}
			[angle, seconds, depthM] = [next, seconds + STEP_S, deeper];
		}
		if (seconds >= LONGEST_S) return [...starts, { depthM, countdownS: LONGEST_S }];
	}
	return starts;
}

const flows = new Map<Space, readonly (readonly (Flow | null)[])[]>();

/** For each weight and speed of a space's usual lure its paths; `null` where it stalls or rolls. */
function flowsOf(space: Space): readonly (readonly (Flow | null)[])[] {
	let known = flows.get(space);
	if (!known) {
		known = usualRuns(space).map((run) =>
			SPEEDS_MPS.map((speedMps, at) => {
				if (speedMps < run.keepMps || speedMps > ROLL_SHARE * run.rollMps) return null;
				return new Flow({ speedMps, pull: run.pulls[at]!, lineShare: run.lineShares[at]! });
			})
		);
		flows.set(space, known);
	}
	return known;
}

/**
 * Share of the fishing time that a space's usual lure spends among the fish, by catalog weight and speed: of one cast
 * with the best of its countdowns, the meters that work times the share of the time that is winding (the craft, WGT-01).
 * 0 where it stalls or rolls.
 */
export function fishingTime(space: Space, { castM, fromM, toM, targetsM }: Work): Float64Array[] {
	const runs = usualRuns(space);
	const woundM = Math.max(0, castM - NEAREST_MARK_M);
	return flowsOf(space).map((ofWeight, weight) => {
		const starts = startsOf(runs[weight]!, castM, targetsM);
		const shares = new Float64Array(SPEEDS_MPS.length);
		for (let at = 0; at < shares.length; at++) {
			const flow = ofWeight[at];
			if (!flow) continue;
			const windingS = woundM / SPEEDS_MPS[at]!;
			for (const { depthM, countdownS } of starts) {
				// No longer countdown can do better than all of its winding.
				const most = windingS / (windingS + countdownS + CAST_S);
				if (most <= shares[at]!) break;
				shares[at] = Math.max(shares[at]!, most * shareBetween(flow, castM, depthM, fromM, toM));
			}
		}
		return shares;
	});
}
