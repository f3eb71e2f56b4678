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

/** What is known of the depths of a water, by soundings and shores. */
export class Depths {
	readonly #cells = new Map<string, Sounding[]>();

	constructor(
		readonly shores: Shores,
		readonly soundings: readonly Sounding[]
	) {
		for (const one of [...soundings, ...shoreSoundings(shores)]) {
			const key = this.#key(one);
			const cell = this.#cells.get(key);
			if (cell) cell.push(one);
			else this.#cells.set(key, [one]);
		}
	}

	#key({ eastM, northM }: Point): string {
		return `${Math.floor(eastM / REACH_M)},${Math.floor(northM / REACH_M)}`;
	}

	#near(point: Point): (readonly [number, Sounding])[] {
		const found: (readonly [number, Sounding])[] = [];
		for (const eastM of [-REACH_M, 0, REACH_M]) {
			for (const northM of [-REACH_M, 0, REACH_M]) {
				const key = this.#key({ eastM: point.eastM + eastM, northM: point.northM + northM });
				for (const one of this.#cells.get(key) ?? []) found.push([distanceM(one, point), one]);
			}
		}
		return found.filter(([away]) => away <= REACH_M).sort(([a], [b]) => a - b);
	}

	/** Measured depths within reach of a point: shores are not among them. */
	known(point: Point): number {
		return this.#near(point).filter(([, { depthM }]) => depthM > 0).length;
	}

	/** Depth (m) at a point by the nearest soundings, each by one over its distance squared; `null` where none is near. */
	at(point: Point): number | null {
		if (!isOnWater(this.shores, point)) return null;
		const near = this.#near(point).slice(0, NEAREST);
		if (near.length === 0) return null;
		if (near[0]![0] < 0.5) return near[0]![1].depthM;
		const weight = near.reduce((sum, [away]) => sum + 1 / away ** 2, 0);
		return near.reduce((sum, [away, { depthM }]) => sum + depthM / away ** 2, 0) / weight;
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
