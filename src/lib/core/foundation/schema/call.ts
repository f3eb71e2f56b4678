import * as z from 'zod/mini';
import { readingSchema } from './reading';
import { lockSchema, rigSchema } from './rig';
import { HOUSE_RULES_MAX } from './limits';
import { traySchema } from './tray';
import { FAMILIES } from './words';
import { runSchema } from './run';
import { calledWindowSchema } from './window';

/** Most calls that one answer may hold. */
export const TOP_MAX = 8;

/** Factors of claims, by their ids. */
export const movesSchema = z.record(z.string().check(z.maxLength(12)), z.number().check(z.minimum(0), z.maximum(2)));
export type Moves = z.output<typeof movesSchema>;

/** What `call` takes: a reading, the angler's sides in the splits, and what is fixed. */
export const callInputSchema = z.strictObject({
	reading: readingSchema,
	stances: z.optional(z.record(z.string(), z.string())),
	locks: z.optional(lockSchema),
	/** Rules of the angler's own, weighed like the claims of the base; what is no rule is set aside and named. */
	houseRules: z.optional(z.array(z.unknown()).check(z.maxLength(HOUSE_RULES_MAX))),
	/** Parts owned, which bound the choice. */
	tray: z.optional(traySchema),
	/** By how much the angler's own record moves claims, by their ids: 1 leaves one as it is, 0 silences it. */
	record: z.optional(movesSchema),
	/** Whether the model of sight adds its two nudges on the skirt, SEE-01 and SEE-02. */
	sight: z.optional(z.boolean()),
	top: z.optional(z.int().check(z.minimum(1), z.maximum(TOP_MAX)))
});

export const reasonSchema = z.object({
	claim: z.string(),
	/** Where in the order of deciding it belongs. */
	tier: z._default(z.enum(['family', 'lure', 'finish', 'outfit']), 'lure'),
	points: z.number(),
	possible: z.number(),
	/** What it adds to the score. */
	counts: z.number(),
	strength: z.number(),
	split: z.nullable(z.string()),
	/** By how much the angler's own record moves it, where it does. */
	record: z.optional(z.number()),
	text: z.string()
});

const adviceSchema = z.object({
	claim: z.string(),
	kind: z.enum(['plan', 'advice', 'caution']),
	topic: z.enum(['position', 'cast', 'retrieve', 'hookset', 'advice', 'caution']),
	strength: z.number(),
	split: z.nullable(z.string()),
	text: z.string()
});

const familySchema = z.object({
	family: z.enum(FAMILIES),
	/** Family claims of its best rig, and the rest of that rig's score, never above 0. */
	points: z.number(),
	conflicts: z.number(),
	/** Place of its best rig among the calls; `null` when it is not among them. */
	best: z.nullable(z.int()),
	/** Why nothing of it can be called; `null` when something can. */
	barred: z.nullable(z.string()),
	reasons: z.array(reasonSchema)
});

/** A rig that is called, with what it earns and costs. */
export const calledRigSchema = z.object({
	rig: rigSchema,
	score: z.number(),
	reasons: z.array(reasonSchema),
	// A saved call may hold the window of an earlier model; it is measured anew when it is shown.
	window: z.catch(z.nullable(calledWindowSchema), null),
	run: z.catch(z.nullable(runSchema), null)
});

/** What `call` answers. Output schemas tell the shape and refuse nothing extra. */
export const callAnswerSchema = z.object({
	verdict: z.object({
		blades: z.enum(['good', 'fair', 'poor']),
		points: z.number(),
		reasons: z.array(z.string()),
		insteadTry: z.array(z.string())
	}),
	calls: z.array(calledRigSchema),
	/** All four families, best first, barred and locked-out ones last. */
	families: z._default(z.array(familySchema), []),
	/** Positions and rules that are none, set aside, and why. */
	ignored: z._default(z.array(z.object({ path: z.string(), why: z.string() })), []),
	plan: z.array(adviceSchema),
	exact: z.boolean(),
	candidates: z.number(),
	/** Work done: nodes looked at, and what was cut off by what. */
	search: z._default(
		z.object({ nodes: z.number(), bound: z.number(), gate: z.number(), lock: z.number(), limit: z.number() }),
		{ nodes: 0, bound: 0, gate: 0, lock: 0, limit: 0 }
	),
	claimBase: z.number()
});

export type CallInput = z.output<typeof callInputSchema>;
export type CallAnswer = z.output<typeof callAnswerSchema>;
export type CalledRig = CallAnswer['calls'][number];
export type Reason = z.output<typeof reasonSchema>;
export type FamilyAnswer = z.output<typeof familySchema>;
export type Advice = z.output<typeof adviceSchema>;
