import { CLAIM_BASE } from '../claims/claimBase';
import type { Claim } from '../claims/claim';
import { sideSpeaks, type Stances } from '../claims/splits';
import type { Reading } from '../reading/complete';
import { completeReading } from '../reading/complete';
import { holds } from '../reading/words';
import { PLAIN } from '../claims/examples';
import type { Family } from '../schema/words';
import { FAMILIES } from '../schema/words';
import { readingSchema } from '../schema/reading';
import type { Space } from './part';
import { RELATIONS } from './relations';
import { SPACES } from './spaces';
import { bestFit, fitTable, type FitTable } from './tables';

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

type Tables = ReadonlyMap<string, FitTable>;

function tablesOf(space: Space, claims: readonly Claim[], reading: Reading): Tables {
	const tables = new Map<string, FitTable>();
	for (const claim of claims) {
		const table = fitTable(space, claim, reading);
		if (table) tables.set(claim.id, table);
	}
	return tables;
}

type Most = ReadonlyMap<string, number>;

/** The best fit of each claim over all spaces of one family. */
function mostOf(family: Family, tables: ReadonlyMap<Space, Tables>): Most {
	const most = new Map<string, number>();
	for (const space of SPACES) {
		if (space.family !== family) continue;
		for (const [id, table] of tables.get(space)!) {
			most.set(id, Math.max(most.get(id) ?? -1, bestFit(table)));
		}
	}
	return most;
}

interface Prepared {
	readonly tables: ReadonlyMap<Space, Tables>;
	readonly most: ReadonlyMap<Family, Most>;
}

function prepare(claims: readonly Claim[], reading: Reading): Prepared {
	const tables = new Map(SPACES.map((space) => [space, tablesOf(space, claims, reading)]));
	return { tables, most: new Map(FAMILIES.map((family) => [family, mostOf(family, tables)])) };
}

const scores = (claims: readonly Claim[]): Claim[] => claims.filter((claim) => claim.kind === 'score');
const plainReading = completeReading(readingSchema.parse(PLAIN));
let still: Prepared | null = null;

/** Tables that no reading changes, made when first needed: they depend on the catalogue and the claim base alone. */
function stillTables(): Prepared {
	still ??= prepare(
		scores(CLAIM_BASE).filter((claim) => !readsWater(claim)),
		plainReading
	);
	return still;
}

/** All that the speaking claims say about every space of rigs. */
export class Judgements {
	readonly spoken: readonly Speaking[];
	readonly #watery: Prepared;

	constructor(reading: Reading, stances: Stances) {
		this.spoken = speaking(reading, stances);
		const watery = scores(this.spoken.map(({ claim }) => claim)).filter(readsWater);
		this.#watery = prepare(watery, reading);
	}

	/** The scoring claims that are about a space, with their tables. */
	about(space: Space): Judgement[] {
		return this.spoken.flatMap((spoken) => {
			const { claim } = spoken;
			if (claim.kind !== 'score') return [];
			const prepared = readsWater(claim) ? this.#watery : stillTables();
			const table = prepared.tables.get(space)!.get(claim.id);
			if (!table) return [];
			const asIs = claim.prefers?.family !== undefined;
			return [{ ...spoken, table, asIs, most: prepared.most.get(space.family)!.get(claim.id)! }];
		});
	}
}
