import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PART_TABLE } from './partTable';
import { LAYOUTS, layoutOf } from '../../foundation/catalogue/layouts';
import { readingSchema } from '../../foundation/schema/reading';
import { completeReading } from '../../water/reading/complete';
import { buildSchema, type Build, type OwnUse } from '../../foundation/schema/build';
import { rigSchema } from '../../foundation/schema/rig';
import { FAMILIES } from '../../foundation/schema/words';
import { completeFit, measuredOf } from './fit';
import { MODS } from '../bench/mods';
import { partWords, slotWord } from './partNames';
import { ASSEMBLY_ORDER, lureMassG, partsOf } from './partsOf';
import { buildSteps, cautionsOf, costOf, toolsOf } from '../bench/sheet';
import { kindFor, startBuild, withFamily, withLayout, withOwn, withoutOwn, withRig } from './start';
import { DIMENSIONS, dimensionsOf, sweep, type DimensionId } from '../bench/sweep';

const READING = completeReading(readingSchema.parse({ waterTemperatureC: 18, visibilityM: 1.3, bottomM: 3 }));
const SPOON: OwnUse = {
	id: '11111111-1111-4111-8111-111111111111',
	version: 2,
	part: { kind: 'blade', name: 'Hammered spoon', form: 'colorado', lengthMm: 41, massG: 6.2, price: 2 }
};
const families = fc.constantFrom(...FAMILIES);

describe('the table of parts', () => {
	it('gives every figure a basis and a range that it lies in', () => {
		for (const { id, figures } of PART_TABLE.values()) {
			for (const [name, { value, low, high, basis }] of Object.entries(figures)) {
				expect([id, name, low <= value && value <= high, basis.length > 0]).toEqual([id, name, true, true]);
			}
		}
	});

	it('has heads, hooks, wires and every blade of the size table', () => {
		expect(PART_TABLE.get('blade-willow-4.5')?.figures.lengthMm?.value).toBe(57);
		expect(PART_TABLE.get('blade-willow-4.5')?.figures.massG?.value).toBeCloseTo(3.42, 1);
		expect(PART_TABLE.get('wire-0.035')?.figures.diameterMm?.value).toBeCloseTo(0.889, 3);
		expect(PART_TABLE.get('head-spinnerbait-lead-0.5')?.figures.massG?.value).toBeCloseTo(14.17, 1);
	});
});

describe('a build from nothing', () => {
	it.each(FAMILIES)('of a %s is a rig, and its parts come in assembly order', (family) => {
		const build = startBuild(family);
		expect(rigSchema.parse(build.rig)).toEqual(build.rig);
		const slots = partsOf(build).map(({ slot }) => slot);
		expect(slots).toEqual(ASSEMBLY_ORDER[family].filter((slot) => slots.includes(slot)));
		expect(slots).toContain('head');
		expect(slots).toContain('line');
	});

	it('stays a rig through any run of changes of family and layout', () => {
		const change = fc.oneof(
			families.map((family) => (build: Build) => withFamily(build, family)),
			fc
				.constantFrom(...LAYOUTS)
				.map((layout) => (build: Build) => (build.rig.family === 'spinnerbait' ? withLayout(build, layout) : build))
		);
		fc.assert(
			fc.property(fc.array(change, { maxLength: 8 }), (changes) => {
				const build = changes.reduce((made, apply) => apply(made), startBuild('spinnerbait'));
				expect(buildSchema.safeParse(build).success).toBe(true);
				expect(partsOf(build).length).toBeGreaterThan(6);
			})
		);
	});

	it('leaves a measured blade only where the very blade stays', () => {
		const part = { kind: 'blade', name: 'Hammered', form: 'colorado', lengthMm: 36, massG: 4.4, price: 2 } as const;
		const use = { id: '11111111-1111-4111-8111-111111111111', version: 1, part };
		const single = withOwn(withLayout(startBuild('spinnerbait'), 'single'), 'rear', use);
		const { own, rig } = withLayout(single, 'double-willow');
		expect(rig.blades.find(({ position }) => position === 'rear')!.style).toBe('willow');
		expect(own.rear).toBeUndefined();
		expect(withLayout(single, 'single').own.rear).toEqual(use);
	});

	it('cuts a skirt down and never makes one longer', () => {
		const cut = MODS.find(({ id }) => id === 'skirt-cut')!;
		for (const length of ['standard', 'long', 'short'] as const) {
			const build = withRig(startBuild('spinnerbait'), { skirt: { ...startBuild('spinnerbait').rig.skirt, length } });
			const before = completeFit(build).skirtMm;
			expect(completeFit(cut.apply(build)).skirtMm).toBeLessThanOrEqual(before);
			expect(cut.fits(build.rig)).toBe(length !== 'short');
		}
	});

	it.each(LAYOUTS)('takes the layout %s', (layout) => {
		expect(layoutOf(withLayout(startBuild('spinnerbait'), layout).rig.blades)).toBe(layout);
	});

	it('moves the clevis forward for a long front blade, unless it was set by hand', () => {
		const start = startBuild('spinnerbait');
		const long = withRig(start, {
			blades: [{ ...start.rig.blades[0]!, style: 'willow', size: 6 }, start.rig.blades[1]!]
		});
		expect(completeFit(long).clevisMm).toBeLessThan(completeFit(start).clevisMm);
		expect(completeFit({ ...long, fit: { clevisMm: 40 } }).clevisMm).toBe(40);
	});
});

