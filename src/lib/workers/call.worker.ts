import { expose } from 'comlink';
import { prepareRanking } from '$lib/core/choice/prepare';
import { call } from '$lib/core/choice/call';
import { calledWindow } from '$lib/core/choice/calledWindow';
import { lockCosts } from '$lib/core/choice/lockCosts';
import { completeReading } from '$lib/core/reading/complete';
import type { CallInput } from '$lib/core/schema/call';
import type { Rig } from '$lib/core/schema/rig';

// Everything that no reading changes is made at the start, so that the first question does not wait for it twice.
prepareRanking();

const api = {
	/** Ranks; running windows are asked for apart, so that a ranking is out at once. */
	call: (input: CallInput) => call(input, { windows: false }),
	window: (rig: Rig, { reading }: CallInput) => calledWindow(rig, completeReading(reading)),
	costs: lockCosts
};
export type CallApi = typeof api;
expose(api);
