import type { SpotRecord, WaterRecord } from '$lib/core/records/schemas';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import { NAME_MAX } from '$lib/core/foundation/schema/limits';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';
import { deviceZone } from './places';

/** A new water: its clock is the device's until somebody says otherwise. */
export const blankWater = (name: string, place: WaterRecord['place'] = 'lake'): WaterRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name,
	timeZone: deviceZone(),
	place,
	latitude: null,
	longitude: null
});

/** A new spot: only its name is known. */
export const blankSpot = (waterId: string, name: string): SpotRecord => ({
	schemaVersion: SCHEMA_VERSION,
	waterId,
	name,
	bankBearingDeg: null,
	profile: [],
	cover: []
});

/** How far out (m) the bottom of a spot is taken to reach that was saved from a reading. */
const SLOPE_M = 20;

/** A spot as a reading knows it: its bottom as an even slope, and its cover. */
export const spotFromReading = (waterId: string, name: string, { bottomM, cover }: ParsedReading): SpotRecord => ({
	...blankSpot(waterId, name),
	profile: [
		{ outM: 0, depthM: 0 },
		{ outM: SLOPE_M, depthM: bottomM }
	],
	cover: [...(cover ?? [])]
});

/** The first of "Spot 1", "Spot 2" … that none of the names is; likewise for other words. */
export function freeName(word: string, taken: readonly string[]): string {
	const known = new Set(taken.map((name) => name.trim().toLowerCase()));
	for (let at = 1; ; at++) if (!known.has(`${word} ${at}`.toLowerCase())) return `${word} ${at}`;
}

/** The name of a copy. */
export const copyName = (name: string, taken: readonly string[]): string =>
	freeName(name.replace(/ \d+$/, '').slice(0, NAME_MAX - 5), [...taken, name.replace(/ \d+$/, '')]);
