import { expose } from 'comlink';
import { preparePaths } from '$lib/core/choice/band';
import { call } from '$lib/core/choice/call';
import { calledWindow } from '$lib/core/choice/calledWindow';
import { Windows } from '$lib/core/choice/gates';
import { lockCosts } from '$lib/core/choice/lockCosts';
import { completeReading } from '$lib/core/reading/complete';
import type { CallInput } from '$lib/core/schema/call';
import type { Rig } from '$lib/core/schema/rig';

// The tables of the gate are made at the start, so that the first question does not wait for them twice.
preparePaths();

const api = {
	/** Ranks; running windows and what reads better than it runs are asked for apart, so that a ranking is out at once. */
	call: (input: CallInput) => call(input, { windows: false, barred: false }),
	barred: (input: CallInput) => call({ ...input, top: 1 }, { windows: false }).barred,
	window: (rig: Rig, { reading: given }: CallInput) => {
		const reading = completeReading(given);
		return calledWindow(rig, new Windows(reading), reading.castM);
	},
	costs: lockCosts
};
export type CallApi = typeof api;
expose(api);
