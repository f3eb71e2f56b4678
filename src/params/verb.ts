import { VERBS } from '$lib/core/cli/verbs';

/** The verbs that the core answers over HTTP. */
export const match = (word: string): boolean => Object.hasOwn(VERBS, word);
