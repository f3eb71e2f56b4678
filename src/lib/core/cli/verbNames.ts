/** What the core can be asked, by the same words on the command line and over HTTP. Apart from the answers, which are large. */
export const VERB_NAMES = [
	'call',
	'score',
	'window',
	'tow',
	'speed-for',
	'sight',
	'evidence',
	'plan',
	'restock',
	'gap',
	'reactions'
] as const;
export type Verb = (typeof VERB_NAMES)[number];
