import { keysOf } from '../../foundation/basics/typed';
import type { CallInput } from '../../foundation/schema/call';
import type { Locks } from '../../foundation/schema/rig';
import { without } from '../../foundation/basics/without';
import { call } from './call';

const topScore = (input: CallInput): number | null =>
	call({ ...input, top: 1 }, { windows: false, families: false }).calls[0]?.score ?? null;

/**
 * What each lock costs: how much better the best rig would score without it, the other locks left as they are.
 *
 * @returns By the lock's key; `null` where nothing runs under the locks at all.
 */
export function lockCosts(input: CallInput): Partial<Record<keyof Locks, number | null>> {
	const locks = input.locks ?? {};
	const now = topScore(input);
	const keys = keysOf(locks);
	return Object.fromEntries(
		keys.map((key) => {
			const free = topScore({ ...input, locks: without(locks, key) });
			return [key, now === null || free === null ? null : Math.max(0, free - now)];
		})
	);
}
