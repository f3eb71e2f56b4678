import type { ParsedReading } from '../../foundation/schema/reading';
import type { Phase } from '../../foundation/schema/words';

/**
 * Water temperature (C) below which a phase still holds, coldest first. Bass go on the bed at about 16-21 C and leave
 * the shallows from about 24 C; assumed round figures for a suggestion that the angler overrides.
 */
const WARMING: readonly (readonly [number, Phase])[] = [
	[9, 'winter'],
	[16, 'pre-spawn'],
	[21, 'spawn'],
	[24, 'post-spawn'],
	[Infinity, 'summer']
];
const COOLING: readonly (readonly [number, Phase])[] = [
	[9, 'winter'],
	[14, 'late-fall'],
	[22, 'fall'],
	[Infinity, 'late-summer']
];
/** Water at or above this (C) with no sign of shortening days is simply summer. */
const HIGH_SUMMER_C = 26;

/**
 * Days shorter than this (h) are winter's, whatever the water says: nothing spawns in them. At 28 degrees, where bass spawn
 * in January, no day is as short; at 38 degrees days are until February.
 */
const DEEP_WINTER_H = 10.2;
/** Days that shrink below this (h) end the fall. */
const LATE_FALL_H = 11;
/** Nobody is on a bed deeper than this, m: they have not come up yet, or have left. */
const DEEPEST_BED_M = 5;
/** From the middle of the temperatures of the spawn on, fish that are not on a bed have left it, C. */
const MID_SPAWN_C = 18.5;

type Facts = Pick<ParsedReading, 'waterTemperatureC' | 'trend' | 'dayLength' | 'dayLengthH' | 'fishFromM'>;

/** The spawn, where days are long enough for it and fish shallow enough; else what comes before or after it. */
function spawnOr({ waterTemperatureC, dayLengthH, fishFromM = 0 }: Facts): Phase {
	if (dayLengthH !== undefined && dayLengthH < DEEP_WINTER_H) return 'pre-spawn';
	if (fishFromM < DEEPEST_BED_M) return 'spawn';
	return waterTemperatureC < MID_SPAWN_C ? 'pre-spawn' : 'post-spawn';
}

/**
 * Season phase suggested by temperature, trend, the depth of the fish and, when given, the length of the day and where it
 * goes.
 *
 * Day length decides between the warming and the cooling half of the year; without it the trend does.
 *
 * @param reading Temperature in C, trend, shallowest fish in m, and optionally day length in h and its direction.
 * @returns The phase that an angler of that water would most likely name.
 */
export function suggestPhase(reading: Facts): Phase {
	const { waterTemperatureC, trend = 'steady', dayLength, dayLengthH } = reading;
	const cooling = dayLength === 'shrinking' || (dayLength !== 'growing' && trend === 'falling');
	if (dayLength !== 'shrinking' && waterTemperatureC >= HIGH_SUMMER_C) return 'summer';
	const phase = (cooling ? COOLING : WARMING).find(([below]) => waterTemperatureC < below)![1];
	if (phase === 'spawn') return spawnOr(reading);
	const isLate = cooling && dayLengthH !== undefined && dayLengthH < LATE_FALL_H;
	return isLate && phase === 'fall' ? 'late-fall' : phase;
}
