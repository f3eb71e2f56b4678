import { READING_RANGES } from '$lib/core/foundation/schema/limits';
import * as words from '$lib/core/foundation/schema/words';
import type { Measure } from './units';

/** Keys of a reading that hold one figure. */
export type FigureKey = keyof typeof READING_RANGES;
/** Keys of a reading that hold one word. */
export type ChoiceKey =
	| 'trend'
	| 'phase'
	| 'dayLength'
	| 'stain'
	| 'sky'
	| 'light'
	| 'pressureTrend'
	| 'wind'
	| 'bank'
	| 'current'
	| 'level'
	| 'shade'
	| 'species'
	| 'goal'
	| 'mood'
	| 'pressure'
	| 'others'
	| 'place'
	| 'from';

/** A named stretch of a scale, to its upper end in SI. */
export interface Zone {
	readonly name: string;
	readonly to: number;
}

export interface FigureField {
	readonly kind: 'figure';
	readonly key: FigureKey;
	readonly label: string;
	readonly measure: Measure;
	/** Ends of the drawn scale in SI; a figure beyond them may still be typed, within the schema's range. */
	readonly scale: readonly [number, number];
	readonly log?: boolean;
	readonly required?: boolean;
	readonly zones?: readonly Zone[];
}

export interface ChoiceField {
	readonly kind: 'choice';
	readonly key: ChoiceKey;
	readonly label: string;
	readonly options: readonly string[];
}

const FT = 0.3048;

/** The craft's classes of visibility (ft) and the contract's classes of wind (m/s). */
const CLARITY: readonly Zone[] = [
	{ name: 'mud', to: FT },
	{ name: 'dingy', to: 2 * FT },
	{ name: 'stained', to: 4 * FT },
	{ name: 'lightly', to: 6 * FT },
	{ name: 'clear', to: 12 * FT },
	{ name: 'crystal', to: Infinity }
];
const WIND: readonly Zone[] = [
	{ name: 'calm', to: 1 },
	{ name: 'ripple', to: 4 },
	{ name: 'chop', to: 8 },
	{ name: 'heavy', to: Infinity }
];

const figure = (
	key: FigureKey,
	label: string,
	measure: Measure,
	scale: readonly [number, number],
	rest: Partial<FigureField> = {}
): FigureField => ({ kind: 'figure', key, label, measure, scale, ...rest });

const choice = (key: ChoiceKey, label: string, options: readonly string[]): ChoiceField => ({
	kind: 'choice',
	key,
	label,
	options
});

/** Every figure of a reading. */
export const FIGURES: Readonly<Record<FigureKey, FigureField>> = {
	waterTemperatureC: figure('waterTemperatureC', 'Water', 'temperature', [2, 32], { required: true }),
	visibilityM: figure('visibilityM', 'See down to', 'depth', [0.1, 6], { required: true, log: true, zones: CLARITY }),
	windMps: figure('windMps', 'Wind speed', 'wind', [0, 14], { zones: WIND }),
	sunElevationDeg: figure('sunElevationDeg', 'Sun height', 'degrees', [0, 75]),
	moon: figure('moon', 'Moon lit', 'share', [0, 1]),
	bottomM: figure('bottomM', 'Bottom', 'depth', [0.5, 10], { required: true }),
	fishFromM: figure('fishFromM', 'Fish from', 'depth', [0, 10]),
	fishToM: figure('fishToM', 'Fish to', 'depth', [0, 10]),
	dayLengthH: figure('dayLengthH', 'Day length', 'hours', [8, 16]),
	castM: figure('castM', 'Cast', 'distance', [8, 45])
};

/** Every word of a reading. */
export const CHOICES: Readonly<Record<ChoiceKey, ChoiceField>> = {
	phase: choice('phase', 'Season', words.PHASES),
	trend: choice('trend', 'Trend', words.TRENDS),
	dayLength: choice('dayLength', 'Days are', words.DAY_LENGTHS),
	stain: choice('stain', 'Water color', words.STAINS),
	sky: choice('sky', 'Sky', words.SKIES),
	light: choice('light', 'Light', words.LIGHTS),
	wind: choice('wind', 'Wind', words.WINDS),
	bank: choice('bank', 'This bank', words.BANKS),
	pressureTrend: choice('pressureTrend', 'Barometer', words.TRENDS),
	current: choice('current', 'Current', words.CURRENTS),
	level: choice('level', 'Level', words.TRENDS),
	shade: choice('shade', 'Shade', words.SHADES),
	mood: choice('mood', 'Mood', words.MOODS),
	pressure: choice('pressure', 'Pressure', words.PRESSURES),
	others: choice('others', 'Others are throwing', words.OTHERS),
	species: choice('species', 'Species', words.SPECIES),
	goal: choice('goal', 'Goal', words.GOALS),
	place: choice('place', 'Place', words.PLACES),
	from: choice('from', 'From', words.STANDS)
};
