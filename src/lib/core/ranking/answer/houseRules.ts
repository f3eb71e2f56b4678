import { keysOf } from '../../foundation/basics/typed';
import { FACETS, type Claim, type Facet } from '../../claims/claim';
import { InputFailure, type SetAside } from '../../foundation/schema/failure';
import { houseRuleSchema, type HouseRule } from '../../claims/house';
import { FAMILIES } from '../../foundation/schema/words';
import { Effort } from '../search/effort';
import { fitTable } from '../scoring/tables';
import { SPACES } from '../space/spaces';

/** A rule of the angler's own as a claim. */
export function claimOf({ id, strength, scope, when, prefers, because }: HouseRule): Claim {
	const condition = when.join === 'all' ? { all: when.words } : { any: when.words };
	return {
		id,
		kind: 'score',
		strength,
		...(scope ? { scope } : {}),
		when: condition,
		prefers,
		because,
		speaks: {},
		silent: null
	};
}

/** Words and ranges that a rule may prefer of each facet: what the catalog's parts are. */
export function facetValues(): Readonly<Record<Facet, readonly string[]>> {
	const found = new Map<Facet, Set<string>>(FACETS.map((facet) => [facet, new Set<string>()]));
	for (const { variables } of SPACES) {
		for (const part of variables.flatMap(({ parts }) => parts)) {
			for (const facet of keysOf(part.features)) {
				const { words, figure } = part.features[facet]!;
				for (const word of Object.keys(words)) found.get(facet)!.add(word);
				if (figure !== undefined && Object.keys(words).length === 0) found.get(facet)!.add(String(figure));
			}
		}
	}
	FAMILIES.forEach((family) => found.get('family')!.add(family));
	return Object.fromEntries([...found].map(([facet, values]) => [facet, [...values]])) as Record<Facet, string[]>;
}

function refuse(path: string, message: string): never {
	throw new InputFailure({ code: 'invalid-rule', path, message });
}

/**
 * Checks that a rule can tell some rigs from others.
 *
 * @param path Where the rule stands in the input.
 * @throws {InputFailure} When it touches too many parts, or names a value that no part has.
 */
export function checkHouseRule(rule: HouseRule, path: string): Claim {
	const claim = claimOf(rule);
	try {
		const tables = SPACES.flatMap((space) => fitTable(space, claim) ?? []);
		const fits = new Set(tables.flatMap(({ opinions }) => opinions.map(({ fit }) => fit)));
		const some = tables.length > 0 && tables.length < SPACES.length;
		if (fits.size < 2 && !some) refuse(`${path}.prefers`, 'No rig in the catalog has what this rule prefers.');
	} catch (error) {
		if (error instanceof RangeError) refuse(`${path}.prefers`, error.message);
		throw error;
	}
	return claim;
}

/** The rules of an input that can be weighed, as claims, and those that cannot, with why. */
export interface HouseClaims {
	readonly rules: readonly HouseRule[];
	readonly claims: readonly Claim[];
	readonly ignored: readonly SetAside[];
}

const TOO_MUCH = 'Together with your other rules it links too many parts to compare exactly.';

/** Checks each rule by itself: what is no rule, or tells no rigs apart, is set aside and named. */
export function houseClaims(given: readonly unknown[]): HouseClaims {
	const sound: HouseRule[] = [];
	const claims: Claim[] = [];
	const ignored: SetAside[] = [];
	const effort = new Effort();
	given.forEach((rule, at) => {
		const path = `houseRules.${at}`;
		const parsed = houseRuleSchema.safeParse(rule);
		if (!parsed.success) {
			const { path: under, message } = parsed.error.issues[0]!;
			ignored.push({ path: [path, ...under].join('.'), why: message });
			return;
		}
		if (claims.some(({ id }) => id === parsed.data.id)) {
			ignored.push({ path: `${path}.id`, why: `You already have a rule ${parsed.data.id}.` });
			return;
		}
		try {
			const claim = checkHouseRule(parsed.data, path);
			if (!effort.take(claim)) refuse(`${path}.prefers`, TOO_MUCH);
			claims.push(claim);
			sound.push(parsed.data);
		} catch (error) {
			if (!(error instanceof InputFailure)) throw error;
			ignored.push({ path: error.failure.path, why: error.failure.message });
		}
	});
	return { rules: sound, claims, ignored };
}
