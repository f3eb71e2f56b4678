import QuickLRU from 'quick-lru';
import { remembered } from '../../foundation/basics/remembered';
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
/** Where fish lie on the bottom, a lure that would run up to this far (m) below it ticks along it, among them (assumed). */
const TICKS_M = 0.5;
/** The lure begins this far under the surface, m. */
const ENTRY_M = 0.02;
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
export function workOf({ visibilityM, fishFromM, bottomM }: Reading, { toM, castM }: Band): Work {
	const topM = Math.min(fishFromM, toM);
	const lowestM = toM >= bottomM - BELOW_M ? bottomM + TICKS_M : toM + BELOW_M;
	// Fish too far under cover to come up to a lure that stays over it leave it no depth to work at.
	const fromM = Math.min(lowestM, fishFromM - Math.min(visibilityM, SEEN_AT_MOST_M) / 2);
	return { castM, fromM, toM: lowestM, targetsM: [topM, (topM + toM) / 2, toM] };
}

const LOG_SHARES = LINE_SHARES.map(Math.log);
const [ROWS, COLUMNS] = [LINE_SHARES.length, PULLS.length];
/** Nodes of the table of pull and line share at one speed, and at all. */
const AT_A_SPEED = ROWS * COLUMNS;
const ALL_NODES = AT_A_SPEED * SPEEDS_MPS.length;

const flows = new Map<number, Flow>();

/** The paths of the lure of a node at its speed; followed once, they depend on nothing else. */
function flowAt(node: number): Flow {
	let flow = flows.get(node);
	if (!flow) {
		const within = node % AT_A_SPEED;
		flow = new Flow({
			speedMps: SPEEDS_MPS[Math.floor(node / AT_A_SPEED)]!,
			pull: PULLS[within % COLUMNS]!,
			lineShare: LINE_SHARES[Math.floor(within / COLUMNS)]!
		});
		flows.set(node, flow);
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
		// No lure gets deeper than the line is long.
		if (depthM <= ENTRY_M || USUAL_TIP_M + depthM >= castM) continue;
		starts.push({ depthM, swing: castM * swing(entry, angleAt(depthM)) });
	}
	return starts;
}

/** How lures work on one water: shares of a retrieve in the band, by the nodes of the table and where they begin. */
class WaterShares {
	readonly starts: readonly Start[];
	/** By node, then start; -1 for what nobody asked for yet. */
	readonly shares: Float64Array;
	readonly #work: Work;

	constructor(work: Work) {
		this.#work = work;
		this.starts = startsOf(work);
		this.shares = new Float64Array(ALL_NODES * this.starts.length).fill(-1);
	}

	/** Share of the retrieve in the band with the rod tip raised by so much: the same paths, from a higher point. */
	#shareOf(flow: Flow, depthM: number, liftM: number): number {
		const { castM, fromM, toM } = this.#work;
		const from = fromM <= 0 ? -Infinity : fromM + liftM;
		return shareBetween(flow, castM, depthM + liftM, from, toM + liftM);
	}

	/** Sees to it that the shares of a node are there. @returns Where they begin. */
	at(node: number): number {
		const from = node * this.starts.length;
		if (this.shares[from]! >= 0) return from;
		const flow = flowAt(node);
		for (let start = 0; start < this.starts.length; start++) {
			const { depthM } = this.starts[start]!;
			const low = this.#shareOf(flow, depthM, 0);
			this.shares[from + start] = low === 1 ? 1 : Math.max(low, this.#shareOf(flow, depthM, TIP_LIFT_M));
		}
		return from;
	}
}

/** Waters that were asked for lately: families and layouts mostly ask for the same band. */
const waters = new QuickLRU<string, WaterShares>({ maxSize: 4 });

/** Where the lures of a space are in the table, by engine, speed and weight, row-major; they depend on the catalog alone. */
interface TablePositions {
	/** The node above and before a lure; -1 where it stalls or rolls. */
	readonly nodes: Int32Array;
	/** How far a lure is from that node on the way to the next row and column, 0 to 1. */
	readonly down: Float64Array;
	readonly along: Float64Array;
}

const positionsBySpace = new Map<Space, TablePositions>();

