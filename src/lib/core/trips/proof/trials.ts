import type { Evidence } from '../../foundation/schema/evidence';
import { changedFields, changeText } from '../reactions/changed';
import { blocksBetween, shownBy } from './compare';
import type { Fact } from './facts';

/** A planned comparison and what came of it. */
export interface TrialResult {
	readonly outingId: string;
	readonly beganAt: string;
	/** In what the second rig differs from the first, in words. */
	readonly differs: readonly string[];
	readonly pairs: number;
	readonly evidence: Evidence;
}

/** Every trial of which at least one pair was fished, the newest first. */
export function trialsOf(facts: readonly Fact[]): TrialResult[] {
	const outings = new Map<string, Fact[]>();
	for (const fact of facts) {
		if (fact.arm !== null) outings.set(fact.outingId, [...(outings.get(fact.outingId) ?? []), fact]);
	}
	return [...outings]
		.flatMap(([outingId, list]): TrialResult[] => {
			const blocks = blocksBetween(list, ({ arm }) => (arm === null ? null : arm === 'a'));
			const [a, b] = (['a', 'b'] as const).map((arm) => list.find((fact) => fact.arm === arm));
			if (blocks.length === 0 || !a || !b) return [];
			const differs = changedFields(a.rig, b.rig).map((field) => changeText(field, a.rig, b.rig));
			return [{ outingId, beganAt: list[0]!.beganAt, differs, pairs: blocks.length, evidence: shownBy(blocks) }];
		})
		.toSorted((a, b) => (a.beganAt < b.beganAt ? 1 : -1));
}
