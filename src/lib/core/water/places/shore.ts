import { movedBy, type Point } from './plane';

/** A closed line of shore, the last point joined to the first. */
export type Ring = readonly Point[];
/** The shores of a water: the one around it, and those of its islands, in any order. */
export type Shores = readonly Ring[];

/** Looks at every edge of the shores, from corner to corner; nothing is made anew, since this is done very often. */
function eachEdge(shores: Shores, look: (a: Point, b: Point) => void): void {
	for (const ring of shores) {
		let a = ring[ring.length - 1]!;
		for (const b of ring) {
			look(a, b);
			a = b;
		}
	}
}

/** Whether a point is on the water: a line from it crosses the shores an odd number of times. */
export function isOnWater(shores: Shores, { eastM, northM }: Point): boolean {
	let isOn = false;
	eachEdge(shores, (a, b) => {
		if (a.northM > northM === b.northM > northM) return;
		const at = a.eastM + ((northM - a.northM) / (b.northM - a.northM)) * (b.eastM - a.eastM);
		if (at > eastM) isOn = !isOn;
	});
	return isOn;
}

/** Nearer than this (m) the shore that one stands on is not the one across the water. */
const OWN_SHORE_M = 1;

/** Distance (m) from a point along a bearing (degrees) to the first shore; `null` where there is none. */
export function toShoreM(shores: Shores, from: Point, bearingDeg: number): number | null {
	const ahead = movedBy({ eastM: 0, northM: 0 }, bearingDeg, 1);
	let nearest: number | null = null;
	eachEdge(shores, (a, b) => {
		const edgeE = b.eastM - a.eastM;
		const edgeN = b.northM - a.northM;
		const across = ahead.eastM * edgeN - ahead.northM * edgeE;
		if (across === 0) return;
		const offE = a.eastM - from.eastM;
		const offN = a.northM - from.northM;
		const along = (offE * edgeN - offN * edgeE) / across;
		const share = (offE * ahead.northM - offN * ahead.eastM) / across;
		if (along <= OWN_SHORE_M || share < 0 || share > 1) return;
		if (nearest === null || along < nearest) nearest = along;
	});
	return nearest;
}

/** How far (m) out from the bank a spot is reckoned, so that its own bank is behind it. */
const OUT_M = 5;

/**
 * Open water (m) over which a wind has blown when it reaches a spot: from a little off its bank straight into the wind, to
 * the first shore: no more than the few meters to it where the wind comes over the spot's own bank.
 *
 * @param bankBearingDeg Bearing in which one looks from the bank over the water.
 * @returns `null` where no shore is known that way.
 */
export function fetchM(shores: Shores, spot: Point, bankBearingDeg: number, windFromDeg: number): number | null {
	if (shores.length === 0) return null;
	const off = movedBy(spot, bankBearingDeg, OUT_M);
	if (!isOnWater(shores, off)) return 0;
	const reach = toShoreM(shores, off, windFromDeg);
	return reach === null ? null : isOnWater(shores, movedBy(off, windFromDeg, reach / 2)) ? reach : 0;
}

/** How wide the water is (m) at a spot, square to a bearing: both shores together. */
export function widthM(shores: Shores, from: Point, bearingDeg: number): number | null {
	const sides = [bearingDeg + 90, bearingDeg - 90].map((side) => toShoreM(shores, from, side));
	return sides.includes(null) ? null : sides[0]! + sides[1]!;
}

/**
 * Share of the circle of a radius (m) about a point that is water, from 0 to 1: about a half at a straight bank, more at a
 * point of land, less in a pocket.
 */
export function openness(shores: Shores, about: Point, radiusM: number): number {
	const bearings = Array.from({ length: 72 }, (_, at) => at * 5);
	const wet = [0.5, 1].flatMap((share) =>
		bearings.filter((bearing) => isOnWater(shores, movedBy(about, bearing, share * radiusM)))
	);
	return wet.length / (2 * bearings.length);
}
