import { M_PER_IN } from '$lib/core/foundation/basics/units';
import { mainForageIn } from '$lib/core/water/reading/forage';
import type { Reading } from '$lib/core/water/reading/complete';
import { pxPerM, yOf, type Frame } from './geometry';
import type { Box } from './labels';

/** All of a reading that is drawn. */
export type Drawn = Pick<
	Reading,
	| 'bank'
	| 'bottomM'
	| 'cover'
	| 'fishFromM'
	| 'fishToM'
	| 'forage'
	| 'light'
	| 'moon'
	| 'sky'
	| 'stain'
	| 'sunElevationDeg'
	| 'visibilityM'
	| 'wind'
	| 'windMps'
>;

/** A fish in the drawing: nose and middle line, and its length, px. */
export interface Fish {
	readonly x: number;
	readonly y: number;
	readonly long: number;
}

/** Length of the drawn bass, m: a fish of about fifteen inches. */
const BASS_M = 0.38;
/** Shortest drawn fish, px: below that they are specks. */
const BASS_PX = 30;
const BAIT_PX = 7.5;

type Band = Pick<Reading, 'fishFromM' | 'fishToM'>;

/** Two bass in the band. */
export function bassIn(frame: Frame, { fishFromM, fishToM }: Band): Fish[] {
	const long = Math.max(BASS_PX, BASS_M * pxPerM(frame));
	const [from, to] = [yOf(frame, fishFromM), yOf(frame, fishToM)];
	return [0.2, 0.62].map((share, at) => ({
		x: frame.left + (frame.right - frame.left) * (0.24 + at * 0.34),
		y: from + (to - from) * (0.35 + share * 0.4),
		long
	}));
}

/** A shoal of the main forage over the band, to scale where that is large enough to see. */
export function shoalIn(frame: Frame, reading: Pick<Reading, 'forage' | 'bottomM' | 'fishFromM'>): Fish[] {
	const lengthIn = mainForageIn(reading);
	if (lengthIn === null) return [];
	const long = Math.max(BAIT_PX, lengthIn * M_PER_IN * pxPerM(frame));
	const middle = yOf(frame, Math.max(0.15, Math.min(reading.bottomM * 0.5, reading.fishFromM + 0.2)));
	return Array.from({ length: 9 }, (_, at) => ({
		x: frame.left + (frame.right - frame.left) * 0.27 + (at % 3) * long * 1.5 + Math.floor(at / 3) * 6,
		y: middle + (Math.floor(at / 3) - 1) * Math.max(9, long * 0.5),
		long
	}));
}

/** A fish as an SVG path, its nose to the left. */
export const fishPath = ({ x, y, long }: Fish): string =>
	`M${x} ${y}q${long * 0.3} ${-long * 0.2} ${long * 0.76} ${-long * 0.03}l${long * 0.2} ${-long * 0.13}q${-long * 0.05} ${long * 0.14} 0 ${long * 0.3}l${-long * 0.2} ${-long * 0.12}q${-long * 0.44} ${long * 0.18} ${-long * 0.76} ${-long * 0.02}Z`;

/** The rectangle that a fish takes. */
export const boxOfFish = ({ x, y, long }: Fish): Box => ({ x, y: y - long * 0.2, width: long, height: long * 0.4 });

/** How far the sun's rays lean in the water, per px of depth: light bends towards the vertical as it enters (n = 1.333). */
export const rayLean = (sunDeg: number): number =>
	Math.tan(Math.asin(Math.cos((Math.max(3, sunDeg) * Math.PI) / 180) / 1.333));
