import './english';
import * as z from 'zod/mini';
import { bandFaults } from './band';
import { COVER_TOP_M, FORAGE_IN, LIST_MAX, READING_RANGES, RULE_RANGES, type RangedKey } from './limits';
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
	SHADES,
	SKIES,
	SPECIES,
	STAINS,
	STANDS,
	TRENDS,
	WINDS
} from './words';

const within = ([low, high]: readonly [number, number]) => z.number().check(z.minimum(low), z.maximum(high));
const whole = ([low, high]: readonly [number, number]) => z.int().check(z.minimum(low), z.maximum(high));
const ranged = (key: RangedKey) => within(READING_RANGES[key]);

export const coverSchema = z.strictObject({
	kind: z.enum(COVER_KINDS),
	density: z.enum(DENSITIES),
	form: z._default(z.enum(COVER_FORMS), 'even'),
	topM: within(COVER_TOP_M)
});

export const forageSchema = z.strictObject({
	kind: z.enum(FORAGE_KINDS),
	lengthIn: within(FORAGE_IN),
	amount: z.enum(AMOUNTS)
});

export const rulesSchema = z.strictObject({
	hooksMax: z.optional(whole(RULE_RANGES.hooksMax)),
	pointsMax: z.optional(whole(RULE_RANGES.pointsMax)),
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
	/** Whether the spot lies in shade, or along the edge of some. */
	shade: z.optional(z.enum(SHADES)),
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
		for (const { path, message } of bandFaults(reading)) context.addIssue({ code: 'custom', path: [path], message });
	})
);

export type ReadingInput = z.input<typeof readingSchema>;
export type ParsedReading = z.output<typeof readingSchema>;
export type Cover = z.output<typeof coverSchema>;
export type Forage = z.output<typeof forageSchema>;
export type LocalRules = z.output<typeof rulesSchema>;
