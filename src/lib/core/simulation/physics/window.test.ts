import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import { InputFailure } from '../../foundation/schema/failure';
import type { RunningWindow } from '../../foundation/schema/window';
import { answerWindow } from './window';
import { cases } from './window.cases.json';

const at = (window: RunningWindow, path: string): unknown =>
	path.split('.').reduce<unknown>((value, key) => (value as Record<string, unknown>)[key], window);

describe('reference cases', () => {
	it.each(cases.map((one) => [one.name, one] as const))('%s', (_name, one) => {
		const window = answerWindow(one.input);
		for (const [path, wanted] of Object.entries(one.expect)) {
			expect(Math.abs((at(window, path) as number) / wanted! - 1)).toBeLessThanOrEqual(one.tol);
		}
	});
});

const spinnerbait = (weightOz: number, sizes: [number, number] = [4.5, 5]) => ({
	family: 'spinnerbait',
	weightOz,
	blades: [
		{ position: 'front', style: 'willow', size: sizes[0] },
		{ position: 'rear', style: 'willow', size: sizes[1] }
	],
	trailer: { kind: 'split-tail' }
});
const ask = (rig: object, rest: object = {}): RunningWindow => answerWindow({ rig, speedMps: 1.2, ...rest });

describe('depth', () => {
	/** Mean depth (ft) at 20, 16 and 12 m of the double willow of the model's results: oz, speed, ft. */
	const PUBLISHED = [
		[0.375, 0.8, 6.18],
		[0.5, 0.8, 6.96],
		[0.5, 1.2, 3.32],
		[0.5, 1.6, 1.52],
		[0.75, 1.2, 4.29],
		[1, 1.6, 2.9]
	] as const;
	/** Worst error of the fast estimate against the full simulation, m (the model's own figure). */
	const WORST_M = 0.43;

	it.each(PUBLISHED)('of %s oz at %s m/s agrees with the simulation’s %s ft', (weightOz, speedMps, feet) => {
		const cast = { speedMps, countdownS: 1, castM: 27 };
		const depths = [20, 16, 12].map((distanceM) => ask(spinnerbait(weightOz), { ...cast, distanceM }).depthM!);
		const mean = depths.reduce((sum, depth) => sum + depth, 0) / 3;
		expect(Math.abs(mean - feet * 0.3048)).toBeLessThan(WORST_M);
	});

	it('is less the faster it is wound and more the longer it is counted down', () => {
		fc.assert(
			fc.property(fc.constantFrom(...WEIGHTS_OZ), fc.double({ min: 0.4, max: 1.8, noNaN: true }), (oz, speedMps) => {
				const depth = (rest: object) => ask(spinnerbait(oz), { speedMps, ...rest }).depthM!;
				expect(depth({ speedMps: speedMps * 1.2 })).toBeLessThanOrEqual(depth({}) + 1e-6);
				expect(depth({ countdownS: 6 })).toBeGreaterThanOrEqual(depth({}) - 0.02);
			}),
			{ numRuns: 25, seed: 2 }
		);
	});

	it('is not told for a cast that never comes from there', () => {
		expect(ask(spinnerbait(0.5), { castM: 10, distanceM: 16 }).depthM).toBeNull();
	});
});

describe('orderings of the craft', () => {
	it('a Colorado turns slower and beats harder than a willow', () => {
		const blade = (style: string) =>
			ask({ family: 'underspin', weightOz: 0.5, blades: [{ position: 'rear', style, size: 3 }] }).blades[0]!;
		expect(blade('colorado').startMps).toBeLessThan(blade('willow').startMps);
		expect(blade('colorado').turnHz).toBeLessThan(blade('willow').turnHz);
		expect(blade('colorado').thumpN).toBeGreaterThan(blade('willow').thumpN);
	});

	it('the heavier the head, the faster it may be wound before it rolls', () => {
		const rolls = WEIGHTS_OZ.map((oz) => ask(spinnerbait(oz)).rollMps ?? Infinity);
		expect(rolls).toEqual([...rolls].sort((a, b) => a - b));
		expect(rolls[0]).toBe(0);
	});

	it('thicker wire bears more line and lives less', () => {
		const colorado = {
			family: 'spinnerbait',
			weightOz: 0.5,
			blades: [{ position: 'rear', style: 'colorado', size: 4 }]
		};
		const wires = [0.026, 0.03, 0.035, 0.04].map((wireIn) => ask({ ...colorado, wireIn }, { speedMps: 0.9 }).wire!);
		for (const [index, wire] of wires.slice(1).entries()) {
			expect(wire.maxLineLb).toBeGreaterThan(wires[index]!.maxLineLb);
			expect(wire.amplitudeMm).toBeLessThan(wires[index]!.amplitudeMm);
		}
	});

	it('tungsten sinks faster than lead of the same weight', () => {
		const sink = (headMaterial: string) => ask({ ...spinnerbait(0.5), headMaterial }).sinkMps;
		expect(sink('tungsten')).toBeGreaterThan(sink('lead'));
	});
});

it('what cannot run is refused by its path', () => {
	const refused = () =>
		answerWindow({
			rig: { ...spinnerbait(0.5), blades: [{ position: 'rear', style: 'prop-2', size: 45 }] },
			speedMps: 1
		});
	expect(refused).toThrow(InputFailure);
	expect(refused).toThrow('A spinnerbait cannot carry a prop-2 blade.');
});

describe('body and keel of a spinnerbait', () => {
	it.each(WEIGHTS_OZ)(
		'stand it up at %s oz: a short arm is stiffer, a low keel and a short arm roll later',
		(weightOz) => {
			const full = ask(spinnerbait(weightOz));
			const compact = ask({ ...spinnerbait(weightOz), body: 'compact' });
			const low = ask({ ...spinnerbait(weightOz), headShape: 'low-keel' });
			expect(compact.wire!.stiffnessNPerM).toBeGreaterThan(full.wire!.stiffnessNPerM);
			// A light head under two large blades cannot stand at all (0): neither body changes that for the worse.
			expect(compact.rollMps).toBeGreaterThanOrEqual(full.rollMps!);
			expect(low.rollMps).toBeGreaterThanOrEqual(full.rollMps!);
		}
	);

	it('are left as they were where nothing is said of them', () => {
		expect(ask({ ...spinnerbait(0.5), body: 'full', headShape: 'plain' })).toEqual(ask(spinnerbait(0.5)));
	});
});
