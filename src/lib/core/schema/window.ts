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

export type WindowInput = z.output<typeof windowInputSchema>;
export type RunningWindow = z.output<typeof windowSchema>;
