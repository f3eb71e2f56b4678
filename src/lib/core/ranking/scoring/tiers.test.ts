import { describe, expect, it } from 'vitest';
import { completeReading } from '../../water/reading/complete';
import { readingSchema, type ReadingInput } from '../../foundation/schema/reading';
import { recommendedOunces, recommendedPace } from './recommended';
import { countsOf } from './tiers';

const complete = (rest: Partial<ReadingInput>) =>
	completeReading(readingSchema.parse({ waterTemperatureC: 18, visibilityM: 1.5, bottomM: 3, fishToM: 2, ...rest }));

describe('what a claim adds to a score', () => {
	it.each([
		['family', 1234, 3000, 1234],
		['family', -3000, 0, -3000],
		['lure', 1500, 3000, -375],
		// Half a thousandth is rounded up, toward less of a loss.
		['lure', 0, 2, 0],
		['lure', 0, 3, -1],
		['finish', 0, 1000, -20],
		['finish', 0, 25, 0],
		['outfit', 0, 3000, 0]
	] as const)('%s: %d of %d counts %d', (tier, earned, possible, counts) => {
		expect(countsOf(tier, earned, possible)).toBeCloseTo(counts, 12);
	});
});

describe('the pace that is asked for', () => {
	it.each([
		[{ waterTemperatureC: 4 }, 0.35, 0.55],
		[{ waterTemperatureC: 10 }, 0.45, 0.7],
		[{ waterTemperatureC: 12.5 }, 0.525, 0.8],
		[{ waterTemperatureC: 20 }, 0.8, 1.1],
		// Held to 1.1 where one sees 1.5 m down, and to no more where it is clear.
		[{ waterTemperatureC: 30, mood: 'chasing' }, 0.85, 1.1],
		[{ waterTemperatureC: 30, mood: 'chasing', visibilityM: 3, bottomM: 9, fishFromM: 2.1, fishToM: 2.3 }, 0.63, 0.88],
		// A burn: clear, mild, shallow, and they chase.
		[{ waterTemperatureC: 20, mood: 'chasing', visibilityM: 4 }, 1.4, 2.1],
		[{ waterTemperatureC: 13, mood: 'chasing', visibilityM: 4 }, 0.69, 1.12],
		[{ waterTemperatureC: 20, visibilityM: 1 }, 0.75, 1],
		[{ waterTemperatureC: 20, visibilityM: 0.3 }, 0.45, 0.7],
		[{ waterTemperatureC: 20, species: 'smallmouth', visibilityM: 2.5 }, 0.8, 1.4],
		[{ waterTemperatureC: 20, pressureTrend: 'falling' }, 0.85, 1.1],
		[{ waterTemperatureC: 20, mood: 'sluggish' }, 0.45, 0.7],
		[{ waterTemperatureC: 12, mood: 'sluggish' }, 0.35, 0.6],
		[{ waterTemperatureC: 25, light: 'night' }, 0.55, 0.8],
		[{ waterTemperatureC: 25, visibilityM: 0.5 }, 0.55, 0.8],
		[{ waterTemperatureC: 25, bottomM: 8, fishFromM: 3.5, fishToM: 4.5 }, 0.43, 0.68]
	] as const)('%o is %d to %d m/s', (rest, slowest, fastest) => {
		const { slowestMps, fastestMps } = recommendedPace(complete(rest), {});
		expect(slowestMps).toBeCloseTo(slowest, 9);
		expect(fastestMps).toBeCloseTo(fastest, 9);
	});

	it('follows the side of fall speed that the angler takes', () => {
		const fall = complete({
			phase: 'fall',
			mood: 'chasing',
			// Clear enough to hold nobody back, and below where a burn would do.
			visibilityM: 3,
			fishFromM: 0,
			fishToM: 2,
			waterTemperatureC: 13,
			forage: [{ kind: 'silver-baitfish', lengthIn: 3, amount: 'plenty' }]
		});
		const auto = recommendedPace(fall, {}).fastestMps;
		expect(recommendedPace(fall, { 'FALL-SPEED': 'burn' }).fastestMps).toBeCloseTo(auto + 0.3, 9);
		expect(recommendedPace(fall, { 'FALL-SPEED': 'slow' }).fastestMps).toBe(0.8);
		expect(recommendedPace(fall, { 'FALL-SPEED': 'auto' }).fastestMps).toBe(auto);
	});
});

describe('the ounces that anglers tie on', () => {
	it.each([
		[0, 0.8, 0.25, 0.375],
		[1, 2, 0.375, 0.5],
		[2.3, 3.3, 0.625, 0.85],
		[3, 4, 0.75, 1],
		[5, 7, 0.75, 1],
		[9, 13, 1, 1.5]
	])('between %d and %d m are %d to %d', (fishFromM, fishToM, light, heavy) => {
		const [lightest, heaviest] = recommendedOunces(complete({ bottomM: 14, fishFromM, fishToM }));
		expect(lightest).toBeCloseTo(light, 9);
		expect(heaviest).toBeCloseTo(heavy, 9);
	});

	it('are fuller in heavy wind, for big fish and for big bait', () => {
		const high = { fishFromM: 0, fishToM: 0.5 };
		const forage = [{ kind: 'perch' as const, lengthIn: 4, amount: 'some' as const }];
		for (const rest of [{ wind: 'heavy' as const }, { goal: 'big' as const }, { forage }]) {
			expect(recommendedOunces(complete({ ...high, ...rest }))).toEqual([0.375, 0.5]);
		}
	});
});
