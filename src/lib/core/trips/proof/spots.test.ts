import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BLANK_FACT } from '../../testing/facts';
import type { Fact } from './facts';
import { recordOfSpots } from './spots';

const fished = (spotId: string, casts: number, strikes: number): Fact => ({ ...BLANK_FACT, spotId, casts, strikes });

describe('what the record says of spots', () => {
	it('speaks for the spot that bites more, and against the other, in whole counts', () => {
		const said = recordOfSpots([fished('a', 300, 24), fished('a', 100, 8), fished('b', 400, 4)], ['a', 'b']);
		expect(said.a!.points).toBeGreaterThan(0.5);
		expect(said.b!.points).toBeLessThan(-0.5);
		expect(said.a!.because).toBe('Your log: 32 bites in 400 casts here, more than at your other spots.');
		expect(said.b!.because).toContain('4 bites in 400 casts here, fewer');
	});

	it('says little of little: one lucky strike is no place', () => {
		const after = (casts: number, strikes: number) =>
			recordOfSpots([fished('a', casts, strikes), fished('b', 400, 12), fished('c', 400, 12)], ['a', 'b', 'c']).a
				?.points ?? 0;
		expect(after(5, 1)).toBeLessThan(after(200, 40) / 3);
	});

	it('is silent without another spot to hold against, of spots that were not asked about, and where nothing was cast', () => {
		expect(recordOfSpots([fished('a', 300, 24)], ['a', 'b'])).toEqual({});
		expect(recordOfSpots([fished('a', 300, 24), fished('b', 300, 2)], ['a'])).toEqual({});
		expect(recordOfSpots([], ['a', 'b'])).toEqual({});
	});

	it('weighs at most as a rule about places does, whatever was counted', () => {
		const spot = fc.record({
			casts: fc.integer({ min: 0, max: 3000 }),
			share: fc.double({ min: 0, max: 0.5, noNaN: true })
		});
		fc.assert(
			fc.property(fc.array(spot, { minLength: 2, maxLength: 5 }), (spots) => {
				const facts = spots.map(({ casts, share }, at) => fished(`${at}`, casts, Math.floor(casts * share)));
				for (const { points, claim } of Object.values(
					recordOfSpots(
						facts,
						spots.map((_, at) => `${at}`)
					)
				)) {
					expect(claim).toBe('record');
					expect(Math.abs(points)).toBeLessThanOrEqual(2);
				}
			}),
			{ numRuns: 25 }
		);
	});
});
