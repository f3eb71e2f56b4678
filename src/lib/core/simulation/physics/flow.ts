import { USUAL_TIP_M } from '../../foundation/constants/constants';
import { acrossMps, type Water } from './gateTable';

/**
 * Every path that one lure can take at one retrieve speed, in the fast estimate (docs/TANK.md). Its state
 * is the line that is out and the angle below the horizontal, and paths never cross: a cast of any length joins the one
 * that passes where its countdown ended. So each is followed once, when a reading first asks for it.
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

const depthAt = (rangeM: number, angle: number): number => rangeM * Math.sin(angle) - USUAL_TIP_M;
const held = (angle: number): number => Math.min(STEEPEST, Math.max(-STEEPEST, angle));

/** The paths of a lure at a retrieve speed, by its pull (m2/s2) and its line's share of the drag (1/m). */
export class Flow {
	/** Depths (m), path by path, at every mark from the nearest out: as far as they were followed. */
	readonly depthsM = new Float32Array(PATHS * MARKS);
	/** Up to which mark each path is followed; 0 for one that is not begun. */
	readonly #known = new Uint8Array(PATHS);
	/** Angle (rad) and speed across (m/s) of each path where it was left. */
	readonly #state = new Float64Array(2 * PATHS);
	readonly #water: Water;

	constructor(water: Water) {
		this.#water = water;
	}

	/** Sees to it that the depths of a path are there, out to a mark at least. @returns Where they begin. */
	at(path: number, mark: number): number {
		if (this.#known[path]! < mark) this.#follow(path, mark);
		return path * MARKS;
	}

	#follow(path: number, mark: number): void {
		const from = path * MARKS;
		if (this.#known[path] === 0) this.#begin(path, from);
		for (let at = this.#known[path]!; at < mark; at++) {
			this.#step(path, at + NEAREST_MARK_M, 1);
			this.depthsM[from + at + 1] = depthAt(at + 1 + NEAREST_MARK_M, this.#state[2 * path]!);
		}
		this.#known[path] = Math.max(mark, this.#known[path]!);
	}

	/** Puts down a path's seed, and follows it from there to the nearest mark. */
	#begin(path: number, from: number): void {
		const seedM = SEED_DEPTHS_M[path]!;
		const seed = SEED_MARK_M - NEAREST_MARK_M;
		this.depthsM[from + seed] = seedM;
		this.#seed(path, seedM);
		for (let at = seed; at > 0; at--) {
			this.#step(path, at + NEAREST_MARK_M, -1);
			this.depthsM[from + at - 1] = depthAt(at - 1 + NEAREST_MARK_M, this.#state[2 * path]!);
		}
		this.#seed(path, seedM);
		this.#known[path] = seed;
	}

	#seed(path: number, seedM: number): void {
		this.#state[2 * path] = Math.asin((seedM + USUAL_TIP_M) / SEED_MARK_M);
		this.#state[2 * path + 1] = 0.2;
	}

	/** Follows a path over one meter of line, out or in, by the midpoint rule. */
	#step(path: number, rangeM: number, way: 1 | -1): void {
		const state = this.#state;
		const { speedMps } = this.#water;
		const angle = state[2 * path]!;
		const now = acrossMps(this.#water, rangeM, angle, state[2 * path + 1]!);
		const half = held(angle - (way * now) / speedMps / 2 / rangeM);
		const middle = acrossMps(this.#water, rangeM + way / 2, half, now);
		state[2 * path] = held(angle - (way * middle) / speedMps / (rangeM + way / 2));
		state[2 * path + 1] = middle;
	}
}

/**
 * Share of the meters wound on which a lure is between two depths.
 *
 * @param rangeM Line out when the winding begins, m.
 * @param depthM Depth then, m.
 */
export function shareBetween(flow: Flow, rangeM: number, depthM: number, fromM: number, toM: number): number {
	const mark = Math.min(MARKS - 1.001, Math.max(0, rangeM - NEAREST_MARK_M));
	const whole = Math.floor(mark);
	const fraction = mark - whole;
	const { depthsM } = flow;
	// The paths above and below the lure where the winding begins.
	let [low, high] = [0, PATHS - 1];
	while (high - low > 1) {
		const middle = (low + high) >> 1;
		const at = flow.at(middle, whole + 1) + whole;
		if (depthsM[at]! + fraction * (depthsM[at + 1]! - depthsM[at]!) < depthM) low = middle;
		else high = middle;
	}
	const first = flow.at(low, whole + 1);
	const upper = first + whole;
	const lower = flow.at(high, whole + 1) + whole;
	const above = depthsM[upper]! + fraction * (depthsM[upper + 1]! - depthsM[upper]!);
	const below = depthsM[lower]! + fraction * (depthsM[lower + 1]! - depthsM[lower]!);
	const share = Math.min(1, Math.max(0, (depthM - above) / (below - above || 1)));
	let inside = 0;
	for (let at = first, end = first + whole; at <= end; at++) {
		const shallow = depthsM[at]!;
		const depth = shallow + share * (depthsM[at + MARKS]! - shallow);
		if (depth <= toM && (depth >= fromM || fromM <= 0)) inside++;
	}
	return inside / (whole + 1);
}
