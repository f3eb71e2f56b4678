import { keysOf } from '$lib/core/foundation/basics/typed';
import { FACETS, type Facet } from '$lib/core/claims/claim';
import type { HouseRule } from '$lib/core/claims/house';
import { spoken } from '$lib/core/foundation/labels/spoken';
import { WORDS, type Word } from '$lib/core/water/reading/conditions';
import type { Family } from '$lib/core/foundation/schema/words';

/** One thing that a rule wants; `fit` is 1 for it, .5 rather, -1 against. */
export interface Wish {
	readonly facet: Facet | '';
	readonly value: string;
	readonly fit: number;
}

/** A rule as it is being written: every gap of the sentence, filled or not. */
export interface RuleDraft {
	/** The rule that is being changed; empty for a new one. */
	id: string;
	first: Word;
	join: 'all' | 'any';
	second: Word | '';
	family: Family | '';
	wishes: Wish[];
	because: string;
	strength: 1 | 2 | 3;
}

export const STRENGTHS = [
	[3, 'decides'],
	[2, 'is a habit'],
	[1, 'is a nudge']
] as const;

export const FITS = [
	[1, 'should'],
	[0.5, 'rather should'],
	[-1, 'should not']
] as const;

const noWish = (): Wish => ({ facet: '', value: '', fit: 1 });

export const blankDraft = (): RuleDraft => ({
	id: '',
	first: 'always',
	join: 'all',
	second: '',
	family: '',
	wishes: [noWish(), noWish()],
	because: '',
	strength: 2
});

/** Conditions with what the sentence says for them, in the order of the alphabet, "always" first. */
export const CONDITIONS: readonly (readonly [Word, string])[] = keysOf(WORDS)
	.map((word) => [word, word === 'always' ? 'always' : spoken(word)] as const)
	.toSorted(
		([a, left], [b, right]) => Number(b === 'always') - Number(a === 'always') || left.localeCompare(right, 'en')
	);

/** What the sentence calls a facet: its code's own words, said in the order of speech. */
export const facetText = (facet: Facet): string =>
	({ screwIn: 'screw-in blade', trailerHook: 'trailer hook', pace: 'pace in m/s', layout: 'blade layout' })[
		facet as string
	] ?? spoken(facet.replace('.', ' '));

export const FACET_OPTIONS = FACETS.map((facet) => [facet, facetText(facet)] as const);

/** The draft in the form of a rule, checked by nobody yet. */
export function drafted(draft: RuleDraft, id: string): unknown {
	const prefers: Record<string, Record<string, number>> = {};
	for (const { facet, value, fit } of draft.wishes) if (facet) prefers[facet] = { ...prefers[facet], [value]: fit };
	return {
		id,
		strength: draft.strength,
		...(draft.family ? { scope: [draft.family] } : {}),
		when: { join: draft.join, words: [draft.first, draft.second].filter(Boolean) },
		prefers,
		because: draft.because
	};
}

/** Whether the sentence has a gap for everything that the rule says: a rule from a file can say more. */
export function isWritable({ scope, when, prefers }: HouseRule): boolean {
	const wishes = Object.values(prefers).flatMap((fits) => Object.values(fits));
	const known = wishes.every((fit) => FITS.some(([value]) => value === fit));
	return (scope?.length ?? 0) <= 1 && when.words.length <= 2 && wishes.length <= 2 && known;
}

/** A rule back in the gaps of its sentence, to be changed. */
export function draftOf({ id, strength, scope, when, prefers, because }: HouseRule): RuleDraft {
	const wishes = Object.entries(prefers).flatMap(([facet, fits]) =>
		Object.entries(fits).map(([value, fit]): Wish => ({ facet: facet as Facet, value, fit }))
	);
	return {
		id,
		first: when.words[0]!,
		join: when.join,
		second: when.words[1] ?? '',
		family: scope?.[0] ?? '',
		wishes: [...wishes, noWish(), noWish()].slice(0, 2),
		because,
		strength
	};
}

/** A rule as a sentence: "When cold and mud, every lure should have blade style colorado." */
export function sentenceOf({ scope, when, prefers }: HouseRule): string {
	const conditions = when.words.map((word) => spoken(word)).join(when.join === 'all' ? ' and ' : ' or ');
	const whose = scope ? scope.map((family) => `a ${spoken(family)}`).join(' or ') : 'every lure';
	const wishes = Object.entries(prefers).flatMap(([facet, fits]) =>
		Object.entries(fits).map(([value, fit]) => {
			const how = fit < 0 ? 'should not' : fit <= 0.5 ? 'rather should' : 'should';
			const thing = facet === 'family' ? `be a ${spoken(value)}` : `have ${facetText(facet as Facet)} ${spoken(value)}`;
			return `${how} ${thing}`;
		})
	);
	const opening = when.words.includes('always') ? 'Always' : `When ${conditions}`;
	return `${opening}, ${whose} ${wishes.join(' and ')}.`;
}
