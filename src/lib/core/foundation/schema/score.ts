import * as z from 'zod/mini';
import { HOUSE_RULES_MAX } from './limits';
import { reasonSchema } from './call';
import { movesSchema } from './call';
import { readingSchema } from './reading';
import { lockSchema, rigSchema } from './rig';

/** Most changes that are told. */
export const BETTER_MAX = 5;

/** What `score` takes: any rig on a reading, and where the angler stands. */
export const scoreInputSchema = z.strictObject({
	reading: readingSchema,
	rig: rigSchema,
	stances: z.optional(z.record(z.string(), z.string())),
	houseRules: z.optional(z.array(z.unknown()).check(z.maxLength(HOUSE_RULES_MAX))),
	record: z.optional(movesSchema),
	sight: z.optional(z.boolean())
});

/** What `score` answers. */
export const scoreAnswerSchema = z.object({
	/** The very sum that `call` gives the same rig. */
	score: z.number(),
	/** Points behind the best call, 0 for it; below 0 only for a rig that reads better than it runs; `null` without a call. */
	behind: z.nullable(z.number()),
	reasons: z.array(reasonSchema),
	/** Why it is not called at all; `null` when it could be. */
	barred: z.nullable(z.string()),
	/** Fields that are judged as the nearest part of the catalog, by their path. */
	nearest: z.array(z.string()),
	/** The single changes that gain most, the best first. */
	better: z.array(z.object({ change: lockSchema, points: z.number() })),
	/** Positions and rules that are none, set aside, and why. */
	ignored: z._default(z.array(z.object({ path: z.string(), why: z.string() })), [])
});

export type ScoreInput = z.output<typeof scoreInputSchema>;
export type ScoreAnswer = z.output<typeof scoreAnswerSchema>;
