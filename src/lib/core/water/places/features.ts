import type { Depths } from './depths';
import { movedBy, type Point } from './plane';
import { NEAR_M, SHALLOW_M } from './profile';

/** What a place is proposed as. */
export const PROPOSED = ['drop', 'point', 'ditch', 'bend', 'arm', 'turn', 'timber'] as const;
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
	readonly sure: 'many soundings nearby' | 'few soundings nearby' | 'from the shoreline only';
}

/** Least drop (m) beside shallows; least depth (m) that a ditch has over both its sides, so far (m) from its middle. */
const DROP_M = 2;
/** Thinner water (m) than this holds no fish. */
const THIN_M = 0.3;
const DITCH_M = 0.8;
const DITCH_SIDE_M = 25;
/** A channel is followed so far (m) each way; it bends from so many degrees on; its legs lie so far apart at least. */
const LEG_M = 40;
const BEND_DEG = 35;
const LEGS_APART_DEG = 60;
/** Bearings that are looked in, degrees apart. */
const LOOK_DEG = 15;
/** The outside of a bend is looked for in steps of so many m, no farther than this. */
const OUT_STEP_M = 5;
const OUT_MOST_M = 35;

/** A proposal before it is known how well it was sounded. */
export type Found = Omit<Proposal, 'sure'>;

/** Shallow water with a drop beside it. */
export function dropAt(depths: Depths, point: Point, depthM: number): Found | null {
	if (depthM < THIN_M || depthM > SHALLOW_M) return null;
	const drop = depths.deepestM(point, NEAR_M) - depthM;
	if (drop < DROP_M) return null;
	const because = `${depthM.toFixed(1)} m with ${(depthM + drop).toFixed(1)} m within ${NEAR_M} m: shallow water with deep water close by.`;
	return { ...point, kind: 'drop', claim: 'POS-02', because, depthM, worth: Math.min(1, drop / (2 * DROP_M)) };
}

/** A ditch that runs straight through. */
export function ditchAt(depths: Depths, point: Point, depthM: number): Found | null {
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
	const because = `A ditch, ${most.toFixed(1)} m deeper than both sides: bait gets trapped there.`;
	return { ...point, kind: 'ditch', claim: 'POS-10', because, depthM, worth: Math.min(1, most / (2 * DITCH_M)) };
}

interface Leg {
	readonly bearing: number;
	readonly depthM: number;
}

const between = (a: number, b: number): number => Math.abs(((a - b + 540) % 360) - 180);

/** The two ways in which a channel goes on from a point, and how shallow it is between them; `null` for no channel. */
function legsAt(depths: Depths, point: Point, depthM: number): readonly [Leg, Leg] | null {
	const look = (bearing: number): Leg => ({ bearing, depthM: depths.at(movedBy(point, bearing, LEG_M)) ?? 0 });
	// Most of a bottom is no channel, which four looks tell.
	if (![0, 90, 180, 270].some((bearing) => look(bearing).depthM <= depthM - DITCH_M)) return null;
	const ring = Array.from({ length: 360 / LOOK_DEG }, (_, at) => look(at * LOOK_DEG));
	const deepest = (legs: readonly Leg[]) => legs.reduce((most, one) => (one.depthM > most.depthM ? one : most));
	const first = deepest(ring);
	const second = deepest(ring.filter(({ bearing }) => between(bearing, first.bearing) >= LEGS_APART_DEG));
	if (second.depthM <= depthM - DITCH_M) return null;
	const from = Math.min(first.bearing, second.bearing);
	const to = Math.max(first.bearing, second.bearing);
	const inner = ring.filter(({ bearing }) => bearing > from && bearing < to);
	const outer = ring.filter(({ bearing }) => bearing < from || bearing > to);
	// Between its legs on either hand the bottom stands up, or it is a basin and no channel.
	const isChannel = [inner, outer].every((side) => Math.min(...side.map((one) => one.depthM)) <= depthM - DITCH_M);
	return isChannel ? [first, second] : null;
}

/** The outside of a bend of a channel: where its wall stands up, away from the way it turns. */
export function bendAt(depths: Depths, point: Point, depthM: number): Found | null {
	const legs = legsAt(depths, point, depthM);
	if (!legs) return null;
	const [a, b] = legs.map(({ bearing }) => bearing) as [number, number];
	const turn = 180 - between(a, b);
	const endOf = (bearing: number): Point => movedBy(point, bearing, LEG_M);
	if (turn < BEND_DEG) return null;
	// From the edge of a straight channel both legs lean inwards, but the way between their ends is as deep as they are.
	const chord = { eastM: (endOf(a).eastM + endOf(b).eastM) / 2, northM: (endOf(a).northM + endOf(b).northM) / 2 };
	if ((depths.at(chord) ?? 0) > depthM - DITCH_M) return null;
	const middle = b + (((a - b + 540) % 360) - 180) / 2;
	for (let outM = OUT_STEP_M; outM <= OUT_MOST_M; outM += OUT_STEP_M) {
		const wall = movedBy(point, middle + 180, outM);
		const wallM = depths.at(wall);
		if (wallM === null) return null;
		if (wallM > depthM - DITCH_M) continue;
		const because = `The outside of a bend: a channel ${depthM.toFixed(1)} m deep turns by ${turn}°; the top of its wall is at ${wallM.toFixed(1)} m.`;
		return { ...wall, kind: 'bend', claim: 'POS-07', because, depthM: wallM, worth: Math.min(1, turn / 90) };
	}
	return null;
}
