import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { completeReading } from '$lib/core/water/reading/complete';
import { lightOf } from '$lib/core/water/reading/light';
import { readingSchema } from '$lib/core/foundation/schema/reading';
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

	it('says only the season without a place, and the light of a sun that was read', () => {
		const known = withAlmanac(plain, null, '2026-12-01T23:30:00Z');
		expect(known).toEqual({ ...plain, dayLengthH: expect.closeTo(9.6, 0) as number, dayLength: 'shrinking' });
		const south = { latitude: null, longitude: null, timeZone: 'Australia/Brisbane' };
		expect(withAlmanac(plain, south, '2026-12-01T23:30:00Z').dayLength).toBe('growing');
		expect(withAlmanac({ ...plain, sunElevationDeg: 4 }, null, '2026-06-21T12:00:00Z').light).toBe('low');
		expect(withAlmanac(plain, MERE, 'soon')).toBe(plain);
	});
});

describe('the sun', () => {
	// Where the sun crosses the meridian of a place its bearing is 180 and its height 90 less latitude plus declination.
	it('stands in the south at noon, as high as the day and the place make it', () => {
		const { azimuthDeg, elevationDeg } = sunAt({ latitude: 44.12, longitude: 0 }, '2026-06-21T12:02:00Z')!;
		expect(Math.abs(azimuthDeg - 180)).toBeLessThan(1);
		expect(Math.abs(elevationDeg - (90 - 44.12 + 23.44))).toBeLessThan(0.3);
	});

	/** The low-precision sun of the Astronomical Almanac (to 0.01 degrees between 1950 and 2050), as vectors. */
	function reckoned(latitude: number, longitude: number, at: Date) {
		const rad = Math.PI / 180;
		const days = at.getTime() / 86_400_000 - 10_957.5;
		const anomaly = (357.528 + 0.9856003 * days) * rad;
		const ecliptic = (280.46 + 0.9856474 * days + 1.915 * Math.sin(anomaly) + 0.02 * Math.sin(2 * anomaly)) * rad;
		const tilt = (23.439 - 0.0000004 * days) * rad;
		const right = Math.atan2(Math.cos(tilt) * Math.sin(ecliptic), Math.cos(ecliptic));
		const declination = Math.asin(Math.sin(tilt) * Math.sin(ecliptic));
		const hour = (280.46062 + 360.98564737 * days + longitude) * rad - right;
		const north = [Math.cos(latitude * rad) * Math.sin(declination), Math.sin(latitude * rad) * Math.cos(declination)];
		const up = [Math.sin(latitude * rad) * Math.sin(declination), Math.cos(latitude * rad) * Math.cos(declination)];
		const east = -Math.cos(declination) * Math.sin(hour);
		return {
			azimuthDeg: Math.atan2(east, north[0]! - north[1]! * Math.cos(hour)) / rad,
			elevationDeg: Math.asin(up[0]! + up[1]! * Math.cos(hour)) / rad
		};
	}

	it('stands where another reckoning has it, to a degree, all over the world and the year', () => {
		fc.assert(
			fc.property(
				fc.double({ min: -75, max: 75, noNaN: true }),
				fc.double({ min: -180, max: 180, noNaN: true }),
				fc.date({ min: new Date('2020-01-01'), max: new Date('2040-01-01'), noInvalidDate: true }),
				(latitude, longitude, date) => {
					const ours = sunAt({ latitude, longitude }, date.toISOString())!;
					const theirs = reckoned(latitude, longitude, date);
					// Our sun is seen through the air, which lifts it by half a degree at the horizon.
					expect(Math.abs(ours.elevationDeg - theirs.elevationDeg)).toBeLessThan(1);
					const apart = ((ours.azimuthDeg - theirs.azimuthDeg + 540) % 360) - 180;
					// Overhead a bearing means little: what counts is how far apart the two stand on the sky.
					expect(Math.abs(apart) * Math.cos((theirs.elevationDeg * Math.PI) / 180)).toBeLessThan(1);
				}
			),
			{ numRuns: 400 }
		);
	});
});
