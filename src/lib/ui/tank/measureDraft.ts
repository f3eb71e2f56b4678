import { typedFigure } from '$lib/presentation/typed';
import { measureSchema, type Measure, type MeasureKind } from '$lib/core/foundation/schema/calibration';
import type { UnitSystem } from '$lib/core/records/schemas';
import { figureText, shownIn, withUnit, type Measure as Quantity } from '$lib/presentation/units';

/** A figure that a measurement is made of, in the order of doing. */
export interface MeasureField {
	readonly key: string;
	readonly label: string;
	readonly quantity: Quantity | 'seconds' | 'turns';
}

const CAST: MeasureField = { key: 'castM', label: 'Cast', quantity: 'distance' };
const TIP: MeasureField = { key: 'tipM', label: 'Rod tip above the water', quantity: 'depth' };
const DEPTH: MeasureField = { key: 'toM', label: 'Depth there', quantity: 'depth' };
const SECONDS: MeasureField = { key: 'seconds', label: 'Seconds', quantity: 'seconds' };

/** What is asked for each kind of measurement. */
export const MEASURE_KINDS: Readonly<
	Record<MeasureKind, { readonly name: string; readonly fields: readonly MeasureField[] }>
> = {
	fall: { name: 'Falling on slack line', fields: [DEPTH, SECONDS] },
	count: { name: 'Count until it hits bottom, tight line', fields: [CAST, TIP, DEPTH, SECONDS] },
	tick: {
		name: 'First bottom contact while reeling',
		fields: [
			CAST,
			TIP,
			{ key: 'countdownS', label: 'Count before', quantity: 'seconds' },
			{ key: 'speedMps', label: 'Turns a second', quantity: 'turns' },
			{ key: 'atM', label: 'Bottom contact, distance from the tip', quantity: 'distance' },
			DEPTH
		]
	}
};

/** The unit that a field is typed in. */
export const unitOf = ({ quantity }: MeasureField, units: UnitSystem): string =>
	quantity === 'seconds' ? 's' : quantity === 'turns' ? '/s' : shownIn(units, quantity).unit;

/** What was typed as a measurement, or what is wrong at which field. */
export type Read = { readonly measure: Measure } | { readonly wrong: Readonly<Record<string, string>> };

/**
 * Reads what was typed.
 *
 * @param turnM Line wound by a turn of the handle, m.
 */
export function readMeasure(
	kind: MeasureKind,
	typed: Readonly<Record<string, string>>,
	units: UnitSystem,
	turnM: number
): Read {
	const wrong: Record<string, string> = {};
	const values: Record<string, number> = {};
	for (const { key, quantity } of MEASURE_KINDS[kind].fields) {
		const figure = typedFigure(typed[key] ?? '');
		if (!Number.isFinite(figure)) wrong[key] = 'Enter a number.';
		else if (quantity === 'seconds') values[key] = figure;
		else values[key] = quantity === 'turns' ? figure * turnM : shownIn(units, quantity).read(figure);
	}
	const parsed = measureSchema.safeParse({ kind, ...values });
	if (parsed.success) return { measure: parsed.data };
	for (const { path, message } of parsed.error.issues) wrong[String(path[0])] ??= message;
	return { wrong };
}

/** A measurement in words. */
export function measureText(measure: Measure, units: UnitSystem): string {
	const depth = withUnit(units, 'depth', measure.toM);
	if (measure.kind === 'fall') return `${depth} in ${measure.seconds} s on slack line`;
	const cast = withUnit(units, 'distance', measure.castM);
	if (measure.kind === 'count') return `${depth} in ${measure.seconds} s on tight line, ${cast} out`;
	const speed = withUnit(units, 'speed', measure.speedMps);
	return `touches bottom in ${depth} at ${withUnit(units, 'distance', measure.atM)} of ${cast}, reeled at ${speed}`;
}

/** What the model says for a measurement: seconds, or a depth. */
export const saidText = ({ kind }: Measure, said: number, units: UnitSystem): string =>
	kind === 'tick' ? withUnit(units, 'depth', said) : `${figureText(units, 'hours', said)} s`;
