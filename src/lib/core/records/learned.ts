import type { DrillAnswer, DrillCard, DrillsRecord } from './drillsRecord';
import { SCHEMA_VERSION } from './version';

/** Most rules that are kept to come back, and most answers that are remembered. */
export const CARDS_MAX = 400;
export const ANSWERS_MAX = 1000;

/** How sure a learner can say to be, as a share. */
export const SURE = [0.4, 0.65, 0.9] as const;

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
