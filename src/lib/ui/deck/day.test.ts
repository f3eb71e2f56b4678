import { describe, expect, it } from 'vitest';
import { readingSchema } from '$lib/core/schema/reading';
import { bestHours, firstCast, hoursOf, placesFor, readingAt, skyText, staysOf, travelMin } from './day';

describe('the hours of a day', () => {
	it('are those of the water’s clock, also on days on which it is changed', () => {
		const day = { from: 0, to: 24 };
		expect(hoursOf({ ...day, date: '2026-05-09' }, 'Europe/Paris')[0]).toBe('2026-05-08T22:00:00.000Z');
		expect(hoursOf({ ...day, date: '2026-05-09' }, 'Europe/Paris')).toHaveLength(24);
		// The night in March lacks an hour; each hour is there once.
		const spring = hoursOf({ ...day, date: '2026-03-29' }, 'Europe/Paris');
		expect(spring).toHaveLength(23);
		expect(new Set(spring).size).toBe(23);
	});
});

describe('the sky of an hour', () => {
	it('has a high sun by day alone, and is otherwise what it is', () => {
		expect([skyText('sun', 'night'), skyText('sun', 'low')]).toEqual(['clear', 'bright']);
		expect(skyText('sun')).toBe(skyText('sun', 'day'));
		expect(skyText('sun')).not.toBe('clear');
		expect(skyText('overcast', 'night')).toBe(skyText('overcast', 'day'));
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
		// Four kilometres are a quarter of an hour and more.
		expect(spots(1.3, 2, 4000)).toEqual(['a', 'a']);
		expect(travelMin(2400)).toBe(10);
	});

	it('has its own bottom, cover and bank, in the weather of the hour', () => {
		const read = readingSchema.parse({ waterTemperatureC: 14, visibilityM: 1, bottomM: 4, fishFromM: 1, fishToM: 2 });
		const water = {
			id: 'w',
			schemaVersion: 2 as const,
			name: 'Mere',
			timeZone: 'Europe/Paris',
			place: 'lake' as const,
			latitude: 44,
			longitude: 0.6,
			spots: []
		};
		const profile = [
			{ outM: 0, depthM: 0 },
			{ outM: 10, depthM: 2 }
		];
		const spot = {
			id: 's',
			schemaVersion: 2 as const,
			waterId: 'w',
			name: 'Bay',
			bankBearingDeg: 180,
			profile,
			cover: []
		};
		const weather = {
			at: '2026-06-21T11:00:00.000Z',
			sky: 'sun',
			windMps: 6,
			windFromDeg: 190,
			pressureTrend: 'steady',
			warmerC: 1,
			thunder: false
		} as const;
		expect(readingAt(read, weather, { water, spot }, { bank: 'windblown', wind: 'chop' })).toMatchObject({
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
