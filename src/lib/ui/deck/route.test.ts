import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Weather } from '$lib/core/water/weather/weather';
import { hourAfter } from './day';
import { withoutThunder } from './spotConditions';
import { endsOf, movedEnd, routeOf } from './route';

const HOURS = [5, 6, 7, 8, 9].map((hour) => `2026-05-09T0${hour}:00:00.000Z`);
const SPOTS = ['a', 'b', 'c'];

/** Every spot in every hour with points that are given. */
function day(points: readonly number[]) {
	const places = HOURS.flatMap((at) => SPOTS.map((spot) => ({ at, spot })));
	const worths = places.map((one, at) => ({ ...one, points: points[at] ?? 0, blades: 'fair' as const, family: null }));
	const placed = places.map((one) => ({ ...one, place: 0, reasons: [], lie: {}, reading: {} }) as never);
	return { placed, worths };
}

describe('the way through a day', () => {
	it('covers every hour once, in order, and never stops twice running at one spot', () => {
		fc.assert(
			fc.property(
				fc.array(fc.double({ min: -2, max: 4, noNaN: true }), { minLength: 15, maxLength: 15 }),
				fc.double({ min: 0, max: 5000, noNaN: true }),
				(points, metres) => {
					const { placed, worths } = day(points);
					const stops = routeOf(placed, worths, {}, () => metres);
					expect(stops[0]!.from).toBe(HOURS[0]);
					expect(stops.at(-1)!.to).toBe(hourAfter(HOURS.at(-1)!));
					stops.slice(1).forEach((stop, at) => {
						expect(stop.from).toBe(stops[at]!.to);
						expect(stop.spot).not.toBe(stops[at]!.spot);
						expect(stop.travelMin).toBeCloseTo(metres / 240, 9);
					});
				}
			)
		);
	});

	it('ends where thunder begins, and goes on behind it', () => {
		const { placed, worths } = day([]);
		const weathers = HOURS.map((at) => ({ at, thunder: at === HOURS[2] }) as Weather);
		const stops = routeOf(withoutThunder(placed as { at: string }[], weathers) as never, worths, {}, () => null);
		expect(stops.map(({ from, to }) => [from, to])).toEqual([
			[HOURS[0], HOURS[2]],
			[HOURS[3], hourAfter(HOURS[4]!)]
		]);
	});

	it('goes where it was told to by hand, and knows no minutes without a map', () => {
		const { placed, worths } = day([]);
		const stops = routeOf(placed, worths, { [HOURS[2]!]: { spot: 'c' } }, () => null);
		expect(stops.map(({ spot, travelMin }) => [spot, travelMin])).toEqual([
			['a', null],
			['c', null]
		]);
	});

	it('has the end of a stop where it was moved to, and every other stop as it was', () => {
		const hour = fc.integer({ min: 0, max: 5 });
		fc.assert(
			fc.property(
				fc.array(fc.double({ min: -2, max: 4, noNaN: true }), { minLength: 15, maxLength: 15 }),
				hour,
				hour,
				(points, which, to) => {
					const { placed, worths } = day(points);
					const stops = routeOf(placed, worths, {}, () => 300);
					if (stops.length < 2) return;
					const at = which % (stops.length - 1);
					const [stop, next] = [stops[at]!, stops[at + 1]!];
					const wanted = new Date(Date.parse(HOURS[0]!) + to * 3_600_000).toISOString();
					const spots = movedEnd(stop, next, wanted);
					const edits = Object.fromEntries(Object.entries(spots).map(([key, spot]) => [key, { spot }]));
					const after = routeOf(placed, worths, edits, () => 300);
					const { least, most } = endsOf(stop, next);
					const end = wanted < least ? least : wanted > most ? most : wanted;
					const at0 = after.find(({ from, to: until }) => from < end && until >= end)!;
					expect([at0.spot, at0.to]).toEqual([stop.spot, end]);
					for (const [key, spot] of Object.entries(spots)) {
						expect(after.find(({ from, to: until }) => from <= key && key < until)!.spot).toBe(spot);
					}
				}
			)
		);
	});
});
