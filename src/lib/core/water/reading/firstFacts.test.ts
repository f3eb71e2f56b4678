import { expect, it } from 'vitest';
import { factsSaid, fieldsSaid, FIRST_FACTS } from './firstFacts';

it('a new depth says the depth alone, though it brings the fish along', () => {
	expect(fieldsSaid({ bottomM: 3, fishFromM: 1, fishToM: 2 })).toEqual(['bottomM']);
	expect(fieldsSaid({ fishFromM: 1 })).toEqual(['fishFromM']);
});

it('facts are counted once however they were said, in the order in which anglers look', () => {
	expect(factsSaid([])).toEqual([]);
	expect(factsSaid(['wind', 'windMps', 'waterTemperatureC', 'castM'])).toEqual(['temperature', 'wind']);
});

it('a saved reading is whole', () => {
	expect(factsSaid(undefined)).toHaveLength(FIRST_FACTS.length);
});
