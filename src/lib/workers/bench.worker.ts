import { expose } from 'comlink';
import { sweep, type DimensionId, type Sweep } from '$lib/core/rig/bench/sweep';
import type { Reading } from '$lib/core/water/reading/complete';
import type { Build } from '$lib/core/foundation/schema/build';

const api = {
	sweep: (build: Build, reading: Reading, dimension: DimensionId): Sweep => sweep(build, reading, dimension)
};

export type BenchApi = typeof api;

expose(api);
