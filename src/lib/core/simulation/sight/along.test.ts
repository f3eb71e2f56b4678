import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { STAINS } from '../../foundation/schema/words';
import { seenAlongM, seenDownM } from './along';
import { waterOf } from './water';

const anyStain = fc.constantFrom(...STAINS);
/** What readings have, m: no water of any stain is refused as too clear. */
const anyDepthM = fc.double({ min: 0.05, max: 6, noNaN: true });

describe('a white lure along the surface', () => {
	it('tells the same water as a lure that is lowered', () => {
		fc.assert(
			fc.property(anyStain, anyDepthM, (stain, downM) => {
				const water = waterOf(stain, downM, 'lure');
				const alongM = seenAlongM(water);
				fc.pre(!water.clamped && alongM > 0);
				expect(seenDownM(stain, alongM) / downM).toBeCloseTo(1, 4);
			}),
			{ numRuns: 150 }
		);
	});

	it('is seen farther in clearer water', () => {
		fc.assert(
			fc.property(anyStain, anyDepthM, fc.double({ min: 1.02, max: 3, noNaN: true }), (stain, downM, times) => {
				const [thick, clear] = [downM, downM * times].map((depthM) => waterOf(stain, depthM, 'lure'));
				fc.pre(!thick!.clamped && !clear!.clamped);
				fc.pre(seenAlongM(clear!) > 0);
				expect(seenAlongM(clear!)).toBeGreaterThan(seenAlongM(thick!));
			}),
			{ numRuns: 100 }
		);
	});

	it('drowns in the bright level light of mud, and stands out against the dark of tea', () => {
		const along = (stain: (typeof STAINS)[number]) => seenAlongM(waterOf(stain, 0.6, 'lure'));
		expect(along('mud')).toBeLessThan(0.7 * 0.6);
		expect(along('tannic')).toBeGreaterThan(0.9 * 0.6);
		expect(along('green')).toBeGreaterThan(along('mud'));
		expect(along('green')).toBeLessThan(along('tannic'));
	});

	it('loses the lure where its contrast, worked out apart by small steps, has gone', () => {
		// Green water in which a lure is lost 1 m down, walked in steps of 5 mm: gone at 0.755 m.
		expect(Math.abs(seenAlongM(waterOf('green', 1, 'lure')) - 0.755)).toBeLessThan(0.005);
	});

	it('says more than any water of the stain lets through where none is as clear', () => {
		const down = seenDownM('tannic', 60);
		expect(waterOf('tannic', down, 'lure').clamped).toBe(true);
		expect(Number.isFinite(down)).toBe(true);
	});
});
