import { CLAIM_BASE } from '../../claims/claimBase';
import QuickLRU from 'quick-lru';
import { remembered } from '../../foundation/basics/remembered';
import { tierOf, type Claim, type Tier } from '../../claims/claim';
import type { Positions } from '../../claims/disputes';
import type { Reading } from '../../water/reading/complete';
import { completeReading } from '../../water/reading/complete';
import { PLAIN } from '../../claims/examples';
import type { Moves } from '../../foundation/schema/call';
import { FAMILIES, type Family } from '../../foundation/schema/words';
import { readingSchema } from '../../foundation/schema/reading';
import type { Pace } from './recommended';
import { ActiveClaims, type ActiveClaim } from './activeClaims';
import type { Space } from '../space/part';
import type { Windows } from '../gate/gates';
import { fairnessOf } from './tiers';
import { needsOf, RELATIONS, type Needs, type RelationRule } from './relations';
import { SPACES } from '../space/spaces';
import type { FitTable } from './opinion';
import { bestFit, fitTable, relationTable } from './tables';

/** What a speaking claim says about one space. */
export interface Judgement extends ActiveClaim {
	readonly table: FitTable;
	/** The best fit it could find anywhere in the family. */
	readonly most: number;
	readonly tier: Tier;
	/** Whether every space of the family has this very table. */
	readonly common: boolean;
	/** By how much the angler's own record moves it; 1 not at all. */
	readonly moved: number;
	/** What the family's shortfalls are multiplied by, so that none loses for being much talked about. */
	readonly fair: number;
}

/** All that a claim's table reads of the water, in a word for each family; `null` where it reads none. */
function readOf({ relation }: Claim, needs: Needs): string | null {
	const reads = relation && RELATIONS[relation].reads;
	return reads ? FAMILIES.map((family) => reads(needs, family)).join() : null;
}

/** What a claim could say about a space, whatever the water. */
interface Entry {
	readonly claim: Claim;
	readonly table: FitTable;
	readonly most: number;
	readonly tier: Tier;
	readonly common: boolean;
}

type ClaimTables = ReadonlyMap<Space, readonly Entry[]>;

/** Whether two spaces ask a relation about the very same parts, so that one table serves both. */
function sameParts(rule: RelationRule, a: Space, b: Space): boolean {
	const variable = (space: Space, id: string) => space.variables.find((one) => one.id === id);
	return !rule.perSpace && a.family === b.family && rule.variables.every((id) => variable(a, id) === variable(b, id));
}

/** Whether two tables of kin spaces say the same about the same variables. */
function sameTable(a: FitTable, b: FitTable, of: Space, other: Space): boolean {
	return (
		a.cells.length === b.cells.length &&
		a.opinions.length === b.opinions.length &&
		a.variables.every(
			(variable, at) => variable === b.variables[at] && of.variables[variable] === other.variables[variable]
		) &&
		a.opinions.every(({ given, fit }, at) => given === b.opinions[at]!.given && fit === b.opinions[at]!.fit) &&
		a.cells.every((cell, at) => cell === b.cells[at])
	);
}

/** What a claim says about every space that it is about; kin spaces have one table where it says the same. */
function tablesOf(claim: Claim, needs: Needs): (readonly [Space, FitTable])[] {
	const rule = claim.relation ? RELATIONS[claim.relation] : null;
	const found: (readonly [Space, FitTable])[] = [];
	for (const space of SPACES) {
		const kin = found.filter(([other]) => other.family === space.family);
		const twin = rule && kin.find(([other]) => sameParts(rule, other, space));
		const table = twin ? twin[1] : rule ? relationTable(space, claim, rule, needs) : fitTable(space, claim);
		if (!table) continue;
		const same = twin ? undefined : kin.find(([other, known]) => sameTable(known, table, other, space));
		found.push([space, same ? same[1] : table]);
	}
	return found;
}

const familySize = (family: Family): number => SPACES.filter((space) => space.family === family).length;

type Said = readonly (readonly [Space, Entry])[];

/** The tables of a claim in every space that it is about, each with the best fit that its family has to offer. */
function saidBy(claim: Claim, needs: Needs): Said {
	const tables = tablesOf(claim, needs);
	const tier = tierOf(claim);
	return FAMILIES.flatMap((family) => {
		const own = tables.filter(([space]) => space.family === family);
		const most = Math.max(...own.map(([, table]) => bestFit(table)));
		const count = familySize(family);
		const common = count > 1 && own.length === count && own.every(([, table]) => table === own[0]![1]);
		return own.map(([space, table]) => [space, { claim, table, most, tier, common }] as const);
	});
}

/** What was said of late by claims that read the water: readings of one water mostly have it alike. */
const recentOpinions = new WeakMap<Claim, QuickLRU<string, Said>>();
const OPINIONS_MAX = 8;

function saidIn(claim: Claim, needs: Needs): Said {
	const read = readOf(claim, needs);
	const say = () => saidBy(claim, needs);
	if (read === null) return say();
	const ofClaim = recentOpinions.get(claim) ?? new QuickLRU({ maxSize: OPINIONS_MAX });
	recentOpinions.set(claim, ofClaim);
	return remembered(ofClaim, read, say);
}

