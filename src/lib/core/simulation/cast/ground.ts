import type { Reading } from '../../water/reading/complete';
import type { TowInput } from '../../foundation/schema/tow';
import { BANK_AT, COVER_AT, depthOutM, reachM, type Soundings } from './soundings';

/** Which way a cast goes: where the tip is from the bank (m), and whether the lure flies to the bank. */
export interface Throw {
	readonly tipOutM: number;
	readonly towardsBank: boolean;
	readonly castM: number;
}

/** Nothing is cast nearer to the bank or to the end of the known water than this, m. */
const EDGE_M = 1;
/** A cast is never shorter than this, m. */
const SHORTEST_M = 6;
/** Shallowest water that is cast into (m, docs/TANK.md), and how finely its edge is looked for, m. */
const LANDS_IN_M = 0.3;
const REACH_STEP_M = 0.25;
/** Shallowest and deepest water that a bed is told to have, m: the simulation takes no deeper. */
const SHALLOWEST_M = 0.1;
const DEEPEST_M = 100;

/**
 * How far (m) one casts from so far out (m) towards the bank at an angle to it, so that the lure still lands in water.
 *
 * @param sine Sine of the angle to the line of the bank: 1 square to it, 0 along it.
 */
export function reachingM(
	{ soundings, bottomM, outM }: { soundings: Soundings; bottomM: number; outM: number },
	castM: number,
	sine: number
): number {
	const isWater = (xM: number): boolean => {
		const out = outM - sine * xM;
		return out >= EDGE_M && depthOutM(soundings, bottomM, out) >= LANDS_IN_M;
	};
	let reach = castM;
	while (reach > SHORTEST_M && !isWater(reach)) reach = Math.max(SHORTEST_M, reach - REACH_STEP_M);
	return Math.min(castM, reach);
}

/** The cast of a reading: from a boat out on the water towards the bank, from the bank outwards. */
export function throwOf(
	{ from, castM, bottomM }: Pick<Reading, 'from' | 'castM' | 'bottomM'>,
	soundings: Soundings
): Throw {
	const reach = reachM(soundings);
	if (from === 'bank') {
		return { tipOutM: 0, towardsBank: false, castM: Math.max(SHORTEST_M, Math.min(castM, reach - EDGE_M)) };
	}
	const tipOutM = Math.min(reach - EDGE_M, castM + EDGE_M);
	return { tipOutM, towardsBank: true, castM: reachingM({ soundings, bottomM, outM: tipOutM }, castM, 1) };
}

/** Distance (m) from the bank of a place that is so far (m) from the tip. */
export const outOf = ({ tipOutM, towardsBank }: Throw, xM: number): number =>
	towardsBank ? tipOutM - xM : tipOutM + xM;

const fromTip = ({ tipOutM, towardsBank }: Throw, outM: number): number =>
	towardsBank ? tipOutM - outM : outM - tipOutM;

/**
 * The bed under a cast, every meter of it, and what stands on it, as `tow` wants them: by the distance from the tip.
 *
 * @param cover What the lure does not go through.
 * @param sine Sine of the angle between cast and bank.
 */
export function groundOf(
	thrown: Throw,
	soundings: Soundings,
	bottomM: number,
	cover: Reading['cover'],
	sine = 1
): Required<Pick<TowInput, 'bottom' | 'covers'>> {
	// Level water needs no points: a flat bed is the same, and quicker to cast over.
	const isLevel = soundings.every(({ depthM }) => depthM === soundings[0]!.depthM);
	const length = Math.ceil(thrown.castM) + 2;
	const depthM = (xM: number): number => depthOutM(soundings, bottomM, Math.max(0, outOf(thrown, sine * xM)));
	const pointsM = Array.from({ length: length + 1 }, (_, xM): [number, number] => [
		xM,
		Math.min(DEEPEST_M, Math.max(SHALLOWEST_M, depthM(xM)))
	]);
	const reach = reachM(soundings);
	const covers = cover
		.map(({ kind, topM }) => {
			const ends = COVER_AT[kind].map((share) => fromTip(thrown, reach * (1 - share / BANK_AT)));
			return { fromM: Math.max(0, Math.min(...ends)), toM: Math.max(0, Math.max(...ends)), topM };
		})
		.filter(({ fromM, toM }) => toM > fromM);
	return { bottom: isLevel ? { flatM: Math.max(SHALLOWEST_M, bottomM) } : { pointsM }, covers };
}
