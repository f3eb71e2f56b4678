import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BLADE_SIZES, bladeSize } from '../../foundation/catalogue/bladeSizes';
import { answerCall } from '../../ranking/answer/call';
import type { Locks, Rig } from '../../foundation/schema/rig';
import type { TurningStyle } from '../../foundation/schema/words';
import { anyReading } from '../../testing/arbitraries';
import { drawBlade, halfWidth } from './blade';
import { headSize } from '../../foundation/catalogue/heads';
import { buildOf } from '../build/buildOf';
import { rigGeometryOf } from '../geometry/rigGeometry';
import { bend, lengthOf, type Point } from '../geometry/path';
import { drawRig } from './rigDrawing';
import type { DrawnPart } from './shape';

const PLAIN = { waterTemperatureC: 18, visibilityM: 1.3, bottomM: 3 };
const rigWith = (locks: Locks): Rig => answerCall({ reading: PLAIN, locks }).calls[0]!.rig;
const partsOf = (rig: Rig): Set<DrawnPart> => new Set(drawRig(rig).shapes.map(({ part }) => part));

/** Points of the straight and closed paths that blades are made of. */
const pointsOf = (d: string): Point[] =>
	[...d.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => ({ x: Number(x), y: Number(y) }));

describe('a drawn blade', () => {
	const rows = (Object.keys(BLADE_SIZES) as TurningStyle[]).flatMap((style) =>
		BLADE_SIZES[style].map((row) => [style, row.size, row] as const)
	);

	it.each(rows)('%s %s is as long as the size table says', (style, size, row) => {
		const { lengthMm, widthMm } = bladeSize(style, size);
		const blade = {
			position: 'rear',
			style,
			size,
			finish: 'nickel',
			texture: 'smooth',
			thickness: 'standard'
		} as const;
		const hung = { blade, lengthMm, widthMm, hole: { x: 0, y: 0 }, angleDeg: 0, axisDeg: 0 };
		const outline = drawBlade('rear', hung)[1]!;
		const xs = pointsOf(outline.d).map(({ x }) => x);
		expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(row.lengthMm, 1);
	});

	it.each(Object.keys(BLADE_SIZES) as TurningStyle[])('%s is widest at its full width', (style) => {
		const widths = Array.from({ length: 1001 }, (_, at) => halfWidth(style, at / 1000));
		expect(2 * Math.max(...widths)).toBeCloseTo(1, 3);
	});

	it('between two sizes lies between them', () => {
		const between = bladeSize('willow', 4.25);
		expect(between.lengthMm).toBeGreaterThan(bladeSize('willow', 4).lengthMm);
		expect(between.lengthMm).toBeLessThan(bladeSize('willow', 4.5).lengthMm);
	});
});

describe('a bent wire', () => {
	it('is as long as its runs and bends', () => {
		const { points } = bend({ x: 0, y: 0 }, 30, [{ run: 20 }, { right: 90, r: 4 }, { run: 10 }]);
		expect(lengthOf(points)).toBeCloseTo(20 + 4 * (Math.PI / 2) + 10, 1);
	});

	it('turns back where it came from when it is bent and unbent', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 179 }), fc.integer({ min: 1, max: 9 }), (angle, r) => {
				const { headingDeg } = bend({ x: 0, y: 0 }, 12, [{ right: angle, r }, { run: 5 }, { left: angle, r }]);
				expect(headingDeg).toBeCloseTo(12, 9);
			})
		);
	});

	it('of a spinnerbait carries its upper arm over the hook: the eye lies behind and above the tie', () => {
		const { tie, end } = rigGeometryOf(buildOf(rigWith({ family: 'spinnerbait' }))).wire!;
		expect(end.x).toBeGreaterThan(tie.x);
		expect(end.y).toBeLessThan(tie.y);
	});
});

describe('a head', () => {
	it('grows with the cube root of its weight and is smaller in tungsten', () => {
		const [half] = headSize('spinnerbait', 0.5, 'lead');
		expect(headSize('spinnerbait', 1, 'lead')[0]).toBeCloseTo(half * Math.cbrt(2), 9);
		expect(headSize('spinnerbait', 0.5, 'tungsten')[0]).toBeLessThan(half);
	});
});

