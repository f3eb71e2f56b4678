import { describe, expect, it } from 'vitest';
import { startBuild } from '$lib/core/rig/build/start';
import { rigRecordOf } from '$lib/core/records/rigRecord';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import { readingSchema } from '$lib/core/foundation/schema/reading';
import { compared } from './compared';
import { callEntry, ordered, readingEntry, rigEntry, searchText } from './entries';

const mere = {
	id: 'w',
	name: 'Tallow Mere',
	timeZone: 'Europe/Paris',
	latitude: 44,
	longitude: 0.6,
	place: 'lake',
	spots: []
};
const spotOf = (id: string | null) => (id ? ({ water: mere, spot: { id, name: 'Alder Bank' } } as never) : null);
const reading = readingSchema.parse({
	waterTemperatureC: 18.5,
	visibilityM: 1.05,
	bottomM: 2.1,
	sky: 'broken',
	wind: 'chop'
});
const record = (takenAt: string, spotId: string | null = 's') => ({
	id: takenAt,
	version: 1,
	record: {
		schemaVersion: SCHEMA_VERSION as typeof SCHEMA_VERSION,
		name: `Taken ${takenAt.slice(5, 7)}`,
		spotId,
		takenAt,
		reading
	}
});
const october = readingEntry(record('2026-10-08T06:40:00.000Z'), spotOf, 'metric');
const may = readingEntry(record('2026-05-08T06:40:00.000Z'), spotOf, 'metric');
const { rig } = startBuild('underspin');
const call = callEntry(
	{
		id: 'c',
		version: 1,
		name: 'Call',
		spotId: 's',
		takenAt: '2026-07-01T06:40:00.000Z',
		reading,
		verdict: 'fair',
		rig
	},
	spotOf
);
const kept = rigEntry({ id: 'r', version: 1, record: rigRecordOf('Mine', startBuild('buzzbait'), []) });

describe('what is kept', () => {
	it('says when by the water’s own clock, where, and in which season', () => {
		expect(october.when).toBe('8 Oct 2026, 08:40, Alder Bank, Tallow Mere');
		expect([october.season, may.season]).toEqual(['Fall', 'Spawn']);
		expect(october.text).toBe('18.5\u202f°C, seen to 1.05\u202fm, broken, chop');
		expect(readingEntry(record('2026-10-08T06:40:00.000Z', null), spotOf, 'imperial')).toMatchObject({
			when: '8 Oct 2026, 06:40',
			water: '',
			text: '65\u202f°F, seen to 3.4\u202fft, broken, chop'
		});
	});

	it('says what was called, and for what day', () => {
		expect(call.text).toMatch(/^Underspin, .* oz; a fair day for blades$/);
		expect(callEntry({ ...call, spotId: null, reading, rig: null, verdict: 'poor' }, spotOf).text).toMatch(/^No call;/);
	});

	it('is found by what it says', () => {
		expect(searchText(call)).toMatch(/Underspin/);
		expect(searchText(october)).toMatch(/Alder Bank.*Fall/);
	});

	it('is ordered by hour or name, rigs without an hour last', () => {
		const all = [kept, may, october, call];
		expect(ordered(all, 'newest')).toEqual([october, call, may, kept]);
		expect(ordered(all, 'oldest')).toEqual([may, call, october, kept]);
		expect(ordered(all, 'name').map(({ name }) => name)).toEqual(['Call', 'Mine', 'Taken 05', 'Taken 10']);
	});
});

describe('things beside each other', () => {
	it('say line by line what differs, and nothing that none of them has', () => {
		const lines = compared([october, call], 'metric');
		const line = (title: string) => lines.find((one) => one.title === title)!;
		expect(line('Water')).toEqual({ title: 'Water', values: ['18.5\u202f°C', '18.5\u202f°C'], differs: false });
		expect(line('A day for blades')).toMatchObject({ values: [null, 'fair'], differs: true });
		expect(line('Lure').values[1]).toMatch(/^Underspin/);
		expect(compared([kept], 'metric').map(({ title }) => title)).not.toContain('Water');
		expect(compared([], 'metric')).toEqual([]);
	});
});
