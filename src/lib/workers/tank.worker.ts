import { expose } from 'comlink';
import { approaches, type Approach, type ApproachInput } from '$lib/core/simulation/cast/approach';
import { calibrated, type Calibrated } from '$lib/core/simulation/cast/calibrate';
import { changesOf } from '$lib/core/simulation/cast/changes';
import { holdOffers, type HoldOffer } from '$lib/core/simulation/cast/hold';
import { mapOf, type MapCell, type MapInput } from '$lib/core/simulation/cast/map';
import { speedFor } from '$lib/core/simulation/cast/speedFor';
import { tow } from '$lib/core/simulation/cast/tow';
import type { MeasuredParts } from '$lib/core/simulation/physics/measured';
import type { Measure } from '$lib/core/foundation/schema/calibration';
import type { SpeedFor, SpeedForInput, Tow, TowInput } from '$lib/core/foundation/schema/tow';
import { yieldToEventLoop } from './yieldToEventLoop';

/** Work (ms) done on a map before the worker tells of it and listens for another question. */
const SLICE_MS = 40;
let newestMap = 0;
let newestChanges = 0;

/** Tells what a generator finds in slices, until it ends or is no longer the newest. */
async function told<T>(found: Iterable<T>, isNewest: () => boolean, tell: (slice: T[]) => void): Promise<boolean> {
	let slice: T[] = [];
	let begun = performance.now();
	for (const one of found) {
		slice.push(one);
		if (performance.now() - begun < SLICE_MS) continue;
		tell(slice);
		slice = [];
		await yieldToEventLoop();
		if (!isNewest()) return false;
		begun = performance.now();
	}
	tell(slice);
	return true;
}

/** Casts simulated. A newer map or search for changes ends the one before it. */
const api = {
	tow: (input: TowInput, measured?: MeasuredParts): Tow => tow(input, measured),
	speedFor: (input: SpeedForInput, measured?: MeasuredParts): SpeedFor => speedFor(input, measured),
	holdOffers: (input: SpeedForInput, measured?: MeasuredParts): HoldOffer[] => holdOffers(input, measured),
	calibrated: (rig: TowInput['rig'], parts: MeasuredParts, measures: readonly Measure[]): Calibrated =>
		calibrated(rig, parts, measures),
	approaches: (input: ApproachInput, measured?: MeasuredParts): Approach[] => approaches(input, measured),
	map(input: MapInput, measured: MeasuredParts, tell: (cells: MapCell[]) => void): Promise<boolean> {
		const own = ++newestMap;
		return told(mapOf(input, measured), () => own === newestMap, tell);
	},
	changes(input: TowInput, measured: MeasuredParts, tell: (changes: Found[]) => void): Promise<boolean> {
		const own = ++newestChanges;
		return told(changesOf(input, measured), () => own === newestChanges, tell);
	},
	stop(): void {
		newestMap++;
		newestChanges++;
	}
};
export type Found = ReturnType<typeof changesOf> extends Generator<infer T> ? T : never;
export type TankApi = typeof api;
expose(api);
