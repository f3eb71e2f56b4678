import * as z from 'zod/mini';
import { rigPartsSchema } from './rig';

const turns = z.number().check(z.positive(), z.maximum(6));
const speed = z.number().check(z.minimum(0.05), z.maximum(4));
const seconds = (max: number) => z.number().check(z.positive(), z.maximum(max));

/** How a stretch of a cast is fished: until so many seconds are over or the lure is so near the tip (m); the last, to the end. */
const phaseShape = {
	kind: z.enum(['steady', 'burn-pause', 'pop', 'lift-drop', 'fall']),
	speedMps: z.optional(speed),
	onS: z.optional(seconds(60)),
	offS: z.optional(seconds(60)),
	periodS: z.optional(seconds(60)),
	ampM: z.optional(z.number().check(z.minimum(0), z.maximum(3))),
	forS: z.optional(seconds(240)),
	toM: z.optional(z.number().check(z.minimum(0), z.maximum(100)))
};
const phaseSchema = z.strictObject(phaseShape);

export const bottomSchema = z.union([
	z.strictObject({ flatM: z.number().check(z.positive(), z.maximum(100)) }),
	z.strictObject({
		/** Distance from the tip and depth, m. */
		pointsM: z
			.array(
				z.tuple([z.number().check(z.minimum(-20), z.maximum(200)), z.number().check(z.minimum(0), z.maximum(100))])
			)
			.check(z.minLength(1), z.maxLength(200))
	})
]);

const metres = z.number().check(z.minimum(0), z.maximum(100));

/** Something that stands between two distances from the tip, up to a depth, m. */
export const bodySchema = z.strictObject({ fromM: metres, toM: metres, topM: metres });
export const bandSchema = z
	.strictObject({ fromM: metres, toM: metres })
	.check(z.refine(({ fromM, toM }) => fromM <= toM, { error: '“From” must be above “to”.', path: ['fromM'] }));

const castShape = {
	rig: rigPartsSchema,
	castM: z.number().check(z.minimum(4), z.maximum(100)),
	tipM: z.optional(z.number().check(z.minimum(0), z.maximum(5))),
	countdownS: z.optional(z.number().check(z.minimum(0), z.maximum(120))),
	payout: z.optional(z.enum(['tight', 'free'])),
	phases: z.optional(z.array(phaseSchema).check(z.minLength(1), z.maxLength(12))),
	bottom: z.optional(bottomSchema),
	covers: z.optional(z.array(bodySchema).check(z.maxLength(40))),
	band: z.optional(bandSchema),
	segments: z.optional(z.int().check(z.minimum(4), z.maximum(40))),
	stepS: z.optional(z.number().check(z.minimum(0.0025), z.maximum(0.02))),
	sampleS: z.optional(z.number().check(z.minimum(0.05), z.maximum(5))),
	calibration: z.optional(
		z.strictObject({
			dragMul: z.optional(z.number().check(z.minimum(0.3), z.maximum(3))),
			liftMul: z.optional(z.number().check(z.minimum(0.1), z.maximum(5)))
		})
	)
};
const distance = z.number().check(z.minimum(0.5), z.maximum(100));

/** What `tow` takes: a rig and how it is cast and wound. */
export const towInputSchema = z
	.strictObject({
		...castShape,
		speedMps: z.optional(speed),
		turnsPerS: z.optional(turns),
		atM: z.optional(z.array(distance).check(z.maxLength(40)))
	})
	.check(
		z.superRefine(({ speedMps, turnsPerS, phases }, context) => {
			if (speedMps !== undefined && turnsPerS !== undefined) {
				context.addIssue({ code: 'custom', path: ['turnsPerS'], message: 'Give speedMps or turnsPerS, not both.' });
			}
			if (speedMps === undefined && turnsPerS === undefined && phases?.[0]?.speedMps === undefined) {
				context.addIssue({ code: 'custom', path: ['speedMps'], message: 'Say how fast: speedMps or turnsPerS.' });
			}
		})
	);

/**
 * What `speed-for` takes: a cast, and the depth (m) that is to be held at a distance from the tip (m), the first of several.
 * The speed of the cast itself is what is asked for, and not looked at.
 */
export const speedForInputSchema = z.strictObject({
	...castShape,
	speedMps: z.optional(speed),
	turnsPerS: z.optional(turns),
	holdM: metres,
	atM: z.union([distance, z.array(distance).check(z.minLength(1), z.maxLength(40))])
});

export const WHERES = ['sinking', 'running', 'surface', 'bottom', 'cover'] as const;
export type Where = (typeof WHERES)[number];

const sampleSchema = z.object({
	tS: z.number(),
	xM: z.number(),
	zM: z.number(),
	tensionN: z.number(),
	speedMps: z.number(),
	where: z.enum(WHERES)
});

/** What `tow` answers. */
export const towSchema = z.object({
	endS: z.number(),
	turns: z.number(),
	depths: z.array(z.object({ xM: z.number(), zM: z.nullable(z.number()) })),
	samples: z.array(sampleSchema),
	band: z.optional(z.object({ timeShare: z.number(), distanceShare: z.number(), metres: z.number() })),
	/** What it met: how near (m) it came over the top of each body, 0 where it touched or went in. */
	covers: z.array(z.object({ fromM: z.number(), toM: z.number(), topM: z.number(), clearM: z.nullable(z.number()) })),
	peakTensionN: z.number()
});

export const speedForSchema = z.object({
	speedMps: z.nullable(z.number()),
	why: z.nullable(z.enum(['never that deep', 'deeper even at most', 'stalls at that speed', 'leans at that speed']))
});

export type TowInput = z.output<typeof towInputSchema>;
export type TowPhase = z.output<typeof phaseSchema>;
export type SpeedForInput = z.output<typeof speedForInputSchema>;
export type Tow = z.output<typeof towSchema>;
export type TowSample = z.output<typeof sampleSchema>;
export type SpeedFor = z.output<typeof speedForSchema>;
