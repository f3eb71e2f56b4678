import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { completeReading } from '$lib/core/reading/complete';
import { lightOf } from '$lib/core/reading/light';
import { readingSchema } from '$lib/core/schema/reading';
import { anyReading } from '$lib/core/testing/arbitraries';
import { sunAt, withAlmanac } from './almanac';

const MERE = { latitude: 44.12, longitude: 0.6 };
const plain = readingSchema.parse({ waterTemperatureC: 15.6, visibilityM: 1, bottomM: 3 });
const at = (takenAt: string, more: object = {}) => withAlmanac({ ...plain, ...more }, MERE, takenAt);

describe('what place and hour say', () => {
	it('is night at night, low light at dawn, day at noon', () => {
		expect(at('2026-06-21T23:30:00Z').light).toBe('night');
		expect(at('2026-06-21T04:30:00Z').light).toBe('low');
		const noon = at('2026-06-21T12:00:00Z');
		expect([noon.light, noon.sunElevationDeg]).toEqual(['day', expect.closeTo(69, -0.5)]);
	});

	it('knows the year: short growing days in February, long shrinking ones in July, neither at the turn', () => {
		const february = at('2026-02-14T10:00:00Z');
		expect(february.dayLengthH).toBeCloseTo(10.4, 0);
		expect(february.dayLength).toBe('growing');
		const july = at('2026-07-20T10:00:00Z');
		expect(july.dayLengthH).toBeGreaterThan(14.5);
		expect(july.dayLength).toBe('shrinking');
		expect(at('2026-12-21T10:00:00Z').dayLength).toBeUndefined();
	});

	it('is the other half of the year south of the equator', () => {
		const south = withAlmanac(plain, { latitude: -33, longitude: 150 }, '2026-02-14T02:00:00Z');
		expect(south.dayLength).toBe('shrinking');
	});

	it('knows days without a night and nights without a day', () => {
		const north = { latitude: 70, longitude: 25 };
		expect(withAlmanac(plain, north, '2026-06-21T10:00:00Z').dayLengthH).toBe(24);
		expect(withAlmanac(plain, north, '2026-12-21T10:00:00Z').dayLengthH).toBe(0);
	});

	it('never stands against what was read', () => {
		expect(at('2026-06-21T12:00:00Z', { light: 'night' }).sunElevationDeg).toBeUndefined();
		expect(at('2026-06-21T23:30:00Z', { sunElevationDeg: 40 }).light).toBe('day');
		fc.assert(
			fc.property(
				anyReading,
				fc.date({ min: new Date('2000-01-01'), max: new Date('2060-01-01'), noInvalidDate: true }),
				(input, date) => {
					const given = readingSchema.parse(input);
					const told = withAlmanac(given, MERE, date.toISOString());
					expect(told).toMatchObject(
						Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined))
					);
					expect(withAlmanac(told, MERE, date.toISOString())).toEqual(told);
					if (given.light === undefined && given.sunElevationDeg === undefined)
						expect(lightOf(told.sunElevationDeg!)).toBe(told.light);
					expect(() => completeReading(readingSchema.parse(told))).not.toThrow();
				}
			)
		);
	});

	it('says nothing without a place, but the light of a sun that was read', () => {
		expect(withAlmanac(plain, null, '2026-06-21T23:30:00Z')).toBe(plain);
		expect(withAlmanac({ ...plain, sunElevationDeg: 4 }, null, '2026-06-21T12:00:00Z').light).toBe('low');
		expect(withAlmanac(plain, MERE, 'soon')).toBe(plain);
	});
});

describe('the sun', () => {
	// Where the sun crosses the meridian of a place its bearing is 180 and its height 90 less latitude plus declination.
	it('stands in the south at noon, as high as the day and the place make it', () => {
		const { azimuthDeg, elevationDeg } = sunAt({ latitude: 44.12, longitude: 0 }, '2026-06-21T12:02:00Z');
		expect(Math.abs(azimuthDeg - 180)).toBeLessThan(1);
		expect(Math.abs(elevationDeg - (90 - 44.12 + 23.44))).toBeLessThan(0.3);
	});
});
