import fc from 'fast-check';
import type { ReadingInput } from '../foundation/schema/reading';
import * as words from '../foundation/schema/words';

const one = <T>(values: readonly T[]) => fc.constantFrom(...values);
const figure = (min: number, max: number) => fc.double({ min, max, noNaN: true, noDefaultInfinity: true });

const cover = fc.record({
	kind: one(words.COVER_KINDS),
	density: one(words.DENSITIES),
	form: one(words.COVER_FORMS),
	topM: figure(0, 6)
});

const forage = fc.record({
	kind: one(words.FORAGE_KINDS),
	lengthIn: figure(0.5, 8),
	amount: one(words.AMOUNTS)
});

/** Any water that a reading can describe, for property tests. */
export const anyReading: fc.Arbitrary<ReadingInput> = fc
	.record(
		{
			waterTemperatureC: figure(0, 40),
			visibilityM: figure(0.05, 20),
			bottomM: figure(0.5, 15),
			trend: one(words.TRENDS),
			phase: one(words.PHASES),
			stain: one(words.STAINS),
			sky: one(words.SKIES),
			light: one(words.LIGHTS),
			wind: one(words.WINDS),
			pressureTrend: one(words.TRENDS),
			cover: fc.array(cover, { maxLength: 3 }),
			forage: fc.array(forage, { maxLength: 3 }),
			events: fc.uniqueArray(one(words.EVENTS), { maxLength: 2 }),
			answers: fc.uniqueArray(one(words.ANSWERS), { maxLength: 2 }),
			species: one(words.SPECIES),
			shade: one(words.SHADES),
			goal: one(words.GOALS),
			mood: one(words.MOODS),
			pressure: one(words.PRESSURES),
			others: one(words.OTHERS),
			castM: figure(8, 45),
			place: one(words.PLACES),
			from: one(words.STANDS),
			share: fc.tuple(figure(0, 1), figure(0, 1))
		},
		{ requiredKeys: ['waterTemperatureC', 'visibilityM', 'bottomM', 'share'] }
	)
	.map(({ share, ...reading }) => {
		const [low, high] = share.sort((a, b) => a - b);
		return { ...reading, fishFromM: low! * reading.bottomM, fishToM: high! * reading.bottomM };
	});
