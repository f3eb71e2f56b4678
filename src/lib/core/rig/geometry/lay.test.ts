import { describe, expect, it } from 'vitest';
import { buildOf } from '../build/buildOf';
import { startBuild } from '../build/start';
import type { Rig } from '../../foundation/schema/rig';
import { FAMILIES } from '../../foundation/schema/words';
import { frontToRearMm } from './clearance';
import { ARRAY_MM, rigGeometryOf, type RigGeometry } from './rigGeometry';
import { lengthOf } from './path';

const start = (family: Rig['family']): Rig => startBuild(family).rig;
const geometry = (rig: Rig, pose?: 'running' | 'resting'): RigGeometry => rigGeometryOf(buildOf(rig), pose);
const tandem: Rig = {
	...start('spinnerbait'),
	blades: [
		{ position: 'front', style: 'colorado', size: 3, finish: 'gold', texture: 'smooth', thickness: 'standard' },
		{ position: 'rear', style: 'willow', size: 4.5, finish: 'gold', texture: 'smooth', thickness: 'standard' }
	]
};

describe('a rig geometry out', () => {
	it.each(FAMILIES)('as a %s has what its family has, and nothing of the others', (family) => {
		const one = geometry(start(family));
		expect([one.wire !== null, one.plate !== null, one.prop !== null, one.arms.length > 0]).toEqual([
			family === 'spinnerbait' || family === 'buzzbait',
			family === 'bladed-jig',
			family === 'buzzbait',
			family === 'underspin'
		]);
		expect(one.rear !== null).toBe(family === 'spinnerbait' || family === 'underspin');
	});

	it('swims to the left: nose at the origin, collar, hook and trailer behind it', () => {
		for (const family of FAMILIES) {
			const { head, hook, skirt, trailer } = geometry({
				...start(family),
				trailer: { kind: 'split-tail', lengthIn: 3, colour: 'pearl' } as Rig['trailer']
			});
			expect(head.lengthMm).toBeGreaterThan(0);
			expect(hook.endOfShank.x).toBeGreaterThan(head.lengthMm);
			if (skirt) expect(skirt.collar.x).toBeGreaterThan(head.lengthMm);
			expect(trailer!.from.x).toBeGreaterThan(0);
			expect(trailer!.lengthMm).toBeCloseTo(76.2, 1);
		}
	});

	it('has a heavier head the heavier it is, and a longer skirt and trailer only where they are', () => {
		const heads = [0.25, 0.5, 1].map((weightOz) => geometry({ ...start('spinnerbait'), weightOz }).head.lengthMm);
		expect(heads).toEqual(heads.toSorted((a, b) => a - b));
		expect(new Set(heads).size).toBe(3);
		const bare = geometry({
			...start('underspin'),
			skirt: { ...start('underspin').skirt, colour: 'none' },
			trailer: null
		});
		expect([bare.skirt, bare.trailer, bare.trailerHook]).toEqual([null, null, null]);
	});

	it('carries its front blade on the arm behind a clevis, with room for the rear one to turn', () => {
		const one = geometry(tandem);
		expect(one.clevis!.beads.length).toBeGreaterThan(0);
		expect(one.front!.hole).toEqual(one.clevis!.hole);
		expect(frontToRearMm(one)).toBeGreaterThan(0);
		expect(frontToRearMm(geometry(start('underspin')))).toBeNull();
		// A blade three sizes up reaches the one behind it sooner.
		const large = { ...tandem, blades: [{ ...tandem.blades[0]!, size: 6 }, tandem.blades[1]!] } as Rig;
		expect(frontToRearMm(geometry(large))!).toBeLessThan(frontToRearMm(one)!);
	});

	it('at rest lets its blades hang straight down, and swimming lets them trail', () => {
		const [running, resting] = [geometry(tandem), geometry(tandem, 'resting')];
		expect([resting.front!.angleDeg, resting.rear!.angleDeg, resting.swivel!.angleDeg]).toEqual([90, 90, 90]);
		expect(Math.abs(running.rear!.angleDeg)).toBeLessThan(45);
		expect(resting.head).toEqual(running.head);
		expect(resting.wire).toEqual(running.wire);
	});

	it('with a clip-on array has its wire forward of the line tie', () => {
		const one = geometry({ ...tandem, array: true });
		expect(one.array![0]).toEqual(one.wire!.tie);
		expect(lengthOf(one.array!)).toBeCloseTo(ARRAY_MM, 6);
		expect(one.array![1]!.x).toBeLessThan(one.wire!.tie.x);
		expect(geometry(tandem).array).toBeNull();
	});

	it('with a blade of the angler’s own measure is that long', () => {
		const build = buildOf(tandem);
		const part = {
			kind: 'blade',
			name: 'Mine',
			style: 'willow',
			lengthMm: 61,
			widthMm: 18,
			massG: 3,
			price: 1
		} as const;
		const own = { ...build, own: { rear: { id: crypto.randomUUID(), version: 1, part } } } as unknown as typeof build;
		expect(rigGeometryOf(own).rear!.lengthMm).toBe(61);
		expect(rigGeometryOf(own).front!.lengthMm).toBe(rigGeometryOf(build).front!.lengthMm);
	});
});
