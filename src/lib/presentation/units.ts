import type { UnitSystem } from '$lib/core/records/schemas';
import {
	celsiusOf,
	fahrenheitOf,
	ftOf,
	KG_PER_OZ,
	M_PER_FT,
	M_PER_IN,
	MPS_PER_MPH,
	N_PER_LBF
} from '$lib/core/foundation/basics/units';

const MM_PER_IN = 1000 * M_PER_IN;
const CM2_PER_IN2 = (100 * M_PER_IN) ** 2;

/** What is measured, each with one unit per system. */
export type Measure =
	| 'temperature'
	| 'depth'
	| 'distance'
	| 'speed'
	| 'wind'
	| 'length'
	| 'size'
	| 'mass'
	| 'area'
	| 'force'
	| 'hours'
	| 'degrees'
	| 'share'
	| 'count';

/** How a measure is shown and entered. */
export interface Shown {
	readonly unit: string;
	/** The unit as it is spoken. */
	readonly spokenUnit: string;
	readonly digits: number;
	readonly show: (si: number) => number;
	readonly read: (shown: number) => number;
}

const same = (value: number): number => value;
const plain = (unit: string, spokenUnit: string, digits: number): Shown => ({
	unit,
	spokenUnit,
	digits,
	show: same,
	read: same
});
const scaled = (unit: string, spokenUnit: string, digits: number, si: number): Shown => ({
	unit,
	spokenUnit,
	digits,
	show: (value) => value / si,
	read: (value) => value * si
});

const IMPERIAL: Readonly<Record<Measure, Shown>> = {
	temperature: { unit: '°F', spokenUnit: 'degrees Fahrenheit', digits: 0, show: fahrenheitOf, read: celsiusOf },
	depth: { unit: 'ft', spokenUnit: 'feet', digits: 1, show: ftOf, read: (ft) => ft * M_PER_FT },
	distance: { unit: 'ft', spokenUnit: 'feet', digits: 0, show: ftOf, read: (ft) => ft * M_PER_FT },
	speed: { unit: 'ft/s', spokenUnit: 'feet per second', digits: 1, show: ftOf, read: (ft) => ft * M_PER_FT },
	wind: scaled('mph', 'miles per hour', 0, MPS_PER_MPH),
	length: plain('in', 'inches', 1),
	// Measures of parts, in mm, g, cm2 and N.
	size: scaled('in', 'inches', 2, MM_PER_IN),
	mass: scaled('oz', 'ounces', 2, 1000 * KG_PER_OZ),
	area: scaled('sq in', 'square inches', 2, CM2_PER_IN2),
	force: scaled('lb', 'pounds', 2, N_PER_LBF),
	hours: plain('h', 'hours', 1),
	degrees: plain('°', 'degrees', 0),
	share: scaled('%', 'percent', 0, 0.01),
	count: plain('', '', 0)
};

const METRIC: Readonly<Record<Measure, Shown>> = {
	...IMPERIAL,
	temperature: plain('°C', 'degrees Celsius', 1),
	depth: plain('m', 'meters', 2),
	distance: plain('m', 'meters', 0),
	size: plain('mm', 'millimeters', 1),
	mass: plain('g', 'grams', 1),
	area: plain('cm²', 'square centimeters', 1),
	force: plain('N', 'newtons', 2),
	speed: plain('m/s', 'meters per second', 1),
	wind: plain('m/s', 'meters per second', 1)
};

/** How a measure is shown in a system of units. Tackle keeps its trade units in both. */
export function shownIn(units: UnitSystem, measure: Measure): Shown {
	return (units === 'metric' ? METRIC : IMPERIAL)[measure];
}

/** A figure as text in the angler's units, without its unit and without trailing zeros. */
export function figureText(units: UnitSystem, measure: Measure, si: number): string {
	const { show, digits } = shownIn(units, measure);
	return String(Number(show(si).toFixed(digits)));
}

/** A narrow space at which no line breaks, between a number and its unit. */
const NARROW_SPACE = '\u202f';

/** A number with its unit, the one way in which every screen writes them: "2.4 m", "80 %", but "45°". */
export const quantity = (figure: string | number, unit: string): string =>
	unit === '°' || unit === '' ? `${figure}${unit}` : `${figure}${NARROW_SPACE}${unit}`;

/** A share (0 to 1) in percent. @param digits Decimals that are shown. */
export const percentText = (share: number, digits = 0): string => quantity((100 * share).toFixed(digits), '%');

/** A figure with its unit, as text. */
export function withUnit(units: UnitSystem, measure: Measure, si: number): string {
	return quantity(figureText(units, measure, si), shownIn(units, measure).unit);
}

/** Measures that the core writes out, by its own unit for them. */
const WRITTEN: Readonly<Record<string, Measure>> = { 'm/s': 'speed', mm: 'size', g: 'mass' };

/** What the core says in meters, m/s, mm and g, in the angler's units: "2.4 m" as a depth, "20 m" as a distance. */
export const convertUnitsInText = (units: UnitSystem, text: string): string =>
	units === 'metric'
		? text
		: text.replace(/(\d+(?:\.\d+)?) (m\/s|mm|m|g)(?![\w/])/g, (_all, figure: string, unit: string, at: number) => {
				const isWind = unit === 'm/s' && /wind/i.test(text.slice(0, at));
				const measure = isWind ? 'wind' : (WRITTEN[unit] ?? (figure.includes('.') ? 'depth' : 'distance'));
				return withUnit(units, measure, Number(figure));
			});

/** A figure with its unit in full, for a voice. */
export function spokenFigure(units: UnitSystem, measure: Measure, si: number): string {
	return `${figureText(units, measure, si)} ${shownIn(units, measure).spokenUnit}`.trim();
}

/** A model is no finer than this: its shares are told in twentieths. */
const TWENTIETH_PERCENT = 5;

/** A share (0 to 1) that a model gives, in words. */
export const modelShare = (share: number): string =>
	quantity(Math.round((100 * share) / TWENTIETH_PERCENT) * TWENTIETH_PERCENT, '%');

/** A sum in the angler's own currency: "$12.50"; a bare figure where none was said. */
export const moneyText = (currency: string | undefined, value: number, digits = value < 100 ? 2 : 0): string =>
	`${currency ?? ''}${currency && currency.length > 1 ? NARROW_SPACE : ''}${value.toFixed(digits)}`;
