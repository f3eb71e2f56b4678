import { bankNear } from './bank';
import type { Depths } from './depths';
import type { Found } from './features';
import { distanceM, type Point } from './plane';
import { isOnWater, type Ring } from './shore';

/** What grows or stands over an area of a map. */
export const GROWTHS = ['weed', 'timber'] as const;
/** An area of weed or of standing timber, the last corner joined to the first. */
export interface Growth {
	readonly kind: (typeof GROWTHS)[number];
	readonly ring: Ring;
}

/** An edge is walked in steps of so many m; a turn is told by its legs of so many steps; it turns from so many degrees on. */
const STEP_M = 5;
const LEG_STEPS = 4;
const TURN_DEG = 40;
/** Nearer than this (m) to its bank an edge is where the growth meets the land. */
const LANDWARD_M = 20;
/** By so much (m) the deepest of a timber's edge lies under its shallowest, or none of it is its way to the deep. */
const FALL_M = 1;

/** Points of a closed line, evenly spaced. */
function walked(ring: Ring): Point[] {
	return ring.flatMap((from, at) => {
		const to = ring[(at + 1) % ring.length]!;
		const steps = Math.max(1, Math.round(distanceM(from, to) / STEP_M));
		return Array.from({ length: steps }, (_, step) => ({
			eastM: from.eastM + ((to.eastM - from.eastM) * step) / steps,
			northM: from.northM + ((to.northM - from.northM) * step) / steps
		}));
	});
}

/** Points of an edge that look out on open water: not where it meets the land. */
function isSeaward({ shores }: Depths, point: Point): boolean {
	const bank = bankNear(shores, point);
	return bank === null || bank.awayM >= LANDWARD_M;
}

const bearingOf = (from: Point, to: Point): number =>
	(Math.atan2(to.eastM - from.eastM, to.northM - from.northM) * 180) / Math.PI;

/** Turns of the edge of weed (POS-07), points and pockets alike, each where it turns most. */
function turnsOf(depths: Depths, { ring }: Growth): Found[] {
	const edge = walked(ring);
	const at = (place: number): Point => edge[(place + edge.length) % edge.length]!;
	const turns = edge.map((point, place) => {
		const turn = bearingOf(point, at(place + LEG_STEPS)) - bearingOf(at(place - LEG_STEPS), point);
		return Math.abs(((turn + 540) % 360) - 180);
	});
	return edge.flatMap((point, place): Found[] => {
		const turn = turns[place]!;
		const around = Array.from({ length: 2 * LEG_STEPS + 1 }, (_, to) =>
			turns.at((place + to - LEG_STEPS) % edge.length)!
		);
		if (turn < TURN_DEG || turn < Math.max(...around) || !isSeaward(depths, point)) return [];
		const [before, after] = [at(place - LEG_STEPS), at(place + LEG_STEPS)];
		const middle = { eastM: (before.eastM + after.eastM) / 2, northM: (before.northM + after.northM) / 2 };
		const what = isOnWater([ring], middle) ? 'A point' : 'A pocket';
		const depthM = depths.at(point);
		const over = depthM === null ? '' : ` in ${depthM.toFixed(1)} m`;
		const because = `${what} in the weed${over}: a sharp bend in its edge (${Math.round(turn / 5) * 5}°).`;
		return [{ ...point, kind: 'turn', claim: 'POS-07', because, depthM, worth: Math.min(1, turn / 90) }];
	});
}

/** Where timber comes nearest to the deep (POS-05), by the soundings along its edge. */
function timberEdge(depths: Depths, { ring }: Growth): Found[] {
	const edge = walked(ring).flatMap((point) => {
		const depthM = isSeaward(depths, point) && depths.known(point) > 0 ? depths.at(point) : null;
		return depthM === null ? [] : [{ ...point, depthM }];
	});
	if (edge.length === 0) return [];
	const deepest = edge.reduce((most, one) => (one.depthM > most.depthM ? one : most));
	const fallM = deepest.depthM - Math.min(...edge.map(({ depthM }) => depthM));
	if (fallM < FALL_M) return [];
	const because = `The deep edge of the timber, ${deepest.depthM.toFixed(1)} m: move out to it as the sun climbs.`;
	return [{ ...deepest, kind: 'timber', claim: 'POS-05', because, worth: Math.min(1, fallM / (3 * FALL_M)) }];
}

/** Places at the edges of what grows in a water. */
export const edgesOf = (depths: Depths, growths: readonly Growth[]): Found[] =>
	growths.flatMap((one) => (one.kind === 'weed' ? turnsOf(depths, one) : timberEdge(depths, one)));
