import type { Depths } from './depths';
import { distanceM, movedBy, type Point } from './plane';
import type { Profile } from './profile';
import { isOnWater, type Shores } from './shore';

/** A bank: where it is nearest, and in which bearing (degrees) one looks from it over the water. */
export interface Bank {
	readonly at: Point;
	readonly bearingDeg: number;
	readonly awayM: number;
}

function nearestOn(a: Point, b: Point, to: Point): Point {
	const [eastM, northM] = [b.eastM - a.eastM, b.northM - a.northM];
	const long = eastM ** 2 + northM ** 2;
	const along = long === 0 ? 0 : ((to.eastM - a.eastM) * eastM + (to.northM - a.northM) * northM) / long;
	const share = Math.min(1, Math.max(0, along));
	return { eastM: a.eastM + share * eastM, northM: a.northM + share * northM };
}

/** So far (m) to either side of a shore one can tell water from land. */
const ASIDE_M = 3;

/** The bank nearest to a point; `null` without a shore. */
export function bankNear(shores: Shores, point: Point): Bank | null {
	let best: Bank | null = null;
	for (const ring of shores) {
		for (const [index, a] of ring.entries()) {
			const b = ring[(index + 1) % ring.length]!;
			const at = nearestOn(a, b, point);
			const awayM = distanceM(at, point);
			if (best && awayM >= best.awayM) continue;
			const along = (Math.atan2(b.eastM - a.eastM, b.northM - a.northM) * 180) / Math.PI;
			const isRight = isOnWater(shores, movedBy(at, along + 90, ASIDE_M));
			best = { at, awayM, bearingDeg: Math.round((along + (isRight ? 90 : 270) + 360) % 360) % 360 };
		}
	}
	return best;
}

/** A profile has a depth every so many m, out to the reach of a cast. */
const STEP_M = 5;
const REACH_M = 30;

/**
 * Depths out from a point in a bearing by the soundings; `null` where fewer than two are known.
 */
export function profileFrom(depths: Depths, from: Point, bearingDeg: number): Profile | null {
	const found: { outM: number; depthM: number }[] = [];
	for (let outM = 0; outM <= REACH_M; outM += STEP_M) {
		const depthM = outM === 0 ? (depths.at(from) ?? 0) : depths.at(movedBy(from, bearingDeg, outM));
		if (depthM !== null) found.push({ outM, depthM: Math.round(depthM * 10) / 10 });
	}
	return found.length >= 2 ? found : null;
}

/** Farther (m) from its bank than this a place is left where it is. */
const BANK_M = 40;

/** A place moved to its bank, where that is near. */
export function ashore(shores: Shores, point: Point): Point {
	const bank = bankNear(shores, point);
	return bank && bank.awayM <= BANK_M ? bank.at : point;
}

/** Which way (degrees) one looks at a place, square off its nearest bank, and its bottom from there by the soundings. */
export function lookingFrom(
	depths: Depths,
	point: Point
): { readonly bearingDeg: number; readonly profile: Profile | null } {
	const bearingDeg = bankNear(depths.shores, point)?.bearingDeg ?? 0;
	return { bearingDeg, profile: profileFrom(depths, point, bearingDeg) };
}
