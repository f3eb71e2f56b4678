import { USUAL_TIP_M } from '../../foundation/constants/constants';
import { dragWidthM } from './line';

/**
 * Paths of every lure that can be told apart, each followed once, when first read: a lure's path in the fast estimate (running model, section
 * 2b) depends on its retrieve speed and two numbers, its pull W' = (weight - lift) / (half density x drag area), m2/s2,
 * and its line's share of the drag k = drag width of the line / drag area, 1/m. The rest scales out. Lift is taken at
 * the retrieve speed and the line's width at one speed across; `gate.accuracy.test.ts` measures what that costs.
 */

/** Distances (m) at which depth counts, farthest first. */
export const GATE_DISTANCES_M = [18, 14, 10] as const;
const NEAR_M = GATE_DISTANCES_M[2];
/** A path is followed out to here, m. */
const FARTHEST_M = 60;
const NEAR_STEP_M = 2;
const FAR_STEP_M = 4;
/** A line this steep (rad) belongs to a lure that never comes up. */
const STEEPEST = 1.45;

/**
 * Nodes of the table: pull m2/s2, line share 1/m, and depth at the nearest distance m. A path that is back at the
 * surface before that goes on above it as if there were no surface, so that its deeper part is known.
 */
export const PULLS = [-0.1, 0, 0.02, 0.04, 0.07, 0.1, 0.14, 0.19, 0.25, 0.33, 0.45, 0.6, 0.85, 1.2, 1.7, 2.6] as const;
export const LINE_SHARES = [0.06, 0.12, 0.22, 0.4, 0.7, 1.2, 2.2] as const;
export const DEPTHS_M = [
	-2.5, -1.2, -0.5, 0, 0.2, 0.4, 0.7, 1, 1.4, 1.9, 2.5, 3.3, 4.3, 5.6, 7.2, 9.5, 13, 18, 25
] as const;

/** Line and speed across (m, m/s) at which a line's drag width is read: about 17 lb fluorocarbon, sinking. */
const REFERENCE_LINE_M = 0.00035;
const REFERENCE_MPS = 0.2;
const referenceWidthM = dragWidthM(REFERENCE_LINE_M, REFERENCE_MPS);

/** Drag width (m) by which a line enters the table. */
export const lineWidthM = (lineM: number): number => dragWidthM(lineM, REFERENCE_MPS);

/** A retrieve as the table's paths see it: its speed, the pull of the lure and the line's share of the drag. */
export interface Water {
	readonly speedMps: number;
	readonly pull: number;
	readonly lineShare: number;
}

/** How much the line's drag width differs from that at the reference speed, by speed across in steps (m/s). */
const RATIO_STEP_MPS = 0.01;
const WIDTH_RATIOS = Float64Array.from(
	{ length: 200 },
	(_, at) => dragWidthM(REFERENCE_LINE_M, (at + 0.5) * RATIO_STEP_MPS) / referenceWidthM
);
const widthRatio = (u: number): number =>
	WIDTH_RATIOS[Math.min(WIDTH_RATIOS.length - 1, Math.floor(Math.abs(u) / RATIO_STEP_MPS))]!;

/** Speed across (m/s) of a lure on `rangeM` of line at an angle below the horizontal. */
export function acrossMps({ speedMps, pull, lineShare }: Water, rangeM: number, angle: number, last: number): number {
	const wanted = pull * Math.cos(angle);
	let u = last;
	for (let round = 0; round < 2; round++) {
		const through = Math.sqrt(speedMps * speedMps + u * u);
		const line = (lineShare * widthRatio(u) * rangeM) / 4;
		const off = through * u + line * u * Math.abs(u) - wanted;
		u -= off / (through + (u * u) / through + 1.6 * line * Math.abs(u));
	}
	return u;
}

/** Where a path is at the farther distances (m), and how far out it leaves the surface: a longer cast cannot follow it. */
interface Path {
	middleM: number;
	farM: number;
	surfaceM: number;
}

/** The path that passes the nearest distance at `nearM`, followed back to where it left the water. */
function follow(water: Water, nearM: number): Path {
	const { speedMps } = water;
	const deep = nearM + USUAL_TIP_M;
	const path: Path = { middleM: NaN, farM: NaN, surfaceM: FARTHEST_M };
	let range = Math.hypot(NEAR_M, deep);
	let angle = Math.atan2(deep, NEAR_M);
	let [x, z, u] = [NEAR_M as number, nearM, 0.2];
	while (x < FARTHEST_M && Math.abs(angle) < STEEPEST) {
		const step = x < GATE_DISTANCES_M[0] ? NEAR_STEP_M : FAR_STEP_M;
		u = acrossMps(water, range, angle, u);
		const half = angle - ((u / speedMps) * step) / 2 / range;
		u = acrossMps(water, range + step / 2, half, u);
		angle -= ((u / speedMps) * step) / (range + step / 2);
		range += step;
		const [x1, z1] = [range * Math.cos(angle), range * Math.sin(angle) - USUAL_TIP_M];
		const between = (distance: number): number => z + ((distance - x) / (x1 - x)) * (z1 - z);
		if (x < 14 && x1 >= 14) path.middleM = between(14);
		if (x < 18 && x1 >= 18) path.farM = between(18);
		if (z1 < 0 && z >= 0) path.surfaceM = x + (z / (z - z1)) * (x1 - x);
		// Above the water it does not exist; what is read between two paths stays in order if it goes on to the farthest.
		if (z1 < 0 && x1 >= GATE_DISTANCES_M[0]) break;
		[x, z] = [x1, z1];
	}
	// What turns straight down or up before a distance is out of reach of any band there.
	const beyond = angle > 0 ? 99 : -99;
	if (Number.isNaN(path.middleM)) path.middleM = beyond;
	if (Number.isNaN(path.farM)) path.farM = beyond;
	return path;
}

/** Nodes of a speed's table: line shares by pulls. */
export const NODES = LINE_SHARES.length * PULLS.length;

/**
 * The paths of one retrieve speed (m/s), named by node (rows by line share, columns by pull) and depth at the nearest
 * distance. A reading asks for few of them, so each is followed when it is first read, and kept.
 */
export class SpeedPaths {
	/** Depths (m) at the farther distances and the distance (m) where it leaves the surface, by `DEPTHS_M` at each node. */
	readonly middleM = new Float64Array(NODES * DEPTHS_M.length);
	readonly farM = new Float64Array(NODES * DEPTHS_M.length);
	readonly surfaceM = new Float64Array(NODES * DEPTHS_M.length);
	readonly #followed = new Uint8Array(NODES * DEPTHS_M.length);

	constructor(readonly speedMps: number) {}

	/** Sees to it that a path's figures are there. @returns Their index. */
	at(node: number, depth: number): number {
		const at = node * DEPTHS_M.length + depth;
		if (this.#followed[at]) return at;
		const [pull, lineShare] = [PULLS[node % PULLS.length]!, LINE_SHARES[Math.floor(node / PULLS.length)]!];
		const path = follow({ speedMps: this.speedMps, pull, lineShare }, DEPTHS_M[depth]!);
		this.middleM[at] = path.middleM;
		this.farM[at] = path.farM;
		this.surfaceM[at] = path.surfaceM;
		this.#followed[at] = 1;
		return at;
	}
}
