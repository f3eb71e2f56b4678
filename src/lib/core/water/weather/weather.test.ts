import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readingSchema } from '../../foundation/schema/reading';
import { bankIn, readingIn, weatherOf } from './weather';

const hours = Array.from({ length: 24 }, (_, hour) => new Date(Date.UTC(2026, 4, 9, hour)).toISOString());

describe('a day of made-up weather', () => {
	it('is the same for the same seed, and plausible for every other', () =>
		fc.assert(
			fc.property(fc.nat(), fc.double({ min: -11, max: 12, noNaN: true }), (seed, offset) => {
				const day = weatherOf(seed, hours, offset);
				expect(weatherOf(seed, hours, offset)).toEqual(day);
				for (const { windMps, warmerC, thunder, pressureTrend } of day) {
					expect(windMps).toBeGreaterThanOrEqual(0);
					expect(windMps).toBeLessThan(14);
					expect(warmerC).toBeGreaterThanOrEqual(0);
					expect(warmerC).toBeLessThanOrEqual(1.6);
					// Thunder comes with a front, and never out of steady weather.
					if (thunder) expect(pressureTrend).not.toBe('steady');
				}
			})
		));

	it('has fronts on some days and none on others, each with falling pressure before and rising after', () => {
		const days = Array.from({ length: 200 }, (_, seed) => weatherOf(seed, hours, 0));
		const fronts = days.filter((day) => day.some(({ pressureTrend }) => pressureTrend === 'falling'));
		expect(fronts.length).toBeGreaterThan(30);
		expect(fronts.length).toBeLessThan(120);
		for (const day of fronts) {
			const trends = day.map(({ pressureTrend }) => pressureTrend);
			expect(trends.lastIndexOf('falling')).toBeLessThan(trends.indexOf('rising'));
		}
	});

	it('blows onto the bank that looks into it, and off the one that looks away', () => {
		const banks = [bankIn(90, 90), bankIn(270, 90), bankIn(0, 90), bankIn(350, 20), bankIn(200, 20)];
		expect(banks).toEqual(['windblown', 'sheltered', 'cross', 'windblown', 'sheltered']);
	});

	it('warms the water toward the afternoon, and leaves alone what is no weather', () => {
		const reading = readingSchema.parse({
			waterTemperatureC: 14,
			visibilityM: 1,
			bottomM: 2,
			light: 'night',
			sunElevationDeg: -20
		});
		const sunny = {
			at: hours[0]!,
			sky: 'sun',
			windMps: 6,
			windFromDeg: 90,
			pressureTrend: 'steady',
			warmerC: 1.2,
			thunder: false
		} as const;
		const later = readingIn(reading, sunny);
		expect(later).toMatchObject({ waterTemperatureC: 15.2, wind: 'chop', sky: 'sun', visibilityM: 1 });
		expect(later).not.toHaveProperty('light');
		expect(later).not.toHaveProperty('sunElevationDeg');
	});
});
