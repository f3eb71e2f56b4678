import { isOneOf, messageOf } from '$lib/core/foundation/basics/typed';
import * as z from 'zod/mini';
import type { LonLat } from '$lib/core/water/places/plane';
import { distanceM, planeAbout } from '$lib/core/water/places/plane';
import { GROWTHS, type Growth } from '$lib/core/water/places/growth';
import { GROWTH_POINTS_MAX, SHORE_POINTS_MAX, SOUNDINGS_MAX } from '$lib/core/records/chartSchema';
import { lonLat } from '$lib/core/records/schemas';

/** A place that a file names. */
export interface NamedPlace {
	readonly name: string;
	readonly at: LonLat;
}

/** An area of weed or timber in a file. */
export interface GrowthFile {
	readonly kind: Growth['kind'];
	readonly ring: readonly LonLat[];
}

/** What a file says of a water. */
export interface MapFile {
	readonly shores: readonly (readonly LonLat[])[];
	readonly soundings: readonly (readonly [LonLat, number])[];
	readonly places: readonly NamedPlace[];
	/** Where weed grows and timber stands. */
	readonly growths: readonly GrowthFile[];
	/** What was left out, in words. */
	readonly leftOut: readonly string[];
}

/** A file that is refused, with where and why; nothing of it is taken. */
export class MapFailure extends Error {
	override readonly name = 'MapFailure';
}

/** Largest file, bytes. */
const FILE_MAX = 20_000_000;
/** Ends of a line nearer than this (m) close it to a shore. */
const CLOSED_M = 40;
/** Soundings nearer than this (m) to one that is kept say the same. */
const THIN_M = 4;
const DEEPEST_M = 300;
/** Most places that are taken from one file: each becomes a spot. */
const PLACES_MAX = 100;

const feature = z.object({
	type: z.literal('Feature'),
	properties: z.nullish(z.record(z.string(), z.unknown())),
	geometry: z.nullable(z.object({ type: z.string(), coordinates: z.optional(z.unknown()) }))
});
const collection = z.object({ type: z.literal('FeatureCollection'), features: z.array(z.unknown()) });
type Feature = z.output<typeof feature>;

interface Reading {
	readonly shores: LonLat[][];
	readonly soundings: [LonLat, number][];
	readonly places: NamedPlace[];
	readonly growths: GrowthFile[];
	lines: number;
	others: number;
}

/** A list of a file; none where something else stands. */
const listOf = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);

function placeAt(value: unknown, where: string): LonLat {
	const [longitude, latitude] = listOf(value);
	const parsed = lonLat.safeParse([longitude, latitude]);
	if (parsed.success) return parsed.data;
	if (![longitude, latitude].every(Number.isFinite)) throw new MapFailure(`${where} has no position.`);
	throw new MapFailure(
		`${where}: ${String(longitude)}, ${String(latitude)} is not a position in degrees east and north.`
	);
}

/** What grows in an area, by its property "cover", or by its type as GPX has it; `null` for the water itself. */
function growthOf({ properties }: Feature, where: string): Growth['kind'] | null {
	if (isOneOf(GROWTHS, properties?.type)) return properties.type;
	const cover = properties?.cover;
	if (cover === undefined || cover === null || cover === '') return null;
	if (isOneOf(GROWTHS, cover)) return cover;
	throw new MapFailure(`${where}: cover “${String(cover)}” is not known; use ${GROWTHS.join(' or ')}.`);
}

function ringOf(value: unknown, where: string): LonLat[] {
	const ring = (Array.isArray(value) ? value : []).map((one: unknown) => placeAt(one, where));
	const [first, last] = [ring[0], ring.at(-1)];
	if (first && last && ring.length > 1 && first[0] === last[0] && first[1] === last[1]) ring.pop();
	if (ring.length < 3) throw new MapFailure(`${where}: a shore needs at least three corners.`);
	return ring;
}

