import * as z from 'zod/mini';
import { RODS_MAX } from './limits';
import { calledRigSchema } from './call';
import { instant } from './instant';
import { outfitSchema } from './outfit';
import { readingSchema } from './reading';
import { rigSchema } from './rig';
import { traySchema } from './tray';

/** Most hours of a day, one more where the clock is put back; and candidates that may be given. */
const HOURS_MAX = 25;
const CANDIDATES_MAX = 200;
const SCENARIOS_MAX = 16;

/** What `plan` takes: the day's hours, how many rods, and what may be cast. */
export const planInputSchema = z.strictObject({
	hours: z
		.array(
			z.strictObject({
				at: instant,
				reading: readingSchema,
				spot: z.optional(z.string().check(z.maxLength(80))),
				weight: z._default(z.number().check(z.minimum(0), z.maximum(100)), 1),
				/** Ways in which the hour may turn out; their odds sum to 1. */
				scenarios: z.optional(
					z
						.array(
							z.strictObject({
								odds: z.number().check(z.minimum(0), z.maximum(1)),
								/** Fields of the reading that are other than was read. */
								patch: z.record(z.string().check(z.maxLength(40)), z.unknown())
							})
						)
						.check(
							z.minLength(1),
							z.maxLength(SCENARIOS_MAX),
							z.refine((list) => Math.abs(list.reduce((sum, { odds }) => sum + odds, 0) - 1) < 1e-6, {
								error: 'The odds of an hour must add up to 1.'
							})
						)
				)
			})
		)
		.check(z.minLength(1, 'A day needs at least one hour.'), z.maxLength(HOURS_MAX)),
	rods: z.int().check(z.minimum(1), z.maximum(RODS_MAX)),
	candidates: z.optional(z.array(rigSchema).check(z.minLength(1), z.maxLength(CANDIDATES_MAX))),
	perHour: z._default(z.int().check(z.minimum(1), z.maximum(8)), 8),
	/** Points that a re-tie is worth: what an hour must gain to be worth the knot. */
	retiePoints: z._default(z.number().check(z.minimum(0), z.maximum(20)), 0.3),
	stances: z.optional(z.record(z.string(), z.string())),
	/** Parts owned, which bound the calls of every hour. */
	tray: z.optional(traySchema),
	/** Rods, reels and lines that are owned and lie on the deck in any case. */
	fixed: z.optional(z.array(z.strictObject(outfitSchema.shape)).check(z.maxLength(RODS_MAX)))
});

/** What `plan` answers. */
export const planSchema = z.object({
	rods: z.array(
		z.object({
			outfit: outfitSchema,
			/** What is cast on it as the day was read. */
			hours: z.array(z.object({ at: z.string(), spot: z.nullable(z.string()), rig: rigSchema, behind: z.number() })),
			/** What the plan would give up more without it, points. */
			adds: z.number(),
			/** Scenarios in which it is the best rod on the deck: by their hour and their place in it. */
			for: z.array(
				z.object({ at: z.string(), scenario: z.int(), odds: z.number(), rig: rigSchema, behind: z.number() })
			)
		})
	),
	/** Points given up against the best call of each hour, re-ties counted in: the least that there is. */
	value: z.number(),
	/** No plan gives up less than this. */
	bound: z.number(),
	exact: z.boolean(),
	best: z.array(z.object({ at: z.string(), spot: z.nullable(z.string()), call: z.nullable(calledRigSchema) })),
	reties: z.number(),
	/** Hours for which no candidate runs. */
	unserved: z.array(z.string())
});

export type PlanInput = z.output<typeof planInputSchema>;
export type Plan = z.output<typeof planSchema>;
