import { z } from 'zod';
import { reasonSchema } from './call';
import { HOUSE_RULES_MAX } from './call';
import { readingSchema } from './reading';
import { lockSchema, rigSchema } from './rig';

/** Most changes that are told. */
export const BETTER_MAX = 5;

/** What `score` takes: any rig on a reading, and where the angler stands. */
export const scoreInputSchema = z.strictObject({
	reading: readingSchema,
	rig: rigSchema,
	stances: z.record(z.string(), z.string()).optional(),
	houseRules: z.array(z.unknown()).max(HOUSE_RULES_MAX).optional()
});

/** What `score` answers. */
export const scoreAnswerSchema = z.object({
	/** The very sum that `call` gives the same rig. */
	score: z.number(),
	/** Points behind the best call, 0 for it; below 0 only for a rig that reads better than it runs; `null` without a call. */
	behind: z.number().nullable(),
	reasons: z.array(reasonSchema),
	/** Why it is not called at all; `null` when it could be. */
	barred: z.string().nullable(),
	/** Fields that are judged as the nearest part of the catalogue, by their path. */
	nearest: z.array(z.string()),
	/** The single changes that gain most, the best first. */
	better: z.array(z.object({ change: lockSchema, points: z.number() })),
	/** Stances and rules that are none, set aside, and why. */
	ignored: z.array(z.object({ path: z.string(), why: z.string() })).default([])
});

export type ScoreInput = z.output<typeof scoreInputSchema>;
export type ScoreAnswer = z.output<typeof scoreAnswerSchema>;
