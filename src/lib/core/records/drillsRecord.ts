import * as z from 'zod/mini';
import { DECISIONS } from '../trips/drills/decisionNames';
import { schemaVersion } from './schemas';
import { SCHEMA_VERSION } from './version';

/** Most rules that are kept to come back, and most answers that are remembered. */
export const CARDS_MAX = 400;
export const ANSWERS_MAX = 1000;

/** How sure a learner can say to be, as a share. */
export const SURE = [0.4, 0.65, 0.9] as const;

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

/** Nothing learned yet. */
export const NO_DRILLS: DrillsRecord = { schemaVersion: SCHEMA_VERSION, cards: [], answers: [] };

const keyOf = ({ at, decision }: DrillAnswer): string => `${at} ${decision}`;

/** What was learned on two devices, put together: each answer once, and of each rule the later review. */
export function mergedDrills(mine: DrillsRecord, theirs: DrillsRecord): DrillsRecord {
	const answers = new Map([...theirs.answers, ...mine.answers].map((answer) => [keyOf(answer), answer]));
	const cards = new Map<string, DrillCard>();
	for (const card of [...theirs.cards, ...mine.cards]) {
		const known = cards.get(card.claim);
		if (!known || known.lastReview <= card.lastReview) cards.set(card.claim, card);
	}
	return {
		...mine,
		cards: [...cards.values()].slice(0, CARDS_MAX),
		answers: [...answers.values()].sort((a, b) => a.at.localeCompare(b.at)).slice(-ANSWERS_MAX)
	};
}
