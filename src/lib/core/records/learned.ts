import type { DrillAnswer, DrillCard, DrillsRecord } from './drillsRecord';
import { ANSWERS_MAX, CARDS_MAX } from './drillsLimits';
import { SCHEMA_VERSION } from './version';

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
