import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { weatherOf } from '$lib/core/water/weather/weather';
import { readingSchema } from '$lib/core/foundation/schema/reading';
import {
	bestHours,
	firstCast,
	hoursOf,
	placesFor,
	readingAt,
	staysOf,
	travelMin,
	withEdits,
	readOn,
	usualDay
} from './day';

const WATER = {
	version: 1,
	id: 'w',
	schemaVersion: 2 as const,
	name: 'Mere',
	timeZone: 'Europe/Paris',
	place: 'lake' as const,
	latitude: 44,
	longitude: 0.6,
	spots: []
};
const SPOT = {
	version: 1,
	id: 's',
	schemaVersion: 2 as const,
	waterId: 'w',
	name: 'Bay',
	bankBearingDeg: 180,
	profile: [
		{ outM: 0, depthM: 0 },
		{ outM: 10, depthM: 2 }
	],
	cover: []
};
const READ = readingSchema.parse({ waterTemperatureC: 14, visibilityM: 1, bottomM: 4, fishFromM: 1, fishToM: 2 });

describe('the hours of a day', () => {
	it('are those of the water’s clock, also on days on which it is changed', () => {
		const day = { from: 0, to: 24 };
		expect(hoursOf({ ...day, date: '2026-05-09' }, 'Europe/Paris')[0]).toBe('2026-05-08T22:00:00.000Z');
		expect(hoursOf({ ...day, date: '2026-05-09' }, 'Europe/Paris')).toHaveLength(24);
		// The night in March lacks an hour; each hour is there once.
		const spring = hoursOf({ ...day, date: '2026-03-29' }, 'Europe/Paris');
		expect(spring).toHaveLength(23);
		expect(new Set(spring).size).toBe(23);
		// The one in October has an hour twice, of the same name and of different light.
		const autumn = hoursOf({ ...day, date: '2026-10-25' }, 'Europe/Paris');
		expect(autumn).toHaveLength(25);
		const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: 'Europe/Paris' });
		expect(autumn.filter((at) => clock.format(Date.parse(at)) === '02:00')).toHaveLength(2);
		expect(hoursOf({ date: '2026-10-25', from: 6, to: 18 }, 'Europe/Paris')).toHaveLength(12);
	});

	it('have no night where the sun does not set, and no day where it does not rise', () => {
		const water = { ...WATER, latitude: 70, longitude: 25 };
		const lights = (date: string) =>
			hoursOf({ date, from: 0, to: 24 }, 'Europe/Oslo').map((at) => {
				const [weather] = weatherOf(1, [at], 25 / 15);
				return readingAt(READ, weather!, { water, spot: SPOT }, { bank: 'cross', wind: 'calm' });
			});
		const [summer, winter] = [lights('2026-06-21'), lights('2026-12-21')];
		expect(new Set(summer.map(({ light }) => light))).toEqual(new Set(['low', 'day']));
		expect(summer.every(({ dayLengthH }) => dayLengthH === 24)).toBe(true);
		expect(winter.map(({ light }) => light)).not.toContain('day');
		expect(winter.every(({ dayLengthH }) => dayLengthH === 0)).toBe(true);
	});
});

describe('the place of an hour', () => {
	const worth = (at: string, spot: string, points: number, place = 0) => ({
		at,
		spot,
		points,
		place,
		blades: 'fair' as const,
		family: 'spinnerbait'
	});

	it('is the best one, but a move must be worth it, and what was chosen by hand stands', () => {
		const worths = [
			worth('1', 'a', 1),
			worth('1', 'b', 0),
			worth('2', 'a', 0.9),
			worth('2', 'b', 1.2),
			worth('3', 'a', 0),
			worth('3', 'b', 1)
		];
		const spots = (fixed: Record<string, string>) => [...placesFor(worths, fixed).values()].map(({ spot }) => spot);
		expect(spots({})).toEqual(['a', 'a', 'b']);
		expect(spots({ 2: 'b' })).toEqual(['a', 'b', 'b']);
	});

	it('counts what speaks for the place itself, and what the way there costs', () => {
		const first = [worth('1', 'a', 1), worth('1', 'b', 0)];
		const spots = (second: number, place: number, metres: number | null) =>
			[...placesFor([...first, worth('2', 'a', 1), worth('2', 'b', second, place)], {}, () => metres).values()].map(
				({ spot }) => spot
			);
		expect(spots(1.3, 0, null)).toEqual(['a', 'a']);
		expect(spots(1.3, 2, null)).toEqual(['a', 'b']);
		// Four kilometers are a quarter of an hour and more.
		expect(spots(1.3, 2, 4000)).toEqual(['a', 'a']);
		expect(travelMin(2400)).toBe(10);
	});

	it('has its own bottom, cover and bank, in the weather of the hour', () => {
		const weather = {
			at: '2026-06-21T11:00:00.000Z',
			sky: 'sun',
			windMps: 6,
			windFromDeg: 190,
			pressureTrend: 'steady',
			warmerC: 1,
			thunder: false
		} as const;
		expect(readingAt(READ, weather, { water: WATER, spot: SPOT }, { bank: 'windblown', wind: 'chop' })).toMatchObject({
			bottomM: 2,
			fishFromM: 0.5,
			fishToM: 1,
			bank: 'windblown',
			waterTemperatureC: 15,
			light: 'day',
			wind: 'chop'
		});
	});
});

