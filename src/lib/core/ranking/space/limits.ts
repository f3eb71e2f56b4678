import type { DisputeSide } from '../../claims/claim';
import { sideChosen, type Positions } from '../../claims/disputes';
import type { Reading } from '../../water/reading/complete';
import type { Family } from '../../foundation/schema/words';

/** A buzzbait is for fish no deeper than this (m), or than they see, up to the second (the craft, FAM-26). */
const BUZZ_DEPTH_M = 1.2;
const BUZZ_SEEN_M = 4.5;
/** Below this (C) it is left at home. */
const BUZZ_COLDEST_C = 14;

/** Why a family is out of the question on a reading, whatever the rig; `null` when it is not. */
export function limitOf(family: Family, { fishFromM, visibilityM, waterTemperatureC }: Reading): string | null {
	if (family !== 'buzzbait') return null;
	if (fishFromM > Math.max(BUZZ_DEPTH_M, Math.min(visibilityM, BUZZ_SEEN_M))) {
		return 'From down there they would neither see nor feel it on top.';
	}
	return waterTemperatureC < BUZZ_COLDEST_C ? 'The water is too cold: bass don’t come up for it.' : null;
}

/** Sluggish fish in water of this much (C) and less are never asked to follow anything faster than this (m/s). */
const SLUGGISH_COLD_C = 12;
const SLUGGISH_FASTEST_MPS = 0.75;
/** Beyond this (m) nothing lighter is tied on (oz); in a band above the second over less than the third nothing heavier. */
const DEEP_M = 4.5;
const HIGH_BAND_M = 1.5;
const THIN_WATER_M = 2;
const MIDDLE_OZ = 0.5;
/** Sides that ask for speed whatever the fish, and those that choose a weight by habit: who takes one has said so. */
const FAST_SIDES = ['FALL-SPEED/burn', 'MUD-BLADE/knock'] as const;
const WEIGHT_SIDES = ['WEIGHT/one', 'WEIGHT/two', 'WEIGHT/goal', 'WEIGHT/burn'] as const;

/** What common sense leaves of paces (m/s) and weights (oz) on a reading. */
export interface Sense {
	readonly fastestMps: number;
	readonly lightestOz: number;
	readonly heaviestOz: number;
}

/** What no pile of small claims may call: too fast for cold sluggish fish, too light for the deep, too heavy for thin water. */
export function senseOf(reading: Reading, stances: Positions): Sense {
	const { mood, waterTemperatureC, fishFromM, fishToM, bottomM } = reading;
	const takes = (sides: readonly DisputeSide[]): boolean => sides.some((side) => sideChosen(side, stances));
	const slow = mood === 'sluggish' && waterTemperatureC <= SLUGGISH_COLD_C && !takes(FAST_SIDES);
	const byDepth = !takes(WEIGHT_SIDES);
	const deep = byDepth && (fishFromM + fishToM) / 2 > DEEP_M;
	const thin = byDepth && fishToM <= HIGH_BAND_M && bottomM < THIN_WATER_M;
	return {
		fastestMps: slow ? SLUGGISH_FASTEST_MPS : Infinity,
		lightestOz: deep ? MIDDLE_OZ : 0,
		heaviestOz: thin ? MIDDLE_OZ : Infinity
	};
}
