import type { LonLat } from '$lib/core/water/places/plane';
import type { MapFile, NamedPlace } from './mapFile';

/** What is written of a water: all that a file can say of it, and a route through the day. */
export interface Written extends Omit<MapFile, 'leftOut'> {
	readonly name: string;
	/** Stops of the day in their order, each with when. */
	readonly route: readonly (NamedPlace & { readonly from: string })[];
}

/** Text as XML takes it: signs of its own by their numbers, and nothing under a space. */
const escaped = (text: string): string =>
	[...text]
		.filter((sign) => sign >= ' ')
		.map((sign) => (/[&<>"']/.test(sign) ? `&#${sign.charCodeAt(0)};` : sign))
		.join('');

const lie = ([longitude, latitude]: LonLat): string => `lat="${latitude}" lon="${longitude}"`;
const closed = (ring: readonly LonLat[]): readonly LonLat[] => [...ring, ring[0]!];

/** A water as GPX 1.1: spots and soundings as waypoints (a depth is a height under zero), the day as a route, shores and what grows as tracks. */
export function gpxOf({ name, shores, soundings, places, growths, route }: Written): string {
	const waypoints = places.map((place) => `<wpt ${lie(place.at)}><name>${escaped(place.name)}</name></wpt>`);
	const depths = soundings.map(([at, depthM]) => `<wpt ${lie(at)}><ele>${-depthM}</ele><type>sounding</type></wpt>`);
	const stops = route.map(
		(stop) => `<rtept ${lie(stop.at)}><time>${stop.from}</time><name>${escaped(stop.name)}</name></rtept>`
	);
	const track = (ring: readonly LonLat[], type = ''): string => {
		const points = closed(ring).map((at) => `<trkpt ${lie(at)}/>`);
		return `<trk><name>${escaped(name)}</name>${type}<trkseg>${points.join('')}</trkseg></trk>`;
	};
	const tracks = [
		...shores.map((ring) => track(ring)),
		...growths.map(({ kind, ring }) => track(ring, `<type>${kind}</type>`))
	];
	return [
		'<?xml version="1.0" encoding="UTF-8"?>',
		'<gpx version="1.1" creator="Lucernal" xmlns="http://www.topografix.com/GPX/1/1">',
		`<metadata><name>${escaped(name)}</name></metadata>`,
		...waypoints,
		...depths,
		...(stops.length > 0 ? [`<rte><name>${escaped(name)}</name>${stops.join('')}</rte>`] : []),
		...tracks,
		'</gpx>',
		''
	].join('\n');
}

/** A water as GeoJSON. */
export function geoJsonOf({ name, shores, soundings, places, growths }: Written): string {
	const feature = (type: string, coordinates: unknown, properties: object) => ({
		type: 'Feature',
		properties,
		geometry: { type, coordinates }
	});
	const features = [
		...shores.map((ring) => feature('Polygon', [closed(ring)], { name })),
		...growths.map(({ kind, ring }) => feature('Polygon', [closed(ring)], { cover: kind })),
		...places.map((place) => feature('Point', place.at, { name: place.name })),
		...soundings.map(([at, depthM]) => feature('Point', at, { depth: depthM }))
	];
	return `${JSON.stringify({ type: 'FeatureCollection', features })}\n`;
}

/** Soundings and spots of a water as CSV; a name that a spreadsheet would take for a formula is made harmless. */
export async function mapCsvOf({ soundings, places }: Written): Promise<string> {
	const { default: Papa } = await import('papaparse');
	const row = ([longitude, latitude]: LonLat, depth: number | '', name: string) => ({
		longitude,
		latitude,
		depth,
		name
	});
	const rows = [
		...places.map(({ name, at }) => row(at, '', name)),
		...soundings.map(([at, depthM]) => row(at, depthM, ''))
	];
	return Papa.unparse(rows, { escapeFormulae: true, newline: '\n' });
}
