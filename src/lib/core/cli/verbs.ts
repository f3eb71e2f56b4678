import * as z from 'zod/mini';
import { answerCall } from '../ranking/answer/call';
import { answerScore } from '../ranking/answer/score';
import { buildSchema, ownPartSchema } from '../foundation/schema/build';
import { callAnswerSchema, callInputSchema } from '../foundation/schema/call';
import { answerWindow } from '../simulation/physics/window';
import { InputFailure } from '../foundation/schema/failure';
import { readingSchema } from '../foundation/schema/reading';
import { KINDS } from '../records/kinds';
import { rigFileSchema } from '../records/rigFile';
import { transferSchema } from '../records/transfer';
import { rigSchema } from '../foundation/schema/rig';
import { scoreAnswerSchema, scoreInputSchema } from '../foundation/schema/score';
import { speedForInputSchema, speedForSchema, towInputSchema, towSchema } from '../foundation/schema/tow';
import { windowInputSchema, windowSchema } from '../foundation/schema/window';
import { answerPlan } from '../trips/plan/plan';
import { answerGap, answerRestock } from '../trips/restock/restock';
import { gapInputSchema, gapSchema, restockInputSchema, restockSchema } from '../foundation/schema/restock';
import { reactionsInputSchema, reactionsSchema } from '../foundation/schema/reactions';
import { answerReactions } from '../trips/reactions/reactions';
import { planInputSchema, planSchema } from '../foundation/schema/plan';
import { answerEvidence } from '../trips/evidence/evidence';
import { evidenceInputSchema, evidenceSchema } from '../foundation/schema/evidence';
import { answerSight } from '../simulation/sight/sight';
import { sightInputSchema, sightSchema } from '../foundation/schema/sight';
import { answerSpeedFor } from '../simulation/cast/speedFor';
import { answerTow } from '../simulation/cast/tow';
import type { Verb } from './verbNames';

/** The answer to each verb. */
export const VERBS = {
	call: answerCall,
	score: answerScore,
	window: answerWindow,
	tow: answerTow,
	'speed-for': answerSpeedFor,
	sight: answerSight,
	evidence: answerEvidence,
	plan: answerPlan,
	restock: (input: unknown) => answerRestock(input),
	gap: answerGap,
	reactions: answerReactions
} as const satisfies Readonly<Record<Verb, (input: unknown) => unknown>>;

/** Schemas that can be printed. */
export const SCHEMAS: Readonly<Record<string, z.ZodMiniType>> = {
	reading: readingSchema,
	rig: rigSchema,
	call: callInputSchema,
	'call-answer': callAnswerSchema,
	score: scoreInputSchema,
	'score-answer': scoreAnswerSchema,
	window: windowInputSchema,
	'window-answer': windowSchema,
	tow: towInputSchema,
	'tow-answer': towSchema,
	'speed-for': speedForInputSchema,
	'speed-for-answer': speedForSchema,
	sight: sightInputSchema,
	'sight-answer': sightSchema,
	evidence: evidenceInputSchema,
	'evidence-answer': evidenceSchema,
	plan: planInputSchema,
	'plan-answer': planSchema,
	restock: restockInputSchema,
	'restock-answer': restockSchema,
	gap: gapInputSchema,
	'gap-answer': gapSchema,
	reactions: reactionsInputSchema,
	'reactions-answer': reactionsSchema,
	build: buildSchema,
	'own-part': ownPartSchema,
	'rig-file': rigFileSchema,
	records: transferSchema,
	...Object.fromEntries(Object.values(KINDS).map(({ name, schema }) => [`record-${name}`, schema]))
};

/** Most items in one batch. */
export const BATCH_MAX = 200;

/**
 * The items of a batch; `null` for a single input.
 *
 * @throws {InputFailure} `batch-too-large`.
 */
export function batchOf(input: unknown): readonly unknown[] | null {
	if (!Array.isArray(input)) return null;
	if (input.length <= BATCH_MAX) return input;
	const message = `A batch can have at most ${BATCH_MAX} items; this one has ${input.length}.`;
	throw new InputFailure({ code: 'batch-too-large', path: '', message });
}

/**
 * Answers one input, or each of an array of inputs.
 *
 * @throws {InputFailure} For the first bad item, its index first in the path; then nothing is answered.
 */
export function answer(verb: Verb, input: unknown): unknown {
	const batch = batchOf(input);
	if (!batch) return VERBS[verb](input);
	return batch.map((item, index) => {
		try {
			return VERBS[verb](item);
		} catch (error) {
			throw error instanceof InputFailure ? error.under(index) : error;
		}
	});
}

/** JSON Schema of a named shape, as it is accepted. */
export function jsonSchema(name: string): unknown {
	if (!Object.hasOwn(SCHEMAS, name)) {
		const message = `Schemas: ${Object.keys(SCHEMAS).join(', ')}; saw ${name}.`;
		throw new InputFailure({ code: 'unknown-schema', path: '', message });
	}
	return z.toJSONSchema(SCHEMAS[name]!, { io: 'input', unrepresentable: 'any' });
}

/** The verb of a word. */
export function verbOf(word: string): Verb {
	if (Object.hasOwn(VERBS, word)) return word as Verb;
	const message = `Verbs: ${Object.keys(VERBS).join(', ')}, schema; saw ${word}.`;
	throw new InputFailure({ code: 'unknown-verb', path: '', message });
}
