import { z } from 'zod';
import { houseRulesSchema } from './house';
import { readingSchema } from './reading';
import { lockSchema, rigSchema } from './rig';
import { calledWindowSchema } from './window';

/** Most calls that one answer may hold. */
export const TOP_MAX = 8;

/** What `call` takes: a reading, the angler's sides in the splits, and what is fixed. */
export const callInputSchema = z.strictObject({
	reading: readingSchema,
	stances: z.record(z.string(), z.string()).optional(),
	locks: lockSchema.optional(),
	/** Rules of the angler's own, weighed like the claims of the base. */
	houseRules: houseRulesSchema.optional(),
	tray: z.array(z.unknown()).optional(),
	top: z.number().int().min(1).max(TOP_MAX).optional()
});

const reasonSchema = z.object({
	claim: z.string(),
	points: z.number(),
	possible: z.number(),
	counts: z.number(),
	strength: z.number(),
	split: z.string().nullable(),
	text: z.string()
});

const adviceSchema = z.object({
	claim: z.string(),
	kind: z.enum(['plan', 'advice', 'caution']),
	topic: z.enum(['position', 'cast', 'retrieve', 'hookset', 'advice', 'caution']),
	strength: z.number(),
	split: z.string().nullable(),
	text: z.string()
});

/** What `call` answers. Output schemas tell the shape and refuse nothing extra. */
export const callAnswerSchema = z.object({
	verdict: z.object({
		blades: z.enum(['good', 'fair', 'poor']),
		points: z.number(),
		reasons: z.array(z.string()),
		insteadTry: z.array(z.string())
	}),
	calls: z.array(
		z.object({
			rig: rigSchema,
			score: z.number(),
			reasons: z.array(reasonSchema),
			window: calledWindowSchema.nullable()
		})
	),
	/** Rigs that read better than what is called but cannot run on this water, and what they lack. */
	barred: z.array(z.object({ rig: rigSchema, score: z.number(), because: z.string() })).default([]),
	plan: z.array(adviceSchema),
	exact: z.boolean(),
	candidates: z.number(),
	/** Work done: nodes looked at, and what was cut off by what. */
	search: z
		.object({ nodes: z.number(), bound: z.number(), gate: z.number(), lock: z.number(), limit: z.number() })
		.default({ nodes: 0, bound: 0, gate: 0, lock: 0, limit: 0 }),
	claimBase: z.number()
});

export type CallInput = z.output<typeof callInputSchema>;
export type CallAnswer = z.output<typeof callAnswerSchema>;
export type CalledRig = CallAnswer['calls'][number];
export type Reason = z.output<typeof reasonSchema>;
export type Advice = z.output<typeof adviceSchema>;
