import { wrap, type Remote } from 'comlink';
import type { AsidesApi } from '$lib/workers/asides.worker';

let api: Remote<AsidesApi> | null = null;

/** The worker for all that is asked beside the ranking; begun when first asked for, it serves every screen. */
export function asides(): Remote<AsidesApi> {
	api ??= wrap<AsidesApi>(new Worker(new URL('../../workers/asides.worker.ts', import.meta.url), { type: 'module' }));
	return api;
}
