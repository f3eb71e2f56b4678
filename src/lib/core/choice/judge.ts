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
import { RELATIONS } from './relations';
import { SPACES } from './spaces';
import { bestFit, fitTable, fitTables, type FitTable } from './tables';

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

/** The tables of some claims in every space, each with the best fit that its family has to offer. */
function writeBook(claims: readonly Claim[], reading: Reading): Book {
	const book = new Map<Space, Standing[]>(SPACES.map((space) => [space, []]));
	for (const claim of claims) {
		const tables = fitTables(claim, reading);
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
let stillBook: Book | null = null;

/** Tables that no reading changes, made when first needed: they depend on the catalogue and the claim base alone. */
function standing(): Book {
	stillBook ??= writeBook(
		SCORES.filter((claim) => !readsWater(claim)),
		plainReading
	);
	return stillBook;
}

/** The variables of every table that a claim may ever make in a space. */
export function scopesOf(space: Space): (readonly number[])[] {
	const watery = WATERY.flatMap((claim) => fitTable(space, claim, plainReading) ?? []);
	return [
		...standing()
			.get(space)!
			.map(({ table }) => table),
		...watery
	].map(({ variables }) => variables);
}

/** All that the speaking claims say about every space of rigs. */
export class Judgements {
	readonly spoken: readonly Speaking[];
	readonly #byClaim: ReadonlyMap<Claim, Speaking>;
	readonly #watery: Book;
	readonly #about = new Map<Space, Judgement[]>();

	constructor(reading: Reading, stances: Stances) {
		this.spoken = speaking(reading, stances);
		this.#byClaim = new Map(this.spoken.map((entry) => [entry.claim, entry]));
		const watery = WATERY.filter((claim) => this.#byClaim.has(claim));
		this.#watery = writeBook(watery, reading);
	}

	/** The scoring claims that are about a space, with their tables. */
	about(space: Space): readonly Judgement[] {
		let judgements = this.#about.get(space);
		if (!judgements) {
			const standings = [...standing().get(space)!, ...this.#watery.get(space)!];
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
