import { gpx } from '@tmcw/togeojson';
import { DOMParser, onErrorStopParsing } from '@xmldom/xmldom';
import fc from 'fast-check';
import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import type { ListedWater } from '$lib/core/records/appStart';
import { centerOf } from './spotConditions';
import { planeAbout, type LonLat } from '$lib/core/water/places/plane';
import { GROWTHS } from '$lib/core/water/places/growth';
import { chartRecordSchema } from '$lib/core/records/chartSchema';
import { calendarOf } from './calendar';
import { depthsOf, notOf, spotAt, takingOf } from './mapExchange';
import { MapFailure, readMap, type MapFile } from './mapFile';
import { geoJsonOf, gpxOf, mapCsvOf, type Written } from './mapWrite';
import { readWeather, WeatherFailure } from './weatherFile';

/** Node has no reader of XML: this one throws where a browser answers with an element that says so. */
function readXml(text: string): Document {
	try {
		const parser = new DOMParser({ onError: onErrorStopParsing });
		return parser.parseFromString(text, 'text/xml') as unknown as Document;
	} catch (error) {
		const said = `<parsererror>${String((error as Error).message).replace(/[<&]/g, ' ')}</parsererror>`;
		return new DOMParser().parseFromString(said, 'text/xml') as unknown as Document;
	}
}
const read = (name: string, text: string): Promise<MapFile> => readMap(name, text, readXml);

const RING: LonLat[] = [
	[0.6, 44.1],
	[0.61, 44.1],
	[0.61, 44.105],
	[0.6, 44.105]
];
const WATER: Written = {
	name: 'Mere & <Pond>',
	shores: [RING],
	soundings: [
		[[0.603, 44.102], 2.4],
		[[0.606, 44.103], 0]
	],
	places: [{ name: '=Pad "Bay"', at: [0.6, 44.1025] }],
	growths: [{ kind: 'timber', ring: RING }],
	route: [
		{ name: 'Pad Bay', at: [0.6, 44.1025], from: '2026-05-09T04:00:00.000Z' },
		{ name: 'Old Landing', at: [0.609, 44.103], from: '2026-05-09T07:00:00.000Z' }
	]
};

describe('a water as GPX', () => {
	it('is GPX 1.1 that another reader understands: waypoints, depths, the day’s route, shores', () => {
		const document = readXml(gpxOf(WATER));
		expect(document.documentElement.getAttribute('version')).toBe('1.1');
		const { features } = gpx(document);
		const names = features.map(({ geometry, properties }) => [geometry?.type, properties?.name ?? properties?.type]);
		expect(names).toEqual(
			expect.arrayContaining([
				['Point', '=Pad "Bay"'],
				['Point', 'sounding'],
				['LineString', 'Mere & <Pond>']
			])
		);
		const route = features.find(({ properties }) => properties?._gpxType === 'rte');
		expect(route?.geometry).toMatchObject({ type: 'LineString' });
	});

	it('keeps the order that the schema of GPX 1.1 asks for: waypoints, then routes, then tracks', () => {
		const kinds = [...gpxOf(WATER).matchAll(/<(metadata|wpt|rte|trk)[ >]/g)].map(([, kind]) => kind!);
		const order = ['metadata', 'wpt', 'rte', 'trk'];
		expect(kinds).toEqual(kinds.toSorted((a, b) => order.indexOf(a) - order.indexOf(b)));
	});
});

const degrees = (low: number, high: number) =>
	fc.integer({ min: Math.round(low * 1e5), max: Math.round(high * 1e5) }).map((part) => part / 1e5);