function positionsOf(space: Space): TablePositions {
	let positions = positionsBySpace.get(space);
	if (positions) return positions;
	const engines = engineRuns(space);
	const [speeds, weights] = [SPEEDS_MPS.length, WEIGHTS_OZ.length];
	const cells = engines.length * speeds * weights;
	positions = {
		nodes: new Int32Array(cells).fill(-1),
		down: new Float64Array(cells),
		along: new Float64Array(cells)
	};
	for (const [engine, byWeight] of engines.entries()) {
		for (const [weight, run] of byWeight.entries()) {
			for (const [speed, speedMps] of SPEEDS_MPS.entries()) {
				if (speedMps < run.keepMps || speedMps > ROLL_SHARE * run.rollMps) continue;
				locate(positions, (engine * speeds + speed) * weights + weight, run, speed);
			}
		}
	}
	positionsBySpace.set(space, positions);
	return positions;
}

function locate({ nodes, down, along }: TablePositions, cell: number, run: EngineRun, speed: number): void {
	const row = positionAmong(Math.log(run.lineShares[speed]!), LOG_SHARES);
	const column = positionAmong(run.pulls[speed]!, PULLS);
	const [r, c] = [Math.min(Math.floor(row), ROWS - 2), Math.min(Math.floor(column), COLUMNS - 2)];
	nodes[cell] = speed * AT_A_SPEED + r * COLUMNS + c;
	down[cell] = row - r;
	along[cell] = column - c;
}

/** Seconds that a lure takes to swing down by one unit (see `swing`). */
function fallS({ weightN, fallDragM2 }: EngineRun, castM: number): number {
	const off = fallDragM2 + (dragWidthM(usualLineM, FALL_MPS) * castM) / 4;
	return Math.sqrt((HALF_DENSITY * off) / weightN);
}

/** Share of the fishing time that the lure of a cell spends among the fish, with the best of its countdowns. */
function shareOf(water: WaterShares, positions: TablePositions, cell: number, unitS: number, windingS: number): number {
	const node = positions.nodes[cell]!;
	if (node < 0) return 0;
	const [down, along] = [positions.down[cell]!, positions.along[cell]!];
	const [upper, upperNext] = [water.at(node), water.at(node + 1)];
	const [lower, lowerNext] = [water.at(node + COLUMNS), water.at(node + COLUMNS + 1)];
	const { shares, starts } = water;
	let best = 0;
	for (let start = 0; start < starts.length; start++) {
		const countdownS = starts[start]!.swing * unitS;
		if (countdownS > LONGEST_S) break;
		const most = windingS / (windingS + countdownS + CAST_S);
		if (most <= best) break;
		const above = shares[upper + start]! + along * (shares[upperNext + start]! - shares[upper + start]!);
		const below = shares[lower + start]! + along * (shares[lowerNext + start]! - shares[lower + start]!);
		best = Math.max(best, most * (above + down * (below - above)));
	}
	return best;
}

/**
 * Share of the fishing time that lures spend among the fish, by engine (blades), catalog speed and weight, row-major: of
 * one cast with the best of its countdowns, the meters that work times the share of the time that is winding (the craft,
 * WGT-01). 0 where the lure stalls or rolls.
 */
export function fishingTime(space: Space, work: Work): Float64Array {
	const water = remembered(waters, JSON.stringify(work), () => new WaterShares(work));
	const positions = positionsOf(space);
	const woundM = Math.max(0, work.castM - NEAREST_MARK_M);
	const [speeds, weights] = [SPEEDS_MPS.length, WEIGHTS_OZ.length];
	const found = new Float64Array(positions.nodes.length);
	for (const [engine, byWeight] of engineRuns(space).entries()) {
		const units = byWeight.map((run) => fallS(run, work.castM));
		for (let speed = 0; speed < speeds; speed++) {
			const windingS = woundM / SPEEDS_MPS[speed]!;
			for (let weight = 0; weight < weights; weight++) {
				const cell = (engine * speeds + speed) * weights + weight;
				found[cell] = shareOf(water, positions, cell, units[weight]!, windingS);
			}
		}
	}
	return found;
}
