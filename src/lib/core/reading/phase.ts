import type { ParsedReading } from '../schema/reading';
import type { Phase } from '../schema/words';

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
 * Season phase suggested by temperature, trend and, when given, the direction of day length.
 *
 * Day length decides between the warming and the cooling half of the year; without it the trend does.
 *
 * @param reading Temperature in C, trend, and optionally day length direction.
 * @returns The phase that an angler of that water would most likely name.
 */
export function suggestPhase(reading: Pick<ParsedReading, 'waterTemperatureC' | 'trend' | 'dayLength'>): Phase {
	const { waterTemperatureC, trend = 'steady', dayLength } = reading;
	const cooling = dayLength === 'shrinking' || (dayLength !== 'growing' && trend === 'falling');
	if (dayLength !== 'shrinking' && waterTemperatureC >= HIGH_SUMMER_C) return 'summer';
	const table = cooling ? COOLING : WARMING;
	return table.find(([below]) => waterTemperatureC < below)![1];
}
