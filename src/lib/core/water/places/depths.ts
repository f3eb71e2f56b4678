import { distanceM, movedBy, type Point } from './plane';
import { isOnWater, type Shores } from './shore';

/** A depth that was measured at a point. */
export interface Sounding extends Point {
	readonly depthM: number;
}

/** Soundings farther than this (m) tell nothing of a point, and so many of the nearest are weighed (assumed). */
const REACH_M = 60;
const NEAREST = 6;
/** Shores are sounded by themselves: no depth, at least every so many m. */
const SHORE_STEP_M = 15;

function shoreSoundings(shores: Shores): Sounding[] {
	return shores.flatMap((ring) =>
		ring.flatMap((from, at) => {
			const to = ring[(at + 1) % ring.length]!;
			const steps = Math.max(1, Math.ceil(distanceM(from, to) / SHORE_STEP_M));
			return Array.from({ length: steps }, (_, step) => ({
				eastM: from.eastM + ((to.eastM - from.eastM) * step) / steps,
				northM: from.northM + ((to.northM - from.northM) * step) / steps,
				depthM: 0
			}));
		})
	);
}

/** Rows of cells in a column of them: more than any water has. */
const ROWS = 2 ** 20;
const cellOf = (eastM: number, northM: number): number =>
	Math.floor(eastM / REACH_M) * ROWS + Math.floor(northM / REACH_M);
const BESIDE_M = [-REACH_M, 0, REACH_M] as const;

/** What is known of the depths of a water, by soundings and shores. */
export class Depths {
	readonly #cells = new Map<number, Sounding[]>();
	/** The nearest soundings of the point that is asked for, nearest first: how far off (m), how deep (m). */
	readonly #awayM = new Float64Array(NEAREST);
	readonly #depthsM = new Float64Array(NEAREST);

	constructor(
		readonly shores: Shores,
		readonly soundings: readonly Sounding[]
	) {
		for (const one of [...soundings, ...shoreSoundings(shores)]) {
			const key = cellOf(one.eastM, one.northM);
			const cell = this.#cells.get(key);
			if (cell) cell.push(one);
			else this.#cells.set(key, [one]);
		}
	}

	/** Looks at every sounding within reach of a point; nothing is made anew, since this is done very often. */
	#eachNear(point: Point, look: (awayM: number, depthM: number) => void): void {
		for (const besideE of BESIDE_M) {
			for (const besideN of BESIDE_M) {
				const cell = this.#cells.get(cellOf(point.eastM + besideE, point.northM + besideN));
				if (!cell) continue;
				for (const one of cell) {
					const awayM = distanceM(one, point);
					if (awayM <= REACH_M) look(awayM, one.depthM);
				}
			}
		}
	}

	/** Puts down the nearest soundings of a point. @returns How many there are. */
	#nearest(point: Point): number {
		const [away, depths] = [this.#awayM, this.#depthsM];
		let count = 0;
		this.#eachNear(point, (awayM, depthM) => {
			if (count === NEAREST && awayM >= away[NEAREST - 1]!) return;
			let at = count < NEAREST ? count++ : NEAREST - 1;
			for (; at > 0 && away[at - 1]! > awayM; at--) {
				away[at] = away[at - 1]!;
				depths[at] = depths[at - 1]!;
			}
			away[at] = awayM;
			depths[at] = depthM;
		});
		return count;
	}

	/** Measured depths within reach of a point: shores are not among them. */
	known(point: Point): number {
		let count = 0;
		this.#eachNear(point, (_awayM, depthM) => {
			if (depthM > 0) count++;
		});
		return count;
	}

	/** Depth (m) at a point by the nearest soundings, each by one over its distance squared; `null` where none is near. */
	at(point: Point): number | null {
		if (!isOnWater(this.shores, point)) return null;
		const count = this.#nearest(point);
		if (count === 0) return null;
		if (this.#awayM[0]! < 0.5) return this.#depthsM[0]!;
		let [weights, sum] = [0, 0];
		for (let at = 0; at < count; at++) {
			const weight = 1 / this.#awayM[at]! ** 2;
			weights += weight;
			sum += weight * this.#depthsM[at]!;
		}
		return sum / weights;
	}

	/** The deepest water (m) within a distance (m) of a point, looked for in sixteen directions. */
	deepestM(point: Point, withinM: number): number {
		const bearings = Array.from({ length: 16 }, (_, at) => at * 22.5);
		const depths = bearings.flatMap((bearing) =>
			[0.5, 1].map((share) => this.at(movedBy(point, bearing, share * withinM)) ?? 0)
		);
		return Math.max(0, ...depths);
	}
}
