import { answerPageCall } from '../../core/ranking/answer/call';
import { answerRestock } from '../../core/trips/restock/restock';
import { VERBS } from '../../core/cli/verbs';

/** Searches for a rig that a thread spends on one purchase: about 5 s, for others wait. The device takes its time. */
const PURCHASE = { searches: 300 } as const;

/** What a thread does: what the core can be asked, and the call of a page. */
export const TASKS = {
	...VERBS,
	restock: (input: unknown) => answerRestock(input, PURCHASE),
	'page-call': answerPageCall
} as const;
export type TaskVerb = keyof typeof TASKS;
