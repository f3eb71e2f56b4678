import { HALF_DENSITY } from '../../foundation/constants/constants';
import { dragWidthM } from './line';
import { dragM2, liftM2, type Lure } from './lure';

/** Steps of the estimate: line wound in (m) and time sunk (s). Halving them moves the depth by less than a centimeter. */
const STEP_M = 0.25;
const STEP_S = 0.25;
/** The lure begins this far under the surface, m. */
const ENTRY_M = 0.02;
/** The line is not followed closer than this to the tip, m. */
const NEAREST_M = 1;
const NEWTON_ROUNDS = 8;
const NEWTON_MPS = 1e-6;

/** A lure as its path sees it: submerged weight N, and drag and lift areas m2 at a speed. */
export interface Body {
	readonly weightN: number;
	readonly dragM2: (speedMps: number) => number;
	readonly liftM2: (speedMps: number) => number;
}

/** An assembled lure as its path sees it. */
export const bodyOf = (lure: Lure): Body => ({
	weightN: lure.weightN,
	dragM2: (speedMps) => dragM2(lure, speedMps),
	liftM2: (speedMps) => liftM2(lure, speedMps)
});

/** Where a lure is on its straight line: length of line m, and angle below the horizontal. */
export interface State {
	readonly rangeM: number;
	readonly angle: number;
}

/**
 * Tangential speed (m/s, down positive) at which drag of lure and line balances weight less lift, by Newton from the
 * last one. The line's drag acts on a quarter of its length: its moment about the tip.
 */
export function tangentialMps(body: Body, lineM: number, reelMps: number, state: State, last: number): number {
	const cosine = Math.cos(state.angle);
	const sine = Math.sin(state.angle);
	let u = last;
	for (let round = 0; round < NEWTON_ROUNDS; round++) {
		const through = Math.sqrt(reelMps * reelMps + u * u);
		const area = body.dragM2(through);
		const line = (dragWidthM(lineM, u) * state.rangeM) / 4;
		const flow = reelMps > 0 ? reelMps * cosine + u * sine : 0;
		const lift = flow === 0 ? 0 : body.liftM2(Math.abs(flow)) * flow * flow;
		const off = area * through * u + line * u * Math.abs(u) - (body.weightN / HALF_DENSITY - lift) * cosine;
		const slope = area * (through + (u * u) / Math.max(through, 1e-9)) + 1.6 * line * Math.abs(u) + 1e-9;
		const move = Math.min(0.2, Math.max(-0.2, off / slope));
		u -= move;
		if (Math.abs(move) < NEWTON_MPS) break;
	}
	return u;
}

/** How a cast is fished: a straight line from the tip, all in m and s. */
export interface Retrieve {
	readonly speedMps: number;
	readonly castM: number;
	readonly countdownS: number;
	readonly tipM: number;
	readonly lineM: number;
}

const depthOf = ({ rangeM, angle }: State, tipM: number): number => rangeM * Math.sin(angle) - tipM;
const distanceOf = ({ rangeM, angle }: State): number => rangeM * Math.cos(angle);
/** A lure never leaves the water while the line is longer than the tip is high. */
const afloat = (rangeM: number, angle: number, tipM: number): number =>
	Math.max(Math.asin(Math.min(1, tipM / rangeM)), angle);

/** Where the lure hangs after sinking on a tight line of fixed length for the countdown. */
function countedDown(body: Body, { castM, countdownS, tipM, lineM }: Retrieve): State {
	const rangeM = Math.hypot(castM, tipM + ENTRY_M);
	let angle = Math.asin((tipM + ENTRY_M) / rangeM);
	let u = 0.3;
	for (let left = countdownS; left > 1e-9; left -= STEP_S) {
		const step = Math.min(STEP_S, left);
		u = tangentialMps(body, lineM, 0, { rangeM, angle }, u);
		const half = angle + (u / rangeM) * (step / 2);
		u = tangentialMps(body, lineM, 0, { rangeM, angle: half }, u);
		angle = Math.min(Math.PI / 2 - 1e-3, angle + (u / rangeM) * step);
	}
	return { rangeM, angle };
}

/** Winds in one step of line, by the midpoint rule. */
function woundIn(body: Body, state: State, stepM: number, { speedMps, tipM, lineM }: Retrieve, last: number) {
	const u = tangentialMps(body, lineM, speedMps, state, last);
	const half = state.rangeM - stepM / 2;
	const middle = { rangeM: half, angle: afloat(half, state.angle + ((u / speedMps) * stepM) / 2 / half, tipM) };
	const across = tangentialMps(body, lineM, speedMps, middle, u);
	const rangeM = state.rangeM - stepM;
	const angle = afloat(rangeM, state.angle + ((across / speedMps) * stepM) / half, tipM);
	return { state: { rangeM, angle }, u: across };
}

