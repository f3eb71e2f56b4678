import type { When } from '../water/reading/conditions';
import type { ReadingInput } from '../foundation/schema/reading';
import type { Family } from '../foundation/schema/words';

/** score: weighed; plan: position, cast, hookset; advice: told, never scored; limit: forbids; caution: safety. */
export type ClaimKind = 'score' | 'plan' | 'advice' | 'limit' | 'caution';

/** A property of a rig that a claim may speak about; `ranking/space/spaces.ts` says what each family's parts have of it. */
export const FACETS = [
	'family',
	'layout',
	'blade.style',
	'blade.size',
	'blade.finish',
	'blade.texture',
	'blade.thickness',
	'wire',
	'array',
	'screwIn',
	'noise',
	'body',
	'weight',
	'head.material',
	'head.shape',
	'colour',
	'skirt',
	'skirt.material',
	'skirt.length',
	'skirt.accent',
	'trailer.kind',
	'trailer.length',
	'trailer.colour',
	'trailer.mount',
	'trailerHook',
	'hook.gauge',
	'hook.shank',
	'line',
	'rod.length',
	'rod.power',
	'rod.action',
	'rod.material',
	'reel.kind',
	'reel.speed',
	'retrieve.style',
	'pace'
] as const;
export type Facet = (typeof FACETS)[number];

/**
 * Where in the order of deciding a claim belongs: which family, then the lure, then its finish, then what it hangs on.
 * `ranking/scoring/tiers.ts` has what each counts for.
 */
export type Tier = 'family' | 'lure' | 'finish' | 'outfit';

/**
 * Fit of each named value of a facet, from -1 to 1 (a family's from -3); a value that is not named fits 0. Numbers may
 * be ranges, "14-17".
 */
export type Fit = Readonly<Record<string, number>>;

/** One or two facets with their fits; two are wanted together (the product counts). */
export type Prefers = Readonly<Partial<Record<Facet, Fit>>>;

/** Preferences that need a computation on the reading or on two parts; see `ranking/scoring/relations.ts`. */
export type Relation =
	| 'asked-pace'
	| 'fast-for-them'
	| 'works-longest'
	| 'usual-ounces'
	| 'bears-line'
	| 'near-forage'
	| 'near-bait-length'
	| 'matches-colour';

/** Dispute topic and school, "SKY/exceptions". */
export type DisputeSide = `${string}/${string}`;

/** The fields of a reading that an example fixes; the rest is the plain example reading. */
export type Example = Partial<ReadingInput>;

/** One rule of the craft, as data: listable, explainable, and testable alone. */
export interface Claim {
	/** Stable id; stored calls and house rules refer to it. */
	readonly id: string;
	readonly kind: ClaimKind;
	/** What of the plan it is about, when that is not where to go. */
	readonly topic?: 'cast' | 'retrieve' | 'hookset';
	/** 3 decides, 2 is a good habit, 1 a nudge. */
	readonly strength: 1 | 2 | 3;
	/** Where it is weighed when that is neither the family (it prefers one) nor the lure. */
	readonly tier?: 'finish' | 'outfit';
	/** Families it is about; all when absent. */
	readonly scope?: readonly Family[];
	readonly split?: DisputeSide;
	/** How far the reading calls for it. */
	readonly when: When;
	/** A facet of the rig that must hold before the claim speaks about it: "a slow rig wants a single blade". */
	readonly given?: Prefers;
	/** A facet of the rig that makes the claim speak as well, even where the reading does not: "cold, or a slow retrieve". */
	readonly orGiven?: Prefers;
	readonly prefers?: Prefers;
	readonly relation?: Relation;
	/** Claims that fall silent as far as this one speaks. */
	readonly silences?: readonly string[];
	/** Claims of the same question that fall silent when the angler takes this claim's side himself. */
	readonly outweighs?: readonly string[];
	/** Night silences it whole: it lives by light. */
	readonly needsLight?: true;
	readonly because: string;
	/** A reading on which it speaks. */
	readonly speaks: Example;
	/** A reading on which it is silent; `null` for a claim that always speaks. */
	readonly silent: Example | null;
}

/** Version of the claim base; stored with every saved call so that it can be replayed or explained later. */
export const CLAIM_BASE_VERSION = 4;

/** The tier in which a claim is weighed: what prefers a family decides it. */
export const tierOf = ({ prefers, tier }: Claim): Tier => (prefers?.family ? 'family' : (tier ?? 'lure'));

/** Families whose blades turn on a swivel. */
export const TURNING: readonly Family[] = ['spinnerbait', 'underspin'];
/** Families built on a bent wire. */
export const WIRE: readonly Family[] = ['spinnerbait', 'buzzbait'];
/** Families that wear a skirt. */
export const SKIRTED: readonly Family[] = ['spinnerbait', 'bladed-jig', 'buzzbait'];
/** Families fished under the surface. */
export const SUNKEN: readonly Family[] = ['spinnerbait', 'bladed-jig', 'underspin'];
export const SPINNERBAIT: readonly Family[] = ['spinnerbait'];
export const BLADED_JIG: readonly Family[] = ['bladed-jig'];
export const BUZZBAIT: readonly Family[] = ['buzzbait'];
export const UNDERSPIN: readonly Family[] = ['underspin'];
