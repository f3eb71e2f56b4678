import type { CalledRig } from '$lib/core/foundation/schema/call';

/**
 * Lead over the next family (points) under which two families are level, narrowly and fairly apart: a quarter point is a
 * nudge about the lure, a point a nudge about the family, two and a half more than a good habit.
 */
const LEVEL = 0.25;
const NARROW = 1;
const FAIR = 2.5;

export interface Confidence {
	/** Lead over the next family, points; `null` when no other family runs. */
	readonly lead: number | null;
	readonly words: string;
}

function marginWords(lead: number): string {
	if (lead < LEVEL) return 'as good as the next family, so either will do';
	return `${lead < NARROW ? 'narrowly' : lead < FAIR ? 'fairly' : 'clearly'} ahead of the next family`;
}

/**
 * How sure a call is, in words: from its margin, the number of claims that pull for the family independently, and
 * how many of the neighboring classes of the reading leave the family as it is.
 */
export function confidenceOf(
	calls: readonly CalledRig[],
	robustness: { readonly kept: number; readonly tried: number } | null
): Confidence {
	const [best] = calls;
	if (!best) return { lead: null, words: '' };
	const other = calls.find(({ rig }) => rig.family !== best.rig.family);
	const lead = other ? best.score - other.score : null;
	const pulls = best.reasons.filter(({ tier, counts }) => tier === 'family' && counts > 0);
	const rules = pulls.length === 1 ? 'one rule favors it' : `${pulls.length || 'no'} rules favor it`;
	const held = robustness
		? `, and it stays first if conditions shift a little (${robustness.kept} of ${robustness.tried} checked)`
		: '';
	const margin = lead === null ? 'the only family that works here' : marginWords(lead);
	return { lead, words: `${margin.charAt(0).toUpperCase()}${margin.slice(1)}; ${rules}${held}.` };
}
