import { keysOf, tableOf } from '../../foundation/basics/typed';
import { CLAIM_BASE } from '../../claims/claimBase';
import { tierOf, type Claim, type Facet } from '../../claims/claim';
import { activeSides, sideChosen, type Positions } from '../../claims/disputes';
import type { Reading } from '../../water/reading/complete';
import { holds } from '../../water/reading/conditions';
import { FAMILIES, type Family } from '../../foundation/schema/words';
import { RELATIONS } from './relations';

/** A claim that speaks on a reading, with how loudly: strength times how far it holds. */
export interface ActiveClaim {
	readonly claim: Claim;
	/** 1 to 3: the claim's own, or 3 when the angler takes its side himself. */
	readonly strength: number;
	/** From 0 to 1: how far the reading calls for it, and nothing silences it. */
	readonly share: number;
	/** From 0 to 1: what silencing leaves of it, also where the rig makes it speak. */
	readonly volume: number;
	/** Strength times share. */
	readonly weight: number;
}

/** Strength of a claim whose side the angler takes. */
const TAKEN_STRENGTH = 3;

/** Facets that are one question: what a taken side says about one of them stands for all. */
const QUESTION: Readonly<Partial<Record<Facet, string>>> = {
	layout: 'blades',
	'blade.style': 'blades',
	'blade.size': 'blades',
	'retrieve.style': 'retrieve',
	pace: 'retrieve'
};

/** The questions that a claim answers. */
function questionsOf({ prefers, relation }: Claim): Set<string> {
	const facets = relation ? [RELATIONS[relation].prefers] : keysOf(prefers ?? {});
	return new Set(facets.map((facet) => QUESTION[facet] ?? facet));
}

const questions = new Map<Claim, ReadonlySet<string>>();

function cachedQuestions(claim: Claim): ReadonlySet<string> {
	let known = questions.get(claim);
	if (!known) questions.set(claim, (known = questionsOf(claim)));
	return known;
}

/** Whether a claim whose side is taken decides the question that another is about. */
function decides(taken: Claim, other: Claim): boolean {
	if (taken.outweighs?.includes(other.id)) return true;
	const tier = tierOf(other);
	// A side about the family is its own topic only; what kind of finish is worn was never a side's question.
	if (tierOf(taken) === 'family' || (tier !== 'lure' && tier !== 'outfit')) return false;
	if (taken.kind !== 'score' || other.kind !== 'score') return false;
	return [...cachedQuestions(taken)].some((question) => cachedQuestions(other).has(question));
}

type Heard = Pick<ActiveClaim, 'share' | 'volume'>;
type Shares = Map<Claim, Heard>;

/** How far each claim holds on the reading; night silences what lives by light. */
function sharesOf(reading: Reading, stances: Positions, claims: readonly Claim[]): Shares {
	const found: Shares = new Map();
	const speaks = activeSides(stances, reading);
	for (const claim of claims) {
		if (claim.split && !speaks(claim.split)) continue;
		if (claim.needsLight && reading.light === 'night') continue;
		const share = holds(claim.when, reading);
		if (share > 0 || claim.orGiven) found.set(claim, { share, volume: 1 });
	}
	return found;
}

function suppress(shares: Shares, claim: Claim, by: number): void {
	const heard = shares.get(claim);
	if (!heard) return;
	if (by >= 1) shares.delete(claim);
	else shares.set(claim, { share: heard.share * (1 - by), volume: heard.volume * (1 - by) });
}

/** Sides that the angler takes himself decide their question among the rigs they are about. */
function silenceByTaken(shares: Shares, stances: Positions, family: Family): void {
	const taken = [...shares].filter(
		([claim]) => sideChosen(claim.split, stances) && (claim.scope?.includes(family) ?? true)
	);
	for (const [side, { share }] of taken) {
		for (const claim of [...shares.keys()]) {
			if (sideChosen(claim.split, stances) || !decides(side, claim)) continue;
			suppress(shares, claim, share);
		}
	}
}

/** Claims that a more specific one silences speak only as far as it does not. */
function silenceBySpecific(shares: Shares): void {
	const specific = [...shares.keys()].filter(({ silences }) => silences);
	for (const claim of specific) {
		for (const other of [...shares.keys()]) {
			if (claim.silences!.includes(other.id)) suppress(shares, other, shares.get(claim)?.share ?? 0);
		}
	}
}

/** The claims that speak on a reading under the angler's stances. */
export class ActiveClaims {
	readonly #byFamily: Readonly<Record<Family, ReadonlyMap<Claim, ActiveClaim>>>;
	readonly #claims: readonly Claim[];
	readonly #alike: boolean;
	readonly #stances: Positions;

	/** @param claims The whole claim base unless said otherwise. */
	constructor(reading: Reading, stances: Positions, claims: readonly Claim[] = CLAIM_BASE) {
		this.#claims = claims;
		this.#stances = stances;
		const shares = sharesOf(reading, stances, claims);
		const takes = [...shares.keys()].some(({ split }) => sideChosen(split, stances));
		const heardIn = (family: Family): Map<Claim, ActiveClaim> => {
			const own: Shares = takes ? new Map(shares) : shares;
			if (takes) silenceByTaken(own, stances, family);
			silenceBySpecific(own);
			return new Map([...own].map(([claim, heard]) => [claim, this.#speaking(claim, heard)]));
		};
		this.#alike = !takes;
		const all = takes ? null : heardIn(FAMILIES[0]);
		this.#byFamily = tableOf(FAMILIES, (family) => all ?? heardIn(family));
	}

	#speaking(claim: Claim, { share, volume }: Heard): ActiveClaim {
		const strength = sideChosen(claim.split, this.#stances) ? TAKEN_STRENGTH : claim.strength;
		return { claim, strength, share, volume, weight: strength * share };
	}

	/** How loudly a claim speaks about rigs of a family; `null` when it does not. */
	in(family: Family, claim: Claim): ActiveClaim | null {
		return this.#byFamily[family].get(claim) ?? null;
	}

	/** Every claim that speaks about some family, as loudly as it does anywhere, in the order of the claim base. */
	get spoken(): ActiveClaim[] {
		if (this.#alike) return [...this.#byFamily[FAMILIES[0]].values()];
		return this.#claims.flatMap((claim) => {
			const heard = FAMILIES.flatMap((family) => this.#byFamily[family].get(claim) ?? []);
			const loudest = heard.reduce<ActiveClaim | null>(
				(best, one) => (best && best.share >= one.share ? best : one),
				null
			);
			return loudest ?? [];
		});
	}
}
