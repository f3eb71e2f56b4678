import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FACETS } from '$lib/core/claims/claim';
import { houseRuleSchema, type HouseRule } from '$lib/core/claims/house';
import { FAMILIES } from '$lib/core/foundation/schema/words';
import { blankDraft, CONDITIONS, drafted, draftOf, FITS, isWritable, sentenceOf } from './ruleDraft';

const words = CONDITIONS.map(([word]) => word);
const draft = fc.record({
	id: fc.constant('MY-07'),
	first: fc.constantFrom(...words),
	join: fc.constantFrom('all' as const, 'any' as const),
	second: fc.constantFrom('' as const, ...words),
	family: fc.constantFrom('' as const, ...FAMILIES),
	wishes: fc
		.uniqueArray(fc.constantFrom(...FACETS.filter((facet) => facet !== 'family')), { minLength: 2, maxLength: 2 })
		.chain((facets) =>
			fc
				.tuple(fc.constantFrom(...FITS), fc.constantFrom(...FITS))
				.map((fits) => facets.map((facet, at) => ({ facet, value: 'some', fit: fits[at]![0] })))
		),
	because: fc.constant('So it was.'),
	strength: fc.constantFrom(1 as const, 2 as const, 3 as const)
});

const RULE: HouseRule = {
	id: 'MY-01',
	strength: 2,
	scope: ['spinnerbait'],
	when: { join: 'all', words: ['cold', 'mud'] },
	prefers: { 'blade.style': { colorado: 1 }, colour: { purple: -1 } },
	because: 'It thumps.'
};

describe('a rule as a sentence', () => {
	it('is the same rule after it was laid back in the gaps', () =>
		fc.assert(
			fc.property(draft, (given) => {
				const rule = houseRuleSchema.parse(drafted(given, given.id));
				expect(isWritable(rule)).toBe(true);
				expect(houseRuleSchema.parse(drafted(draftOf(rule), rule.id))).toEqual(rule);
			})
		));

	it('reads as it is said', () => {
		expect(sentenceOf(RULE)).toBe(
			'When cold and mud, a spinnerbait should have blade style colorado and should not have color purple.'
		);
		const always = { ...RULE, scope: undefined, when: { join: 'all' as const, words: ['always' as const] } };
		expect(sentenceOf({ ...always, prefers: { family: { buzzbait: 0.5 } } })).toBe(
			'Always, every lure rather should be a buzzbait.'
		);
	});

	it('leaves what a sentence has no gap for alone', () => {
		expect(isWritable({ ...RULE, prefers: { colour: { white: 0.25 } } })).toBe(false);
		expect(isWritable({ ...RULE, when: { join: 'any', words: ['cold', 'mud', 'night'] } })).toBe(false);
	});

	it('says nothing yet where nothing was chosen', () => {
		expect(houseRuleSchema.safeParse(drafted(blankDraft(), 'MY-01')).error?.issues[0]!.path[0]).toBe('prefers');
	});
});
