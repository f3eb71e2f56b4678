import { USUAL_TIP_M } from '../matter/constants';
import { acrossMps, type Water } from './gateTable';

/**
 * Every path that one lure can take at one retrieve speed, in the fast estimate (running model, section 2b). Its state
 * is the line that is out and the angle below the horizontal, and paths never cross: a cast of any length joins the one
 * that passes where its countdown ended. So each is followed once, and a reading only looks up.
 */

/** Marks on the line, m from the tip: where depth is known. */
export const NEAREST_MARK_M = 2;
export const FARTHEST_MARK_M = 60;
export const MARKS = FARTHEST_MARK_M - NEAREST_MARK_M + 1;

/** Each path is named by its depth (m) with this much line out. Above the water a path goes on as if there were none. */
const SEED_MARK_M = 10;
const SEED_DEPTHS_M = [
	-5, -2.5, -1.2, -0.5, -0.2, 0, 0.2, 0.4, 0.7, 1, 1.4, 1.9, 2.5, 3.3, 4.3, 5.6, 7.2, 8.6, 9.2
] as const;
export const PATHS = SEED_DEPTHS_M.length;
/** A line this steep (rad) hangs straight down. */
const STEEPEST = 1.5;

/** Depths (m), path by path, at every mark from the nearest out. */
export type Flow = Float32Array;

const depthAt = (rangeM: number, angle: number): number => rangeM * Math.sin(angle) - USUAL_TIP_M;
const held = (angle: number): number => Math.min(STEEPEST, Math.max(-STEEPEST, angle));

/** Follows a path from its seed to one end of the line, a metre at a step, by the midpoint rule. */
function follow(water: Water, seedM: number, way: 1 | -1, flow: Flow, from: number): void {
	let angle = Math.asin((seedM + USUAL_TIP_M) / SEED_MARK_M);
	let u = 0.2;
	const end = way > 0 ? FARTHEST_MARK_M : NEAREST_MARK_M;
	for (let range = SEED_MARK_M; range !== end; range += way) {
		u = acrossMps(water, range, angle, u);
		const half = held(angle - (way * u) / water.speedMps / 2 / range);
		u = acrossMps(water, range + way / 2, half, u);
		angle = held(angle - (way * u) / water.speedMps / (range + way / 2));
		flow[from + range + way - NEAREST_MARK_M] = depthAt(range + way, angle);
	}
}

/** The paths of a lure at a retrieve speed, by its pull (m2/s2) and its line's share of the drag (1/m). */
export function flowOf(water: Water): Flow {
	const flow = new Float32Array(PATHS * MARKS);
	SEED_DEPTHS_M.forEach((seedM, path) => {
		flow[path * MARKS + SEED_MARK_M - NEAREST_MARK_M] = seedM;
		follow(water, seedM, 1, flow, path * MARKS);
		follow(water, seedM, -1, flow, path * MARKS);
	});
	return flow;
}

/**
 * Share of the metres wound on which a lure is between two depths.
 *
 * @param rangeM Line out when the winding begins, m.
 * @param depthM Depth then, m.
 */
export function shareBetween(flow: Flow, rangeM: number, depthM: number, fromM: number, toM: number): number {
	const mark = Math.min(MARKS - 1.001, Math.max(0, rangeM - NEAREST_MARK_M));
	const whole = Math.floor(mark);
	const part = mark - whole;
	// The paths above and below the lure where the winding begins.
	let [low, high] = [0, PATHS - 1];
	while (high - low > 1) {
		const middle = (low + high) >> 1;
		const at = middle * MARKS + whole;
		if (flow[at]! + part * (flow[at + 1]! - flow[at]!) < depthM) low = middle;
		else high = middle;
	}
	const first = low * MARKS;
	const upper = first + whole;
	const above = flow[upper]! + part * (flow[upper + 1]! - flow[upper]!);
	const below = flow[upper + MARKS]! + part * (flow[upper + MARKS + 1]! - flow[upper + MARKS]!);
	const share = Math.min(1, Math.max(0, (depthM - above) / (below - above || 1)));
	let inside = 0;
	for (let at = first, end = first + whole; at <= end; at++) {
		const shallow = flow[at]!;
		const depth = shallow + share * (flow[at + MARKS]! - shallow);
		if (depth <= toM && (depth >= fromM || fromM <= 0)) inside++;
	}
	return inside / (whole + 1);
}
