import type { Flip } from '$lib/core/ranking/answer/flips';
import type { UnitSystem } from '$lib/core/records/schemas';
import { withUnit, type Measure } from '$lib/presentation/units';
import { spoken } from '$lib/core/foundation/labels/spoken';

const NAMES: Readonly<Record<string, readonly [string, Measure | null]>> = {
	waterTemperatureC: ['Water', 'temperature'],
	visibilityM: ['See down to', 'depth'],
	bottomM: ['Bottom', 'depth'],
	fishFromM: ['Fish from', 'depth'],
	fishToM: ['Fish to', 'depth'],
	windMps: ['Wind', 'wind'],
	castM: ['Cast', 'distance'],
	dayLengthH: ['Day', 'hours'],
	sunElevationDeg: ['Sun', 'degrees'],
	moon: ['Moon', 'share'],
	depthM: ['Depth of the fish', 'depth'],
	trend: ['Water', null],
	phase: ['Season', null],
	pressureTrend: ['Pressure', null],
	others: ['Others are throwing', null],
	from: ['From the', null]
};

/** What the screen calls a field of the reading. */
export const fieldName = (field: string): string => NAMES[field]?.[0] ?? field.charAt(0).toUpperCase() + field.slice(1);

/** A value of a field in the angler's own units and words. */
export function valueText(units: UnitSystem, field: string, value: number | string): string {
	if (typeof value === 'string') return spoken(value, field);
	return withUnit(units, NAMES[field]?.[1] ?? 'count', value);
}

/** A change in words: "Water above 26 °C", "Sky: overcast"; "just above" what it is now where that reads the same. */
export function flipText(units: UnitSystem, { field, from, to }: Flip): string {
	const text = valueText(units, field, to);
	if (typeof from === 'string' || typeof to === 'string') return `${fieldName(field)}: ${text}`;
	const just = text === valueText(units, field, from) ? 'just ' : '';
	return `${fieldName(field)} ${just}${to > from ? 'above' : 'below'} ${text}`;
}
