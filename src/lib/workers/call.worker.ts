import { expose } from 'comlink';
import { call } from '$lib/core/choice/call';
import { prepareRanking } from '$lib/core/choice/prepare';
import type { CallInput } from '$lib/core/schema/call';

// Everything that no reading changes is made at the start, so that the first question does not wait for it twice.
prepareRanking();

const api = {
	/** Ranks; everything else is asked of a worker of its own, so that a ranking never waits. */
	call: (input: CallInput) => call(input, { windows: false })
};
export type CallApi = typeof api;
expose(api);
