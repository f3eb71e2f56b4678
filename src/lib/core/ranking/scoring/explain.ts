import type { Claim, Facet } from '../../claims/claim';
import type { Advice, Reason } from '../../foundation/schema/call';
import type { Rig } from '../../foundation/schema/rig';
import type { ActiveClaim } from './activeClaims';
import type { Judgement } from './judgements';
import type { Space } from '../space/part';
import { MILLI } from './opinion';
import { opinionAt } from './tables';
import { worthOf } from './worth';

function reasonOf(judgement: Judgement, space: Space, assignment: ArrayLike<number>): Reason | null {
	const { claim, table, tier, strength, moved } = judgement;
	const sizes = space.variables.map((variable) => variable.parts.length);
	const { earned, possible, counts } = worthOf(judgement, opinionAt(table, sizes, assignment));
	if (earned === 0 && counts === 0) return null;
	return {
		claim: claim.id,
		tier,
		points: earned / MILLI,
		possible: (tier === 'family' ? earned : possible) / MILLI,
		counts: counts / MILLI,
		strength,
		split: claim.split ?? null,
		...(moved === 1 ? {} : { record: moved }),
		text: claim.because
	};
}

/** Every claim that gives a rig points or costs it some, the weightiest first. The `counts` sum to its score. */
export function reasonsFor(judgements: readonly Judgement[], space: Space, assignment: ArrayLike<number>): Reason[] {
	const reasons = judgements
		.map((judgement) => reasonOf(judgement, space, assignment))
		.filter((reason) => reason !== null);
	const size = (reason: Reason): number => Math.max(Math.abs(reason.points), Math.abs(reason.counts));
	return reasons.sort((a, b) => size(b) - size(a) || a.claim.localeCompare(b.claim));
}

/** What a claim is about that tells what to do rather than what to tie on. */
const topicOf = ({ kind, topic }: Claim): Advice['topic'] =>
	topic ?? (kind === 'plan' ? 'position' : kind === 'caution' ? 'caution' : 'advice');

/** A plan item is shown from this share of its condition on. */
const SHOWN_FROM = 0.5;

/** What a whole rig has of the facets that advice may be given on. */
const HAS: Partial<Record<Facet, (rig: Rig) => readonly string[]>> = {
	'head.material': ({ headMaterial }) => [headMaterial],
	'blade.style': ({ blades }) => blades.map(({ style }) => style),
	'blade.finish': ({ blades }) => blades.map(({ finish }) => finish),
	colour: ({ skirt }) => [skirt.colour],
	'trailer.kind': ({ trailer }) => [trailer?.kind ?? 'none']
};

/** Whether all that a rig has of what a claim is given on is what the claim speaks about. */
const isGiven = ({ given = {} }: Claim, rig: Rig): boolean =>
	Object.entries(given).every(([facet, fit]) => HAS[facet as Facet]!(rig).every((value) => (fit[value] ?? 0) > 0));

function applies({ claim, share }: ActiveClaim, rig: Rig | null): boolean {
	if (share < SHOWN_FROM) return false;
	if (!rig) return claim.scope === undefined;
	if (claim.scope && !claim.scope.includes(rig.family)) return false;
	return isGiven(claim, rig);
}

/** Whether a plan item is about this water rather than any. */
const isSpecific = ({ claim }: ActiveClaim): number => (claim.when === 'always' ? 0 : 1);

/** Advice on position, cast, retrieve and hookset, and cautions, for the rig that is called: the strongest and most specific first. */
export function planFor(spoken: readonly ActiveClaim[], rig: Rig | null): Advice[] {
	return spoken
		.filter((entry) => entry.claim.kind !== 'score' && entry.claim.kind !== 'limit' && applies(entry, rig))
		.sort((a, b) => b.strength - a.strength || isSpecific(b) - isSpecific(a) || b.share - a.share)
		.map(({ claim }) => ({
			claim: claim.id,
			kind: claim.kind as Advice['kind'],
			topic: topicOf(claim),
			strength: claim.strength,
			split: claim.split ?? null,
			text: claim.because
		}));
}
