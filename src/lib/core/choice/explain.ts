import type { Advice, Reason } from '../schema/call';
import type { Rig } from '../schema/rig';
import type { Judgement, Speaking } from './judge';
import type { Space } from './part';
import { MILLI, opinionAt, pointsOf } from './tables';

function reasonOf(judgement: Judgement, space: Space, assignment: ArrayLike<number>): Reason | null {
	const { claim, table, share, most, asIs } = judgement;
	const sizes = space.variables.map((variable) => variable.parts.length);
	const opinion = opinionAt(table, sizes, assignment);
	const { earned, possible } = pointsOf(opinion, table.either, { strength: claim.strength, share }, most);
	const counts = asIs ? earned : earned - possible;
	if (earned === 0 && counts === 0) return null;
	return {
		claim: claim.id,
		points: earned / MILLI,
		possible: (asIs ? earned : possible) / MILLI,
		counts: counts / MILLI,
		strength: claim.strength,
		split: claim.split ?? null,
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

const TOPICS: Readonly<Record<string, Advice['topic']>> = {
	POS: 'position',
	CST: 'cast',
	RET: 'retrieve',
	SET: 'hookset',
	CAU: 'caution'
};
/** A plan item is shown from this share of its condition on. */
const SHOWN_FROM = 0.5;

function applies({ claim, share }: Speaking, rig: Rig | null): boolean {
	if (share < SHOWN_FROM) return false;
	if (!rig) return claim.scope === undefined;
	if (claim.scope && !claim.scope.includes(rig.family)) return false;
	const material = claim.given?.['head.material'];
	return !material || (material[rig.headMaterial] ?? 0) > 0;
}

/** Advice on position, cast, retrieve and hookset, and cautions, for the rig that is called. */
export function planFor(spoken: readonly Speaking[], rig: Rig | null): Advice[] {
	return spoken
		.filter((entry) => entry.claim.kind !== 'score' && entry.claim.kind !== 'limit' && applies(entry, rig))
		.map(({ claim }) => ({
			claim: claim.id,
			kind: claim.kind as Advice['kind'],
			topic: TOPICS[claim.id.slice(0, 3)] ?? (claim.kind === 'plan' ? 'position' : 'advice'),
			strength: claim.strength,
			split: claim.split ?? null,
			text: claim.because
		}));
}
