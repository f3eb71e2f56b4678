import { describe, expect, it } from 'vitest';
import { readingSchema } from '$lib/core/foundation/schema/reading';
import { completeReading } from '$lib/core/water/reading/complete';
import { cardsFor, SAFETY_CARDS } from './safetyCards';

const nowOn = (more: object) =>
	cardsFor(
		completeReading(
			readingSchema.parse({
				waterTemperatureC: 20,
				visibilityM: 1,
				bottomM: 2,
				from: 'bank',
				rules: { leadAllowed: true },
				...more
			})
		)
	).now.map(({ id }) => id);

describe('safety cards', () => {
	it('that matter now come first, and none is lost', () => {
		expect(nowOn({})).toEqual([]);
		expect(nowOn({ waterTemperatureC: 8 })).toEqual(['cold']);
		expect(nowOn({ light: 'night' })).toEqual(['night']);
		expect(nowOn({ sky: 'dark' })).toEqual(['lightning']);
		expect(nowOn({ waterTemperatureC: 28 })).toEqual(['fish']);
		expect(nowOn({ from: 'boat' })).toEqual(['two']);
		expect(nowOn({ rules: {} })).toEqual(['lead']);
	});

	it('are short: at most four steps each', () => {
		for (const { steps } of SAFETY_CARDS) expect(steps.length).toBeLessThanOrEqual(4);
		expect(new Set(SAFETY_CARDS.map(({ id }) => id)).size).toBe(SAFETY_CARDS.length);
	});
});
