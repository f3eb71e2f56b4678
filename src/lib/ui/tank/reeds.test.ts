import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { soundedM } from '$lib/core/water/places/profile';
import { fringeM, isInLane, stemsOf } from './reeds';

const profiles = fc
	.tuple(fc.double({ min: 0.5, max: 12, noNaN: true }), fc.double({ min: 0.3, max: 6, noNaN: true }))
	.map(([outM, depthM]) => [
		{ outM: 0, depthM: 0 },
		{ outM, depthM }
	]);
const winds = fc.integer({ min: 0, max: 359 });

describe('a fringe of reeds', () => {
	it('stands where the water is shallow enough, and no broader than can be drawn', () => {
		fc.assert(
			fc.property(profiles, winds, (profile, wind) => {
				const stems = stemsOf('stems', profile, 20, wind);
				for (const { alongM, outM } of stems) {
					expect(soundedM(profile, outM)).toBeLessThanOrEqual(1.2 + 1e-9);
					expect(outM).toBeLessThanOrEqual(9);
					expect(Math.abs(alongM)).toBeLessThanOrEqual(20);
				}
			})
		);
	});

	it('has none on a bank that falls off at once', () => {
		const wall = [
			{ outM: 0, depthM: 2 },
			{ outM: 10, depthM: 5 }
		];
		expect(fringeM('pads', wall)).toBe(0);
		expect(stemsOf('pads', wall, 20, 90)).toEqual([]);
	});

	it('is whole in a calm, and open for a good quarter in a wind', () => {
		fc.assert(
			fc.property(winds, (wind) => {
				const profile = [
					{ outM: 0, depthM: 0 },
					{ outM: 30, depthM: 3 }
				];
				const [whole, open] = [stemsOf('stems', profile, 30, null), stemsOf('stems', profile, 30, wind)];
				const share = 1 - open.length / whole.length;
				expect(share).toBeGreaterThan(0.1);
				expect(share).toBeLessThan(0.45);
			})
		);
	});
});

describe('a lane', () => {
	it('runs the way of the wind: whoever goes along it stays in it', () => {
		fc.assert(
			fc.property(winds, fc.double({ min: -30, max: 30, noNaN: true }), (wind, goneM) => {
				const turned = (wind * Math.PI) / 180;
				// From the middle of the bank with the wind or against it.
				expect(isInLane({ alongM: -goneM * Math.cos(turned), outM: -goneM * Math.sin(turned) }, wind)).toBe(true);
			})
		);
	});
});
