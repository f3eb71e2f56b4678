import type { ListedSpot, ListedWater } from '$lib/core/records/appStart';
import { bankIn } from '$lib/core/water/weather/weather';
import { twinsOf, type Twin } from '$lib/core/water/places/twins';
import type { Reading } from '$lib/core/water/reading/complete';

/** Where the wind comes from as against the bearing in which one looks over the water, by what it does to the bank. */
const OFF_DEG: Readonly<Record<Reading['bank'], number>> = { windblown: 0, cross: 90, sheltered: 180 };
/** Less alike than this is no twin (assumed), and so many are told. */
const LEAST = 0.5;
const MOST = 3;

/** A place most like the one that gave a bite. */
export interface NamedTwin extends Twin {
	readonly name: string;
}

/**
 * The places of a water most like a spot in the wind that it has there.
 *
 * @param bank What the wind does to the spot's bank; a wind along it may come from either side, one is taken.
 */
export function twinsHere(spot: ListedSpot, water: ListedWater, bank: Reading['bank']): NamedTwin[] {
	const windFromDeg = ((spot.bankBearingDeg ?? 0) + OFF_DEG[bank]) % 360;
	const spotPlaceOf = (one: ListedSpot) => ({
		id: one.id,
		profile: one.profile,
		cover: one.cover,
		// Of a bank that may face anywhere nothing is said.
		bank: one.bankBearingDeg === null || spot.bankBearingDeg === null ? bank : bankIn(windFromDeg, one.bankBearingDeg)
	});
	const found = twinsOf({ ...spotPlaceOf(spot), bank }, water.spots.map(spotPlaceOf));
	return found
		.filter(({ likeness }) => likeness >= LEAST)
		.slice(0, MOST)
		.map((twin) => ({ ...twin, name: water.spots.find(({ id }) => id === twin.id)!.name }));
}
