import { expose } from 'comlink';
import { call } from '$lib/core/ranking/answer/call';
import { prepareJudging } from '$lib/core/ranking/scoring/judgements';
import type { CallInput } from '$lib/core/foundation/schema/call';

// Everything that no reading changes is made at the start, so that the first question does not wait for it twice.
prepareJudging();

const api = {
	/** Answers once it can rank. */
	ready: (): true => true,
	/**
	 * Ranks; everything else is asked of a worker of its own, so that a ranking never waits.
	 *
	 * @param whole Whether all alternatives and families are wanted, or the best rig alone.
	 */
	call: (input: CallInput, whole = true) =>
		call(whole ? input : { ...input, top: 1 }, { windows: false, families: whole })
};
export type CallApi = typeof api;
expose(api);