describe('the best hours', () => {
	const at = (hour: number): string => `2026-05-09T${String(hour).padStart(2, '0')}:00:00.000Z`;
	const row = (hour: number, points: number) => ({ at: at(hour), points });

	it('are the longest run of those that are as good as any', () => {
		const hours = [row(6, 2), row(7, 0), row(8, 1.8), row(9, 2), row(10, 1.9), row(11, 0)];
		expect(bestHours(hours)).toEqual({ from: at(8), to: at(11) });
		expect(bestHours([])).toBeNull();
		expect(bestHours([row(6, 1)])).toEqual({ from: at(6), to: at(7) });
	});
});

describe('what is cast first', () => {
	it('is the rig of the earliest hour, whichever rod carries it', () => {
		const hour = (at: string, rig: string) => ({ at, rig });
		const rods = [{ hours: [hour('2', 'b'), hour('3', 'b')] }, { hours: [hour('1', 'a')] }, { hours: [] }];
		expect(firstCast(rods)).toBe('a');
		expect(firstCast([])).toBeNull();
	});
});

describe('a calendar of the day', () => {
	it('has hours in a row at one place with one lure as one', () => {
		const at = (hour: number) => `2026-05-09T0${hour}:00:00.000Z`;
		const hours = [
			{ at: at(7), spot: 'a', lure: 'x' },
			{ at: at(6), spot: 'a', lure: 'x' },
			{ at: at(8), spot: 'a', lure: 'y' }
		];
		expect(staysOf(hours)).toEqual([
			{ from: at(6), to: at(8), spot: 'a', lure: 'x' },
			{ from: at(8), to: at(9), spot: 'a', lure: 'y' }
		]);
	});
});

describe('hours that were changed by hand', () => {
	const anyHour = fc.integer({ min: 0, max: 500 }).map((at) => new Date(Date.UTC(2026, 0, 1, at)).toISOString());
	const anyEdits = fc.dictionary(anyHour, fc.record({ windMps: fc.integer({ min: 0, max: 20 }) }), { maxKeys: 260 });

	it('are changed again one by one; of too many the earliest are let go', () => {
		fc.assert(
			fc.property(anyEdits, anyHour, (edits, at) => {
				const after = withEdits(edits, { [at]: { sky: 'dark' } });
				const hours = Object.keys(after);
				expect(hours).toEqual(hours.toSorted());
				expect(hours.length).toBeLessThanOrEqual(200);
				if (after[at]) expect(after[at]).toEqual({ ...edits[at], sky: 'dark' });
				for (const hour of hours) if (hour !== at) expect(after[hour]).toEqual(edits[hour]);
				const gone = Object.keys(edits).filter((hour) => !after[hour]);
				for (const hour of gone) expect(hour < hours[0]!).toBe(true);
			})
		);
	});
});

describe('the day that is planned until another is chosen', () => {
	it('is tomorrow from noon on, else today, by the clock of the water', () => {
		expect(usualDay('2026-05-09T09:00:00.000Z', 'UTC')).toBe('2026-05-09');
		expect(usualDay('2026-05-09T12:00:00.000Z', 'UTC')).toBe('2026-05-10');
		expect(usualDay('2026-12-31T20:00:00.000Z', 'America/Chicago')).toBe('2027-01-01');
		expect(usualDay('2026-05-09T02:00:00.000Z', 'America/Chicago')).toBe('2026-05-09');
	});

	it('has its own season where it is far from the reading, and the temperature it will have', () => {
		const read = { waterTemperatureC: 18, visibilityM: 1, bottomM: 3, phase: 'spawn' } as const;
		expect(readOn(read, '2026-05-09T06:00:00.000Z', '2026-12-02', 6)).toEqual({
			waterTemperatureC: 6,
			visibilityM: 1,
			bottomM: 3
		});
		expect(readOn(read, '2026-05-09T06:00:00.000Z', '2026-05-12', 17)).toEqual({ ...read, waterTemperatureC: 17 });
	});
});
