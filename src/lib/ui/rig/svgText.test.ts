// @vitest-environment jsdom
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { startBuild } from '$lib/core/rig/build/start';
import { drawRig } from '$lib/core/rig/drawing/rigDrawing';
import { svgText } from './svgText';

// A few shapes will do: it is the words that could go wrong.
const whole = drawRig(startBuild('spinnerbait').rig, true);
const drawing = { ...whole, shapes: whole.shapes.slice(0, 3) };

it('is well-formed whatever the rig is called, with the name as it is written', () => {
	fc.assert(
		fc.property(fc.string({ unit: 'binary', maxLength: 40 }), (name) => {
			const document = new DOMParser().parseFromString(svgText(drawing, name), 'image/svg+xml');
			expect(document.querySelector('parsererror')).toBeNull();
			const plain = name.replace(/[\p{Cc}\uFFFE\uFFFF]/gu, ' ');
			expect(document.querySelector('title')?.textContent).toBe(plain);
		}),
		{ numRuns: 100, examples: [['a\u0000b'], ['</title><script>']] }
	);
});

it('is well-formed with half a character in the name', () => {
	const document = new DOMParser().parseFromString(svgText(drawing, 'half \ud800'), 'image/svg+xml');
	expect(document.querySelector('title')?.textContent).toBe('half \uFFFD');
});
