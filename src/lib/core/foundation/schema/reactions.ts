import * as z from 'zod/mini';
import { readingSchema } from './reading';
import { rigSchema } from './rig';

/** What was seen on the water; `stopped` is bites that stopped on a lure that caught fish before. */
export const REACTION_SYMPTOMS = [
	'no-bites',
	'follows',
	'short-strikes',
	'misses',
	'lost-fish',
	'small-ones',
	'fouled',
	'stopped'
] as const;
export type ReactionSymptom = (typeof REACTION_SYMPTOMS)[number];

/** When in the cast it happened. */
export const REACTION_MOMENTS = ['entry', 'fall', 'first-turns', 'steady', 'pop', 'deflection', 'boatside'] as const;
export type ReactionMoment = (typeof REACTION_MOMENTS)[number];

/** What `reactions` takes; `casts` is how many were made on this lure. */
export const reactionsInputSchema = z.strictObject({
	reading: readingSchema,
	rig: rigSchema,
	symptom: z.enum(REACTION_SYMPTOMS),
	when: z.optional(z.enum(REACTION_MOMENTS)),
	hookedIn: z.optional(z.enum(['skin', 'corner', 'deep', 'gill'])),
	casts: z.optional(z.int().check(z.minimum(0), z.maximum(100_000))),
	stances: z.optional(z.record(z.string(), z.string()))
});

/** What `reactions` answers: single changes in their order; none, with the reason, when nothing is known yet. */
export const reactionsSchema = z.object({
	changes: z.array(
		z.object({
			change: z.record(z.string(), z.unknown()),
			text: z.string(),
			claims: z.array(z.string()),
			split: z.optional(z.string())
		})
	),
	why: z.optional(z.string())
});

export type ReactionsInput = z.output<typeof reactionsInputSchema>;
export type Reactions = z.output<typeof reactionsSchema>;
