import { USUAL_TIP_M } from '../matter/constants';
import { acrossMps, type Water } from './gateTable';

/**
 * Every path that one lure can take at one retrieve speed, in the fast estimate (running model, section 2b). Its state
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

/** A path's angle (rad) and speed across (m/s) with some line out. */
interface State {
	readonly angle: number;
	readonly u: number;
}

/** Follows a path over one metre of line, out or in, by the midpoint rule. */
function step(water: Water, rangeM: number, way: 1 | -1, { angle, u }: State): State {
	const now = acrossMps(water, rangeM, angle, u);
	const half = held(angle - (way * now) / water.speedMps / 2 / rangeM);
	const middle = acrossMps(water, rangeM + way / 2, half, now);
	return { angle: held(angle - (way * middle) / water.speedMps / (rangeM + way / 2)), u: middle };
}

/** One path, known in from its seed and out as far as a cast has asked. */
class Path {
	/** Depths (m) at every mark from the nearest out. */
	readonly depthsM = new Float32Array(MARKS);
	readonly #water: Water;
	#state: State;
	#outM = SEED_MARK_M;

	constructor(water: Water, seedM: number) {
		this.#water = water;
		const seed = { angle: Math.asin((seedM + USUAL_TIP_M) / SEED_MARK_M), u: 0.2 };
		this.#state = seed;
		this.depthsM[SEED_MARK_M - NEAREST_MARK_M] = seedM;
		let state: State = seed;
		for (let range = SEED_MARK_M; range > NEAREST_MARK_M; range--) {
			state = step(water, range, -1, state);
			this.depthsM[range - 1 - NEAREST_MARK_M] = depthAt(range - 1, state.angle);
		}
	}

	/** Depths (m) by mark, those up to a mark among them. */
	upTo(mark: number): Float32Array {
		for (; this.#outM < mark + NEAREST_MARK_M; this.#outM++) {
			this.#state = step(this.#water, this.#outM, 1, this.#state);
			this.depthsM[this.#outM + 1 - NEAREST_MARK_M] = depthAt(this.#outM + 1, this.#state.angle);
		}
		return this.depthsM;
	}
}

/** The paths of a lure at a retrieve speed, by its pull (m2/s2) and its line's share of the drag (1/m). */
export class Flow {
	readonly #paths: Path[] = [];

	constructor(readonly water: Water) {}

	/** Depths (m) of a path at the marks from the nearest out to `mark` at least. */
	depthsM(path: number, mark: number): Float32Array {
		return (this.#paths[path] ??= new Path(this.water, SEED_DEPTHS_M[path]!)).upTo(mark);
	}
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
	const depthOf = (path: number): number => {
		const depthsM = flow.depthsM(path, whole + 1);
		return depthsM[whole]! + part * (depthsM[whole + 1]! - depthsM[whole]!);
	};
	// The paths above and below the lure where the winding begins.
	let [low, high] = [0, PATHS - 1];
	while (high - low > 1) {
		const middle = (low + high) >> 1;
		if (depthOf(middle) < depthM) low = middle;
		else high = middle;
	}
	const [above, below] = [depthOf(low), depthOf(high)];
	const share = Math.min(1, Math.max(0, (depthM - above) / (below - above || 1)));
	const [upper, lower] = [flow.depthsM(low, whole), flow.depthsM(high, whole)];
	let inside = 0;
	for (let at = 0; at <= whole; at++) {
		const depth = upper[at]! + share * (lower[at]! - upper[at]!);
		if (depth <= toM && (depth >= fromM || fromM <= 0)) inside++;
	}
	return inside / (whole + 1);
}
