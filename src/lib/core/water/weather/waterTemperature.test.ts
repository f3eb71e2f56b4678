import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { estimatedC, seasonalC } from './waterTemperature';

const anyDay = fc
	.date({ min: new Date('2020-01-01'), max: new Date('2030-12-31'), noInvalidDate: true })
	.map((at) => at.toISOString());

describe('the temperature of a water on another day', () => {
	it('is that of the curve where nothing was read: warm in July in the north, in January in the south', () => {
		expect(seasonalC('2026-07-25T12:00:00.000Z', 40)).toBeGreaterThan(seasonalC('2026-01-25T12:00:00.000Z', 40) + 15);
		expect(seasonalC('2026-01-25T12:00:00.000Z', -40)).toBeGreaterThan(seasonalC('2026-07-25T12:00:00.000Z', -40) + 15);
		expect(Math.abs(seasonalC('2026-01-25T12:00:00.000Z', 2) - seasonalC('2026-07-25T12:00:00.000Z', 2))).toBeLessThan(
			3
		);
		expect(estimatedC('2026-12-02T12:00:00.000Z', 40, []).waterTemperatureC).toBeLessThan(12);
	});

	it('is what was read on the day itself, to half a degree', () =>
		fc.assert(
			fc.property(
				anyDay,
				fc.double({ min: 2, max: 30, noNaN: true }),
				fc.integer({ min: -55, max: 60 }),
				(at, read, latitude) => {
					const { waterTemperatureC } = estimatedC(at, latitude, [{ at, waterTemperatureC: read }]);
					expect(Math.abs(waterTemperatureC - read)).toBeLessThanOrEqual(0.25 + 1e-9);
				}
			)
		));

	it('is always water, and moves with what was read last in the same season', () =>
		fc.assert(
			fc.property(anyDay, fc.array(fc.double({ min: 0, max: 36, noNaN: true }), { maxLength: 5 }), (at, reads) => {
				const told = reads.map((waterTemperatureC, days) => ({
					at: new Date(Date.parse(at) - days * 86_400_000).toISOString(),
					waterTemperatureC
				}));
				const { waterTemperatureC } = estimatedC(at, 38, told);
				expect(waterTemperatureC).toBeGreaterThanOrEqual(0.5);
				expect(waterTemperatureC).toBeLessThanOrEqual(34);
			})
		));
});
