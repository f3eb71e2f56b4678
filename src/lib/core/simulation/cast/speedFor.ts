import { USUAL_ARM_M } from '../../foundation/constants/constants';
import { KEEP_SHARE } from '../physics/blade';
import { assembleLure, startMps } from '../physics/lure';
import type { MeasuredParts } from '../physics/measured';
import { rollMps, upToMps } from '../physics/roll';
import { runningRig } from '../physics/window';
import { parseWith } from '../../foundation/schema/failure';
import { speedForInputSchema, type SpeedFor, type SpeedForInput, type TowInput } from '../../foundation/schema/tow';
import { towedDepthM } from './tow';

/** Slowest and fastest winding (m/s) that is looked at: the model holds from 0.2 to 3 m/s. */
const SLOWEST_MPS = 0.15;
const FASTEST_MPS = 3;
/** Nobody winds one cast in for longer than this, s: a long one has a faster slowest speed. */
const LONGEST_WIND_S = 170;
/** A speed is found to this, m/s: far finer than a hand winds. */
const FINE_MPS = 0.002;
/** Coarser line than in a whole cast: a centimeter of depth, and a dozen casts are asked for. */
const SEGMENTS = 12;

/** Slowest and fastest winding (m/s) at which a rig turns its blades and leans no further than is fished. */
export function safeMps(rig: TowInput['rig'], measured?: MeasuredParts): readonly [number, number] {
	const lure = assembleLure(runningRig(rig, measured));
	return [KEEP_SHARE * startMps(lure), upToMps(rollMps(lure, USUAL_ARM_M))];
}

/**
 * The speed of winding (m/s) at which a lure is as deep as asked at a distance from the tip, by halving: the depth at a
 * place falls as the speed grows. A lure that lies on the bottom is as deep as that. A speed at which its blades stall, or
 * at which it leans or rolls over, is no answer.
 *
 * @param measured What the angler measured, which stands over the tables.
 */
export function speedFor({ holdM, atM, ...cast }: SpeedForInput, measured?: MeasuredParts): SpeedFor {
	const distanceM = typeof atM === 'number' ? atM : atM[0]!;
	const depthAt = (speedMps: number): number =>
		towedDepthM({ segments: SEGMENTS, ...cast, turnsPerS: undefined, speedMps }, distanceM, measured) ?? 0;
	const slowest = Math.max(SLOWEST_MPS, cast.castM / LONGEST_WIND_S);
	if (depthAt(slowest) < holdM) return { speedMps: null, why: 'never that deep' };
	if (depthAt(FASTEST_MPS) > holdM) return { speedMps: null, why: 'deeper even at most' };
	let [slow, fast] = [slowest, FASTEST_MPS];
	while (fast - slow > FINE_MPS) {
		const middle = (slow + fast) / 2;
		if (depthAt(middle) > holdM) slow = middle;
		else fast = middle;
	}
	const speedMps = (slow + fast) / 2;
	const [from, to] = safeMps(cast.rig, measured);
	if (speedMps < from) return { speedMps: null, why: 'stalls at that speed' };
	if (speedMps > to) return { speedMps: null, why: 'leans at that speed' };
	return { speedMps, why: null };
}

/** `speed-for` on raw input: checks it, then answers. */
export const answerSpeedFor = (input: unknown): SpeedFor => speedFor(parseWith(speedForInputSchema, input));