const isClosed = (line: readonly LonLat[]): boolean => {
	const plane = planeAbout(line[0]!);
	return line.length > 3 && distanceM(plane.pointOf(line[0]!), plane.pointOf(line.at(-1)!)) <= CLOSED_M;
};

/** Depth (m) that a point states: a property of that name, or a height under zero. */
function depthOf({ properties, geometry }: Feature, where: string): number | null {
	const stated = properties?.depth ?? properties?.depthM;
	const height = listOf(geometry?.coordinates)[2];
	const depth =
		stated !== undefined && stated !== null && stated !== ''
			? Number(stated)
			: typeof height === 'number' && height < 0
				? -height
				: null;
	if (depth === null) return null;
	if (!(depth >= 0 && depth <= DEEPEST_M))
		throw new MapFailure(`${where}: a depth of ${String(stated)} is not possible; use 0 to ${DEEPEST_M} m.`);
	return depth;
}

function takePoint(one: Feature, where: string, into: Reading): void {
	const at = placeAt(one.geometry!.coordinates, where);
	const depth = depthOf(one, where);
	const name = one.properties?.name;
	if (depth !== null) into.soundings.push([at, depth]);
	else if (typeof name === 'string' && name.trim()) into.places.push({ name: name.trim().slice(0, 120), at });
	else into.others++;
}

/** Takes areas: shores with their islands, or of what grows the outlines alone. */
function takeRings(one: Feature, areas: readonly (readonly unknown[])[], where: string, into: Reading): void {
	const kind = growthOf(one, where);
	if (kind === null) into.shores.push(...areas.flatMap((rings) => rings.map((ring) => ringOf(ring, where))));
	else into.growths.push(...areas.map(([outline]) => ({ kind, ring: ringOf(outline, where) })));
}

function takeFeature(raw: unknown, index: number, into: Reading): void {
	const where = `Feature ${index + 1}`;
	const parsed = feature.safeParse(raw);
	if (!parsed.success) throw new MapFailure(`${where} is not a GeoJSON feature.`);
	const one = parsed.data;
	const parts = listOf(one.geometry?.coordinates);
	switch (one.geometry?.type) {
		case 'Point':
			return takePoint(one, where, into);
		case 'Polygon':
			return takeRings(one, [parts], where, into);
		case 'MultiPolygon':
			return takeRings(one, parts.map(listOf), where, into);
		case 'LineString': {
			const line = parts.map((point) => placeAt(point, where));
			if (line.length > 0 && isClosed(line)) return takeRings(one, [[line]], where, into);
			into.lines++;
			return;
		}
		default:
			into.others++;
	}
}

/** Leaves out soundings that say the same as one nearby. */
function thinned(soundings: readonly (readonly [LonLat, number])[]): (readonly [LonLat, number])[] {
	if (soundings.length === 0) return [];
	const plane = planeAbout(soundings[0]![0]);
	const seen = new Set<string>();
	return soundings.filter(([at]) => {
		const { eastM, northM } = plane.pointOf(at);
		const key = `${Math.round(eastM / THIN_M)},${Math.round(northM / THIN_M)}`;
		if (seen.has(key)) return false;
		seen.add(key);
		return true;
	});
}

const many = (count: number, one: string, more = `${one}s`): string => `${count} ${count === 1 ? one : more}`;

function checked({ shores, soundings, places, growths, lines, others }: Reading): MapFile {
	const kept = thinned(soundings);
	if (shores.flat().length > SHORE_POINTS_MAX)
		throw new MapFailure(`${shores.flat().length} corners of shore; at most ${SHORE_POINTS_MAX} fit. Simplify it.`);
	if (kept.length > SOUNDINGS_MAX)
		throw new MapFailure(
			`${kept.length} soundings after thinning; at most ${SOUNDINGS_MAX} fit. Import part of the water.`
		);
	if (places.length > PLACES_MAX)
		throw new MapFailure(`${places.length} named places; at most ${PLACES_MAX} fit. Keep the ones you fish.`);
	const corners = growths.flatMap(({ ring }) => ring).length;
	if (corners > GROWTH_POINTS_MAX)
		throw new MapFailure(`${corners} corners of weed and timber; at most ${GROWTH_POINTS_MAX} fit. Simplify them.`);
	if (shores.length + kept.length + places.length + growths.length === 0)
		throw new MapFailure('This file has no shore, no soundings and no named places.');
	const thin = soundings.length - kept.length;
	const leftOut = [
		...(thin > 0 ? [`${many(thin, 'sounding')} within ${THIN_M} m of another`] : []),
		...(lines > 0 ? [many(lines, 'open line')] : []),
		...(others > 0 ? [many(others, 'thing')] : [])
	];
	return { shores, soundings: kept, places, growths, leftOut };
}

