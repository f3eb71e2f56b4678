import { answerPageCall } from '../../core/ranking/answer/call';
import { VERBS } from '../../core/cli/verbs';

/** What a thread does: what the core can be asked, and the call of a page. */
export const TASKS = { ...VERBS, 'page-call': answerPageCall } as const;
export type TaskVerb = keyof typeof TASKS;
