import { CLAIM_BASE } from '../../claims/claimBase';
import { ledgerOf } from '../../ranking/answer/score';
import type { Moves } from '../../foundation/schema/call';
import { blocksBetween, shownBy } from './compare';
import type { Fact } from './facts';

/** How far the record bears a claim out. */
export interface Moved {
	readonly claim: string;
	readonly because: string;
	readonly split: string | null;
	/** Twice the chance that its direction is right: 1 is no evidence, 2 as good as proof, 0 as good as its opposite. */
	readonly factor: number;
	/** Outings on which rigs that suit it were fished against rigs that do not, and strikes in them. */
	readonly outings: number;
	readonly strikes: number;
}

/** A claim is heard from so many strikes on. */
const STRIKES_MIN = 3;
/** A rig suits a claim from this share of what it could earn on: a tandem of one blade that it wants does not yet. */
const SUITS = 0.75;

/** Which claims a stretch's rig suits (true) or does not (false); claims that are silent there are in neither. */
function suitsOf({ rig, reading }: Fact): Map<string, boolean> {
	const found = new Map<string, boolean>();
	for (const { claim, points, possible, tier } of ledgerOf({ reading, rig })) {
		if (tier !== 'outfit' && possible > 0) found.set(claim, points >= SUITS * possible);
	}
	return found;
}

/**
 * How the angler's own record moves the rules: for each claim that speaks on stretches of one outing for some of its rigs and
 * against others, twice the chance that its direction is right.
 */
export function movesOf(facts: readonly Fact[]): Moved[] {
	const suits = new Map(facts.map((fact) => [fact, suitsOf(fact)] as const));
	return CLAIM_BASE.filter(({ kind, prefers }) => kind === 'score' && prefers && !prefers.family)
		.flatMap((claim): Moved[] => {
			const blocks = blocksBetween(facts, (fact) => suits.get(fact)!.get(claim.id) ?? null);
			const strikes = blocks.reduce((total, { a, b }) => total + a.bites + b.bites, 0);
			if (strikes < STRIKES_MIN) return [];
			const factor = 2 * shownBy(blocks).better.a;
			const { id, because, split = null } = claim;
			return [{ claim: id, because, split, factor, outings: blocks.length, strikes }];
		})
		.toSorted((a, b) => Math.abs(b.factor - 1) - Math.abs(a.factor - 1));
}

/** The factors as the call takes them, in hundredths. */
export const movesFor = (moved: readonly Moved[]): Moves =>
	Object.fromEntries(moved.map(({ claim, factor }) => [claim, Math.round(factor * 100) / 100]));
