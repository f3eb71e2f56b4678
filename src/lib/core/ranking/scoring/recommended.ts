import type { Positions } from '../../claims/disputes';
import type { Reading } from '../../water/reading/complete';
import { ramp, WORDS } from '../../water/reading/conditions';
import { mainForageIn } from '../../water/reading/forage';

/** A value by nodes of another, linear between them and held at the ends. */
type Curve = readonly (readonly [number, number])[];

function along(curve: Curve, at: number): number {
	const above = curve.findIndex(([node]) => at <= node);
	if (above <= 0) return curve[above < 0 ? curve.length - 1 : 0]![1];
	const [from, to] = [curve[above - 1]!, curve[above]!];
	return from[1] + ramp(at, [from[0], to[0]]) * (to[1] - from[1]);
}

const middleM = ({ fishFromM, fishToM }: Reading): number => (fishFromM + fishToM) / 2;

/** Retrieve speeds (m/s) that are asked for by water temperature (C): the craft's table. */
const SLOWEST_MPS: Curve = [
	[6, 0.4],
	[10, 0.45],
	[15, 0.6],
	[20, 0.8],
	[26, 0.85]
];
const FASTEST_MPS: Curve = [
	[6, 0.55],
	[10, 0.7],
	[15, 0.9],
	[20, 1.1],
	[26, 1.25]
];
/** Fastest (m/s) by the depth of the middle of the fish (m); nearer the top depth holds nothing back. */
const BY_DEPTH_MPS: Curve = [
	[1.2, 1.25],
	[1.8, 1.05],
	[2.2, 0.88],
	[2.7, 0.8],
	[3.2, 0.75],
	[4, 0.68]
];
/** Fastest (m/s) by how far down one sees (m): a bass must find the lure before it is gone. Clearer water has no limit. */
const BY_SIGHT_MPS: Curve = [
	[0.3, 0.7],
	[0.6, 0.85],
	[1, 1],
	[1.5, 1.1],
	[2, 1.25],
	[2.5, 1.6]
];
const SIGHT_LIMITS_TO_M = 3;
/** Speeds (m/s) of a real burn, in water where fish will run it down. */
const BURN_WINDOW = { slowestMps: 1.4, fastestMps: 2.1 } as const;

/** Retrieve speeds (m/s) between which the fish of a reading want a lure. */
export interface PaceWindow {
	readonly slowestMps: number;
	readonly fastestMps: number;
}

/** A window, and the pace in it to begin with. */
export interface Pace extends PaceWindow {
	readonly aimMps: number;
}

/** The slowest pace (m/s) that anglers begin with, and the fastest: they begin slower where they see less (m). */
const BEGINS_FROM_MPS = 0.5;
const BEGINS_TO_MPS: Curve = [
	[1, 0.85],
	[3, 1]
];
/** Chasing fish in water of these temperatures (C) are begun with a little faster, m/s. */
const CHASE_C = [19, 22] as const;
const CHASE_MPS = 0.1;
/** Where in the window one begins: fish that are held back get the most they follow, others somewhat less than that. */
const SHARE = { heldBack: 0.92, free: 0.65, deep: 0.45, deepChasing: 0.6 } as const;
/** From the first depth (m) on, and wholly from the second, a lure is slowed down to stay with the fish. */
const SLOW_FOR_DEPTH_M = [1.8, 2.6] as const;

/** What is added to the window, both ends, m/s. */
function quickened(reading: Reading, stances: Positions): PaceWindow {
	const { waterTemperatureC, visibilityM, mood, species, phase } = reading;
	let [slowestMps, fastestMps] = [along(SLOWEST_MPS, waterTemperatureC), along(FASTEST_MPS, waterTemperatureC)];
	const add = (when: boolean, slow: number, fast: number): void => {
		if (when) [slowestMps, fastestMps] = [slowestMps + slow, fastestMps + fast];
	};
	const chasing = mood === 'chasing';
	const fallChase = (phase === 'fall' || phase === 'late-fall') && chasing && WORDS.bait(reading) > 0;
	add(chasing && waterTemperatureC > 10, 0.15, 0.3);
	add(chasing && visibilityM > 3 && waterTemperatureC >= 14, 0.1, 0.4);
	add(species === 'smallmouth' && visibilityM > 2 && waterTemperatureC >= 12, 0, 0.3);
	add(WORDS['pressure falling'](reading) > 0, 0.1, 0.15);
	add(stances['FALL-SPEED'] === 'burn' && fallChase, 0, 0.3);
	return WORDS['water for a burn'](reading) > 0 ? BURN_WINDOW : { slowestMps, fastestMps };
}

