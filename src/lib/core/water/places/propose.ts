import { Depths } from './depths';
import { bendAt, ditchAt, dropAt, type Found, type Proposal } from './features';
import { distanceM, type Point } from './plane';
import { armsIn } from './arms';
import { edgesOf, type Growth } from './growth';
import { isOnWater, openness, type Shores } from './shore';

/** Least step of the search (m), fewest m between two proposals, and most proposals (assumed). */
const STEP_M = 15;
/** Most points that are looked at: over a large water the step grows. Most corners of shore likewise. */
const POINTS_MAX = 5000;
const CORNERS_MAX = 400;
const APART_M = 60;
const MOST = 8;
/** Most of a kind: one more like the others tells little. */
const MOST_OF_A_KIND = 4;
/** A shore around which more than this share of a circle is water is a point of land, and the circle's radius, m. */
const POINT_SHARE = 0.64;
const POINT_M = 40;
/** So many soundings within reach are enough, and so many are few. */
const WELL = 8;
const FEW = 3;

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
		const because = 'A point: water on more than half of its sides.';
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

/** A bend is a piece of a ditch, an arm or an edge may hold any of them: what says more of a place stands for it. */
const SAYS_MORE: ReadonlySet<Found['kind']> = new Set<Found['kind']>(['bend', 'arm', 'turn', 'timber']);

/** The best of each neighbourhood, each kind's best before any kind's second. */
function apart(found: readonly Found[]): Found[] {
	const taken: Found[] = [];
	const kept = found
		.toSorted((a, b) => Number(SAYS_MORE.has(b.kind)) - Number(SAYS_MORE.has(a.kind)) || b.worth - a.worth)
		.filter((one) => {
			const isFree = taken.every((other) => distanceM(one, other) >= APART_M);
			if (isFree) taken.push(one);
			return isFree;
		});
	const rankOf = (one: Found): number => kept.filter(({ kind }) => kind === one.kind).indexOf(one);
	return kept
		.filter((one) => rankOf(one) < MOST_OF_A_KIND)
		.toSorted((a, b) => rankOf(a) - rankOf(b) || b.worth - a.worth)
		.slice(0, MOST);
}

/**
 * Places that the craft looks for, found by outline and soundings: shallows with deep water near (POS-02), points of land
 * and outside bends of a channel (POS-07), turns of weed (POS-07), the edge of timber (POS-05), long narrow arms (POS-09),
 * ditches (POS-10). Not more than eight, none nearer than 60 m to another.
 *
 * @param growths Weed and timber of the map.
 */
export function proposalsIn(depths: Depths, growths: readonly Growth[] = []): Proposal[] {
	const { shores } = depths;
	if (shores.length === 0) return [];
	const searched = searchedIn(shores);
	const found = searched.flatMap((point) => {
		const depthM = depths.at(point);
		if (depthM === null || depths.known(point) === 0) return [];
		return [dropAt, ditchAt, bendAt].map((find) => find(depths, point, depthM)).filter((one) => one !== null);
	});
	const elsewhere = [...pointsOf(shores, depths), ...armsIn(depths, searched), ...edgesOf(depths, growths)];
	return apart([...found, ...elsewhere]).map((one) => {
		const known = depths.known(one);
		const sure =
			known >= WELL ? 'many soundings nearby' : known >= FEW ? 'few soundings nearby' : 'from the shoreline only';
		return { ...one, sure };
	});
}