/**
 * Depths (m) at which a lure passes some distances from the rod tip (docs/TANK.md: a straight massless
 * line, quasi-steady; against the full simulation its error was .13 m rms, .43 m at worst).
 *
 * @param distancesM Farthest first.
 * @returns `null` for a distance that the cast never comes from.
 */
export function depthsAtM(body: Body, retrieve: Retrieve, distancesM: readonly number[]): (number | null)[] {
	let state = countedDown(body, retrieve);
	const found = distancesM.map((): number | null => null);
	if (retrieve.speedMps <= 0) return found;
	let next = distancesM.findIndex((distance) => distance < distanceOf(state));
	let u = 0.3;
	while (next >= 0 && next < distancesM.length && state.rangeM > NEAREST_M + STEP_M) {
		const wound = woundIn(body, state, STEP_M, retrieve, u);
		const [x0, z0] = [distanceOf(state), depthOf(state, retrieve.tipM)];
		const [x1, z1] = [distanceOf(wound.state), depthOf(wound.state, retrieve.tipM)];
		while (next < distancesM.length && x1 <= distancesM[next]!) {
			const share = (x0 - distancesM[next]!) / (x0 - x1 || 1);
			found[next++] = z0 + share * (z1 - z0);
		}
		({ state, u } = wound);
	}
	return found;
}

/** Where a lure is when the winding begins, after how long a countdown (s). */
export interface Start {
	readonly countdownS: number;
	readonly state: State;
}

/**
 * Where winding may begin: at once, and when a lure on a tight line has sunk to some depths (m, ascending). A depth that
 * is not reached in `longestS` stands for where it is then.
 */
export function startsAt(
	body: Body,
	cast: Omit<Retrieve, 'countdownS'>,
	depthsM: readonly number[],
	longestS: number
): Start[] {
	const { castM, tipM } = cast;
	const entered = countedDown(body, { ...cast, countdownS: 0 });
	const { rangeM } = entered;
	let { angle } = entered;
	const starts: Start[] = [{ countdownS: 0, state: { rangeM, angle } }];
	let [u, seconds] = [0.3, 0];
	for (const depthM of depthsM) {
		while (depthOf({ rangeM, angle }, tipM) < Math.min(depthM, castM - tipM) && seconds < longestS) {
			u = tangentialMps(body, cast.lineM, 0, { rangeM, angle }, u);
			angle = Math.min(Math.PI / 2 - 1e-3, angle + (u / rangeM) * STEP_S);
			seconds += STEP_S;
		}
		starts.push({ countdownS: seconds, state: { rangeM, angle } });
	}
	return starts;
}

/** Depths (m) at every meter of line wound in, from where the winding begins to `lastM` of line; see `depthsAtM`. */
export function depthsAlong(body: Body, cast: Omit<Retrieve, 'countdownS'>, from: State, lastM: number): number[] {
	const retrieve = { ...cast, countdownS: 0 };
	let state = from;
	const depths = [Math.max(0, depthOf(state, cast.tipM))];
	let u = 0.3;
	while (state.rangeM > lastM + 1) {
		for (let half = 0; half < 2; half++) ({ state, u } = woundIn(body, state, 0.5, retrieve, u));
		depths.push(Math.max(0, depthOf(state, cast.tipM)));
	}
	return depths;
}

/** Depth (m) at one distance; see `depthsAtM`. */
export const depthAtM = (lure: Lure, retrieve: Retrieve, distanceM: number): number | null =>
	depthsAtM(bodyOf(lure), retrieve, [distanceM])[0]!;

/** Attitude factor of a lure falling on a slack line: half between nose down and level (assumed). */
const FALLING = 1 + 0.6 * 0.5;

/** Speed (m/s) at which a lure falls on a slack line. */
export function sinkMps(lure: Lure): number {
	let [low, high] = [0, 5];
	for (let round = 0; round < 60; round++) {
		const middle = (low + high) / 2;
		const holds = HALF_DENSITY * dragM2(lure, middle) * FALLING * middle ** 2 > lure.weightN;
		if (holds) high = middle;
		else low = middle;
	}
	return (low + high) / 2;
}

/** Share of a surface lure's drag that the raised line turns into lift, tip `tipM` high, lure `distanceM` off. */
export const lineLiftShare = (tipM: number, distanceM: number): number => tipM / Math.hypot(tipM, distanceM);

/** Slowest speed (m/s) at which a surface lure stays on top at a distance, the line helping. */
export function planeMps(lure: Lure, tipM: number, distanceM: number): number {
	const lifted = liftM2(lure, 1) + dragM2(lure, 1) * lineLiftShare(tipM, distanceM);
	return Math.sqrt(lure.weightN / (HALF_DENSITY * lifted));
}