function fromFeatures(given: unknown): MapFile {
	const one = feature.safeParse(given);
	const all = one.success ? { success: true as const, data: { features: [given] } } : collection.safeParse(given);
	if (!all.success) throw new MapFailure('This is not GeoJSON: it needs a feature or a collection of features.');
	const into: Reading = { shores: [], soundings: [], places: [], growths: [], lines: 0, others: 0 };
	all.data.features.forEach((raw, index) => takeFeature(raw, index, into));
	return checked(into);
}

function fromGeoJson(text: string): MapFile {
	let given: unknown;
	try {
		given = JSON.parse(text);
	} catch (error) {
		throw new MapFailure(`This is not JSON: ${messageOf(error)}.`);
	}
	return fromFeatures(given);
}

/** Reads text as XML. */
export type ReadXml = (text: string) => Document;

async function fromGpx(text: string, readXml: ReadXml): Promise<MapFile> {
	const [document, { gpx }] = [readXml(text), await import('@tmcw/togeojson')];
	const broken = document.getElementsByTagName('parsererror')[0];
	if (broken) throw new MapFailure(`This is not XML: ${broken.textContent?.trim().split('\n')[0] ?? 'it breaks off'}.`);
	if (document.documentElement.localName !== 'gpx') throw new MapFailure('This XML file is not GPX.');
	return fromFeatures(gpx(document));
}

const COLUMNS = ['longitude', 'latitude', 'depth', 'name'] as const;

async function fromCsv(text: string): Promise<MapFile> {
	const { default: Papa } = await import('papaparse');
	const { data, meta, errors } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
	const missing = ['longitude', 'latitude'].filter((column) => !meta.fields?.includes(column));
	if (missing.length > 0)
		throw new MapFailure(`Line 1: the column ${missing[0]} is missing; the columns are ${COLUMNS.join(', ')}.`);
	if (errors[0]) throw new MapFailure(`Line ${(errors[0].row ?? 0) + 2}: ${errors[0].message}.`);
	const into: Reading = { shores: [], soundings: [], places: [], growths: [], lines: 0, others: 0 };
	data.forEach(({ longitude, latitude, depth, name }, row) => {
		const coordinates = [longitude, latitude].map((figure) => (figure?.trim() ? Number(figure) : NaN));
		const one: Feature = { type: 'Feature', properties: { depth, name }, geometry: { type: 'Point', coordinates } };
		takePoint(one, `Line ${row + 2}`, into);
	});
	return checked(into);
}

/**
 * Reads shores, soundings and named places from a file: GPX 1.1, GeoJSON or CSV, told by its name.
 *
 * @throws {MapFailure} With the line or feature and why, when anything in it is wrong: nothing is half taken.
 */
export async function readMap(name: string, text: string, readXml: ReadXml): Promise<MapFile> {
	if (text.length > FILE_MAX) throw new MapFailure('The file is over 20 MB. Import part of the water.');
	const kind = name.toLowerCase().split('.').at(-1) ?? '';
	if (kind === 'gpx') return fromGpx(text, readXml);
	if (kind === 'geojson' || kind === 'json') return fromGeoJson(text);
	if (kind === 'csv') return fromCsv(text);
	throw new MapFailure(`Files of the type “.${kind}” can’t be read. Use GPX, GeoJSON or CSV.`);
}
