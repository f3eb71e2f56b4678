import { z } from 'zod';
import { FACETS } from './claim';
import { WORDS, type Word } from '../reading/conditions';
import { HOUSE_RULES_MAX } from '../schema/call';
import { FAMILIES } from '../schema/words';

/** Most facets of a rig that one rule may prefer: the craft's own limit. */
const FACETS_MAX = 2;

const words = Object.keys(WORDS) as [Word, ...Word[]];

const prefers = z
	.partialRecord(z.enum(FACETS), z.record(z.string().min(1).max(40), z.number().min(-1).max(1)))
	.refine((facets) => Object.keys(facets).length >= 1, 'Say what the rule prefers.')
	.refine(
		(facets) => Object.keys(facets).filter((facet) => facet !== 'family').length <= FACETS_MAX,
		'A rule prefers at most two facets.'
	);

/** A rule of the angler's own, in the same form as a claim of the base. */
export const houseRuleSchema = z.strictObject({
	id: z.string().regex(/^MY-\d{2}$/, 'An id is written like MY-01.'),
	strength: z.union([z.literal(1), z.literal(2), z.literal(3)]),
	/** Families it is about; all when absent. */
	scope: z.array(z.enum(FAMILIES)).min(1).optional(),
	/** Words of the reading: all must hold, or any of them. */
	when: z.strictObject({ join: z.enum(['all', 'any']), words: z.array(z.enum(words)).min(1).max(6) }),
	prefers,
	because: z.string().trim().min(1, 'Say why.').max(200)
});

export const houseRulesSchema = z
	.array(houseRuleSchema)
	.max(HOUSE_RULES_MAX)
	.refine((rules) => new Set(rules.map(({ id }) => id)).size === rules.length, 'Two rules share an id.');

export type HouseRule = z.output<typeof houseRuleSchema>;
