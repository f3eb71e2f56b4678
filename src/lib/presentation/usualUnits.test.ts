import { expect, it } from 'vitest';
import { usualUnits } from './usualUnits';

it.each([
	['en-US,en;q=0.9', 'imperial'],
	['en, en-US;q=0.8', 'imperial'],
	['de-DE,en-US;q=0.7', 'metric'],
	['en', 'metric'],
	['es-419,es-US', 'imperial'],
	['*', 'metric'],
	['', 'metric'],
	[null, 'metric']
])('a browser that asks for %s gets %s', (languages, units) => {
	expect(usualUnits(languages)).toBe(units);
});
