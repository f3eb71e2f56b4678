import * as z from 'zod/mini';
import { readingSchema } from './reading';
import { FINISHES, FORAGE_KINDS, SKIRT_COLOURS, STAINS } from './words';

const depth = z.number().check(z.minimum(0), z.maximum(60));

/** Finishes that are looked at: the contract's, and silver plate beside nickel. */
export const SEEN_FINISHES = [...FINISHES, 'silver'] as const;

const targetSchema = z.union([
	z.strictObject({ kind: z.enum(['skirt', 'trailer']), colour: z.enum(SKIRT_COLOURS) }),
	z.strictObject({ kind: z.literal('forage'), colour: z.enum(FORAGE_KINDS) }),
	z.strictObject({
		kind: z.literal('blade'),
		colour: z.optional(z.enum(SEEN_FINISHES)),
		finish: z.optional(z.enum(SEEN_FINISHES)),
		texture: z.optional(z.enum(['smooth', 'hammered']))
	})
]);

const skySchema = z.strictObject({
	sunElevationDeg: z.number().check(z.minimum(-90), z.maximum(90)),
	cloud: z.enum(['clear', 'overcast', 'heavy']),
	moon: z.optional(z.number().check(z.minimum(0), z.maximum(1))),
	surface: z.enum(['calm', 'ripple', 'chop'])
});

const targets = z.optional(z.array(targetSchema).check(z.maxLength(60)));

/** What `sight` takes: a water and a sky, */
export const sightOfWaterSchema = z.strictObject({
	water: z.strictObject({
		stain: z.enum(STAINS),
		visibilityM: z.number().check(z.minimum(0.02), z.maximum(40)),
		kind: z.optional(z.enum(['lure', 'disc']))
	}),
	sky: skySchema,
	depthM: depth,
	bottomM: z.optional(depth),
	targets
});

/** or a reading of both. */
export const sightOfReadingSchema = z.strictObject({ reading: readingSchema, depthM: z.optional(depth), targets });
export const sightInputSchema = z.union([sightOfWaterSchema, sightOfReadingSchema]);

const lookedSchema = z.object({
	contrast: z.number(),
	colourSteps: z.number(),
	sightedM: z.number(),
	looks: z.enum(['bright', 'dark', 'blends'])
});
const rgbSchema = z.tuple([z.number(), z.number(), z.number()]);
const namedSchema = z.object({ kind: z.enum(['skirt', 'trailer', 'blade', 'forage']), colour: z.string() });

/** What `sight` answers. Distances are a model's: screens show them in bands. */
export const sightSchema = z.object({
	lightLux: z.number(),
	coneWeight: z.number(),
	discM: z.number(),
	lightLeft: z.number(),
	waterRgb: rgbSchema,
	targets: z.array(
		z.extend(namedSchema, {
			side: lookedSchema,
			below: lookedSchema,
			above: lookedSchema,
			flash: z.optional(
				z.object({
					contrast: z.number(),
					sightedM: z.number(),
					share: z.number(),
					sunContrast: z.number(),
					sunShare: z.number()
				})
			),
			rgb: rgbSchema
		})
	),
	ranking: z.object({ side: z.array(namedSchema), below: z.array(namedSchema) }),
	pair: z.nullable(z.object({ a: namedSchema, b: namedSchema, steps: z.number() })),
	match: z.record(z.string(), z.array(z.extend(namedSchema, { match: z.number() }))),
	clamped: z.boolean()
});

export type SightOfWater = z.output<typeof sightOfWaterSchema>;
export type SightOfReading = z.output<typeof sightOfReadingSchema>;
export type SightTarget = z.output<typeof targetSchema>;
export type Sight = z.output<typeof sightSchema>;
