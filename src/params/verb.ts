import { isOneOf } from '$lib/core/foundation/basics/typed';
import { VERB_NAMES } from '$lib/core/cli/verbNames';

/** The verbs that the core answers over HTTP. A matcher travels to every page: it takes the names, not the answers. */
export const match = (word: string): boolean => isOneOf(VERB_NAMES, word);
