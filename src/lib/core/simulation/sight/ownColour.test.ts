import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ownColourSchema, STRAND_COLOURS, type Strand } from '../../foundation/schema/ownColour';
import { NM } from './bands';
import { inHandRgb } from './colour';
import { estimated, linearOf } from './estimate';
import { nearestNamed, ownTarget } from './ownColour';
import { targetOf } from './targets';

const channel = fc.integer({ min: 0, max: 255 });
const hex = (value: number): string => value.toString(16).padStart(2, '0');
const anyRgb = fc.tuple(channel, channel, channel).map((three) => `#${three.map(hex).join('')}`);
const share = fc.double({ min: 0.05, max: 1, noNaN: true });
const anyStrand = fc.oneof(
	fc.record({ colour: fc.constantFrom(...STRAND_COLOURS), share }),
	fc.record({ rgb: anyRgb, share }),
	fc.record({ reflects: fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 31, maxLength: 31 }), share })
) as fc.Arbitrary<Strand>;
const anyStrands = fc.array(anyStrand, { minLength: 1, maxLength: 4 });
const counts = { countsAs: 'white' } as const;

describe('a color that was picked', () => {
	it('gets a spectrum that throws back no less than nothing and no more than all', () => {
		fc.assert(
			fc.property(anyRgb, (rgb) => {
				for (const value of estimated(rgb)) {
					expect(value).toBeGreaterThanOrEqual(0);
					expect(value).toBeLessThanOrEqual(1);
				}
			})
		);
	});

	it('looks in the hand as it was picked, for every color that plastic can have', () => {
		// Lures are neither blacker than 1 % nor as pure as a lamp: saturation of at most nine tenths.
		const plastic = fc.tuple(channel, channel, channel).filter((three) => {
			const [least, most] = [Math.min(...three), Math.max(...three)];
			return most <= 240 && least >= 30 && least >= 0.25 * most;
		});
		fc.assert(
			fc.property(plastic, (three) => {
				const seen = inHandRgb(estimated(`#${three.map(hex).join('')}`));
				for (const [at, value] of seen.entries()) expect(Math.abs(value - three[at]!)).toBeLessThanOrEqual(2);
			})
		);
	});

	it('has a smooth spectrum: a gray throws all of the light back alike, red more of the long waves', () => {
		const grey = estimated('#808080');
		expect(Math.max(...grey) - Math.min(...grey)).toBeLessThan(0.02);
		const red = estimated('#b03020');
		expect(red[NM.indexOf(650)]!).toBeGreaterThan(4 * red[NM.indexOf(500)]!);
	});

	it('is read from its writing, each channel by itself', () => {
		expect(linearOf('#ff0080')).toEqual([1, 0, expect.closeTo(0.2159, 4)]);
	});
});

describe('an own color', () => {
	it('of one named strand is that color, and is nearest to it', () => {
		for (const colour of STRAND_COLOURS) {
			const strands = [{ colour, share: 0.4 }];
			const [own, named] = [ownTarget({ strands }), targetOf('skirt', colour)!];
			expect([...own.reflects]).toEqual([...named.reflects].map((value) => expect.closeTo(value, 12)));
			expect(own.glow === null).toBe(named.glow === null);
			expect(nearestNamed({ strands })).toBe(colour);
		}
	});

	it('mixes its strands by their shares, in whatever order they stand', () => {
		fc.assert(
			fc.property(anyStrands, (strands) => {
				const mixed = ownTarget({ strands }).reflects;
				const single = strands.map((strand) => ownTarget({ strands: [strand] }).reflects);
				const turned = ownTarget({ strands: strands.toReversed() }).reflects;
				for (const [at, value] of mixed.entries()) {
					const all = single.map((one) => one[at]!);
					expect(value).toBeGreaterThanOrEqual(Math.min(...all) - 1e-12);
					expect(value).toBeLessThanOrEqual(Math.max(...all) + 1e-12);
					expect(turned[at]).toBeCloseTo(value, 12);
				}
			}),
			{ numRuns: 60 }
		);
	});

	it('glows as much as its glowing strands do together', () => {
		const half = (colour: 'chartreuse' | 'black') => ({ colour, share: 0.5 });
		const [both, one] = [
			ownTarget({ strands: [half('chartreuse'), half('chartreuse')] }),
			ownTarget({ strands: [half('chartreuse'), half('black')] })
		];
		expect(both.glow!.takes[5]).toBeCloseTo(2 * one.glow!.takes[5]!, 12);
	});

	it('is taken with one to four strands, each with its share, and refused with the reason', () => {
		fc.assert(
			fc.property(anyStrands, (strands) => {
				expect(ownColourSchema.safeParse({ strands, ...counts }).error).toBeUndefined();
			})
		);
		const wrong = (strand: unknown): string =>
			JSON.stringify(ownColourSchema.safeParse({ strands: [strand], ...counts }).error?.issues);
		expect(wrong({ rgb: 'green', share: 1 })).toContain('like #c5d62f');
		expect(wrong({ reflects: [0.5], share: 1 })).toContain('400 to 700 nm');
		expect(ownColourSchema.safeParse({ strands: [], ...counts }).success).toBe(false);
	});
});
