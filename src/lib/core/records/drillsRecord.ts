import * as z from 'zod/mini';
import { DECISIONS } from '../trips/drills/decisionNames';
import { schemaVersion } from './schemas';
import { ANSWERS_MAX, CARDS_MAX } from './drillsLimits';

const utc = z.iso.datetime();
const figure = z.number().check(z.minimum(0));

/** A rule that was missed, and when it comes back: the scheduler's own state. */
const cardSchema = z.strictObject({
	claim: z.string().check(z.maxLength(40)),
	decision: z.enum(DECISIONS),
	due: utc,
	lastReview: utc,
	stability: figure,
	difficulty: figure,
	elapsedDays: figure,
	scheduledDays: figure,
	learningSteps: figure,
	reps: figure,
	lapses: figure,
	state: z.int().check(z.minimum(0), z.maximum(3))
});
export type DrillCard = z.output<typeof cardSchema>;

const answerSchema = z.strictObject({
	at: utc,
	decision: z.enum(DECISIONS),
	sure: z.number().check(z.minimum(0), z.maximum(1)),
	/** Points that it gave up. */
	gaveUp: figure
});
export type DrillAnswer = z.output<typeof answerSchema>;

/** What an angler learned from drills. */
export const drillsRecordSchema = z.strictObject({
	schemaVersion,
	cards: z.array(cardSchema).check(z.maxLength(CARDS_MAX)),
	answers: z.array(answerSchema).check(z.maxLength(ANSWERS_MAX))
});
export type DrillsRecord = z.output<typeof drillsRecordSchema>;
