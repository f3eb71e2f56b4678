import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { buildOf } from '$lib/core/rig/build/buildOf';
import { startBuild } from '$lib/core/rig/build/start';
import { drawGeometry, drawRig } from '$lib/core/rig/drawing/rigDrawing';
import { rigGeometryOf } from '$lib/core/rig/geometry/rigGeometry';
import type { OwnColour } from '$lib/core/foundation/schema/ownColour';
import { FAMILIES } from '$lib/core/foundation/schema/words';
import { rigMarkup } from './markup';
import { colourOf, mixedHex, strokeColour } from './materials';

const pathsIn = (markup: string): string[] => [...markup.matchAll(/ d="([^"]*)"/g)].map(([, d]) => d!);

describe('the paths of a drawing', () => {
	it.each(FAMILIES)('of a small %s are without fine detail, of a large one all there', (family) => {
		const { shapes } = drawRig(startBuild(family).rig);
		expect(pathsIn(rigMarkup({ shapes }, 1.2))).toEqual(shapes.filter(({ fine }) => !fine).map(({ d }) => d));
		expect(pathsIn(rigMarkup({ shapes }, 5))).toEqual(shapes.map(({ d }) => d));
	});

	it.each(FAMILIES)('of a tiny %s are the same strokes, those of a tone in one', (family) => {
		const drawing = drawRig(startBuild(family).rig);
		const [tiny, small] = [rigMarkup(drawing, 0.99), rigMarkup(drawing, 1)];
		const strokesOf = (markup: string): string[] =>
			[...markup.matchAll(/d="([^"]*)"([^>]*)/g)].flatMap(([, d, look]) =>
				d!.split(/(?=M)/).map((line) => line + look)
			);
		expect(strokesOf(tiny).sort()).toEqual(strokesOf(small).sort());
		const [few, many] = [tiny, small].map((markup) => pathsIn(markup).length) as [number, number];
		expect(few).toBeLessThanOrEqual(many);
		if (family === 'spinnerbait') expect(few).toBeLessThan(0.6 * many);
	});

	it('carry no color that is none', () => {
		const every = FAMILIES.map((family) => rigMarkup(drawRig(startBuild(family).rig), 3)).join('');
		const colours = [...every.matchAll(/(?:fill|stroke)="([^"]*)"/g)].map(([, colour]) => colour!);
		expect(colours.filter((colour) => !/^(#[0-9a-f]{6}|var\(--[a-z-]+\))$/.test(colour))).toEqual([]);
	});
});

describe('a color', () => {
	const hex = fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, '0')}`);

	it('mixed with another is between the two, and at the ends one of them', () => {
		fc.assert(
			fc.property(hex, hex, fc.double({ min: 0, max: 1, noNaN: true }), (under, over, share) => {
				expect([mixedHex(under, over, 0), mixedHex(under, over, 1)]).toEqual([under, over]);
				for (const from of [1, 3, 5]) {
					const [a, b, c] = [under, mixedHex(under, over, share), over].map((one) =>
						Number.parseInt(one.slice(from, from + 2), 16)
					) as [number, number, number];
					expect(b).toBeGreaterThanOrEqual(Math.min(a, c));
					expect(b).toBeLessThanOrEqual(Math.max(a, c));
				}
			})
		);
	});

	it('of the angler’s own has a light and a dark tone beside itself', () => {
		expect(colourOf('#406080.mid')).toBe('#406080');
		expect(colourOf('#406080.high') > '#406080').toBe(true);
		expect(colourOf('#406080.low') < '#406080').toBe(true);
	});

	it('in the shadow of others is darker', () => {
		expect(strokeColour({ stroke: 'white.mid', shade: 0.28 }) < colourOf('white.mid')).toBe(true);
	});
});

describe('a skirt of one’s own colors', () => {
	const colour: OwnColour = {
		countsAs: 'white',
		strands: [
			{ rgb: '#7b2fa0', share: 0.7 },
			{ colour: 'chartreuse', share: 0.3 }
		]
	};
	const part = {
		kind: 'skirt',
		name: 'Mine',
		form: 'fine-silicone',
		lengthMm: 50,
		massG: 2,
		price: 1,
		colour
	} as const;
	const build = buildOf(startBuild('spinnerbait').rig);
	const dressed = { ...build, own: { skirt: { id: crypto.randomUUID(), version: 1, part } } };

	it('is drawn in them, the collar and the head in what there is most of', () => {
		const { shapes } = drawGeometry(rigGeometryOf(dressed));
		const of = (name: string) =>
			new Set(shapes.flatMap(({ part: p, stroke, fill }) => (p === name ? [stroke, fill] : [])));
		const skirt = [...of('skirt')].filter((token) => token && !['ink', 'edge'].includes(token));
		expect(skirt.every((token) => token!.startsWith('#7b2fa0.') || token!.startsWith('chartreuse.'))).toBe(true);
		expect(skirt).toContain('chartreuse.mid');
		expect(of('head')).toContain('#7b2fa0.mid');
	});

	it('is what it was without them', () => {
		expect(drawGeometry(rigGeometryOf(build))).toEqual(drawRig(build.rig));
	});
});
