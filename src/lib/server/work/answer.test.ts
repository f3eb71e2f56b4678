import { getEventListeners } from 'node:events';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeAll, beforeEach, expect, it } from 'vitest';
import { runInThread } from './answer';
import { Pool } from './pool';
import { VERB_SETTINGS, type VerbPool } from './verbPool';

/** A thread that takes as long (ms) as the input says, and refuses what is below zero. */
const THREAD = `
import { parentPort } from 'node:worker_threads';
import { setTimeout } from 'node:timers/promises';
const failure = { code: 'invalid', path: 'ms', message: 'No.' };
parentPort.on('message', async ({ input }) => {
	await setTimeout(Math.abs(input));
	parentPort.postMessage(input < 0 ? { ok: false, failure } : { ok: true, answer: input });
});
parentPort.postMessage('ready');
`;
let folder = '';
let pool: VerbPool;

beforeAll(() => {
	folder = mkdtempSync(join(tmpdir(), 'luc-answer-'));
	writeFileSync(join(folder, 'thread.mjs'), THREAD);
});
beforeEach(() => {
	pool = new Pool(join(folder, 'thread.mjs'), { ...VERB_SETTINGS, size: 1, taskMs: () => 10_000 });
});
afterEach(() => pool.close());
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const asked = (input: unknown, ms?: number, signal?: AbortSignal) =>
	runInThread('call', input, { asker: 'one', signal }, pool, ms);

it('answers one, and each of a batch in its order', async () => {
	expect(await asked(3)).toBe(3);
	expect(await asked([5, 1, 2])).toEqual([5, 1, 2]);
	expect(await asked([])).toEqual([]);
});

it('says how far it came when the time of a request is over, and is free again', async () => {
	const batch = [1, ...Array.from({ length: 9 }, () => 400)];
	await expect(asked(batch, 1000)).rejects.toMatchObject({ status: 503, code: 'busy', retryAfterS: 2 });
	await expect(asked(batch, 1000)).rejects.toThrow(/Only [1-9]\d* of 10/);
	expect(await asked(4)).toBe(4);
});

it('tells a single question too that its time is over while others are worked on', async () => {
	const before = asked(600);
	await expect(asked(1, 100)).rejects.toMatchObject({ status: 503 });
	expect(await before).toBe(600);
});

it('names the bad item of a batch, whatever else is wrong with it', async () => {
	await expect(asked([1, 1, -1, 1])).rejects.toMatchObject({ failure: { path: '2.ms' } });
	await expect(asked([-1, ...Array.from({ length: 9 }, () => 100)], 500)).rejects.toMatchObject({
		failure: { path: '0.ms' }
	});
});

it('leaves nothing on the asker’s signal, which may outlive the request', async () => {
	const { signal } = new AbortController();
	await asked([1, 2], 5000, signal);
	await expect(asked(-1, 5000, signal)).rejects.toThrow();
	expect(getEventListeners(signal, 'abort')).toHaveLength(0);
});

it('stops for whoever went away', async () => {
	const gone = new AbortController();
	const answers = asked([50, 50, 50], 5000, gone.signal);
	gone.abort();
	await expect(answers).rejects.toThrow('The request was canceled');
});