/** What some claims say about every space. */
function writeTables(claims: readonly Claim[], needs: Needs): ClaimTables {
	const book = new Map<Space, Entry[]>(SPACES.map((space) => [space, []]));
	for (const claim of claims) for (const [space, entry] of saidIn(claim, needs)) book.get(space)!.push(entry);
	return book;
}

const SCORES = CLAIM_BASE.filter((claim) => claim.kind === 'score');
const readsWater = ({ relation }: Claim): boolean => relation !== undefined && RELATIONS[relation].reads !== null;
const WATER_DEPENDENT_CLAIMS = SCORES.filter(readsWater);
const plainReading = completeReading(readingSchema.parse(PLAIN));
let staticTables: ClaimTables | null = null;

/** Tables that no reading changes, made when first needed: they depend on the catalog and the claim base alone. */
function still(): ClaimTables {
	staticTables ??= writeTables(
		SCORES.filter((claim) => !readsWater(claim)),
		needsOf(plainReading, {})
	);
	return staticTables;
}

/** Makes what the claims say of the catalog, whatever the water. */
export const prepareJudging = (): void => void still();

/** The variables of every table that a claim of the base may ever make in a space. */
export function scopesOf(space: Space): (readonly number[])[] {
	const needs = needsOf(plainReading, {});
	const waterDependent = WATER_DEPENDENT_CLAIMS.flatMap(
		(claim) => relationTable(space, claim, RELATIONS[claim.relation!], needs) ?? []
	);
	const entries = still().get(space)!;
	return [...entries.map(({ table }) => table), ...waterDependent].map(({ variables }) => variables);
}

/** All that the speaking claims say about every space of rigs. */
export class Judgements {
	readonly activeClaims: ActiveClaims;
	/** Where the fish are, for the gates. */
	readonly windows: Windows;
	/** The pace that this water asks for. */
	readonly pace: Pace;
	readonly #house: readonly Claim[];
	readonly #needs: Needs;
	/** Written when it is first asked for: many a question is answered by what is heard alone. */
	#own: ClaimTables | null = null;
	readonly #about = new Map<Space, Judgement[]>();
	/** What is said alike of all spaces of the one family that has several. */
	readonly #common = new Map<Claim, Judgement>();
	readonly #fair = new Map<Family, number>();

	readonly #moves: Moves;

	/**
	 * @param house Claims beside the base, weighed like its own: the angler's rules, what the model of sight adds.
	 * @param moves By how much the angler's record moves claims.
	 */
	constructor(reading: Reading, stances: Positions, house: readonly Claim[] = [], moves: Moves = {}) {
		this.#moves = moves;
		this.#house = house;
		this.#needs = needsOf(reading, stances);
		this.windows = this.#needs.windows;
		this.pace = this.#needs.pace;
		this.activeClaims = new ActiveClaims(reading, stances, house.length > 0 ? [...CLAIM_BASE, ...house] : CLAIM_BASE);
	}

	/** What this water has claims say, and what the house says. */
	#writeOwn(): ClaimTables {
		const own = [...WATER_DEPENDENT_CLAIMS, ...this.#house.filter(({ kind }) => kind === 'score')];
		const heard = own.filter((claim) => FAMILIES.some((family) => this.activeClaims.in(family, claim) !== null));
		return writeTables(heard, this.#needs);
	}

	/** The scoring claims that are about a space, with their tables. */
	about(space: Space): readonly Judgement[] {
		let judgements = this.#about.get(space);
		if (!judgements) {
			const fair = this.#fairness(space.family);
			judgements = this.#entriesOf(space).flatMap((entry) => this.#judgementOf(space.family, entry, fair) ?? []);
			this.#about.set(space, judgements);
		}
		return judgements;
	}

	#entriesOf(space: Space): readonly Entry[] {
		return [...still().get(space)!, ...(this.#own ??= this.#writeOwn()).get(space)!];
	}

	/** What a family's shortfalls are multiplied by, by all that is asked of its build here. */
	#fairness(family: Family): number {
		let fair = this.#fair.get(family);
		if (fair === undefined) {
			const first = SPACES.find((space) => space.family === family)!;
			const asked = this.#entriesOf(first).reduce((sum, { claim, most, tier }) => {
				const heard = tier === 'lure' ? this.activeClaims.in(family, claim) : null;
				return sum + (heard ? heard.weight * Math.max(0, most) : 0);
			}, 0);
			this.#fair.set(family, (fair = fairnessOf(asked)));
		}
		return fair;
	}

	#judgementOf(family: Family, { claim, table, most, tier, common }: Entry, fair: number): Judgement | null {
		const known = common ? this.#common.get(claim) : undefined;
		if (known) return known;
		const spoken = this.activeClaims.in(family, claim);
		if (!spoken) return null;
		const { strength, share, volume, weight } = spoken;
		const moved = this.#moves[claim.id] ?? 1;
		const judgement = { claim, strength, share, volume, weight, moved, fair, table, most, tier, common };
		if (common) this.#common.set(claim, judgement);
		return judgement;
	}
}
