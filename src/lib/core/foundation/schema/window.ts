import * as z from 'zod/mini';
import { rigPartsSchema } from './rig';

/** What `window` takes: a rig, of which only family, weight and blades are required, and how it is fished. */
export const windowInputSchema = z.strictObject({
	rig: rigPartsSchema,
	speedMps: z.number().check(z.positive(), z.maximum(5)),
	armM: z.optional(z.number().check(z.minimum(0.02), z.maximum(0.2))),
	tipM: z.optional(z.number().check(z.minimum(0), z.maximum(5))),
	distanceM: z.optional(z.number().check(z.minimum(1), z.maximum(100))),
	lineOutM: z.optional(z.number().check(z.minimum(0), z.maximum(150))),
	castM: z.optional(z.number().check(z.minimum(2), z.maximum(100))),
	countdownS: z.optional(z.number().check(z.minimum(0), z.maximum(120)))
});

/** What `window` answers; parts that a family does not have are left out. */
export const windowSchema = z.object({
	blades: z.array(
		z.object({
			position: z.enum(['front', 'rear']),
			startMps: z.number(),
			turnHz: z.number(),
			thumpN: z.number(),
			dragAreaCm2: z.number(),
			massG: z.number()
		})
	),
	wake: z.number(),
	startMps: z.number(),
	keepMps: z.number(),
	rollMps: z.nullable(z.number()),
	sinkMps: z.number(),
	submergedN: z.number(),
	dragAreaCm2: z.number(),
	liftAreaCm2: z.number(),
	depthM: z.nullable(z.number()),
	wire: z.optional(
		z.object({
			stiffnessNPerM: z.number(),
			naturalHz: z.number(),
			amplification: z.number(),
			amplitudeMm: z.number(),
			droopMm: z.number(),
			opensLb: z.number(),
			maxLineLb: z.number(),
			safeDragLb: z.number(),
			lifeH: z.number()
		})
	),
	jigBlade: z.optional(z.object({ beatHz: z.number(), forceN: z.number() })),
	surface: z.optional(z.object({ planeMps: z.number(), turnHz: z.number() })),
	reel: z.optional(z.object({ inchesPerTurn: z.number() }))
});

/** The window of a rig that was called, and how the reel is turned for it. */
export const calledWindowSchema = z.extend(windowSchema, {
	/** Turns of the reel's handle in a second, with half the cast out. */
	turnsPerS: z.number()
});

export type WindowInput = z.output<typeof windowInputSchema>;
export type RunningWindow = z.output<typeof windowSchema>;
export type CalledWindow = z.output<typeof calledWindowSchema>;
