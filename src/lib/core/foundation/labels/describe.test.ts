import { describe, expect, it } from 'vitest';
import { WEIGHTS_OZ } from '../catalogue/parts';
import { startBuild } from '../../rig/build/start';
import type { Rig } from '../schema/rig';
import { FAMILIES } from '../schema/words';
import { counted } from './counted';
import { bladeName, bladesText, describeRig, finishText, lineText, ouncesText, rigName, trailerText } from './describe';

const start = (family: Rig['family']): Rig => startBuild(family).rig;
const blade = (position: 'front' | 'rear', style: string, size: number, finish = 'gold'): Rig['blades'][number] =>
	({ position, style, size, finish, texture: 'smooth', thickness: 'standard' }) as Rig['blades'][number];

describe('weights', () => {
	it('are written as on the packet, every one of the trade', () => {
		expect([0.125, 0.25, 0.375, 0.5, 0.625, 0.75, 1, 1.25, 1.5].map(ouncesText)).toEqual([
			'1/8',
			'1/4',
			'3/8',
			'1/2',
			'5/8',
			'3/4',
			'1',
			'1 1/4',
			'1 1/2'
		]);
		expect(new Set(WEIGHTS_OZ.map(ouncesText)).size).toBe(WEIGHTS_OZ.length);
		expect(WEIGHTS_OZ.map(ouncesText).filter((text) => text.includes('.'))).toEqual([]);
	});

	it('of nobody’s trade are said as they are', () => {
		expect(ouncesText(0.41)).toBe('0.41');
	});
});

describe('the name of a rig', () => {
	it('says the layout of a spinnerbait, the body of a bladed jig, else the family', () => {
		const tandem = { ...start('spinnerbait'), blades: [blade('front', 'colorado', 3), blade('rear', 'willow', 5)] };
		const twin = { ...tandem, blades: [blade('front', 'willow', 4), blade('rear', 'willow', 5)] };
		const single = { ...tandem, blades: [blade('rear', 'colorado', 5)] };
		expect([tandem, twin, single].map((rig) => rigName(rig))).toEqual([
			'Tandem spinnerbait',
			'Double willow spinnerbait',
			'Single spinnerbait'
		]);
		expect(rigName({ ...start('bladed-jig'), body: 'compact' } as Rig)).toBe('Compact bladed jig');
		expect(FAMILIES.map((family) => rigName({ ...start(family), body: 'full' } as Rig)).slice(1)).toEqual([
			'Bladed jig',
			'Buzzbait',
			'Underspin'
		]);
	});

	it('has its blades front first, and each finish once', () => {
		const rig = {
			...start('spinnerbait'),
			blades: [blade('front', 'colorado', 3, 'nickel'), blade('rear', 'willow', 4.5)]
		};
		expect(bladesText(rig)).toBe('Colorado 3 + willow 4.5');
		expect(finishText(rig)).toBe('nickel and gold');
		expect(finishText({ ...rig, blades: [rig.blades[1]!, rig.blades[1]!] })).toBe('gold');
	});

	it('sizes winged blades in millimeters and plates not at all', () => {
		expect(bladeName({ style: 'prop-3', size: 48 })).toBe('three-winged blade 48 mm');
		expect(bladeName({ style: 'oversized', size: 0 })).toBe('oversized blade');
	});
});

describe('what hangs on it', () => {
	it('is a line with its leader, and a trailer or none', () => {
		const { line } = start('spinnerbait');
		expect(lineText({ ...line, type: 'braid', testLb: 40, leader: { type: 'mono', testLb: 15 } } as Rig['line'])).toBe(
			'40 lb braid to 15 lb mono'
		);
		expect(trailerText({ ...start('spinnerbait'), trailer: null })).toBe('no trailer');
	});

	it.each(FAMILIES)('of a %s is told whole to those who do not see it: no code, no gap', (family) => {
		const rig = start(family);
		const said = describeRig(rig);
		expect(said.startsWith(rigName(rig))).toBe(true);
		expect(said).toContain(`${ouncesText(rig.weightOz)} oz`);
		expect(said).toContain(bladesText(rig));
		expect(said).not.toMatch(/undefined|null|NaN| {2}|,,|[a-z]-[a-z]+ [a-z]+-[a-z]/);
		expect(said.endsWith('.')).toBe(true);
	});

	it('is counted in whole words', () => {
		expect([0, 1, 2].map((count) => counted(count, 'cast'))).toEqual(['0 casts', '1 cast', '2 casts']);
	});
});
