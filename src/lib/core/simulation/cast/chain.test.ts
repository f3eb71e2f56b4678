import { describe, expect, it } from 'vitest';
import { GRAVITY_MPS2, HALF_DENSITY, LINES, WATER_KGM3 } from '../../foundation/constants/constants';
import { lineDiameterM } from '../physics/line';
import { Chain } from './chain';
import { lineSegmentOf } from './lineSegment';
import type { Weight } from './weight';

const LINE = { type: 'fluorocarbon', testLb: 12 } as const;
/** A ball without lift: what it does can be written down. */
const ball = (weightN: number, dragM2: number): Weight => ({
	massKg: 0.04,
	weightN,
	dragAt: () => HALF_DENSITY * dragM2,
	liftAt: () => 0
});
const bottomless = () => Infinity;
const run = (chain: Chain, seconds: number, outMps: number, dt = 0.005) => {
	for (let tS = 0; tS < seconds; tS += dt) chain.step(dt, outMps, 0, 0);
};

describe('what can be written down', () => {
	it('a weight on a free line falls as fast as its weight over its drag', () => {
		const [weightN, dragM2] = [0.25, 12e-4];
		// A line as thin as a hair, given as fast as it is taken: the ball is all there is.
		const chain = new Chain(
			lineSegmentOf({ type: 'braid', testLb: 0.05 }),
			ball(weightN, dragM2),
			bottomless,
			6,
			0.3,
			8
		);
		const dt = 0.005;
		for (let tS = 0; tS < 6; tS += dt) chain.step(dt, -Math.max(0, 1.05 * chain.straightM - chain.lengthM) / dt, 0, 0);
		const wanted = Math.sqrt(weightN / (HALF_DENSITY * dragM2));
		expect(Math.abs(chain.lureMps / wanted - 1)).toBeLessThan(0.01);
	});

	it('towed on a thin line it hangs behind at the angle of weight over drag', () => {
		const [weightN, dragM2, speed] = [0.3, 10e-4, 0.7];
		const chain = new Chain(
			lineSegmentOf({ type: 'braid', testLb: 0.05 }),
			ball(weightN, dragM2),
			bottomless,
			6,
			0,
			40
		);
		// The tip goes on at a steady speed, and the line keeps its length; its last piece shows the balance at the ball.
		const dt = 0.01;
		let tipX = 0;
		for (let tS = 0; tS < 120; tS += dt) chain.step(dt, 0, (tipX -= speed * dt), 0);
		const tangent = weightN / (HALF_DENSITY * dragM2 * speed ** 2);
		const [rise, along] = [chain.z[40]! - chain.z[39]!, chain.x[40]! - chain.x[39]!];
		expect(Math.abs(rise / along / tangent - 1)).toBeLessThan(0.01);
	});

	it('is as long as the line that is out, to a thousandth, while it is wound in', () => {
		const chain = new Chain(lineSegmentOf(LINE), ball(0.2, 14e-4), bottomless, 24, 0.6, 20);
		run(chain, 2, 0);
		let worst = 0;
		while (chain.lengthM > 4) {
			run(chain, 0.5, 1);
			const drawn = Array.from({ length: 20 }, (_, at) =>
				Math.hypot(chain.x[at + 1]! - chain.x[at]!, chain.z[at + 1]! - chain.z[at]!)
			).reduce((sum, part) => sum + part, 0);
			worst = Math.max(worst, Math.abs(drawn / chain.lengthM - 1));
		}
		expect(worst).toBeLessThan(0.001);
	});

	it('a line has the weight of its metal and water, and its drag is regular where nothing moves', () => {
		const cord = lineSegmentOf(LINE);
		const area = (Math.PI * lineDiameterM(LINE) ** 2) / 4;
		expect(cord.weightNM - cord.liftNM).toBeCloseTo(
			(LINES.fluorocarbon.densityKgM3 - WATER_KGM3) * area * GRAVITY_MPS2,
			9
		);
		// Cn of 1.18 at a Reynolds number of 350 (cylinder data).
		const speed = (350 * 1e-6) / cord.diameterM;
		const { linear, root, creep } = cord.across;
		const perSpeed = linear * speed + root * Math.sqrt(speed) + creep;
		expect(Math.abs(perSpeed / (HALF_DENSITY * cord.diameterM * speed) - 1.18)).toBeLessThan(0.02);
		expect(creep).toBeGreaterThan(0);
	});
});

it('lies on the bottom where it comes down to it, and is dragged along there', () => {
	const chain = new Chain(lineSegmentOf(LINE), ball(0.3, 10e-4), () => 1.5, 15, 0.6, 12);
	run(chain, 10, 0);
	expect([chain.contact, chain.lureZ]).toEqual(['bottom', expect.closeTo(1.5, 9)]);
	const { lureX } = chain;
	run(chain, 3, 0.3);
	expect(chain.lureX).toBeLessThan(lureX - 0.3);
	expect(Math.max(...chain.z)).toBeLessThanOrEqual(1.5 + 1e-9);
});
