import { completeReading, type Reading } from '../../water/reading/complete';
import type { Rig } from '../../foundation/schema/rig';
import type { Arm, HookPlace, Hookset } from '../../foundation/schema/words';
import { turnsOf } from '../tally/trial';
import { storyOf, strikesOf, type Beginning } from '../tally/story';
import type { OrderedEntry } from '../tally/order';

/** A stretch of an outing as the record sees it: one rig on one water, and what came of it. */
export interface Fact {
	readonly outingId: string;
	readonly beganAt: string;
	readonly spotId: string | null;
	readonly rig: Rig;
	readonly reading: Reading;
	readonly casts: number;
	readonly activeS: number;
	readonly strikes: number;
	readonly follows: number;
	readonly landed: number;
	readonly lost: number;
	readonly fouled: number;
	readonly fouledS: number;
	/** Landed and lost fish of which it was told where they were hooked, or how the hook was set. */
	readonly hooks: readonly HookedFish[];
	/** The pair of a trial's turns that it belongs to; `null` for fishing as it came. */
	readonly pair: number | null;
	/** Which of the trial's two rigs was cast. */
	readonly arm: Arm | null;
}

export interface HookedFish {
	readonly hook: HookPlace | null;
	readonly set: Hookset | null;
	readonly landed: boolean;
}

/** Something of stretches added up. */
export const totalOf = (facts: readonly Fact[], of: (fact: Fact) => number): number =>
	facts.reduce((sum, fact) => sum + of(fact), 0);

/** An outing with all that happened on it. */
export interface Outing extends Beginning {
	readonly id: string;
	readonly happened: readonly OrderedEntry[];
}

/** An outing in stretches, those without a cast left out, and broken turns of a trial too. */
export function factsOf(outing: Outing): Fact[] {
	const { stretches } = storyOf(outing, outing.happened);
	const turns = outing.trial ? turnsOf(outing.trial) : [];
	return stretches
		.filter(({ casts, broken }) => casts > 0 && !broken)
		.map((stretch) => ({
			outingId: outing.id,
			beganAt: stretch.beganAt,
			spotId: stretch.spotId,
			rig: stretch.rig,
			reading: completeReading(stretch.reading),
			casts: stretch.casts,
			activeS: stretch.activeS,
			strikes: strikesOf(stretch),
			follows: stretch.follows,
			landed: stretch.landed,
			lost: stretch.lost,
			fouled: stretch.fouled,
			fouledS: stretch.fouledS,
			hooks: stretch.happened.flatMap(({ what }) =>
				(what.kind === 'landed' || what.kind === 'lost') && (what.hook || what.set)
					? [{ hook: what.hook, set: what.set ?? null, landed: what.kind === 'landed' }]
					: []
			),
			pair: stretch.turn === null ? null : Math.floor(stretch.turn / 2),
			arm: stretch.turn === null ? null : (turns[stretch.turn] ?? null)
		}));
}