/** The least of what holds the fish back, m/s. */
function capMps(reading: Reading, stances: Positions): number {
	const { waterTemperatureC, visibilityM, mood, light, events, phase } = reading;
	const fall = phase === 'fall' || phase === 'late-fall';
	const caps: readonly (readonly [boolean, number])[] = [
		[mood === 'sluggish', waterTemperatureC <= 12 ? 0.6 : 0.7],
		[visibilityM < SIGHT_LIMITS_TO_M, along(BY_SIGHT_MPS, visibilityM)],
		[light === 'night', 0.8],
		[events.includes('front-passed'), 0.8],
		[waterTemperatureC < 9, 0.6],
		[
			middleM(reading) >= BY_DEPTH_MPS[0]![0] && WORDS['water for a burn'](reading) === 0,
			along(BY_DEPTH_MPS, middleM(reading))
		],
		[stances['FALL-SPEED'] === 'slow' && fall, 0.8]
	];
	return Math.min(...caps.map(([holds, mps]) => (holds ? mps : Infinity)));
}

/** Width (m/s) of a window whose upper end is held back, and the slowest that is ever asked for then. */
const LEAST_WIDTH_MPS = 0.25;
const SLOWEST_OF_ALL_MPS = 0.35;

/** The window of retrieve speeds that a reading asks for (the craft, PAC-01). */
export function recommendedPace(reading: Reading, stances: Positions): Pace {
	const free = quickened(reading, stances);
	const fastestMps = Math.min(free.fastestMps, capMps(reading, stances));
	const slowestMps = Math.min(free.slowestMps, Math.max(SLOWEST_OF_ALL_MPS, fastestMps - LEAST_WIDTH_MPS));
	const near = fastestMps < free.fastestMps ? SHARE.heldBack : SHARE.free;
	const deep = reading.mood === 'chasing' ? SHARE.deepChasing : SHARE.deep;
	const share = near + ramp(middleM(reading), SLOW_FOR_DEPTH_M) * (deep - near);
	const chase = reading.mood === 'chasing' ? CHASE_MPS * ramp(reading.waterTemperatureC, CHASE_C) : 0;
	const most = along(BEGINS_TO_MPS, reading.visibilityM) + chase;
	const wantedMps = Math.min(most, Math.max(BEGINS_FROM_MPS, slowestMps + share * (fastestMps - slowestMps)));
	return { slowestMps, fastestMps, aimMps: Math.min(fastestMps, Math.max(slowestMps, wantedMps)) };
}

/** Ounces that anglers tie on by the middle of the fish (m): the craft's nodes. */
const LIGHTEST_OZ: Curve = [
	[0.8, 0.25],
	[1.2, 0.375],
	[2, 0.375],
	[2.2, 0.5],
	[2.8, 0.625],
	[3.4, 0.75],
	[7, 0.75],
	[9, 1]
];
const HEAVIEST_OZ: Curve = [
	[0.8, 0.375],
	[1.2, 0.5],
	[2, 0.5],
	[2.4, 0.75],
	[3.4, 1],
	[9, 1],
	[11, 1.5]
];
/** Bait from this length (in) asks for a fuller lure. */
const FULL_BAIT_IN = 3.5;
const FULL_OZ = [0.375, 0.5] as const;

/** Lightest and heaviest spinnerbait (oz) that anglers tie on for the fish of a reading (the craft, WGT-20). */
export function recommendedOunces(reading: Reading): readonly [number, number] {
	const light = along(LIGHTEST_OZ, middleM(reading));
	const heavy = along(HEAVIEST_OZ, middleM(reading));
	const full = reading.wind === 'heavy' || reading.goal === 'big' || (mainForageIn(reading) ?? 0) >= FULL_BAIT_IN;
	return full ? [Math.max(light, FULL_OZ[0]), Math.max(heavy, FULL_OZ[1])] : [light, heavy];
}
