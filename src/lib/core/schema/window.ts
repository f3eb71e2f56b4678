import { z } from 'zod';
import { rigPartsSchema } from './rig';

/** What `window` takes: a rig, of which only family, weight and blades are required, and how it is fished. */
export const windowInputSchema = z.strictObject({
	rig: rigPartsSchema,
	speedMps: z.number().positive().max(5),
	armM: z.number().min(0.02).max(0.2).optional(),
	tipM: z.number().min(0).max(5).optional(),
	distanceM: z.number().min(1).max(100).optional(),
	lineOutM: z.number().min(0).max(150).optional(),
	castM: z.number().min(2).max(100).optional(),
	countdownS: z.number().min(0).max(120).optional()
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
	rollMps: z.number().nullable(),
	sinkMps: z.number(),
	submergedN: z.number(),
	dragAreaCm2: z.number(),
	liftAreaCm2: z.number(),
	depthM: z.number().nullable(),
	wire: z
		.object({
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
		.optional(),
	jigBlade: z.object({ beatHz: z.number(), forceN: z.number() }).optional(),
	surface: z.object({ planeMps: z.number(), turnHz: z.number() }).optional(),
	reel: z.object({ inchesPerTurn: z.number() }).optional()
});

/** The window of a rig that was called: how it is to be fished on this water as well. */
export const calledWindowSchema = windowSchema.extend({
	/** How to hold the fish band; `null` for a surface lure. */
	band: z
		.object({
			/** Depth (m) that counts as in reach of the fish, and the depth it must not exceed. */
			fromM: z.number(),
			toM: z.number(),
			/** The speed (m/s) nearest to the called one at which the rig holds the band, and its countdown. */
			speedMps: z.number(),
			countdownS: z.number(),
			/** Depths (m) at 18, 14 and 10 m from the rod. */
			depthsM: z.array(z.number().nullable()),
			/** Slowest and fastest catalogue speed (m/s) at which it still holds the band. */
			slowestMps: z.number(),
			fastestMps: z.number()
		})
		.nullable(),
	/** Turns of the reel's handle in a second, with half the cast out. */
	turnsPerS: z.number()
});

export type WindowInput = z.output<typeof windowInputSchema>;
export type RunningWindow = z.output<typeof windowSchema>;
export type CalledWindow = z.output<typeof calledWindowSchema>;
