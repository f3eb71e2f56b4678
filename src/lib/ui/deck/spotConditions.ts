import { sunAt } from '$lib/presentation/almanac';
import type { ListedSpot, ListedWater } from '$lib/core/records/appStart';
import type { Weather } from '$lib/core/water/weather/weather';
import { distanceM, planeAbout, type LonLat, type Plane, type Point } from '$lib/core/water/places/plane';
import {
	spotConditionsOf,
	placeReasons,
	type SpotConditions,
	type PlaceReason,
	type SpotPlace
} from '$lib/core/water/places/rank';
import type { Shores } from '$lib/core/water/places/shore';
import type { ChartRecord } from '$lib/core/records/chartSchema';
import { completeReading } from '$lib/core/water/reading/complete';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';
import { readingAt } from './day';

/** The middle of a water's map; of a water that does not say where it is the zero of all maps. */
export const centerOf = ({ longitude, latitude }: ListedWater): LonLat => [longitude ?? 0, latitude ?? 0];

/** A water as it lies on its own plane. */
export interface Map {
	readonly plane: Plane;
	readonly shores: Shores;
}

/** The plane of a water's map: about its shore where that was drawn or read, which need not be where the water says it is. */
export const planeOf = (water: ListedWater, chart: Pick<ChartRecord, 'shores'> | null): Plane =>
	planeAbout(chart?.shores[0]?.[0] ?? centerOf(water));

/** A water's map: flat without a chart, but spots that say where they lie keep their distances. */
export function mapOf(water: ListedWater, chart: Pick<ChartRecord, 'shores'> | null): Map {
	const plane = planeOf(water, chart);
	return { plane, shores: (chart?.shores ?? []).map((ring) => ring.map((place) => plane.pointOf(place))) };
}

const pointOf = ({ plane }: Map, { at }: ListedSpot): Point | null => (at ? plane.pointOf(at) : null);

/** Distance (m) between two spots; `null` where one does not say where it lies. */
export function awayM(map: Map, from: ListedSpot | undefined, to: ListedSpot | undefined): number | null {
	const [a, b] = [from && pointOf(map, from), to && pointOf(map, to)];
	return a && b ? distanceM(a, b) : null;
}

const spotPlaceOf = (map: Map, spot: ListedSpot): SpotPlace => ({
	bankBearingDeg: spot.bankBearingDeg,
	profile: spot.profile,
	bankHeightM: spot.bankHeightM ?? 0,
	at: pointOf(map, spot)
});

/** A spot in an hour: how it lies, what is read there, and what speaks for it. */
export interface SpotHour {
	readonly at: string;
	readonly spot: string;
	readonly lie: SpotConditions;
	readonly reading: ParsedReading;
	readonly reasons: readonly PlaceReason[];
	/** Points of the reasons together. */
	readonly place: number;
}

/** How a spot lies in an hour's weather, and what the rules about places say of it, and the record. */
export function spotHour(
	read: ParsedReading,
	weather: Weather,
	{ water, spot, map }: { readonly water: ListedWater; readonly spot: ListedSpot; readonly map: Map },
	remembered?: PlaceReason
): SpotHour {
	const place = spotPlaceOf(map, spot);
	const lie = spotConditionsOf(place, { weather, sun: sunAt(water, weather.at), shores: map.shores });
	const reading = readingAt(read, weather, { water, spot }, lie);
	const ruled = placeReasons(lie, completeReading(reading), place);
	const reasons = remembered ? [...ruled, remembered] : ruled;
	const points = reasons.reduce((sum, reason) => sum + reason.points, 0);
	return { at: weather.at, spot: spot.id, lie, reading, reasons, place: points };
}

/** Hours without those in which thunder is about. */
export function withoutThunder<T extends { readonly at: string }>(
	hours: readonly T[],
	weathers: readonly Weather[]
): T[] {
	const thunder = new Set(weathers.filter((weather) => weather.thunder).map(({ at }) => at));
	return hours.filter(({ at }) => !thunder.has(at));
}
