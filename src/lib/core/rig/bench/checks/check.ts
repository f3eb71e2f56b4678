import type { Slot } from '../../build/partsOf';
import { THRESHOLDS, type CheckId, type Threshold } from './thresholds';

export type CheckState = 'pass' | 'marginal' | 'fail';

/** How one thing about a build stands. */
export interface Check {
	readonly id: CheckId;
	readonly state: CheckState;
	/** The figure that is judged, in the threshold's unit. */
	readonly value: number;
	readonly reason: string;
	/** Parts that could be changed to mend it. */
	readonly slots: readonly Slot[];
}

/** Where a figure stands against a threshold. */
export function stateOf({ better, pass, marginal }: Threshold, value: number): CheckState {
	const sign = better === 'more' ? 1 : -1;
	if (sign * value >= sign * pass) return 'pass';
	return sign * value >= sign * marginal ? 'marginal' : 'fail';
}

/** Judges a figure by the row of its check. */
export const check = (id: CheckId, value: number, reason: string, ...slots: Slot[]): Check => ({
	id,
	value,
	reason,
	slots,
	state: stateOf(THRESHOLDS[id], value)
});
