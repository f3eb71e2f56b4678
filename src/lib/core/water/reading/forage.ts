import type { Forage } from '../../foundation/schema/reading';
import type { Reading } from './complete';

/**
 * Length in inches of the forage that matters most: the most plentiful, the first of equals; `null` when unknown.
 *
 * @param kinds Only these kinds count; all when left out.
 */
export const mainForageIn = (reading: Pick<Reading, 'forage'>, kinds?: readonly Forage['kind'][]): number | null =>
	mainForageOf(reading, kinds)?.lengthIn ?? null;

/** The forage there is most of, of some kinds or of any; `null` where none was seen. */
export function mainForageOf(reading: Pick<Reading, 'forage'>, kinds?: readonly Forage['kind'][]): Forage | null {
	const order = ['none', 'few', 'some', 'plenty'];
	let best: Forage | null = null;
	for (const forage of reading.forage) {
		if (forage.amount === 'none' || (kinds && !kinds.includes(forage.kind))) continue;
		if (!best || order.indexOf(forage.amount) > order.indexOf(best.amount)) best = forage;
	}
	return best;
}
