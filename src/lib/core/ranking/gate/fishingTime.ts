import { SPEEDS_MPS, WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import { Flow, NEAREST_MARK_M, shareBetween } from '../../simulation/physics/flow';
import { LINE_SHARES, PULLS } from '../../simulation/physics/gateTable';
import { HALF_DENSITY, TIP_LIFT_M, USUAL_TIP_M } from '../../foundation/constants/constants';
import { dragWidthM } from '../../simulation/physics/line';
import type { Reading } from '../../water/reading/complete';
import type { Band } from './band';
import type { Space } from '../space/part';
import { positionAmong } from '../space/positionAmong';
import { ROLL_SHARE } from './reach';
import { engineRuns, usualLineM, type EngineRun } from './running';

/** Seconds from the end of one retrieve to the lure's landing on the next cast (the craft's figure). */
export const CAST_S = 8;
/** Longest countdown that is waited for, s. */
export const LONGEST_S = 60;
/** A fish comes up by half of what it sees, at most half of this (m); and takes what passes this far (m) below it. */
const SEEN_AT_MOST_M = 1;
const BELOW_M = 0.15;
/** The lure begins this far under the surface, m. */
const ENTRY_M = 0.02;
/** How far (m) the rod tip is raised over the usual: anglers hold it low or high, whichever keeps the lure up or down. */
const LIFTS_M = [0, TIP_LIFT_M] as const;
/** Speed (m/s) at which the line's drag is read while the lure falls on it. */
const FALL_MPS = 0.4;

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

const LOG_SHARES = LINE_SHARES.map(Math.log);
const flows = new Map<number, Flow>();

/** The paths of the lure of a node (pull and line share) at a speed; followed once, they depend on nothing else. */
function flowAt(speed: number, share: number, pull: number): Flow {
	const name = (speed * LINE_SHARES.length + share) * PULLS.length + pull;
	let flow = flows.get(name);
	if (!flow) {
		flow = new Flow({ speedMps: SPEEDS_MPS[speed]!, pull: PULLS[pull]!, lineShare: LINE_SHARES[share]! });
		flows.set(name, flow);
	}
	return flow;
}

/** Steps in which the swing of a lure on a tight line is summed. */
const SWING_STEPS = 24;

/** What a swing from one angle below the horizontal to another takes, for a lure of unit fall speed on a meter of line. */
function swing(from: number, to: number): number {
	let sum = 0;
	const step = (to - from) / SWING_STEPS;
	for (let at = 0; at < SWING_STEPS; at++) sum += step / Math.sqrt(Math.cos(from + (at + 0.5) * step));
	return sum;
}

/** A depth (m) from which the winding may begin, and what the swing down to it takes on a tight line. */
interface Start {
	readonly depthM: number;
	readonly swing: number;
}

function startsOf({ castM, targetsM }: Work): Start[] {
	const angleAt = (depthM: number): number => Math.asin((USUAL_TIP_M + depthM) / castM);
	const entry = angleAt(ENTRY_M);
	const starts = [{ depthM: ENTRY_M, swing: 0 }];
	for (const depthM of targetsM) {
		// What lies deeper than the line is long is never reached.
		if (depthM <= ENTRY_M || USUAL_TIP_M + depthM >= castM) continue;
		starts.push({ depthM, swing: castM * swing(entry, angleAt(depthM)) });
	}
	return starts;
}

/** How lures work on one water: shares of a retrieve in the band, by the nodes of the table and where they begin. */
class WaterShares {
	readonly work: Work;
	readonly starts: readonly Start[];
	readonly #byNode = new Map<number, Float64Array>();

	constructor(work: Work) {
		this.work = work;
		this.starts = startsOf(work);
	}

	/** Share of the retrieve in the band with the rod tip raised: the paths are the same, from a higher point. */
	#shareOf(flow: Flow, depthM: number, liftM: number): number {
		const { castM, fromM, toM } = this.work;
		const from = fromM <= 0 ? -Infinity : fromM + liftM;
		return shareBetween(flow, castM, depthM + liftM, from, toM + liftM);
	}

	/** Share of the retrieve in the band from each start, at a node of the table. */
	#at(speed: number, share: number, pull: number): Float64Array {
		const name = (speed * LINE_SHARES.length + share) * PULLS.length + pull;
		let shares = this.#byNode.get(name);
		if (!shares) {
			const flow = flowAt(speed, share, pull);
			shares = Float64Array.from(this.starts, ({ depthM }) =>
				Math.max(...LIFTS_M.map((liftM) => this.#shareOf(flow, depthM, liftM)))
			);
			this.#byNode.set(name, shares);
		}
		return shares;
	}

	/** The four nodes about a lure, and how much each counts. */
	corners(speed: number, pull: number, lineShare: number): { shares: Float64Array[]; counts: number[] } {
		const [row, column] = [positionAmong(Math.log(lineShare), LOG_SHARES), positionAmong(pull, PULLS)];
		const [r, c] = [Math.min(Math.floor(row), LINE_SHARES.length - 2), Math.min(Math.floor(column), PULLS.length - 2)];
		const [down, along] = [row - r, column - c];
		const at = (i: number, j: number): Float64Array => this.#at(speed, r + i, c + j);
		return {
			shares: [at(0, 0), at(0, 1), at(1, 0), at(1, 1)],
			counts: [(1 - down) * (1 - along), (1 - down) * along, down * (1 - along), down * along]
		};
	}
}

/** Seconds that a lure takes to swing down by one unit (see `swing`). */
function fallS({ weightN, fallDragM2 }: EngineRun, castM: number): number {
	const off = fallDragM2 + (dragWidthM(usualLineM, FALL_MPS) * castM) / 4;
	return Math.sqrt((HALF_DENSITY * off) / weightN);
}

/** Share of the fishing time that one lure spends among the fish at a speed, with the best of its countdowns. */
function shareOf(water: WaterShares, run: EngineRun, speed: number, unitS: number, windingS: number): number {
	const { shares, counts } = water.corners(speed, run.pulls[speed]!, run.lineShares[speed]!);
	let best = 0;
	water.starts.forEach(({ swing }, start) => {
		const countdownS = swing * unitS;
		if (countdownS > LONGEST_S) return;
		const most = windingS / (windingS + countdownS + CAST_S);
		if (most <= best) return;
		const inBand = counts.reduce((sum, count, corner) => sum + count * shares[corner]![start]!, 0);
		best = Math.max(best, most * inBand);
	});
	return best;
}

/**
 * Share of the fishing time that lures spend among the fish, by engine (blades), catalog speed and weight, row-major: of
 * one cast with the best of its countdowns, the meters that work times the share of the time that is winding (the craft,
 * WGT-01). 0 where the lure stalls or rolls.
 */
export function fishingTime(space: Space, work: Work): Float64Array {
	const water = new WaterShares(work);
	const woundM = Math.max(0, work.castM - NEAREST_MARK_M);
	const engines = engineRuns(space);
	const [speeds, weights] = [SPEEDS_MPS.length, WEIGHTS_OZ.length];
	const found = new Float64Array(engines.length * speeds * weights);
	engines.forEach((byWeight, engine) => {
		byWeight.forEach((run, weight) => {
			const unitS = fallS(run, work.castM);
			SPEEDS_MPS.forEach((speedMps, speed) => {
				if (speedMps < run.keepMps || speedMps > ROLL_SHARE * run.rollMps) return;
				const at = (engine * speeds + speed) * weights + weight;
				found[at] = shareOf(water, run, speed, unitS, woundM / speedMps);
			});
		});
	});
	return found;
}
