import { LINES, VISCOSITY_M2S, WATER_KGM3 } from './constants';
import { dragM2, liftM2, type Lure } from './lure';

/** Time step (s) of the estimate; halving it moves the depth by less than a centimetre. */
const STEP_S = 0.02;
/** The lure begins this far under the surface, m. */
const ENTRY_M = 0.02;
const NEWTON_ROUNDS = 12;
const NEWTON_MPS = 1e-7;

/** Diameter of a line, m. */
export const lineDiameterM = ({ type, testLb }: { type: keyof typeof LINES; testLb: number }): number =>
	(LINES[type].mmPerRootLb * Math.sqrt(testLb)) / 1000;

/** Normal drag coefficient of a line at a Reynolds number (hand fit to circular-cylinder data). */
const normalDrag = (reynolds: number): number => 0.95 + 3.9 / Math.sqrt(reynolds) + 6 / reynolds;

/** How a cast is fished: straight line from the tip, all in m and s. */
export interface Retrieve {
	readonly speedMps: number;
	readonly castM: number;
	readonly countdownS: number;
	readonly tipM: number;
	readonly lineM: number;
}

/** Net moment balance of lure and line: 0 at the tangential speed at which the lure sinks or climbs. */
function imbalance(lure: Lure, lineM: number, reelMps: number, rangeM: number, angle: number, u: number): number {
	const through = Math.hypot(reelMps, u);
	const reynolds = Math.max(1, (0.75 * Math.abs(u) * lineM) / VISCOSITY_M2S);
	const lineDrag = 0.5 * WATER_KGM3 * normalDrag(reynolds) * lineM * (rangeM / 4) * u * Math.abs(u);
	const lureDrag = 0.5 * WATER_KGM3 * dragM2(lure, through) * through * u;
	const flow = reelMps > 0 ? reelMps * Math.cos(angle) + u * Math.sin(angle) : 0;
	const lift = 0.5 * WATER_KGM3 * liftM2(lure, Math.abs(flow)) * flow * flow;
	return lureDrag + lineDrag - (lure.weightN - lift) * Math.cos(angle);
}

function tangentialMps(
	lure: Lure,
	lineM: number,
	reelMps: number,
	rangeM: number,
	angle: number,
	last: number
): number {
	let u = last;
	const off = (at: number): number => imbalance(lure, lineM, reelMps, rangeM, angle, at);
	for (let round = 0; round < NEWTON_ROUNDS; round++) {
		const value = off(u);
		const slope = (off(u + 1e-4) - off(u - 1e-4)) / 2e-4;
		if (slope <= 0) break;
		const move = Math.min(0.2, Math.max(-0.2, value / slope));
		u -= move;
		if (Math.abs(move) < NEWTON_MPS) break;
	}
	return u;
}

/**
 * Depth (m) at which a lure passes a distance from the rod tip (running model, section 2b: a straight massless line,
 * quasi-steady; against the full simulation its error was .13 m rms, .43 m at worst).
 *
 * @returns `null` when the cast never comes from beyond that distance.
 */
export function depthAtM(lure: Lure, retrieve: Retrieve, distanceM: number): number | null {
	const { speedMps, castM, countdownS, tipM, lineM } = retrieve;
	if (castM <= distanceM || speedMps <= 0) return null;
	let range = Math.hypot(castM, tipM + ENTRY_M);
	let angle = Math.asin((tipM + ENTRY_M) / range);
	let u = 0.3;
	const steps = Math.ceil((countdownS + castM / speedMps) / STEP_S) + 1;
	let before = { x: castM, z: ENTRY_M };
	for (let step = 0; step < steps && range > 1; step++) {
		const reelMps = step * STEP_S < countdownS ? 0 : speedMps;
		u = tangentialMps(lure, lineM, reelMps, range, angle, u);
		range -= reelMps * STEP_S;
		angle = Math.max(Math.asin(Math.min(1, tipM / range)), angle + (u / range) * STEP_S);
		const now = { x: range * Math.cos(angle), z: range * Math.sin(angle) - tipM };
		if (now.x <= distanceM) {
			const share = (before.x - distanceM) / (before.x - now.x || 1);
			return before.z + share * (now.z - before.z);
		}
		before = now;
	}
	return before.z;
}

/** Attitude factor of a lure falling on a slack line: half between nose down and level (assumed). */
const FALLING = 1 + 0.6 * 0.5;

/** Speed (m/s) at which a lure falls on a slack line. */
export function sinkMps(lure: Lure): number {
	let [low, high] = [0, 5];
	for (let round = 0; round < 60; round++) {
		const middle = (low + high) / 2;
		const holds = 0.5 * WATER_KGM3 * dragM2(lure, middle) * FALLING * middle ** 2 > lure.weightN;
		if (holds) high = middle;
		else low = middle;
	}
	return (low + high) / 2;
}

/** Slowest speed (m/s) at which a surface lure stays on top at a distance, the line helping. */
export function planeMps(lure: Lure, tipM: number, distanceM: number): number {
	const lifted = liftM2(lure, 1) + dragM2(lure, 1) * (tipM / Math.hypot(tipM, distanceM));
	return Math.sqrt(lure.weightN / (0.5 * WATER_KGM3 * lifted));
}

/** Full spool's diameter m; share of the spool's ring that is line, and the ring's width m. */
const SPOOL_M = 0.034;
const PACKED = 0.8;
const SPOOL_WIDTH_M = 0.022;
const LEAST_SHARE = 0.3;

/** Length wound per turn (in) when some line is out (running model, section 8). */
export function inchesPerTurnAt(fullIn: number, lineOutM: number, lineM: number): number {
	const used = (lineOutM * lineM ** 2) / (PACKED * SPOOL_WIDTH_M * SPOOL_M ** 2);
	return fullIn * Math.sqrt(Math.max(LEAST_SHARE, 1 - used));
}
