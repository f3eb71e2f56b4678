import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dyeOf, mainDye } from './dye';

const flat = (value: number): number[] => Array.from({ length: 31 }, () => value);
const channels = (hex: string): number[] => [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));

describe('the dye of a strand', () => {
	it('is its name, or as it was picked', () => {
		expect(dyeOf({ colour: 'white', share: 1 })).toBe('white');
		expect(dyeOf({ rgb: '#12ab34', share: 1 })).toBe('#12ab34');
	});

	it('of a measured spectrum is gray where that is even, lighter the more it throws back', () => {
		fc.assert(
			fc.property(fc.double({ min: 0, max: 0.9, noNaN: true }), (value) => {
				const [dark, light] = [value, value + 0.1].map((one) => channels(dyeOf({ reflects: flat(one), share: 1 })));
				expect(new Set(dark!).size).toBe(1);
				expect(light![0]!).toBeGreaterThan(dark![0]!);
			})
		);
	});

	it('of a measured spectrum is the color of the waves that it throws back', () => {
		const only = (from: number, to: number) => flat(0.05).map((value, at) => (at >= from && at < to ? 0.8 : value));
		const [red, , blue] = channels(dyeOf({ reflects: only(20, 31), share: 1 }));
		expect(red).toBeGreaterThan(2 * blue!);
		const [, green, less] = channels(dyeOf({ reflects: only(10, 20), share: 1 }));
		expect(green).toBeGreaterThan(2 * less!);
	});
});

describe('the main dye of a color', () => {
	it('is that of its largest share', () => {
		const strands = [
			{ colour: 'white', share: 0.3 },
			{ rgb: '#000000', share: 0.6 },
			{ colour: 'purple', share: 0.1 }
		] as const;
		expect(mainDye({ countsAs: 'black', strands: [...strands] })).toBe('#000000');
	});
});
