import { describe, expect, it } from 'vitest';
import { BLADE_SIZES } from '../../foundation/catalogue/bladeSizes';
import { LAYOUTS } from '../../foundation/catalogue/layouts';
import { MODS } from './mods';
import { completeFit } from '../build/fit';
import { startBuild, withLayout, withRig } from '../build/start';
import { PLATES, USUAL_ARM_M } from '../../foundation/constants/constants';
import { rigGeometryOf } from '../geometry/rigGeometry';
import { boxOfPath, lengthOf, movedPath } from '../geometry/path';
import { hookMeasures } from '../../foundation/catalogue/hooks';
import { FAMILIES, type TurningStyle } from '../../foundation/schema/words';
import type { Build } from '../../foundation/schema/build';
import { bladeOutlinePoints } from '../drawing/blade';
import { drawExploded } from '../drawing/exploded';
import { placeLabels } from '../drawing/labels';
import { modPicture } from './modPicture';
import { drawGeometry } from '../drawing/rigDrawing';
import { boundsOf, type DrawnPart } from '../drawing/shape';

const spread = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);

/** Every layout, with the extras that a family can carry. */
const LAYOUT_BUILDS: readonly (readonly [string, Build])[] = [
	...LAYOUTS.map((layout) => [layout, withLayout(startBuild('spinnerbait'), layout)] as const),
	['array', withRig(startBuild('spinnerbait'), { array: true, trailerHook: 'free' })],
	['bladed jig', startBuild('bladed-jig')],
	['buzzbait', withRig(startBuild('buzzbait'), { noise: 'clack' })],
	['underspin', startBuild('underspin')],
	['screw-in', withRig(startBuild('underspin'), { screwIn: true })]
];

describe('drawn lengths', () => {
	it.each(LAYOUT_BUILDS)('of %s are those of the table', (_name, build) => {
		const geometry = rigGeometryOf(build);
		for (const blade of [geometry.front, geometry.rear]) {
			if (!blade) continue;
			const row = BLADE_SIZES[blade.blade.style as TurningStyle].find(({ size }) => size === blade.blade.size)!;
			const along = bladeOutlinePoints({ ...blade, angleDeg: 0 }).map(({ x }) => x);
			expect(spread(along)).toBeCloseTo(row.lengthMm, 1);
		}
		const { gapeMm, shankMm } = hookMeasures(build.rig.hook);
		expect(geometry.hook.shankMm).toBe(shankMm);
		expect(geometry.hook.endOfShank.x - geometry.head.lengthMm).toBeCloseTo(shankMm, 6);
		expect(geometry.hook.gapeMm).toBe(gapeMm);
		if (geometry.plate) expect(geometry.plate.heightMm).toBe(PLATES.standard.heightMm);
		if (geometry.prop) expect(geometry.prop.diameterMm).toBe(build.rig.blades[0]!.size);
	});

	it('of a wire are its runs, the upper arm being the running model’s', () => {
		const geometry = rigGeometryOf(startBuild('spinnerbait'));
		const { wire, fit } = geometry;
		expect(fit.upperArmMm).toBe(USUAL_ARM_M * 1000);
		expect(Math.hypot(wire!.end.x - wire!.armStart.x, wire!.end.y - wire!.armStart.y)).toBeCloseTo(70, 6);
		expect(lengthOf(wire!.points)).toBeCloseTo(wire!.lengthMm, 6);
	});

	it('of a measured part stand over the table', () => {
		const part = { kind: 'blade', name: 'Mine', form: 'willow', lengthMm: 61, massG: 4, price: 1 } as const;
		const use = { id: '11111111-1111-4111-8111-111111111111', version: 1, part };
		const geometry = rigGeometryOf({ ...startBuild('spinnerbait'), own: { rear: use } });
		expect(geometry.rear!.lengthMm).toBe(61);
	});
});

describe('a resting rig', () => {
	it('lets its blades hang straight down', () => {
		const geometry = rigGeometryOf(startBuild('spinnerbait'), 'resting');
		expect([geometry.front!.angleDeg, geometry.rear!.angleDeg]).toEqual([90, 90]);
	});
});

describe('a moved path', () => {
	it('is the same shape elsewhere, arcs and all', () => {
		const shapes = drawGeometry(rigGeometryOf(startBuild('spinnerbait'))).shapes;
		for (const { d } of shapes.slice(0, 60)) {
			const [before, after] = [boxOfPath(d), boxOfPath(movedPath(d, { x: 10, y: -4 }))];
			expect(after.left).toBeCloseTo(before.left + 10, 1);
			expect(after.right).toBeCloseTo(before.right + 10, 1);
			expect(after.top).toBeCloseTo(before.top - 4, 1);
			expect(after.bottom).toBeCloseTo(before.bottom - 4, 1);
		}
	});
});

describe('an exploded view', () => {
	it.each(LAYOUT_BUILDS)('of %s shows every part apart from its neighbors', (_name, build) => {
		const geometry = rigGeometryOf(build);
		const exploded = drawExploded(geometry);
		expect(exploded.shapes).toHaveLength(drawGeometry(geometry).shapes.length);
		expect(exploded.ways.length).toBeGreaterThan(0);
		const box = (part: DrawnPart) => boundsOf(exploded.shapes.filter((shape) => shape.part === part));
		const moved = exploded.ways.map(({ part }) => box(part));
		for (const [at, a] of moved.entries()) {
			for (const b of moved.slice(at + 1)) {
				const overlapX = Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x);
				const overlapY = Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y);
				expect(overlapX <= 0 || overlapY <= 0).toBe(true);
			}
		}
	});
});

describe('labels', () => {
	it.each(FAMILIES)('of a %s never lie over each other', (family) => {
		const drawing = drawGeometry(rigGeometryOf(startBuild(family)));
		const [width, height, scale] = [780, 320, 3];
		const items = Object.entries(drawing.anchors).map(([part, { x, y }]) => ({
			part: part as DrawnPart,
			text: `a word for the ${part}`,
			anchor: { x: 150 + (x - drawing.bounds.x) * scale, y: 20 + (y - drawing.bounds.y) * scale }
		}));
		const labels = placeLabels(items, width, height, 150);
		expect(labels).toHaveLength(items.length);
		for (const [index, { side, at }] of labels.entries()) {
			expect(at.y).toBeLessThan(height);
			for (const other of labels.slice(index + 1)) {
				expect(side !== other.side || Math.abs(at.y - other.at.y) >= 18).toBe(true);
			}
		}
	});
});

describe('the picture of a modification', () => {
	it.each(MODS.map((mod) => [mod.id, mod] as const))('%s shows the part that it is about', (_id, mod) => {
		const build = FAMILIES.map(startBuild).find(({ rig }) => mod.fits(rig))!;
		const { shapes, bounds, text } = modPicture(build, mod);
		expect(shapes.length).toBeGreaterThan(3);
		expect(bounds.width).toBeGreaterThan(10);
		expect(text).toContain(mod.title);
	});

	it('cuts a trailer where the fit says', () => {
		const cut = MODS.find(({ id }) => id === 'trailer-cut')!;
		const build = cut.apply(startBuild('bladed-jig'));
		const [before, after] = [rigGeometryOf(startBuild('bladed-jig')), rigGeometryOf(build)];
		expect(before.trailer!.lengthMm - after.trailer!.lengthMm).toBeCloseTo(completeFit(build).trailerCutMm, 6);
	});
});
