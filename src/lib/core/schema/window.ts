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

/** Changes that may keep a called rig among the fish for longer. */
export const WORK_CHANGES = ['tip-up', 'shorter-cast', 'lighter', 'heavier'] as const;
export type WorkChange = (typeof WORK_CHANGES)[number];

/** The window of a rig that was called: how it is to be fished on this water as well. */
export const calledWindowSchema = z.extend(windowSchema, {
	/** How it works among the fish at its own pace; `null` for a surface lure. */
	band: z.nullable(
		z.object({
			/** Depths (m) between which a fish takes it. */
			fromM: z.number(),
			toM: z.number(),
			/** The countdown (s) that keeps it among them longest. */
			countdownS: z.number(),
			/** Share of the metres wound on which it works, with the rod tip at 0.6 m and at 2 m. */
			share: z.number(),
			shareTipUp: z.number(),
			/** Depths (m) at 18, 14 and 10 m of line. */
			depthsM: z.array(z.nullable(z.number())),
			/** Single changes that keep it among them longer, the best first. */
			more: z.array(z.object({ change: z.enum(WORK_CHANGES), share: z.number() }))
		})
	),
	/** Turns of the reel's handle in a second, with half the cast out. */
	turnsPerS: z.number()
});

export type WindowInput = z.output<typeof windowInputSchema>;
export type RunningWindow = z.output<typeof windowSchema>;
export type CalledWindow = z.output<typeof calledWindowSchema>;
