import { z } from 'zod';
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
	return z.number().min(low).max(high);
}

export const coverSchema = z.strictObject({
	kind: z.enum(COVER_KINDS),
	density: z.enum(DENSITIES),
	form: z.enum(COVER_FORMS).default('even'),
	topM: z.number().min(0).max(60)
});

export const forageSchema = z.strictObject({
	kind: z.enum(FORAGE_KINDS),
	lengthIn: z.number().min(0.2).max(14),
	amount: z.enum(AMOUNTS)
});

export const rulesSchema = z.strictObject({
	hooksMax: z.number().int().min(1).max(20).optional(),
	pointsMax: z.number().int().min(1).max(60).optional(),
	leadAllowed: z.boolean().optional()
});

const readingShape = z.strictObject({
	waterTemperatureC: ranged('waterTemperatureC'),
	trend: z.enum(TRENDS).optional(),
	phase: z.enum(PHASES).optional(),
	dayLengthH: ranged('dayLengthH').optional(),
	dayLength: z.enum(DAY_LENGTHS).optional(),
	visibilityM: ranged('visibilityM'),
	stain: z.enum(STAINS).optional(),
	sky: z.enum(SKIES).optional(),
	light: z.enum(LIGHTS).optional(),
	sunElevationDeg: ranged('sunElevationDeg').optional(),
	moon: ranged('moon').optional(),
	pressureTrend: z.enum(TRENDS).optional(),
	wind: z.enum(WINDS).optional(),
	windMps: ranged('windMps').optional(),
	bank: z.enum(BANKS).optional(),
	current: z.enum(CURRENTS).optional(),
	level: z.enum(TRENDS).optional(),
	bottomM: ranged('bottomM'),
	fishFromM: ranged('fishFromM').optional(),
	fishToM: ranged('fishToM').optional(),
	cover: z.array(coverSchema).max(LIST_MAX).optional(),
	forage: z.array(forageSchema).max(LIST_MAX).optional(),
	events: z.array(z.enum(EVENTS)).max(LIST_MAX).optional(),
	species: z.enum(SPECIES).optional(),
	goal: z.enum(GOALS).optional(),
	mood: z.enum(MOODS).optional(),
	pressure: z.enum(PRESSURES).optional(),
	others: z.enum(OTHERS).optional(),
	answers: z.array(z.enum(ANSWERS)).max(LIST_MAX).optional(),
	castM: ranged('castM').optional(),
	place: z.enum(PLACES).optional(),
	from: z.enum(STANDS).optional(),
	rules: rulesSchema.optional()
});

/**
 * A reading as it comes in: the water in front of the angler. Only temperature, visibility and bottom are required;
 * `completeReading` gives the rest its defaults. The fish band must lie in the water.
 */
export const readingSchema = readingShape.superRefine((reading, context) => {
	const from = reading.fishFromM ?? 0;
	const to = reading.fishToM ?? reading.bottomM;
	if (to > reading.bottomM + 1e-9) {
		context.addIssue({ code: 'custom', path: ['fishToM'], message: 'The fish band ends below the bottom.' });
	}
	if (from > to) {
		context.addIssue({ code: 'custom', path: ['fishFromM'], message: 'The fish band begins below its end.' });
	}
});

export type ReadingInput = z.input<typeof readingSchema>;
export type ParsedReading = z.output<typeof readingSchema>;
export type Cover = z.output<typeof coverSchema>;
export type Forage = z.output<typeof forageSchema>;
export type LocalRules = z.output<typeof rulesSchema>;
