import * as z from 'zod/mini';
import { FACETS } from './claim';
import { WORDS, type Word } from '../water/reading/conditions';
import { HOUSE_RULES_MAX } from '../foundation/schema/limits';
import { FAMILIES } from '../foundation/schema/words';

/** Most facets of a rig that one rule may prefer: the craft's own limit. */
const FACETS_MAX = 2;

const words = Object.keys(WORDS) as [Word, ...Word[]];

/** Words that an earlier edition spelled otherwise: rules that were saved then are read with today's. */
const EARLIER_WORDS: Readonly<Record<string, Word>> = {
	'beyond four metres': 'beyond four meters',
	'beyond five metres': 'beyond five meters',
	'beyond nine metres': 'beyond nine meters',
	'to four metres': 'to four meters',
	'four to nine metres': 'four to nine meters',
	'seen over a metre': 'seen over a meter'
};

const word = z.pipe(
	z.enum([...words, ...Object.keys(EARLIER_WORDS)]),
	z.transform((given) => EARLIER_WORDS[given] ?? (given as Word))
);

const prefers = z
	.partialRecord(
		z.enum(FACETS),
		z.record(z.string().check(z.minLength(1), z.maxLength(40)), z.number().check(z.minimum(-1), z.maximum(1)))
	)
	.check(
		z.refine((facets) => Object.keys(facets).length >= 1, 'Choose what the rule prefers.'),
		z.refine(
			(facets) => Object.keys(facets).filter((facet) => facet !== 'family').length <= FACETS_MAX,
			'A rule can prefer at most two things.'
		)
	);

/** A rule of the angler's own, in the same form as a claim of the base. */
export const houseRuleSchema = z.strictObject({
	id: z.string().check(z.regex(/^MY-\d{2}$/, 'Write an id like MY-01.')),
	strength: z.union([z.literal(1), z.literal(2), z.literal(3)]),
	/** Families it is about; all when absent. */
	scope: z.optional(z.array(z.enum(FAMILIES)).check(z.minLength(1))),
	/** Words of the reading: all must hold, or any of them. */
	when: z.strictObject({
		join: z.enum(['all', 'any']),
		words: z.array(word).check(z.minLength(1), z.maxLength(6))
	}),
	prefers,
	because: z.string().check(z.trim(), z.minLength(1, 'Enter a reason.'), z.maxLength(200))
});

export const houseRulesSchema = z.array(houseRuleSchema).check(
	z.maxLength(HOUSE_RULES_MAX),
	z.refine((rules) => new Set(rules.map(({ id }) => id)).size === rules.length, 'Two rules have the same id.')
);

export type HouseRule = z.output<typeof houseRuleSchema>;
