import type { ParsedReading } from '../../foundation/schema/reading';

/** The facts of a reading in the order in which anglers look, each with the fields that say it. */
export const FIRST_FACTS = [
	{ fact: 'temperature', field: 'waterTemperatureC', says: ['waterTemperatureC'] },
	{ fact: 'visibility', field: 'visibilityM', says: ['visibilityM'] },
	{ fact: 'depth', field: 'bottomM', says: ['bottomM'] },
	{ fact: 'cover', field: 'cover', says: ['cover'] },
	{ fact: 'sky', field: 'sky', says: ['sky'] },
	{ fact: 'wind', field: 'windMps', says: ['windMps', 'wind'] },
	{ fact: 'fish', field: 'fishFromM', says: ['fishFromM', 'fishToM'] }
] as const;
export type FirstFact = (typeof FIRST_FACTS)[number]['fact'];

/** A call is shown from so many facts on: with fewer it would be about water that nobody looked at. */
export const FACTS_NEEDED = 3;

/** Fields that a change says. A new depth brings the fish along, and a wind its waves: those were not looked at. */
export function fieldsSaid(patch: Partial<ParsedReading>): string[] {
	const brought = patch.bottomM === undefined ? [] : ['fishFromM', 'fishToM'];
	return Object.keys(patch).filter((key) => !brought.includes(key));
}

/** Which of the first facts were said; all of them where nobody counts, as in a saved reading. */
export function factsSaid(said: readonly string[] | undefined): FirstFact[] {
	return FIRST_FACTS.filter(({ says }) => said === undefined || says.some((key) => said.includes(key))).map(
		({ fact }) => fact
	);
}
