import { READING_RANGES, type RangedKey } from '$lib/core/foundation/schema/limits';
import type { UnitSystem } from '$lib/core/records/schemas';
import { quantity, shownIn, type Measure } from './units';

/** "Between 0 and 40 °C.", of a range in SI, in the angler's units. */
export function betweenMessage(range: readonly [number, number], measure: Measure, units: UnitSystem): string {
	const { show, unit, digits } = shownIn(units, measure);
	const [low, high] = range.map((end) => Number(show(end).toFixed(digits)));
	return `Between ${low} and ${quantity(high!, unit)}.`;
}

/** The same for a figure of the reading. */
export const rangeMessage = (key: RangedKey, measure: Measure, units: UnitSystem): string =>
	betweenMessage(READING_RANGES[key], measure, units);
