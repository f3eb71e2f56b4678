import type { Claim, Facet, Fit, Prefers } from '../claims/claim';
import type { Reading } from '../reading/complete';
import { fitOf, type Part, type Space } from './part';
import { RELATIONS, type RelationRule } from './relations';
import { SPACES } from './spaces';

/**
 * What a claim says about every value of the one or two variables it touches in a space: how far it is about them
 * (`given`) and how well they suit (`fit`), row-major.
 */
export interface FitTable {
	readonly variables: readonly number[];
	/** Whether `given` makes the claim speak as well ("or"), rather than only there ("and"). */
	readonly either: boolean;
	readonly given: Float64Array;
	readonly fit: Float64Array;
}

/** Points are kept in thousandths, so that sums are exact and a tie is a tie. */
export const MILLI = 1000;

/** Index of the variable that carries a facet in a space, or -1. */
function carrier(space: Space, facet: Facet): number {
	return space.variables.findIndex((variable) => variable.parts.some((part) => part.features[facet] !== undefined));
}

interface Term {
	readonly variable: number;
	readonly share: (part: Part) => number;
}

function terms(space: Space, prefers: Prefers | undefined): Term[] | null {
	const found: Term[] = [];
	for (const [facet, fit] of Object.entries(prefers ?? {}) as [Facet, Fit][]) {
		if (facet === 'family') continue;
		const variable = carrier(space, facet);
		if (variable < 0) return null;
		found.push({ variable, share: (part) => fitOf(part.features[facet], fit) });
	}
	return found;
}

function spread(
	space: Space,
	variables: readonly number[],
	value: (parts: readonly Part[]) => readonly [number, number]
): FitTable {
	const [first, second] = variables.map((at) => space.variables[at]!.parts) as (readonly Part[])[];
	const rows = !first ? [[]] : second ? first.flatMap((a) => second.map((b) => [a, b])) : first.map((a) => [a]);
	const given = new Float64Array(rows.length);
	const fit = new Float64Array(rows.length);
	rows.forEach((parts, at) => {
		[given[at], fit[at]] = value(parts) as [number, number];
	});
	return { variables, either: false, given, fit };
}

function termTable(space: Space, given: Term[], wanted: Term[], share: number): FitTable {
	const variables = [...new Set([...given, ...wanted].map((term) => term.variable))].sort((a, b) => a - b);
	if (variables.length > 2) throw new RangeError(`A claim may touch two variables, saw ${variables.length}.`);
	const times = (list: Term[], parts: readonly Part[]): number =>
		list.reduce((share, term) => share * term.share(parts[variables.indexOf(term.variable)]!), 1);
	return spread(space, variables, (parts) => [times(given, parts), share * times(wanted, parts)]);
}

function relationTable(space: Space, rule: RelationRule, reading: Reading): FitTable | null {
	const ids = rule.variables.map((id) => space.variables.findIndex((variable) => variable.id === id));
	if (ids.includes(-1)) return null;
	const swapped = ids.length === 2 && ids[0]! > ids[1]!;
	return spread(space, swapped ? [ids[1]!, ids[0]!] : ids, (parts) => {
		const [a, b] = swapped ? [parts[1]!, parts[0]!] : [parts[0]!, parts[1]!];
		const suits = rule.suits(reading, space.family, a, b);
		return [suits.given, suits.fit];
	});
}

/**
 * What a scoring claim says about a space; `null` when it is not about that family or names nothing it has.
 * A preference for nothing but a family touches no variable and gives one cell.
 *
 * @param reading Needed only by relations that read the water.
 */
export function fitTable(space: Space, claim: Claim, reading: Reading): FitTable | null {
	if (claim.scope && !claim.scope.includes(space.family)) return null;
	if (claim.relation) return relationTable(space, RELATIONS[claim.relation], reading);
	const share = claim.prefers?.family ? (claim.prefers.family[space.family] ?? 0) : 1;
	if (share === 0) return null;
	const given = terms(space, claim.given ?? claim.orGiven);
	const wanted = terms(space, claim.prefers);
	if (!given || !wanted) return null;
	return { ...termTable(space, given, wanted, share), either: claim.orGiven !== undefined };
}

/** Whether two spaces ask a relation about the very same parts, so that one table serves both. */
function sameParts(rule: RelationRule, a: Space, b: Space): boolean {
	const parts = (space: Space, id: string) => space.variables.find((variable) => variable.id === id)?.parts;
	return a.family === b.family && rule.variables.every((id) => parts(a, id) === parts(b, id));
}

/** What a claim says about every space that it is about; spaces with the same parts share a relation's table. */
export function fitTables(claim: Claim, reading: Reading): (readonly [Space, FitTable])[] {
	const rule = claim.relation ? RELATIONS[claim.relation] : null;
	const found: (readonly [Space, FitTable])[] = [];
	for (const space of SPACES) {
		const twin = rule && found.find(([other]) => sameParts(rule, other, space));
		const table = twin ? twin[1] : fitTable(space, claim, reading);
		if (table) found.push([space, table]);
	}
	return found;
}

/** The best fit that a claim could find in a table. */
export const bestFit = (table: FitTable): number => table.fit.reduce((best, fit) => Math.max(best, fit), -1);

/** How loudly a claim speaks on a reading: its strength and how far the reading calls for it. */
export interface Loudness {
	readonly strength: number;
	readonly share: number;
}

/** Points in thousandths that a claim gives at a cell, and the most it could have given there. */
export function pointsAt(
	table: FitTable,
	cell: number,
	{ strength, share }: Loudness,
	most: number
): { earned: number; possible: number } {
	const given = table.given[cell]!;
	const scale = MILLI * strength * (table.either ? Math.max(share, given) : share * given);
	return { earned: Math.round(scale * table.fit[cell]!), possible: Math.round(scale * most) };
}

/** Index of an assignment's cell in a table. */
export function cellOf(variables: readonly number[], sizes: readonly number[], assignment: readonly number[]): number {
	return variables.reduce((cell, variable) => cell * sizes[variable]! + assignment[variable]!, 0);
}

/**
 * Adds to `sums` what a claim brings to the comparison: what it gives less the most it could have given, or for a
 * family's claim what it gives, in thousandths times `scale`.
 */
export function addContribution(
	sums: Float64Array,
	table: FitTable,
	loudness: Loudness,
	most: number,
	asIs: boolean,
	scale: number
): void {
	for (let cell = 0; cell < sums.length; cell++) {
		const { earned, possible } = pointsAt(table, cell, loudness, most);
		sums[cell]! += scale * (asIs ? earned : earned - possible);
	}
}
