import { READING_RANGES, type RangedKey } from '$lib/core/foundation/schema/limits';
import type { UnitSystem } from '$lib/core/records/schemas';
import { quantity, shownIn, withUnit, type Measure } from './units';

/** A figure that was meant in the other units, in SI, and how that is offered. */
export interface OtherUnit {
	readonly si: number;
	readonly text: string;
}

/**
 * What a temperature may have meant that is none in the angler's units: 62 where Celsius is asked for is Fahrenheit.
 *
 * @returns `null` where it is none in the other units either.
 */
export function otherUnit(key: RangedKey, measure: Measure, units: UnitSystem, figure: number): OtherUnit | null {
	if (measure !== 'temperature') return null;
	const other = shownIn(units === 'metric' ? 'imperial' : 'metric', measure);
	const si = other.read(figure);
	const [low, high] = READING_RANGES[key];
	if (!(si >= low && si <= high)) return null;
	return {
		si,
		text: `${quantity(figure, other.unit)} is ${withUnit(units, measure, si)}. Use that`
	};
}