const place = fc.tuple(degrees(0.55, 0.65), degrees(44.05, 44.15));
const waters = fc.record({
	shores: fc.array(fc.uniqueArray(place, { minLength: 4, maxLength: 9, selector: String }), { maxLength: 2 }),
	soundings: fc.uniqueArray(
		fc.tuple(
			place,
			fc.integer({ min: 1, max: 200 }).map((tenths) => tenths / 10)
		),
		{
			minLength: 1,
			maxLength: 6,
			// Two within the same few meters are one.
			selector: ([[lon, lat]]) => `${lon.toFixed(3)},${lat.toFixed(3)}`
		}
	),
	growths: fc.array(
		fc.record({
			kind: fc.constantFrom(...GROWTHS),
			ring: fc.uniqueArray(place, { minLength: 4, maxLength: 6, selector: String })
		}),
		{ maxLength: 2 }
	),
	places: fc.array(fc.record({ name: fc.stringMatching(/^[A-Za-zÄé&<"' ]{1,12}[a-z]$/), at: place }), { maxLength: 3 })
});

describe('a file that was written', () => {
	it.each([
		['gpx', async (of: Written) => gpxOf(of)],
		['geojson', async (of: Written) => geoJsonOf(of)]
	] as const)('as %s is read back as it was', async (ending, write) => {
		await fc.assert(
			fc.asyncProperty(waters, async (given) => {
				const back = await read(`x.${ending}`, await write({ name: 'A water', route: [], ...given }));
				const named = given.places.map(({ name, at }) => ({ name: name.trim(), at }));
				expect(back.shores).toEqual(given.shores);
				expect(back.growths).toEqual(given.growths);
				expect(back.places).toEqual(named);
				// Soundings that lie very near to each other may have been thinned.
				expect(given.soundings).toEqual(expect.arrayContaining(back.soundings as never[]));
				expect(back.soundings.length).toBeGreaterThan(0);
			}),
			{ numRuns: 60, seed: 3 }
		);
	});

	it('as CSV has its spots and soundings, and no formula for a spreadsheet', async () => {
		const text = await mapCsvOf(WATER);
		expect(text.split('\n')[0]).toBe('longitude,latitude,depth,name');
		expect(text).toContain(`'=Pad`);
		const back = await read('x.csv', text);
		expect(back.soundings).toEqual(WATER.soundings);
		expect(back.places[0]!.at).toEqual(WATER.places[0]!.at);
	});
});

describe('what grows in a water', () => {
	const area = (properties: object, ring: readonly LonLat[] = RING) => ({
		type: 'Feature',
		properties,
		geometry: { type: 'Polygon', coordinates: [[...ring, ring[0]]] }
	});
	const file = (...features: object[]) => JSON.stringify({ type: 'FeatureCollection', features });

	it('is told from the shore by its cover', async () => {
		const { shores, growths } = await read('x.geojson', file(area({}), area({ cover: 'weed' }), area({ cover: null })));
		expect([shores.length, growths]).toEqual([2, [{ kind: 'weed', ring: RING }]]);
	});

	it('is refused by its feature where it is a cover that is none, or has too many corners', async () => {
		await expect(read('x.geojson', file(area({}), area({ cover: 'lawn' })))).rejects.toThrow(
			'Feature 2: cover “lawn” is not known; use weed or timber.'
		);
		const many = Array.from({ length: 2001 }, (_, at): LonLat => [0.6 + at * 1e-6, 44.1 + (at % 2) * 1e-5]);
		await expect(read('x.geojson', file(area({ cover: 'weed' }, many)))).rejects.toThrow(/2001 corners of weed/);
	});
});

describe('a bad file', () => {
	const point = (coordinates: unknown, properties: object = {}) =>
		JSON.stringify({
			type: 'FeatureCollection',
			features: [{ type: 'Feature', properties, geometry: { type: 'Point', coordinates } }]
		});

	it.each([
		[
			'x.csv',
			'longitude,latitude,depth\n0.6,44.1,2\n0.6,96,2\n',
			'Line 3: 0.6, 96 is not a position in degrees east and north.'
		],
		['x.csv', 'longitude,latitude,depth\n0.6,44.1,-3\n', 'Line 2: a depth of -3 is not possible; use 0 to 300 m.'],
		['x.csv', 'longitude,latitude\n,44.1\n', 'Line 2 has no position'],
		['x.csv', 'lon,lat\n0.6,44.1\n', 'Line 1: the column longitude is missing'],
		['x.geojson', '{"type":', 'This is not JSON'],
		['x.geojson', '{"type":"Topology"}', 'This is not GeoJSON'],
		['x.geojson', point([200, 44]), 'Feature 1: 200, 44 is not a position'],
		['x.geojson', point([0.6, 44.1]), 'This file has no shore, no soundings and no named places'],
		['x.gpx', '<gpx><wpt', 'This is not XML'],
		['x.gpx', '<kml/>', 'This XML file is not GPX.'],
		['x.kmz', 'PK', 'Files of the type “.kmz” can’t be read. Use GPX, GeoJSON or CSV.']
	])('%s is refused with where and why: %s', async (name, text, why) => {
		const failure = await read(name, text).catch((error: unknown) => error);
		expect(failure).toBeInstanceOf(MapFailure);
		expect((failure as Error).message).toContain(why);
	});

	it('with more named places than anybody fishes is refused', async () => {
		const rows = Array.from({ length: 101 }, (_, at) => `${0.6 + at / 1e4},44.1,,Mark ${at}`);
		const failure = await read('x.csv', ['longitude,latitude,depth,name', ...rows].join('\n')).catch(
			(error: unknown) => error
		);
		expect((failure as Error).message).toBe('101 named places; at most 100 fit. Keep the ones you fish.');
	});

	it('says what it leaves out, and thins soundings that say the same', async () => {
		const line = { type: 'LineString', coordinates: [RING[0], RING[1], RING[2], RING[2]] };
		const near = [0, 1, 2].map((step) => [0.6 + step * 1e-6, 44.1, -2]);
		const features = [line, ...near.map((coordinates) => ({ type: 'Point', coordinates }))].map((geometry) => ({
			type: 'Feature',
			properties: {},
			geometry
		}));
		const file = await read('x.json', JSON.stringify({ type: 'FeatureCollection', features }));
		expect(file.soundings).toEqual([[[0.6, 44.1], 2]]);
		expect(file.leftOut).toEqual(['2 soundings within 4 m of another', '1 open line']);
	});
});

describe('taking a file', () => {
	const water: ListedWater = {
		id: '11111111-1111-4111-8111-111111111111',
		version: 1,
		schemaVersion: 2,
		name: 'Mere',
		timeZone: 'Europe/Paris',
		place: 'lake',
		latitude: 44.1,
		longitude: 0.6,
		spots: [
			{
				id: '22222222-2222-4222-8222-222222222222',
				version: 1,
				schemaVersion: 2,
				waterId: '11111111-1111-4111-8111-111111111111',
				name: 'Pad Bay',
				bankBearingDeg: 140,
				profile: [
					{ outM: 0, depthM: 0 },
					{ outM: 10, depthM: 2 }
				],
				cover: []
			}
		]
	};
	const file: MapFile = {
		shores: [RING],
		soundings: [],
		places: [
			{ name: ' pad bay', at: [0.601, 44.101] },
			{ name: 'New Point', at: [0.602, 44.102] }
		],
		growths: [],
		leftOut: []
	};

	it('places spots by their names, adds new ones, and keeps what the file does not speak of', () => {
		const before = {
			schemaVersion: 2 as const,
			waterId: water.id,
			shores: [],
			soundings: [[[0.6, 44.1], 3] as [[number, number], number]],
			growths: [{ kind: 'weed' as const, ring: RING.map(([lon, lat]): [number, number] => [lon, lat]) }]
		};
		const taking = takingOf(file, water, before);
		expect(taking.moved).toEqual([
			{
				id: water.spots[0]!.id,
				record: expect.objectContaining({ name: 'Pad Bay', bankBearingDeg: 140, at: [0.601, 44.101] })
			}
		]);
		// Nearest to the western shore, which looks east.
		expect(taking.added).toEqual([
			expect.objectContaining({ name: 'New Point', bankBearingDeg: 90, at: [0.602, 44.102] })
		]);
		expect(taking.chart?.soundings).toEqual(before.soundings);
		expect(taking.chart?.growths).toEqual(before.growths);
		const timber = [{ kind: 'timber' as const, ring: RING }];
		expect(takingOf({ ...file, growths: timber }, water, before).chart?.growths).toEqual(timber);
		expect(chartRecordSchema.safeParse({ ...before, ...taking.chart }).success).toBe(true);
	});

	it('makes a spot whose bottom begins where it lies', () => {
		const plane = planeAbout(centerOf(water));
		const soundings = [0, 1, 2, 3, 4, 5].map((step): [[number, number], number] => [
			[0.602, 44.1 + 0.00005 * step],
			1 + step
		]);
		const depths = depthsOf(plane, { shores: [RING.map(([lon, lat]) => [lon, lat])], soundings });
		for (const latitude of [44.1001, 44.1002, 44.102]) {
			const { at, profile } = spotAt(plane, depths, water.id, { name: 'Ledge', at: [0.602, latitude] });
			expect(at).toEqual([0.602, latitude]);
			const here = depths.at(plane.pointOf([0.602, latitude]));
			if (here !== null) expect(profile[0]!.depthM).toBeCloseTo(here, 1);
		}
	});

	it('is refused where the file is of another water', () => {
		expect(notOf(file, water)).toBeNull();
		expect(notOf(file, { ...water, latitude: 45.1 })).toMatch(/^This file covers a place 111 km from Mere\.$/);
	});
});

describe('a calendar of the day', () => {
	it('is understood by another reader, signs and all', async () => {
		const stay = {
			from: '2026-05-09T04:00:00.000Z',
			to: '2026-05-09T06:00:00.000Z',
			spot: 's',
			lure: 'Spinnerbait; 3/8 oz, "gold"'
		};
		const text = await calendarOf([stay], () => 'Pad Bay, west');
		const [event] = new ICAL.Component(ICAL.parse(text))
			.getAllSubcomponents('vevent')
			.map((one) => new ICAL.Event(one));
		expect([event!.summary, event!.location]).toEqual([stay.lure, 'Pad Bay, west']);
		expect(event!.startDate.toJSDate().toISOString()).toBe(stay.from);
		expect(event!.endDate.toJSDate().toISOString()).toBe(stay.to);
	});
});

describe('a file of weather', () => {
	it('is read as CSV or JSON; what it does not say is left to the station', async () => {
		const csv =
			'at,sky,windMps,windFromDeg,thunder\n2026-05-09T06:00Z,overcast,"4,5",230,\n2026-05-09T07:00+02:00,,,,yes\n';
		expect(await readWeather('w.csv', csv)).toEqual([
			{ at: '2026-05-09T06:00:00.000Z', sky: 'overcast', windMps: 4.5, windFromDeg: 230 },
			{ at: '2026-05-09T05:00:00.000Z', thunder: true }
		]);
		expect(await readWeather('w.json', '[{"at":"2026-05-09T06:00Z","warmerC":1}]')).toHaveLength(1);
	});

	it.each([
		['w.csv', 'sky\nsun\n', 'Line 1: the column “at” is missing.'],
		['w.csv', 'at,windMps\n2026-05-09T06:00Z,90\n', 'Line 2, windMps:'],
		['w.csv', 'at,sky\n2026-05-09T06:20Z,sun\n', 'Line 2, at: Use full hours'],
		['w.json', '[{"at":"2026-05-09T06:00Z","sky":"green"}]', 'Hour 1, sky:'],
		['w.json', '{}', 'The file must be a list of hours.'],
		['w.json', '[]', 'This file has no hours.']
	])('%s that is wrong is refused with where and why', async (name, text, why) => {
		const failure = await readWeather(name, text).catch((error: unknown) => error);
		expect(failure).toBeInstanceOf(WeatherFailure);
		expect((failure as Error).message).toContain(why);
	});
});
