import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readingSchema, type ParsedReading } from '$lib/core/foundation/schema/reading';
import { UNIT_SYSTEMS } from '$lib/core/records/schemas';
import { anyReading } from '$lib/core/testing/arbitraries';
import { shareOf, ticksOf, valueAt } from '../ui/controls/scale';
import { CHOICES, FIGURES } from './fields';
import { readingFromForm } from './readingForm';
import { localTime, utcTime } from '../ui/time';
import { figureText, convertUnitsInText, percentText, quantity, shownIn, withUnit } from './units';
import { spoken } from '$lib/core/foundation/labels/spoken';

/** What a browser would send for a reading shown in metric units. */
function sent(reading: ParsedReading): FormData {
	const form = new FormData();
	for (const { key, measure } of Object.values(FIGURES)) {
		const value = reading[key];
		form.set(key, value === undefined ? '' : String(shownIn('metric', measure).show(value)));
	}
	for (const { key } of Object.values(CHOICES)) if (reading[key]) form.set(key, reading[key]);
	reading.cover?.forEach((item, row) => {
		for (const [key, value] of Object.entries(item)) form.set(`cover.${row}.${key}`, String(value));
	});
	reading.forage?.forEach((item, row) => {
		for (const [key, value] of Object.entries(item)) form.set(`forage.${row}.${key}`, String(value));
	});
	reading.events?.forEach((event) => form.append('events', event));
	reading.answers?.forEach((answer) => form.append('answers', answer));
	return form;
}

describe('a posted reading', () => {
	it('is the reading that was shown', () => {
		fc.assert(
			fc.property(anyReading, (input) => {
				const reading = readingSchema.parse(input);
				const back = readingFromForm(sent(reading), 'metric');
				expect(back.ok).toBe(true);
				if (!back.ok) return;
				for (const { key } of Object.values(FIGURES)) {
					if (reading[key] !== undefined) expect(back.reading[key]).toBeCloseTo(reading[key]!, 8);
				}
				for (const { key } of Object.values(CHOICES)) expect(back.reading[key]).toBe(reading[key]);
				expect(back.reading.cover?.map(({ kind }) => kind)).toEqual((reading.cover ?? []).map(({ kind }) => kind));
				expect(back.reading.events).toEqual(reading.events ?? []);
			})
		);
	});

	it('in feet and Fahrenheit is the same water', () => {
		const form = new FormData();
		for (const [key, value] of Object.entries({ waterTemperatureC: '50', visibilityM: '3', bottomM: '10' }))
			form.set(key, value);
		const back = readingFromForm(form, 'imperial');
		expect(back.ok && back.reading.waterTemperatureC).toBeCloseTo(10, 9);
		expect(back.ok && back.reading.bottomM).toBeCloseTo(3.048, 9);
	});

	it('that is wrong names each field and keeps every word typed', () => {
		const form = new FormData();
		form.set('waterTemperatureC', 'mild');
		form.set('visibilityM', '');
		form.set('bottomM', '3');
		form.set('fishToM', '9');
		form.set('castM', '900');
		const back = readingFromForm(form, 'metric');
		expect(back).toMatchObject({
			ok: false,
			errors: {
				waterTemperatureC: 'Enter a number.',
				visibilityM: 'Fill this in.',
				castM: 'Between 4 and 60 m.'
			},
			typed: { waterTemperatureC: ['mild'], fishToM: ['9'] }
		});
	});
});

describe('a scale', () => {
	it('finds a value where it put it', () => {
		fc.assert(
			fc.property(fc.double({ min: 0.1, max: 6, noNaN: true }), fc.boolean(), (value, log) => {
				const scale = { low: 0.1, high: 6, log };
				expect(valueAt(scale, shareOf(scale, value))).toBeCloseTo(value, 9);
			})
		);
	});

	it('has rising ticks inside its ends', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 50, noNaN: true }),
				fc.double({ min: 0.5, max: 90, noNaN: true }),
				(low, span) => {
					const values = ticksOf({ low, high: low + span }).map(({ value }) => value);
					expect(values.length).toBeGreaterThan(3);
					for (const [at, value] of values.entries()) {
						expect(value >= low - 1e-6 && value <= low + span + 1e-6).toBe(true);
						if (at > 0) expect(value).toBeGreaterThan(values[at - 1]!);
					}
				}
			)
		);
	});
});

describe('a water’s own time', () => {
	it('goes to UTC and back, summer and winter', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 365 * 24 * 60 }), (minutes) => {
				const utc = new Date(Date.UTC(2026, 0, 1) + minutes * 60_000).toISOString();
				const local = localTime(utc, 'Europe/Paris');
				expect(localTime(utcTime(local, 'Europe/Paris')!, 'Europe/Paris')).toBe(local);
			})
		);
		expect(localTime('2026-07-01T06:40:00.000Z', 'Europe/Paris')).toBe('2026-07-01T08:40');
		expect(utcTime('2026-01-01T08:40', 'Europe/Paris')).toBe('2026-01-01T07:40:00.000Z');
		expect(utcTime('soon', 'Europe/Paris')).toBeNull();
	});

	it('that is shown twice in autumn means the earlier of the two, and one that is skipped in spring the next', () => {
		expect(utcTime('2026-10-25T02:30', 'Europe/Paris')).toBe('2026-10-25T00:30:00.000Z');
		expect(localTime('2026-10-25T01:30:00.000Z', 'Europe/Paris')).toBe('2026-10-25T02:30');
		expect(utcTime('2026-11-01T01:30', 'America/New_York')).toBe('2026-11-01T05:30:00.000Z');
		expect(localTime(utcTime('2026-03-29T02:30', 'Europe/Paris')!, 'Europe/Paris')).toBe('2026-03-29T03:30');
	});
});

it('a figure has no more decimals than its unit supports', () => {
	for (const units of UNIT_SYSTEMS) expect(figureText(units, 'temperature', 15.123456)).toMatch(/^\d+(\.\d)?$/);
	expect(figureText('imperial', 'depth', 3.048)).toBe('10');
});

it('the same word is said as its field means it', () => {
	expect([spoken('rising', 'trend'), spoken('rising', 'level')]).toEqual(['warming', 'rising']);
});

describe('what is said in meters', () => {
	it.each([
		['A point of weed in 2.4 m: its edge turns by 100°.', 'A point of weed in 7.9\u202fft: its edge turns by 100°.'],
		[
			'1.2 m with 3.0 m within 20 m: shallow water with deep water close by.',
			'3.9\u202fft with 9.8\u202fft within 66\u202fft: shallow water with deep water close by.'
		],
		['Wind onto it at 4 m/s, 3 moves.', 'Wind onto it at 9\u202fmph, 3 moves.'],
		['steady, 0.8 m/s', 'steady, 2.6\u202fft/s'],
		['38 mm of wire, 12 g', '1.5\u202fin of wire, 0.42\u202foz'],
		['No figure at all.', 'No figure at all.']
	])('%s', (text, inFeet) => {
		expect(convertUnitsInText('metric', text)).toBe(text);
		expect(convertUnitsInText('imperial', text)).toBe(inFeet);
	});
});

describe('a number with its unit', () => {
	it('has one narrow space between them that does not break, and none before a degree sign', () => {
		expect([quantity(2.4, 'm'), withUnit('imperial', 'wind', 4.4704), percentText(0.8)]).toEqual([
			'2.4\u202fm',
			'10\u202fmph',
			'80\u202f%'
		]);
		expect([withUnit('metric', 'degrees', 45), withUnit('metric', 'count', 3)]).toEqual(['45°', '3']);
	});
});
