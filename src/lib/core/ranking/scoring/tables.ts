import type { Claim, Facet, Fit, Prefers } from '../../claims/claim';
import { cellOf } from '../space/factors';
import { fitOf, type Part, type Space } from '../space/part';
import type { FitTable, Opinion } from './opinion';
import type { Needs, RelationRule } from './relations';

/** Index of the variable that carries a facet in a space, or -1. */
function carrier(space: Space, facet: Facet): number {
	return space.variables.findIndex((variable) => variable.parts.some((part) => part.features[facet] !== undefined));
}

interface Term {
	readonly variable: number;
	/** What of it suits, part by part. */
	readonly shares: readonly number[];
}

interface Terms {
	readonly terms: readonly Term[];
	/** Product of the shares that are the same for every part of the space, a layout's for one. */
	readonly constant: number;
}

function termsOf(space: Space, prefers: Prefers | undefined): Terms | null {
	const terms: Term[] = [];
	let constant = 1;
	for (const [facet, fit] of Object.entries(prefers ?? {}) as [Facet, Fit][]) {
		if (facet === 'family') continue;
		const variable = carrier(space, facet);
		if (variable < 0) return null;
		const shares = space.variables[variable]!.parts.map(({ features }) => fitOf(features[facet], fit));
		if (shares.every((share) => share === shares[0])) constant *= shares[0]!;
		else terms.push({ variable, shares });
	}
	return { terms, constant };
}

/** Index of an opinion among those already heard, the new one added when it is among none. */
function indexOfOpinion(opinions: Opinion[], { given, fit }: Opinion): number {
	for (let at = 0; at < opinions.length; at++) {
		if (opinions[at]!.given === given && opinions[at]!.fit === fit) return at;
	}
	return opinions.push({ given, fit }) - 1;
}

/** A table over at most two variables; `opinionOf` gets the places of their parts, 0 for a variable that is not there. */
function spread(
	space: Space,
	variables: readonly number[],
	either: boolean,
	opinionOf: (first: number, second: number) => Opinion
): FitTable {
	const [first = 1, second = 1] = variables.map((at) => space.variables[at]!.parts.length);
	const cells = new Uint16Array(first * second);
	const opinions: Opinion[] = [];
	let cell = 0;
	for (let a = 0; a < first; a++) {
		for (let b = 0; b < second; b++) cells[cell++] = indexOfOpinion(opinions, opinionOf(a, b));
	}
	return { variables, key: variables.join(), either, opinions, cells };
}

/** Stands in for a variable that a table is not over. */
const NO_PARTS: readonly Part[] = [{ patch: {}, features: {}, plain: 0 }];

function termTable(space: Space, claim: Claim, share: number): FitTable | null {
	const given = termsOf(space, claim.given ?? claim.orGiven);
	const wanted = termsOf(space, claim.prefers);
	if (!given || !wanted) return null;
	const variables = [...new Set([...given.terms, ...wanted.terms].map((term) => term.variable))].sort((a, b) => a - b);
	if (variables.length > 2) throw new RangeError(`A claim may touch two variables, saw ${variables.length}.`);
	const times = ({ terms, constant }: Terms, first: number, second: number): number =>
		terms.reduce(
			(total, { variable, shares }) => total * shares[variable === variables[0] ? first : second]!,
			constant
		);
	return spread(space, variables, claim.orGiven !== undefined, (first, second) => ({
		given: times(given, first, second),
		fit: share * times(wanted, first, second)
	}));
}

/**
 * What a claim that states its preference says about a space; `null` when it is not about that family or names
 * nothing it has. A preference for nothing but a family touches no variable and gives one cell.
 */
export function fitTable(space: Space, claim: Claim): FitTable | null {
	if (claim.scope && !claim.scope.includes(space.family)) return null;
	const share = claim.prefers?.family ? (claim.prefers.family[space.family] ?? 0) : 1;
	return share === 0 ? null : termTable(space, claim, share);
}

/** What a computed preference says about a space; `null` when the space has not the parts that it compares. */
export function relationTable(space: Space, claim: Claim, rule: RelationRule, needs: Needs): FitTable | null {
	if (claim.scope && !claim.scope.includes(space.family)) return null;
	const share = claim.prefers?.family ? (claim.prefers.family[space.family] ?? 0) : 1;
	if (share === 0) return null;
	const written = rule.write?.(needs, space);
	if (written) return written;
	const ids = rule.variables.map((id) => space.variables.findIndex((variable) => variable.id === id));
	if (ids.includes(-1)) return null;
	const swapped = ids.length === 2 && ids[0]! > ids[1]!;
	const [first, second = NO_PARTS] = ids.map((at) => space.variables[at]!.parts) as [
		readonly Part[],
		(readonly Part[])?
	];
	const suits = rule.suits(needs, space);
	return spread(space, swapped ? [ids[1]!, ids[0]!] : ids, false, (a, b) =>
		swapped ? suits(first[b]!, second[a]!) : suits(first[a]!, second[b]!)
	);
}

/** The best fit that a claim could find in a table. */
export const bestFit = ({ opinions }: FitTable): number =>
	opinions.reduce((best, { fit }) => Math.max(best, fit), -Infinity);

/** What a table says of a whole assignment. */
export function opinionAt(table: FitTable, sizes: readonly number[], assignment: ArrayLike<number>): Opinion {
	return table.opinions[table.cells[cellOf(table.variables, sizes, assignment)]!]!;
}

/**
 * RigDrag to `sums` what a claim brings to the comparison, opinion by opinion.
 *
 * @param worth What each opinion of the table is worth.
 */
export function addContribution(sums: Float64Array, { cells }: FitTable, worth: readonly number[]): void {
	for (let cell = 0; cell < cells.length; cell++) sums[cell]! += worth[cells[cell]!]!;
}