describe('a drawn rig', () => {
	it.each([
		[
			'spinnerbait',
			{ family: 'spinnerbait', blades: [{ position: 'front', style: 'colorado' }] },
			['wire', 'front', 'rear', 'clevis', 'swivel', 'head', 'hook', 'skirt']
		],
		[
			'bladed jig',
			{ family: 'bladed-jig', trailer: { kind: 'split-tail' } },
			['rear', 'head', 'hook', 'skirt', 'trailer']
		],
		['buzzbait', { family: 'buzzbait', skirt: { colour: 'black' } }, ['wire', 'rear', 'head', 'hook', 'skirt']],
		['underspin', { family: 'underspin' }, ['wire', 'swivel', 'rear', 'head', 'hook', 'trailer']],
		[
			'spinnerbait with an array and a second hook',
			{ family: 'spinnerbait', array: true, trailerHook: 'free' },
			['array', 'trailerHook']
		]
	] as [string, Locks, DrawnPart[]][])('%s shows its parts', (_name, locks, parts) => {
		const drawn = partsOf(rigWith(locks));
		for (const part of parts) expect(drawn).toContain(part);
	});

	it('is lighter when small, and as large', () => {
		const rig = rigWith({ family: 'spinnerbait' });
		const weight = (small: boolean) => JSON.stringify(drawRig(rig, small).shapes).length;
		expect(weight(true)).toBeLessThan(weight(false) * 0.9);
		expect(Math.abs(drawRig(rig, true).bounds.width / drawRig(rig).bounds.width - 1)).toBeLessThan(0.1);
	});

	it('of a treble shows three bends, dressed with hair; a tail has its own color; a low keel its own head', () => {
		const jig = { family: 'underspin', hook: { size: '4/0', gauge: 'light', shank: 'standard' } } as const;
		const shapes = (locks: Locks) => drawRig(rigWith(locks)).shapes;
		const hooks = (style: 'single' | 'treble' | 'dressed') =>
			shapes({ ...jig, hook: { ...jig.hook, style } }).filter(({ part }) => part === 'hook').length;
		expect(hooks('treble')).toBe(3 * hooks('single'));
		expect(hooks('dressed')).toBe(hooks('treble') + 1);
		const soft = shapes({
			...jig,
			trailer: { kind: 'split-tail', colour: 'white/orange', lengthIn: 3, mount: 'upright' }
		});
		expect(new Set(soft.map(({ fill }) => fill))).toEqual(
			new Set([...soft.map(({ fill }) => fill), 'white.mid', 'orange.mid'])
		);
		const head = (headShape: 'plain' | 'low-keel') =>
			shapes({ family: 'spinnerbait', headShape }).filter(({ part }) => part === 'head');
		expect(head('low-keel')).not.toEqual(head('plain'));
	});

	it('without a skirt shows none', () => {
		expect(partsOf(rigWith({ family: 'buzzbait', skirt: { colour: 'none' } }))).not.toContain('skirt');
	});

	it('is the same each time, inside its bounds, and named part by part', () => {
		fc.assert(
			fc.property(anyReading, (reading) => {
				for (const { rig } of answerCall({ reading }).calls) {
					const drawing = drawRig(rig);
					expect(drawRig(rig)).toEqual(drawing);
					const { x, y, width, height } = drawing.bounds;
					expect(width).toBeGreaterThan(40);
					expect(height).toBeLessThan(140);
					for (const point of drawing.shapes.flatMap(({ d }) => pointsOf(d))) {
						expect(point.x >= x - 1e-6 && point.x <= x + width + 1e-6).toBe(true);
						expect(point.y >= y - 1e-6 && point.y <= y + height + 1e-6).toBe(true);
					}
					expect(drawing.text).toContain(`${rig.line.testLb} lb`);
				}
			}),
			{ numRuns: 12, seed: 5 }
		);
	});
});
