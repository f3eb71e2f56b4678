/** A worker of its own for what would flip the call, so that ranking never waits for it. */
export const flipsWorker = (): Worker =>
	new Worker(new URL('../../workers/flips.worker.ts', import.meta.url), { type: 'module' });
