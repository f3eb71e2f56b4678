import fc from 'fast-check';
import { expect, it } from 'vitest';
import { PHASES } from '../../foundation/schema/words';
import { completeReading } from './complete';
import { seasonWord } from './seasonWord';

const word = (waterTemperatureC: number, dayLengthH: number, dayLength: 'growing' | 'shrinking') =>
	seasonWord(completeReading({ waterTemperatureC, visibilityM: 1, bottomM: 3, dayLengthH, dayLength }));

it('says when the water is ahead of the date or behind it', () => {
	expect(word(15.6, 10.4, 'growing')).toMatch(/^Warm for so early in the year/);
	expect(word(18, 10.2, 'shrinking')).toMatch(/^Warm for so late in the year/);
	expect(word(8, 15, 'growing')).toMatch(/^Cold for the date/);
});

it('is silent where both agree, and where nobody knows the date', () => {
	expect([word(15.6, 12.8, 'growing'), word(6, 9.5, 'growing'), word(26, 15, 'shrinking')]).toEqual([null, null, null]);
	fc.assert(
		fc.property(fc.constantFrom(...PHASES), (phase) => {
			expect(seasonWord({ phase, waterTemperatureC: 18, dayLengthH: undefined, dayLength: undefined })).toBeNull();
			expect(seasonWord({ phase, waterTemperatureC: 18, dayLengthH: 12.5, dayLength: 'growing' })).toBeNull();
		})
	);
});
