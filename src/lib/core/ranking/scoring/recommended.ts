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
/** Fastest (m/s) by the depth of the middle of the fish (m); nearer the top nothing holds them back. */
const BY_DEPTH_MPS: Curve = [
	[1.8, 1.1],
	[2.2, 0.9],
	[3.2, 0.85],
	[3.8, 0.7]
];

/** Retrieve speeds (m/s) between which the fish of a reading want a lure. */
export interface PaceWindow {
	readonly slowestMps: number;
	readonly fastestMps: number;
}

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
	add(species === 'smallmouth' && visibilityM > 2 && waterTemperatureC >= 14, 0, 0.3);
	add(WORDS['pressure falling'](reading) > 0, 0.1, 0.15);
	add(stances['FALL-SPEED'] === 'burn' && fallChase, 0, 0.3);
	return { slowestMps, fastestMps };
}

/** The least of what holds the fish back, m/s. */
function capMps(reading: Reading, stances: Positions): number {
	const { waterTemperatureC, visibilityM, mood, light, events, phase } = reading;
	const fall = phase === 'fall' || phase === 'late-fall';
	const caps: readonly (readonly [boolean, number])[] = [
		[mood === 'sluggish', waterTemperatureC <= 12 ? 0.6 : 0.7],
		[visibilityM < 0.6, 0.8],
		[light === 'night', 0.8],
		[events.includes('front-passed'), 0.8],
		[waterTemperatureC < 9, 0.6],
		[middleM(reading) >= BY_DEPTH_MPS[0]![0], along(BY_DEPTH_MPS, middleM(reading))],
		[stances['FALL-SPEED'] === 'slow' && fall, 0.8]
	];
	return Math.min(...caps.map(([holds, mps]) => (holds ? mps : Infinity)));
}

/** Width (m/s) of a window whose upper end is held back, and the slowest that is ever asked for then. */
const LEAST_WIDTH_MPS = 0.25;
const SLOWEST_OF_ALL_MPS = 0.35;

/** The window of retrieve speeds that a reading asks for (the craft, PAC-01). */
export function recommendedPace(reading: Reading, stances: Positions): PaceWindow {
	const free = quickened(reading, stances);
	const fastestMps = Math.min(free.fastestMps, capMps(reading, stances));
	const slowestMps = Math.min(free.slowestMps, Math.max(SLOWEST_OF_ALL_MPS, fastestMps - LEAST_WIDTH_MPS));
	return { slowestMps, fastestMps };
}

/** Ounces that anglers tie on by the middle of the fish (m): the craft's nodes. */
const LIGHTEST_OZ: Curve = [
	[0.8, 0.25],
	[1.2, 0.375],
	[2, 0.375],
	[2.4, 0.5],
	[3.5, 0.5],
	[4.5, 0.75],
	[7, 0.75],
	[9, 1]
];
const HEAVIEST_OZ: Curve = [
	[0.8, 0.375],
	[1.2, 0.5],
	[2, 0.5],
	[2.6, 0.75],
	[3.5, 0.75],
	[4.5, 1],
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
