import { SCHEMA_VERSION } from '$lib/core/records/version';
import type { ListedWater } from '$lib/core/records/appStart';
import { spotRecordOf } from '$lib/client/state/places';
import { lookingFrom } from '$lib/core/water/places/bank';
import { Depths } from '$lib/core/water/places/depths';
import { distanceM, planeAbout, type LonLat, type Plane, type Point } from '$lib/core/water/places/plane';
import type { ChartRecord } from '$lib/core/records/chartSchema';
import type { SpotRecord } from '$lib/core/records/schemas';
import { centerOf, planeOf } from './spotConditions';
import type { MapFile } from './mapFile';
import { EMPTY, type Drawing } from './sheet';

/** A water is no farther (m) from a file's places than this, or the file is of another water. */
const FAR_M = 30_000;
/** A named place is the spot of the same name. */
const isSameName = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();

/** What taking a file changes: the chart, spots that learn where they lie, and spots that are new. */
export interface Taking {
	readonly chart: Pick<ChartRecord, 'shores' | 'soundings' | 'growths'> | null;
	readonly moved: readonly { readonly id: string; readonly record: SpotRecord }[];
	readonly added: readonly SpotRecord[];
}

/** Why a file cannot be of a water; `null` where it can. */
export function notOf(file: MapFile, water: ListedWater): string | null {
	const { name } = water;
	// A water that does not say where it is may lie anywhere.
	if (water.latitude === null || water.longitude === null) return null;
	const first: LonLat | undefined =
		file.shores[0]?.[0] ?? file.soundings[0]?.[0] ?? file.places[0]?.at ?? file.growths[0]?.ring[0];
	if (!first) return null;
	const plane = planeAbout(centerOf(water));
	const away = distanceM(plane.pointOf(first), { eastM: 0, northM: 0 });
	return away > FAR_M ? `This file covers a place ${Math.round(away / 1000)} km from ${name}.` : null;
}

/** The bottom that a place is given until somebody sounds it: an even slope. */
const UNSOUNDED: SpotRecord['profile'] = [
	{ outM: 0, depthM: 0 },
	{ outM: 20, depthM: 2 }
];

const mutable = (place: LonLat): [number, number] => [place[0], place[1]];

/** What is known of the depths of a water by its chart. */
export function depthsOf(plane: Plane, { shores, soundings }: Pick<ChartRecord, 'shores' | 'soundings'>): Depths {
	return new Depths(
		shores.map((ring) => ring.map((place) => plane.pointOf(place))),
		soundings.map(([at, depthM]) => ({ ...plane.pointOf(at), depthM }))
	);
}

/** A new spot at a place: which way it looks, and its bottom, by the chart. */
export function spotAt(
	plane: Plane,
	depths: Depths,
	waterId: string,
	{ name, at }: { readonly name: string; readonly at: LonLat }
): SpotRecord {
	const { bearingDeg, profile } = lookingFrom(depths, plane.pointOf(at));
	return {
		schemaVersion: SCHEMA_VERSION,
		waterId,
		name,
		bankBearingDeg: bearingDeg,
		at: mutable(at),
		profile: [...(profile ?? UNSOUNDED)],
		cover: []
	};
}

/** What a file has of one thing, with what there was: added to it, or in its place where there is any. */
const laidOn = <T>(before: readonly T[], read: readonly T[], merge: boolean): T[] =>
	read.length === 0 ? [...before] : merge ? [...before, ...read] : [...read];

/**
 * What taking a file would change of a water.
 *
 * @param merge Whether what of a chart the file has is added to what there was; else it stands in for it.
 */
export function takingOf(file: MapFile, water: ListedWater, before: ChartRecord | null, merge = false): Taking {
	const known = (name: string) => water.spots.find((spot) => isSameName(spot.name, name));
	const shores = laidOn(
		before?.shores ?? [],
		file.shores.map((ring) => ring.map(mutable)),
		merge
	);
	const soundings = laidOn<ChartRecord['soundings'][number]>(
		before?.soundings ?? [],
		file.soundings.map(([at, depthM]) => [mutable(at), depthM]),
		merge
	);
	const growths = laidOn<ChartRecord['growths'][number]>(
		before?.growths ?? [],
		file.growths.map(({ kind, ring }) => ({ kind, ring: ring.map(mutable) })),
		merge
	);
	const plane = planeOf(water, { shores });
	const depths = depthsOf(plane, { shores, soundings });
	const hasChart = file.shores.length + file.soundings.length + file.growths.length > 0;
	return {
		chart: hasChart ? { shores, soundings, growths } : null,
		moved: file.places.flatMap(({ name, at }) => {
			const spot = known(name);
			return spot ? [{ id: spot.id, record: { ...spotRecordOf(spot), at: mutable(at) } }] : [];
		}),
		added: file.places.filter(({ name }) => !known(name)).map((place) => spotAt(plane, depths, water.id, place))
	};
}

/** A chart as it is drawn on a sheet: m about the middle of the plane. */
export function drawingOf(plane: Plane, chart: Pick<ChartRecord, 'shores' | 'soundings' | 'growths'> | null): Drawing {
	const ringOf = (ring: readonly LonLat[]) => ring.map((at) => plane.pointOf(at));
	return {
		...EMPTY,
		shores: (chart?.shores ?? []).map(ringOf),
		growths: (chart?.growths ?? []).map(({ kind, ring }) => ({ kind, ring: ringOf(ring) })),
		soundings: (chart?.soundings ?? []).map(([at, depthM]) => ({ ...plane.pointOf(at), depthM }))
	};
}

/** What a drawing changes of a water: its chart, and spots that are new. */
export function drawnOn(plane: Plane, waterId: string, drawing: Drawing): Taking {
	const placeOf = (point: Point): [number, number] => mutable(plane.placeOf(point));
	const chart = {
		shores: drawing.shores.map((ring) => ring.map(placeOf)),
		soundings: drawing.soundings.map(({ depthM, ...at }): ChartRecord['soundings'][number] => [placeOf(at), depthM]),
		growths: drawing.growths.map(({ kind, ring }) => ({ kind, ring: ring.map(placeOf) }))
	};
	const depths = depthsOf(plane, chart);
	const added = drawing.spots.map(({ name, ...at }) => spotAt(plane, depths, waterId, { name, at: placeOf(at) }));
	return { chart, moved: [], added };
}
