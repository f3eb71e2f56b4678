import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SPEEDS_MPS, WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import { DRAG_MIDDLE } from '../../foundation/constants/constants';
import { castWorks } from '../../simulation/physics/castWork';
import { completeReading } from '../../water/reading/complete';
import { readingSchema, type ReadingInput } from '../../foundation/schema/reading';
import { likelyReading } from '../../testing/waters';
import { bandOf } from './band';
import { CAST_S, fishingTime, LONGEST_S, workOf } from './fishingTime';
import { lureOf, runningOf, usualLineM } from './running';
import { SPACES } from '../space/spaces';

const complete = (reading: ReadingInput) => completeReading(readingSchema.parse(reading));
const spaceOf = (name: string) => SPACES.find(({ family, layout }) => family === name || layout === name)!;
const enginesOf = (name: string) => {
	const space = spaceOf(name);
	return space.variables[runningOf(space).engine]!.parts;
};
/** The engine that a space is usually sold with. */
const plainest = (name: string): number =>
	enginesOf(name).reduce((best, part, at, all) => (part.plain < all[best]!.plain ? at : best), 0);

/** The shares of one engine: by weight, then speed. */
const sharesFor = (name: string, reading: ReadingInput, engine = plainest(name)): number[][] => {
	const full = complete(reading);
	const space = spaceOf(name);
	const shares = fishingTime(space, workOf(full, bandOf(full, space.family)));
	const cell = (weight: number, speed: number) => (engine * SPEEDS_MPS.length + speed) * WEIGHTS_OZ.length + weight;
	return WEIGHTS_OZ.map((_oz, weight) => SPEEDS_MPS.map((_mps, speed) => shares[cell(weight, speed)]!));
};

const engine = fc.tuple(
	fc.constantFrom('single', 'double-willow', 'bladed-jig'),
	fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true })
);

describe('the share of the fishing time among the fish', () => {
	it('is what the fast estimate itself finds, within a few hundredths', () => {
		const errors: number[] = [];
		fc.assert(
			fc.property(likelyReading, engine, (reading, [name, pick]) => {
				const full = complete(reading);
				const space = spaceOf(name);
				const at = Math.floor(pick * enginesOf(name).length);
				const work = workOf(full, bandOf(full, space.family));
				const shares = sharesFor(name, reading, at);
				for (const [weight, speed] of [
					[3, 4],
					[4, 6],
					[6, 8]
				] as const) {
					const found = shares[weight]![speed]!;
					if (found === 0) continue;
					const lure = { ...lureOf(space, enginesOf(name)[at]!, WEIGHTS_OZ[weight], 'lead'), dragMul: DRAG_MIDDLE };
					const speedMps = SPEEDS_MPS[speed]!;
					const winding = (full.castM - 2) / speedMps;
					// The rod tip is held low or high, whichever is better.
					const best = [0.6, 2].flatMap((tipM) =>
						castWorks(lure, { speedMps, castM: full.castM, tipM, lineM: usualLineM }, work, LONGEST_S).map(
							({ share, countdownS }) => (share * winding) / (winding + countdownS + CAST_S)
						)
					);
					errors.push(Math.abs(found - Math.max(...best)));
				}
				expect(errors.every(Number.isFinite)).toBe(true);
			}),
			{ numRuns: 60, seed: 3 }
		);
		errors.sort((a, b) => a - b);
		expect(errors.length).toBeGreaterThan(100);
		expect(errors[Math.floor(errors.length / 2)]).toBeLessThan(0.03);
		expect(errors[Math.floor(errors.length * 0.9)]).toBeLessThan(0.15);
	});

	const DEEP: ReadingInput = { waterTemperatureC: 8, visibilityM: 1, bottomM: 8, fishFromM: 6, fishToM: 8, castM: 30 };
	const HIGH: ReadingInput = {
		waterTemperatureC: 20,
		visibilityM: 1,
		bottomM: 8,
		fishFromM: 0,
		fishToM: 0.8,
		castM: 25
	};

	it('favors weight in the deep and speed near the top', () => {
		const deep = sharesFor('single', DEEP);
		const brisk = SPEEDS_MPS.indexOf(0.9);
		expect(deep[WEIGHTS_OZ.indexOf(1)]![brisk]).toBeGreaterThan(deep[WEIGHTS_OZ.indexOf(0.25)]![brisk]! + 0.1);
		const high = sharesFor('double-willow', HIGH)[WEIGHTS_OZ.indexOf(0.5)]!;
		expect(high[SPEEDS_MPS.indexOf(1.2)]).toBeGreaterThan(high[SPEEDS_MPS.indexOf(0.5)]! + 0.1);
	});

	it('is nothing where the lure stalls or rolls, and never more than winding leaves', () => {
		const shares = sharesFor('double-willow', HIGH);
		expect(shares[0]![SPEEDS_MPS.length - 1]).toBe(0);
		shares.forEach((row) =>
			row.forEach((share, at) => {
				const winding = 23 / SPEEDS_MPS[at]!;
				expect(share).toBeGreaterThanOrEqual(0);
				expect(share).toBeLessThanOrEqual(winding / (winding + CAST_S) + 1e-9);
			})
		);
	});
});
