import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAMILIES, HEAD_MATERIALS, TURNING_STYLES } from '../schema/words';
import { BLADE_SIZES, bladeOutline, bladeSize } from './bladeSizes';
import { SKIRT_CUTS, SOFT_BODIES } from './dress';
import { headSize } from './heads';
import { HOOK_SIZES, hookMeasures } from './hooks';
import { bladeSets, LAYOUTS, layoutOf } from './layouts';
import { LINES, REELS, RODS, SPEEDS_MPS, STYLE_SPEEDS, WEIGHTS_OZ, WIRES_IN } from './parts';

const anyStyle = fc.constantFrom(...TURNING_STYLES);
const anySize = fc.double({ min: 2, max: 7, noNaN: true });

describe('blade sizes', () => {
	it('grow in length and width with the trade number, and never turn to another form', () => {
		fc.assert(
			fc.property(anyStyle, anySize, anySize, (style, a, b) => {
				const [small, large] = [bladeSize(style, Math.min(a, b)), bladeSize(style, Math.max(a, b))];
				expect(large.lengthMm).toBeGreaterThanOrEqual(small.lengthMm);
				expect(large.widthMm).toBeGreaterThanOrEqual(small.widthMm);
				expect(large.widthMm).toBeLessThan(large.lengthMm);
			})
		);
	});

	it('are those of the table at its rows, and of its ends beyond them', () => {
		for (const style of TURNING_STYLES) {
			for (const row of BLADE_SIZES[style]) expect(bladeSize(style, row.size)).toEqual(row);
			const [first, last] = [BLADE_SIZES[style][0]!, BLADE_SIZES[style].at(-1)!];
			expect(bladeSize(style, 0).lengthMm).toBe(first.lengthMm);
			expect(bladeSize(style, 20).lengthMm).toBe(last.lengthMm);
		}
	});

	it('make a willow the slimmest and a Colorado the roundest of one number', () => {
		for (const size of [2, 3, 4, 5, 6]) {
			const [round, middle, slim] = (['colorado', 'indiana', 'willow'] as const).map((style) => {
				const { widthMm, lengthMm } = bladeSize(style, size);
				return widthMm / lengthMm;
			}) as [number, number, number];
			expect(round).toBeGreaterThan(middle);
			expect(middle).toBeGreaterThan(slim);
		}
	});

	it('give a measured blade its own length and the form of its style', () => {
		fc.assert(
			fc.property(anyStyle, anySize, fc.double({ min: 10, max: 90, noNaN: true }), (style, size, measuredMm) => {
				const [table, own] = [bladeSize(style, size), bladeOutline(style, size, measuredMm)];
				expect(own.lengthMm).toBe(measuredMm);
				expect(own.widthMm / own.lengthMm).toBeCloseTo(table.widthMm / table.lengthMm, 9);
			})
		);
	});
});

describe('layouts', () => {
	it('are known again by the blades that they are made of', () => {
		for (const layout of LAYOUTS) {
			for (const { front, rear } of bladeSets(layout)) {
				const ahead = front ? [{ position: 'front', ...front }] : [];
				expect(layoutOf([...ahead, { position: 'rear', ...rear }])).toBe(layout);
			}
		}
	});

	it('carry the larger blade behind, and no set twice', () => {
		for (const layout of LAYOUTS.filter((one) => one !== 'single')) {
			const sets = bladeSets(layout);
			expect(sets.length).toBeGreaterThan(3);
			expect(new Set(sets.map((set) => JSON.stringify(set))).size).toBe(sets.length);
			for (const { front, rear } of sets) {
				const long = (blade: { style: (typeof TURNING_STYLES)[number]; size: number }) =>
					bladeSize(blade.style, blade.size).lengthMm;
				expect(long(rear)).toBeGreaterThan(long(front!));
			}
		}
	});
});

describe('heads', () => {
	it('grow with the cube root of what they weigh, and are smaller in what is denser', () => {
		for (const family of FAMILIES) {
			const lengthMm = (oz: number, metal: (typeof HEAD_MATERIALS)[number]) => headSize(family, oz, metal)[0];
			expect(lengthMm(1, 'lead') / lengthMm(0.125, 'lead')).toBeCloseTo(2, 9);
			expect(lengthMm(0.5, 'tungsten')).toBeLessThan(lengthMm(0.5, 'lead'));
			expect(lengthMm(0.5, 'lead')).toBeLessThan(lengthMm(0.5, 'bismuth'));
			expect(headSize(family, 0.5, 'lead', 25)[0]).toBeCloseTo(25, 9);
		}
	});
});

describe('hooks', () => {
	it('gape wider and reach farther with every size up, and a long shank is longer', () => {
		const measured = HOOK_SIZES.map((size) => hookMeasures({ size, shank: 'standard' }));
		for (let at = 1; at < measured.length; at++) {
			expect(measured[at]!.gapeMm).toBeGreaterThan(measured[at - 1]!.gapeMm);
			expect(measured[at]!.shankMm).toBeGreaterThan(measured[at - 1]!.shankMm);
		}
		for (const size of HOOK_SIZES) {
			const [usual, long] = [hookMeasures({ size, shank: 'standard' }), hookMeasures({ size, shank: 'long' })];
			expect(long.shankMm).toBeGreaterThan(usual.shankMm);
			expect(long.gapeMm).toBe(usual.gapeMm);
		}
		// Below 1/0 the numbers run the other way: a 2 is smaller than a 1.
		expect(hookMeasures({ size: '2', shank: 'standard' }).gapeMm).toBeLessThan(
			hookMeasures({ size: '1/0', shank: 'standard' }).gapeMm
		);
	});
});

describe('what a shop carries', () => {
	it.each([
		['weights', WEIGHTS_OZ],
		['wires', WIRES_IN],
		['speeds', SPEEDS_MPS]
	])('has its %s in order, each once', (_name, figures) => {
		expect(figures).toEqual([...new Set(figures)].toSorted((a, b) => a - b));
	});

	it('has no line, rod or reel twice', () => {
		for (const things of [LINES, RODS, REELS]) {
			expect(new Set(things.map((thing) => JSON.stringify(thing))).size).toBe(things.length);
		}
	});

	it('can be wound in every style at some of its speeds', () => {
		for (const [from, to] of Object.values(STYLE_SPEEDS)) {
			expect(SPEEDS_MPS.some((speed) => speed >= from && speed <= to)).toBe(true);
		}
	});

	it('has strands for every cut, the short the fewest, and bodies whose tails begin behind their middle or at it', () => {
		expect(SKIRT_CUTS.short.lengthMm).toBeLessThan(SKIRT_CUTS.standard.lengthMm);
		expect(SKIRT_CUTS.standard.lengthMm).toBeLessThan(SKIRT_CUTS.long.lengthMm);
		expect(SKIRT_CUTS.short.strands).toBeLessThan(SKIRT_CUTS.standard.strands);
		for (const { half, tailAt, sweep } of Object.values(SOFT_BODIES)) {
			expect(half).toBeLessThan(0.2);
			expect(tailAt).toBeGreaterThanOrEqual(0.5);
			expect(tailAt).toBeLessThan(1);
			expect(sweep).toBeGreaterThanOrEqual(0);
		}
	});
});
