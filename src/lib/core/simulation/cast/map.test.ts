import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { towInputSchema, type TowInput } from '../../foundation/schema/tow';
import { changesFor } from './changes';
import { coarseFirst, MAP_SPEEDS_MPS, MAP_WEIGHTS_OZ, mapOf, type MapCell } from './map';

const RIG = {
	family: 'spinnerbait',
	weightOz: 0.5,
	blades: [
		{ position: 'front', style: 'willow', size: 4 },
		{ position: 'rear', style: 'willow', size: 4.5 }
	],
	line: { type: 'fluorocarbon', testLb: 17 }
};
const BAND = { fromM: 1, toM: 2 };
const input = (more: object = {}) =>
	towInputSchema.parse({ rig: RIG, castM: 24, speedMps: 0.9, countdownS: 2, band: BAND, ...more }) as TowInput & {
		band: typeof BAND;
	};

describe('the map of weight and speed', () => {
	const cells = [...mapOf(input({ bottom: { flatM: 4 } }))];
	const at = (weightOz: number, speedMps: number): MapCell =>
		cells.find((cell) => cell.weightOz === weightOz && cell.speedMps === speedMps)!;

	it('has a cell for every weight and speed, once, the coarse ones first', () => {
		expect(cells).toHaveLength(MAP_WEIGHTS_OZ.length * MAP_SPEEDS_MPS.length);
		expect(new Set(cells.map(({ weightOz, speedMps }) => `${weightOz} ${speedMps}`)).size).toBe(cells.length);
		const first = cells.slice(0, 4 * MAP_WEIGHTS_OZ.length).map(({ speedMps }) => speedMps);
		expect(Math.max(...first)).toBeGreaterThan(1.5);
		expect(Math.min(...first)).toBe(MAP_SPEEDS_MPS[0]);
	});

	it('stalls when slow, leans over when light and fast, runs deeper the heavier and slower', () => {
		expect(at(0.5, 0.25).outcome).toBe('stalls');
		expect(at(0.125, 2.2).outcome).toBe('leans');
		expect(at(0.5, 1.5).outcome).toBe('above');
		expect(at(1.5, 0.5).outcome).toBe('below');
		for (const speedMps of [0.8, 1.2]) {
			const depths = MAP_WEIGHTS_OZ.flatMap((weightOz) => at(weightOz, speedMps).depthM ?? []);
			expect(depths).toEqual(depths.toSorted((a, b) => a - b));
		}
		for (const cell of cells) if (cell.outcome === 'in') expect(cell.share).toBeGreaterThanOrEqual(0.5);
	});

	it('says where it goes into the weed', () => {
		const weed = { covers: [{ fromM: 6, toM: 18, topM: 0.6 }] };
		const found = [...mapOf(input(weed))].find(({ weightOz, speedMps }) => weightOz === 1 && speedMps === 0.6)!;
		expect(found.outcome).toBe('weed');
	});

	it('goes through a row from the ends inwards, each place once', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 200 }), (count) => {
				const order = coarseFirst(count);
				expect(order.toSorted((a, b) => a - b)).toEqual(Array.from({ length: count }, (_, place) => place));
			})
		);
	});
});

describe('what to change', () => {
	it('counts longer or winds slower where the lure runs over the band, and the lightest change comes first', () => {
		const { own, changes } = changesFor(input({ speedMps: 1.4, countdownS: 0 }));
		expect(own).toBeLessThan(0.2);
		const kinds = changes.map(({ kind }) => kind);
		const order = ['count', 'tip', 'speed', 'weight', 'line', 'trailer'];
		expect(kinds).toEqual(order.filter((kind) => kinds.includes(kind as never)));
		const speed = changes.find((change) => change.kind === 'speed')!;
		expect(speed.speedMps).toBeLessThan(1.4);
		for (const { share } of changes) expect(share).toBeGreaterThanOrEqual(own + 0.05);
	});

	it('winds faster or goes lighter where it runs under the band', () => {
		const { changes } = changesFor(input({ rig: { ...RIG, weightOz: 1.5 }, speedMps: 1, countdownS: 4 }));
		expect(changes.find((change) => change.kind === 'speed')!.speedMps).toBeGreaterThan(1);
		expect(changes.find((change) => change.kind === 'weight')!.weightOz).toBeLessThan(1.5);
	});

	it('is nothing where all of the cast works already', () => {
		expect(changesFor(input({ band: { fromM: 0, toM: 30 } }))).toEqual({ own: 1, changes: [] });
	});
});
