import type { Judgement } from './judgements';
import type { Opinion } from './opinion';
import { MILLI } from './opinion';
import { countsOf } from './tiers';

/** How loudly a claim speaks about a rig: thousandths that a fit of 1 earns. */
const scaleOf = ({ table, strength, moved, share, volume }: Judgement, given: number): number =>
	MILLI * strength * moved * (table.either ? Math.max(share, volume * given) : share * given);

/** What an opinion of a claim earns, could have earned, and adds to the score, in thousandths. */
export interface Worth {
	readonly earned: number;
	readonly possible: number;
	readonly counts: number;
}

/** What one opinion of a judgment is worth. */
export function worthOf(judgement: Judgement, { given, fit }: Opinion): Worth {
	const scale = scaleOf(judgement, given);
	const [earned, possible] = [Math.round(scale * fit), Math.round(scale * judgement.most)];
	return { earned, possible, counts: countsOf(judgement.tier, earned, possible, judgement.fair) };
}

/** What one opinion adds to the score, in thousandths: `worthOf` for the many that are only summed. */
export function countsFor(judgement: Judgement, { given, fit }: Opinion): number {
	const scale = scaleOf(judgement, given);
	return countsOf(judgement.tier, Math.round(scale * fit), Math.round(scale * judgement.most), judgement.fair);
}
