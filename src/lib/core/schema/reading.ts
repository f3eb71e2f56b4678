import './english';
import * as z from 'zod/mini';
import {
	AMOUNTS,
	ANSWERS,
	BANKS,
	COVER_FORMS,
	COVER_KINDS,
	CURRENTS,
	DAY_LENGTHS,
	DENSITIES,
	EVENTS,
	FORAGE_KINDS,
	GOALS,
	LIGHTS,
	MOODS,
	OTHERS,
	PHASES,
	PLACES,
	PRESSURES,
	SKIES,
	SPECIES,
	STAINS,
	STANDS,
	TRENDS,
	WINDS
} from './words';

/**
 * Ranges that a measured figure of a reading may take, SI. Outside them the figure is a slip of the pen, not water:
 * fresh water freezes at 0 C and bass leave no record above 40 C; the rest bounds the scales that the models cover.
 */
export const READING_RANGES = {
	waterTemperatureC: [0, 40],
	dayLengthH: [0, 24],
	visibilityM: [0.05, 20],
	sunElevationDeg: [-90, 90],
	moon: [0, 1],
	windMps: [0, 30],
	bottomM: [0.2, 60],
	fishFromM: [0, 60],
	fishToM: [0, 60],
	castM: [4, 60]
} as const satisfies Record<string, readonly [number, number]>;

/** Largest number of cover, forage or event entries in one reading. */
export const LIST_MAX = 12;

function ranged(key: keyof typeof READING_RANGES) {
	const [low, high] = READING_RANGES[key];
	return z.number().check(z.minimum(low), z.maximum(high));
}

export const coverSchema = z.strictObject({
	kind: z.enum(COVER_KINDS),
	density: z.enum(DENSITIES),
	form: z._default(z.enum(COVER_FORMS), 'even'),
	topM: z.number().check(z.minimum(0), z.maximum(60))
});

export const forageSchema = z.strictObject({
	kind: z.enum(FORAGE_KINDS),
	lengthIn: z.number().check(z.minimum(0.2), z.maximum(14)),
	amount: z.enum(AMOUNTS)
});

export const rulesSchema = z.strictObject({
	hooksMax: z.optional(z.int().check(z.minimum(1), z.maximum(20))),
	pointsMax: z.optional(z.int().check(z.minimum(1), z.maximum(60))),
	leadAllowed: z.optional(z.boolean())
});

const readingShape = z.strictObject({
	waterTemperatureC: ranged('waterTemperatureC'),
	trend: z.optional(z.enum(TRENDS)),
	phase: z.optional(z.enum(PHASES)),
	dayLengthH: z.optional(ranged('dayLengthH')),
	dayLength: z.optional(z.enum(DAY_LENGTHS)),
	visibilityM: ranged('visibilityM'),
	stain: z.optional(z.enum(STAINS)),
	sky: z.optional(z.enum(SKIES)),
	light: z.optional(z.enum(LIGHTS)),
	sunElevationDeg: z.optional(ranged('sunElevationDeg')),
	moon: z.optional(ranged('moon')),
	pressureTrend: z.optional(z.enum(TRENDS)),
	wind: z.optional(z.enum(WINDS)),
	windMps: z.optional(ranged('windMps')),
	bank: z.optional(z.enum(BANKS)),
	current: z.optional(z.enum(CURRENTS)),
	level: z.optional(z.enum(TRENDS)),
	bottomM: ranged('bottomM'),
	fishFromM: z.optional(ranged('fishFromM')),
	fishToM: z.optional(ranged('fishToM')),
	cover: z.optional(z.array(coverSchema).check(z.maxLength(LIST_MAX))),
	forage: z.optional(z.array(forageSchema).check(z.maxLength(LIST_MAX))),
	events: z.optional(z.array(z.enum(EVENTS)).check(z.maxLength(LIST_MAX))),
	species: z.optional(z.enum(SPECIES)),
	goal: z.optional(z.enum(GOALS)),
	mood: z.optional(z.enum(MOODS)),
	pressure: z.optional(z.enum(PRESSURES)),
	others: z.optional(z.enum(OTHERS)),
	answers: z.optional(z.array(z.enum(ANSWERS)).check(z.maxLength(LIST_MAX))),
	castM: z.optional(ranged('castM')),
	place: z.optional(z.enum(PLACES)),
	from: z.optional(z.enum(STANDS)),
	rules: z.optional(rulesSchema)
});

/**
 * A reading as it comes in: the water in front of the angler. Only temperature, visibility and bottom are required;
 * `completeReading` gives the rest its defaults. The fish band must lie in the water.
 */
export const readingSchema = readingShape.check(
	z.superRefine((reading, context) => {
		const from = reading.fishFromM ?? 0;
		const to = reading.fishToM ?? reading.bottomM;
		if (to > reading.bottomM + 1e-9) {
			context.addIssue({ code: 'custom', path: ['fishToM'], message: 'The fish band ends below the bottom.' });
		}
		if (from > to) {
			context.addIssue({ code: 'custom', path: ['fishFromM'], message: 'The fish band begins below its end.' });
		}
	})
);

export type ReadingInput = z.input<typeof readingSchema>;
export type ParsedReading = z.output<typeof readingSchema>;
export type Cover = z.output<typeof coverSchema>;
export type Forage = z.output<typeof forageSchema>;
export type LocalRules = z.output<typeof rulesSchema>;
