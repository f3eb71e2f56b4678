import { CLAIM_BASE } from '../claims/claimBase';
import type { Claim } from '../claims/claim';
import { sideSpeaks, type Stances } from '../claims/splits';
import type { Reading } from '../reading/complete';
import { completeReading } from '../reading/complete';
import { holds } from '../reading/words';
import { PLAIN } from '../claims/examples';
import { FAMILIES } from '../schema/words';
import { readingSchema } from '../schema/reading';
import type { Space } from './part';
import { Windows } from './gates';
import { RELATIONS, type Needs, type RelationRule } from './relations';
import { SPACES } from './spaces';
import { bestFit, fitTable, relationTable, type FitTable } from './tables';

/** A claim that speaks on a reading, with how loudly: strength times how far it holds. */
export interface Speaking {
	readonly claim: Claim;
	/** From 0 to 1: how far the reading calls for it. */
	readonly share: number;
	/** Strength times share. */
	readonly weight: number;
}

/** What a speaking claim says about one space. */
export interface Judgement extends Speaking {
	readonly table: FitTable;
	/** The best fit it could find anywhere in the family. */
	readonly most: number;
	/** Claims that name a family are compared as they are. */
	readonly asIs: boolean;
}

function shares(claims: readonly Claim[], reading: Reading, stances: Stances): Map<string, number> {
	const found = new Map<string, number>();
	for (const claim of claims) {
		if (!sideSpeaks(claim.split, stances, reading)) continue;
		const share = holds(claim.when, reading);
		if (share > 0 || claim.orGiven) found.set(claim.id, share);
	}
	return found;
}

/** Claims that a louder one silences speak only as far as it does not. */
function silence(claims: readonly Claim[], found: Map<string, number>): void {
	for (const claim of claims) {
		const share = found.get(claim.id);
		if (share === undefined) continue;
		for (const id of claim.silences ?? []) {
			const left = (found.get(id) ?? 0) * (1 - share);
			if (left > 0) found.set(id, left);
			else found.delete(id);
		}
	}
}

/**
 * The claims that speak on a reading under the angler's stances, in the order of the claim base.
 *
 * @param claims The whole claim base unless said otherwise.
 */
export function speaking(reading: Reading, stances: Stances, claims: readonly Claim[] = CLAIM_BASE): Speaking[] {
	const found = shares(claims, reading, stances);
	silence(claims, found);
	return claims.flatMap((claim) => {
		const share = found.get(claim.id);
		return share === undefined ? [] : [{ claim, share, weight: claim.strength * share }];
	});
}

const readsWater = (claim: Claim): boolean => claim.relation !== undefined && RELATIONS[claim.relation].readsWater;

/** What a claim could say about a space, whatever the water. */
interface Standing {
	readonly claim: Claim;
	readonly table: FitTable;
	readonly most: number;
	readonly asIs: boolean;
}

type Book = ReadonlyMap<Space, readonly Standing[]>;

/** Whether two spaces ask a relation about the very same parts, so that one table serves both. */
function sameParts(rule: RelationRule, a: Space, b: Space): boolean {
	const parts = (space: Space, id: string) => space.variables.find((variable) => variable.id === id)?.parts;
	return !rule.readsWater && a.family === b.family && rule.variables.every((id) => parts(a, id) === parts(b, id));
}

/** What a claim says about every space that it is about. */
function tablesOf(claim: Claim, needs: Needs): (readonly [Space, FitTable])[] {
	const rule = claim.relation ? RELATIONS[claim.relation] : null;
	const found: (readonly [Space, FitTable])[] = [];
	for (const space of SPACES) {
		const twin = rule && found.find(([other]) => sameParts(rule, other, space));
		const table = twin ? twin[1] : rule ? relationTable(space, claim, rule, needs) : fitTable(space, claim);
		if (table) found.push([space, table]);
	}
	return found;
}

/** The tables of some claims in every space, each with the best fit that its family has to offer. */
function writeBook(claims: readonly Claim[], needs: Needs): Book {
	const book = new Map<Space, Standing[]>(SPACES.map((space) => [space, []]));
	for (const claim of claims) {
		const tables = tablesOf(claim, needs);
		for (const family of FAMILIES) {
			const own = tables.filter(([space]) => space.family === family);
			const most = Math.max(...own.map(([, table]) => bestFit(table)));
			const asIs = claim.prefers?.family !== undefined;
			for (const [space, table] of own) book.get(space)!.push({ claim, table, most, asIs });
		}
	}
	return book;
}

const SCORES = CLAIM_BASE.filter((claim) => claim.kind === 'score');
const WATERY = SCORES.filter(readsWater);
const plainReading = completeReading(readingSchema.parse(PLAIN));
const needsOf = (reading: Reading): Needs => ({ reading, windows: new Windows(reading), held: new Map() });
let stillBook: Book | null = null;

/** Tables that no reading changes, made when first needed: they depend on the catalogue and the claim base alone. */
function standing(): Book {
	stillBook ??= writeBook(
		SCORES.filter((claim) => !readsWater(claim)),
		needsOf(plainReading)
	);
	return stillBook;
}

/** The variables of every table that a claim of the base may ever make in a space. */
export function scopesOf(space: Space): (readonly number[])[] {
	const needs = needsOf(plainReading);
	const watery = WATERY.flatMap((claim) => relationTable(space, claim, RELATIONS[claim.relation!], needs) ?? []);
	const still = standing().get(space)!;
	return [...still.map(({ table }) => table), ...watery].map(({ variables }) => variables);
}

/** All that the speaking claims say about every space of rigs. */
export class Judgements {
	readonly spoken: readonly Speaking[];
	/** Where the fish are, for the gates. */
	readonly windows: Windows;
	readonly #byClaim: ReadonlyMap<Claim, Speaking>;
	readonly #own: Book;
	readonly #about = new Map<Space, Judgement[]>();

	/** @param house The angler's own rules, weighed like the claims of the base. */
	constructor(reading: Reading, stances: Stances, house: readonly Claim[] = []) {
		const needs = needsOf(reading);
		this.windows = needs.windows;
		this.spoken = speaking(reading, stances, house.length > 0 ? [...CLAIM_BASE, ...house] : CLAIM_BASE);
		this.#byClaim = new Map(this.spoken.map((entry) => [entry.claim, entry]));
		const own = [...WATERY, ...house.filter(({ kind }) => kind === 'score')];
		this.#own = writeBook(
			own.filter((claim) => this.#byClaim.has(claim)),
			needs
		);
	}

	/** The scoring claims that are about a space, with their tables. */
	about(space: Space): readonly Judgement[] {
		let judgements = this.#about.get(space);
		if (!judgements) {
			const standings = [...standing().get(space)!, ...this.#own.get(space)!];
			judgements = standings.flatMap((entry) => {
				const spoken = this.#byClaim.get(entry.claim);
				if (!spoken) return [];
				const { claim, table, most, asIs } = entry;
				return [{ claim, share: spoken.share, weight: spoken.weight, table, most, asIs }];
			});
			this.#about.set(space, judgements);
		}
		return judgements;
	}
}
