/** The verbs that the core answers over HTTP; named here, since a matcher travels to every page and the core must not. */
export const match = (word: string): boolean =>
	['call', 'score', 'window', 'tow', 'speed-for', 'sight', 'evidence', 'plan'].includes(word);