describe('a part of one’s own', () => {
	it('is measured, named and weighed as it is, and gives way when another is chosen', () => {
		const start = startBuild('spinnerbait');
		const own = withOwn(start, 'rear', SPOON);
		expect(measuredOf(own).rear).toEqual({ lengthMm: 41, massG: 6.2 });
		expect(own.rig.blades[1]).toMatchObject({ style: 'colorado', size: 5 });
		expect(lureMassG(own) - lureMassG(start)).toBeCloseTo(6.2 - 3.42, 1);
		const placed = partsOf(own).find(({ slot }) => slot === 'rear')!;
		expect([placed.part.version, partWords(placed, own)]).toEqual([2, 'Hammered spoon']);
		expect(measuredOf(withoutOwn(own, 'rear'))).toEqual({});
		expect(withRig(own, { blades: start.rig.blades }, 'rear').own.rear).toBeUndefined();
		expect(withFamily(own, 'underspin').own.rear).toBeUndefined();
	});

	it('fits only where its kind belongs', () => {
		expect(kindFor('bladed-jig', 'rear')).toBe('jig-blade');
		expect(kindFor('buzzbait', 'rear')).toBe('buzz-blade');
		expect(kindFor('spinnerbait', 'front')).toBe('blade');
		expect(kindFor('underspin', 'trailer')).toBe('trailer');
	});
});

describe('a build sheet', () => {
	it.each(FAMILIES)('of a %s has a step per part that is put on, with tools and cautions', (family) => {
		const build = startBuild(family);
		const steps = buildSteps(build);
		expect(steps[0]!.title).toContain(slotWord('head', build));
		for (const { text } of steps) expect(text).toMatch(/\.$/);
		expect(toolsOf(steps).length).toBeGreaterThan(1);
		expect(cautionsOf(steps).join(' ')).toContain('Lead');
		const [low, high] = costOf(partsOf(build));
		expect(low).toBeGreaterThan(0);
		expect(high).toBeGreaterThan(low);
	});

	it('gives the bends of the wire from its real lengths', () => {
		const build: Build = { ...startBuild('spinnerbait'), fit: { lowerArmMm: 30, upperArmMm: 62 } };
		const wire = buildSteps(build).find(({ slots }) => slots.includes('wire'))!;
		expect(wire.text).toContain('straight for 30 mm');
		expect(wire.text).toContain('straight for 62 mm');
	});

	it('names no lead where there is none', () => {
		const build = withRig(startBuild('spinnerbait'), { headMaterial: 'tungsten' });
		expect(cautionsOf(buildSteps(build)).join(' ')).not.toContain('Lead');
	});
});

describe('a modification', () => {
	it.each(MODS.map((mod) => [mod.id, mod] as const))('%s is done and undone', (_id, mod) => {
		const build = FAMILIES.map(startBuild)
			.map((start) => withRig(start, { trailer: start.rig.trailer ?? startBuild('bladed-jig').rig.trailer }))
			.find(({ rig }) => mod.fits(rig))!;
		expect(mod.done(build)).toBe(false);
		const done = mod.apply(build);
		expect(mod.done(done)).toBe(true);
		expect(buildSchema.safeParse(done).success).toBe(true);
		expect(completeFit(mod.undo(done))).toEqual(completeFit(build));
		expect(mod.undo(done).rig).toEqual(build.rig);
	});
});

describe('a sweep', () => {
	const thumper = withRig(startBuild('spinnerbait'), {
		blades: [{ ...startBuild('spinnerbait').rig.blades[1]!, style: 'colorado', size: 4 }]
	});

	it('of the wire shows it stiffer, stronger and less lively as it thickens', () => {
		const { values, lines } = sweep(thumper, READING, 'wire');
		const rises = (line: readonly (number | null)[]) => line.every((value, at) => at === 0 || value! > line[at - 1]!);
		expect(rises(values)).toBe(true);
		expect(rises(lines.opens!)).toBe(true);
		expect(rises(lines.swing!.map((value) => -value!))).toBe(true);
	});

	it('of the rear blade shows more lift and a higher start speed', () => {
		const { lines } = sweep(thumper, READING, 'rearSize');
		expect(lines.lift![lines.lift!.length - 1]!).toBeGreaterThan(lines.lift![0]!);
		expect(lines.start![lines.start!.length - 1]!).toBeGreaterThan(lines.start![0]!);
	});

	it.each(FAMILIES)('of any dimension of a %s gives one figure per value', (family) => {
		const build = startBuild(family);
		for (const id of dimensionsOf(build)) {
			const { values, lines } = sweep(build, READING, id);
			expect(values.length).toBeGreaterThan(3);
			for (const line of Object.values(lines)) expect(line).toHaveLength(values.length);
		}
	});

	it('leaves out what the rig does not have', () => {
		const ids: DimensionId[] = dimensionsOf(startBuild('bladed-jig'));
		expect(ids).not.toContain('wire');
		expect(Object.keys(DIMENSIONS)).toContain('wire');
	});
});
