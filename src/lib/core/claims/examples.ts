import type { Cover, Forage, ReadingInput } from '../foundation/schema/reading';
import type { Example } from './claim';

/** The plain reading that every example starts from: middling water in mid spring, no cover, no bait seen. */
export const PLAIN: ReadingInput = { waterTemperatureC: 18, visibilityM: 1.35, bottomM: 3 };

/** The plain reading with an example's own fields. */
export const exampleReading = (example: Example): ReadingInput => ({ ...PLAIN, ...example });

/** Cover of one kind for an example, medium and to the surface unless said otherwise. */
export const cover = (kind: Cover['kind'], rest: Partial<Cover> = {}): Cover[] => [
	{ kind, density: 'medium', form: 'even', topM: 0, ...rest }
];

/** Forage of one kind for an example. */
export const eats = (kind: Forage['kind'], lengthIn = 3, amount: Forage['amount'] = 'some'): Forage[] => [
	{ kind, lengthIn, amount }
];
