import { expose } from 'comlink';
import { call } from '$lib/core/ranking/answer/call';
import { flipsOf, type FlipEvent } from '$lib/core/ranking/answer/flips';
import { lockCosts } from '$lib/core/ranking/answer/lockCosts';
import { runningOn } from '$lib/core/ranking/gate/run';
import { score } from '$lib/core/ranking/answer/score';
import { completeReading } from '$lib/core/water/reading/complete';
import type { CallInput } from '$lib/core/foundation/schema/call';
import type { MeasuredParts } from '$lib/core/simulation/physics/measured';
import type { Rig } from '$lib/core/foundation/schema/rig';
import type { Running } from '$lib/core/foundation/schema/run';
import type { Tray } from '$lib/core/foundation/schema/tray';
import type { Soundings } from '$lib/core/simulation/cast/soundings';
import { yieldToEventLoop } from './yieldToEventLoop';

/** Work (ms) done on flips before the worker listens for another question. */
const SLICE_MS = 30;
const QUICK = { windows: false, families: false } as const;
let newest = 0;

/** The best of a tray beside the best of all. */
export interface Fit {
	readonly own: Rig | null;
	readonly best: Rig | null;
	/** Points between the two; `null` where nothing of the tray runs. */
	readonly behind: number | null;
}

/** What is asked beside the ranking, so that the ranking waits for none of it. */
const api = {
	/** Looks for what would flip the answer; tells as it finds, and stops when a newer question comes. */
	async flips(input: CallInput, tell: (events: FlipEvent[]) => void): Promise<void> {
		const own = ++newest;
		let found: FlipEvent[] = [];
		let begun = performance.now();
		for (const event of flipsOf(input)) {
			if (event.kind !== 'pause') found.push(event);
			if (performance.now() - begun < SLICE_MS) continue;
			if (found.length > 0) tell(found);
			found = [];
			await yieldToEventLoop();
			if (own !== newest) return;
			begun = performance.now();
		}
		tell(found);
	},
	/** Leaves the flips that are being looked for. */
	stopFlips: () => void newest++,
	running: (rig: Rig, { reading }: CallInput, soundings?: Soundings, measured?: MeasuredParts): Running =>
		runningOn(rig, completeReading(reading), { soundings, measured }),
	costs: lockCosts,
	score,
	/** The best rig from a tray for what is asked, beside the best of all. */
	fit(input: CallInput, tray: Tray): Fit {
		const [best] = call({ ...input, tray: undefined, top: 1 }, QUICK).calls;
		const [own] = call({ ...input, tray, top: 1 }, QUICK).calls;
		return {
			own: own?.rig ?? null,
			best: best?.rig ?? null,
			behind: own && best ? Math.max(0, best.score - own.score) : null
		};
	},
	call: (input: CallInput) => call(input, QUICK),
	/** The whole answer, as it is kept. */
	whole: (input: CallInput) => call(input)
};
export type SecondaryApi = typeof api;
expose(api);
