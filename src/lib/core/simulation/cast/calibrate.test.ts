import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sinkMps } from '../physics/depth';
import { assembleLure } from '../physics/lure';
import { runningRig } from '../physics/window';
import type { Measure } from '../../foundation/schema/calibration';
import { towInputSchema } from '../../foundation/schema/tow';
import { calibrate, refusedOf } from './calibrate';
import { leastSquares } from './leastSquares';
import { countToS, towedDepthM } from './tow';

const { rig } = towInputSchema.parse({
	rig: {
		family: 'spinnerbait',
		weightOz: 0.5,
		blades: [
			{ position: 'front', style: 'willow', size: 4 },
			{ position: 'rear', style: 'willow', size: 4.5 }
		],
		line: { type: 'fluorocarbon', testLb: 17 }
	},
	castM: 24,
	speedMps: 1
});

/** Measurements of a lure whose factors are known. */
const fallOf = (dragMul: number): Measure => {
	const speed = sinkMps(assembleLure(runningRig(rig, { factors: { dragMul } })));
	return { kind: 'fall', toM: 3, seconds: 3 / speed };
};
const countOf = (dragMul: number): Measure => {
	const cast = { rig, castM: 24, tipM: 0.6, speedMps: 1, segments: 12 };
	return { kind: 'count', castM: 24, tipM: 0.6, toM: 3, seconds: countToS(cast, 3, { factors: { dragMul } })! };
};
const tickOf = (speedMps: number, dragMul: number, liftMul: number): Measure => {
	const how = { castM: 24, tipM: 0.6, countdownS: 4, speedMps };
	const toM = towedDepthM({ rig, ...how, segments: 12 }, 12, { factors: { dragMul, liftMul } })!;
	return { kind: 'tick', ...how, atM: 12, toM };
};

describe('least squares', () => {
	it('finds the line through points, with the scatter of the textbook', () => {
		const xs = [0, 1, 2, 3, 4];
		const residuals = ([a = 0, b = 0]: readonly number[]): number[] => xs.map((x) => a + b * x - (0.3 + 0.7 * x));
		const found = leastSquares(residuals, [1e6, 1e6])!;
		expect(found.at[0]).toBeCloseTo(0.3, 5);
		expect(found.at[1]).toBeCloseTo(0.7, 5);
		// Sums over the points: n 5, x 10, x2 30; variances x2/det and n/det.
		expect(found.off[0]).toBeCloseTo(Math.sqrt(30 / 50), 5);
		expect(found.off[1]).toBeCloseTo(Math.sqrt(5 / 50), 5);
		expect(found.correlation).toBeCloseTo(-10 / Math.sqrt(150), 5);
	});

	it('says nothing where there is no number', () => {
		expect(leastSquares(() => [Infinity], [1])).toBeNull();
	});
});

describe('a rig measured on the water', () => {
	// A count on a long tight line is mostly the line's: it says less of the lure than a fall does.
	it('has the drag that its falls and counts say, within its own plus-minus', () => {
		for (const dragMul of [0.8, 1, 1.3]) {
			const found = calibrate(rig, {}, [fallOf(dragMul), countOf(dragMul), fallOf(dragMul)])!;
			expect(Math.abs(Math.log(found.dragMul / dragMul))).toBeLessThan(found.dragOff);
			expect(found.dragOff).toBeLessThan(0.12);
			expect([found.liftMul, found.liftOff, found.correlation]).toEqual([1, null, null]);
		}
	});

	it('tells lift from drag by ticks at clearly different speeds, not by two that are alike', () => {
		const [dragMul, liftMul] = [1.15, 1.5];
		const falls = [fallOf(dragMul), fallOf(dragMul)];
		const apart = [0.5, 0.8, 1.2, 1.5].map((speed) => tickOf(speed, dragMul, liftMul));
		const found = calibrate(rig, {}, [...falls, ...apart])!;
		expect(found.liftOff).not.toBeNull();
		expect(Math.abs(found.dragMul / dragMul - 1)).toBeLessThan(0.06);
		expect(Math.abs(found.liftMul / liftMul - 1)).toBeLessThan(0.2);
		const alike = calibrate(rig, {}, [...falls, tickOf(0.9, dragMul, liftMul), tickOf(1, dragMul, liftMul)])!;
		expect([alike.liftMul, alike.liftOff]).toEqual([1, null]);
	});

	it('grows surer with every fall, and is drawn toward the tables by one alone', () => {
		const offs = [1, 2, 4].map((count) => calibrate(rig, {}, Array(count).fill(fallOf(1.4)) as Measure[])!);
		expect(offs.map(({ dragOff }) => dragOff)).toEqual(offs.map(({ dragOff }) => dragOff).toSorted((a, b) => b - a));
		expect(offs[0]!.dragMul).toBeLessThan(offs[2]!.dragMul);
		expect(offs[2]!.dragMul).toBeLessThan(1.4);
	});

	it('refuses what cannot be, with the reason', () => {
		const [refused] = refusedOf(rig, {}, [{ kind: 'fall', toM: 3, seconds: 1 }]);
		expect(refused).toMatchObject({ at: 0 });
		expect(refused!.why).toMatch(
			/^3 m in 1 s: the model says \d\.\d s, and no lure of this weight can do it in less than/
		);
		const beyond: Measure = { kind: 'tick', castM: 20, tipM: 0.6, countdownS: 2, speedMps: 1, atM: 25, toM: 1 };
		expect(refusedOf(rig, {}, [fallOf(1), beyond])).toEqual([
			{ at: 1, why: 'The bottom contact is farther out than the cast.' }
		]);
	});

	it('refuses no fall of a lure within its range', () =>
		fc.assert(
			fc.property(fc.double({ min: 0.32, max: 2.9, noNaN: true }), (dragMul) => {
				expect(refusedOf(rig, {}, [fallOf(dragMul)])).toEqual([]);
			})
		));
});
