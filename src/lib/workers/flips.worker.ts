import { expose } from 'comlink';
import { flipsOf, type FlipEvent } from '$lib/core/choice/flips';
import type { CallInput } from '$lib/core/schema/call';

/** Work (ms) done before the worker listens for a newer question. */
const SLICE_MS = 30;
let newest = 0;

const breath = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

const api = {
	/** Looks for what would flip the answer; tells as it finds, and stops when a newer question comes. */
	async run(input: CallInput, tell: (events: FlipEvent[]) => void): Promise<void> {
		const own = ++newest;
		let found: FlipEvent[] = [];
		let begun = performance.now();
		for (const event of flipsOf(input)) {
			if (event.kind !== 'pause') found.push(event);
			if (performance.now() - begun < SLICE_MS) continue;
			if (found.length > 0) tell(found);
			found = [];
			await breath();
			if (own !== newest) return;
			begun = performance.now();
		}
		tell(found);
	}
};
export type FlipsApi = typeof api;
expose(api);
