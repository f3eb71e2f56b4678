import { Depths } from './depths';
import { distanceM, movedBy, type Point } from './plane';
import { NEAR_M, SHALLOW_M } from './profile';
import { isOnWater, openness, type Shores } from './shore';

/** What a place is proposed as. */
export const PROPOSED = ['drop', 'point', 'ditch'] as const;
export type Proposed = (typeof PROPOSED)[number];

/** A place of the kind that the craft looks for, found on the map. */
export interface Proposal extends Point {
	readonly kind: Proposed;
	/** The rule that looks for it. */
	readonly claim: string;
	readonly because: string;
	readonly depthM: number | null;
	/** How much of it there is, from 0 to 1; and how sure the soundings let one be. */
	readonly worth: number;
	readonly sure: 'well sounded' | 'thinly sounded' | 'by the outline alone';
}

/** Least step of the search (m), fewest m between two proposals, and most proposals (assumed). */
const STEP_M = 15;
/** Most points that are looked at: over a large water the step grows. Most corners of shore likewise. */
const POINTS_MAX = 5000;
const CORNERS_MAX = 400;
const APART_M = 60;
const MOST = 8;
/** Least drop (m) beside shallows; least depth (m) that a ditch has over both its sides, so far (m) from its middle. */
const DROP_M = 2;
/** Thinner water (m) than this holds no fish. */
const THIN_M = 0.3;
const DITCH_M = 0.8;
const DITCH_SIDE_M = 25;
/** A shore around which more than this share of a circle is water is a point of land, and the circle's radius, m. */
const POINT_SHARE = 0.64;
const POINT_M = 40;
/** So many soundings within reach are enough, and so many are few. */
const WELL = 8;
const FEW = 3;

type Found = Omit<Proposal, 'sure'>;

function dropAt(depths: Depths, point: Point, depthM: number): Found | null {
	if (depthM < THIN_M || depthM > SHALLOW_M) return null;
	const drop = depths.deepestM(point, NEAR_M) - depthM;
	if (drop < DROP_M) return null;
	const because = `${depthM.toFixed(1)} m with ${(depthM + drop).toFixed(1)} m within ${NEAR_M} m: shallow water with deep near.`;
	return { ...point, kind: 'drop', claim: 'POS-02', because, depthM, worth: Math.min(1, drop / (2 * DROP_M)) };
}

function ditchAt(depths: Depths, point: Point, depthM: number): Found | null {
	let most = 0;
	for (const bearing of [0, 45, 90, 135]) {
		const sides = [bearing, bearing + 180].map((to) => depths.at(movedBy(point, to, DITCH_SIDE_M)));
		const ends = [bearing + 90, bearing + 270].map((to) => depths.at(movedBy(point, to, DITCH_SIDE_M)));
		if ([...sides, ...ends].includes(null)) continue;
		const cut = depthM - Math.max(...(sides as number[]));
		// A hole is deeper than its ends too; a ditch goes on.
		if (cut >= DITCH_M && Math.min(...(ends as number[])) > depthM - DITCH_M) most = Math.max(most, cut);
	}
	if (most === 0) return null;
	const because = `A ditch, ${most.toFixed(1)} m deeper than both its sides: bait is trapped there.`;
	return { ...point, kind: 'ditch', claim: 'POS-10', because, depthM, worth: Math.min(1, most / (2 * DITCH_M)) };
}

/** Corners of shore that are looked at for points of land, spread evenly where there are many. */
export function cornersOf(shores: Shores): Point[] {
	const all = shores.flat();
	const every = Math.ceil(all.length / CORNERS_MAX);
	return all.filter((_, at) => at % every === 0);
}

function pointsOf(shores: Shores, depths: Depths): Found[] {
	return cornersOf(shores).flatMap((corner): Found[] => {
		const share = openness(shores, corner, POINT_M);
		if (share < POINT_SHARE) return [];
		const because = 'A point: water on more than half of all sides of it.';
		const worth = Math.min(1, (share - POINT_SHARE) / (1 - POINT_SHARE));
		return [{ ...corner, kind: 'point', claim: 'POS-07', because, depthM: depths.at(corner), worth }];
	});
}

/** Points of a grid over a water, as close as their number allows. */
export function searchedIn(shores: Shores): Point[] {
	const all = shores.flat();
	const [east, north] = [all.map(({ eastM }) => eastM), all.map(({ northM }) => northM)];
	const [west, south] = [Math.min(...east), Math.min(...north)];
	const [wideM, highM] = [Math.max(...east) - west, Math.max(...north) - south];
	// Rounded up, a row and a column more than the area has may stand at the edges.
	const least = Math.sqrt((wideM * highM) / POINTS_MAX) + (wideM + highM) / POINTS_MAX;
	const stepM = Math.max(STEP_M, least);
	const found: Point[] = [];
	for (let eastM = west; eastM <= west + wideM; eastM += stepM) {
		for (let northM = south; northM <= south + highM; northM += stepM) {
			if (isOnWater(shores, { eastM, northM })) found.push({ eastM, northM });
		}
	}
	return found;
}

/** The best of each neighbourhood, each kind's best before any kind's second. */
function apart(found: readonly Found[]): Found[] {
	const taken: Found[] = [];
	const kept = found
		.toSorted((a, b) => b.worth - a.worth)
		.filter((one) => {
			const isFree = taken.every((other) => distanceM(one, other) >= APART_M);
			if (isFree) taken.push(one);
			return isFree;
		});
	const rankOf = (one: Found): number => kept.filter(({ kind }) => kind === one.kind).indexOf(one);
	return kept.toSorted((a, b) => rankOf(a) - rankOf(b) || b.worth - a.worth).slice(0, MOST);
}

/**
 * Places that the craft looks for, found by outline and soundings: shallows with deep water near (POS-02), points of land
 * (POS-07), ditches (POS-10). Not more than eight, none nearer than 60 m to another.
 */
export function proposalsIn(depths: Depths): Proposal[] {
	const { shores } = depths;
	if (shores.length === 0) return [];
	const found = searchedIn(shores).flatMap((point) => {
		const depthM = depths.at(point);
		if (depthM === null || depths.known(point) === 0) return [];
		return [dropAt(depths, point, depthM), ditchAt(depths, point, depthM)].filter((one) => one !== null);
	});
	return apart([...found, ...pointsOf(shores, depths)]).map((one) => {
		const known = depths.known(one);
		const sure = known >= WELL ? 'well sounded' : known >= FEW ? 'thinly sounded' : 'by the outline alone';
		return { ...one, sure };
	});
}
