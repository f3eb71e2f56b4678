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

/** Changes that may keep a called rig among the fish for longer. */
export const WORK_CHANGES = ['tip-up', 'shorter-cast', 'lighter', 'heavier'] as const;
export type WorkChange = (typeof WORK_CHANGES)[number];

/** The window of a rig that was called: how it is to be fished on this water as well. */
export const calledWindowSchema = windowSchema.extend({
	/** How it works among the fish at its own pace; `null` for a surface lure. */
	band: z
		.object({
			/** Depths (m) between which a fish takes it. */
			fromM: z.number(),
			toM: z.number(),
			/** The countdown (s) that keeps it among them longest. */
			countdownS: z.number(),
			/** Share of the metres wound on which it works, with the rod tip at 0.6 m and at 2 m. */
			share: z.number(),
			shareTipUp: z.number(),
			/** Depths (m) at 18, 14 and 10 m of line. */
			depthsM: z.array(z.number().nullable()),
			/** Single changes that keep it among them longer, the best first. */
			more: z.array(z.object({ change: z.enum(WORK_CHANGES), share: z.number() }))
		})
		.nullable(),
	/** Turns of the reel's handle in a second, with half the cast out. */
	turnsPerS: z.number()
});

export type WindowInput = z.output<typeof windowInputSchema>;
export type RunningWindow = z.output<typeof windowSchema>;
export type CalledWindow = z.output<typeof calledWindowSchema>;
