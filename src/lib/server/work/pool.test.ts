import { getEventListeners } from 'node:events';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeAll, expect, it } from 'vitest';
import { InputFailure } from '../../core/foundation/schema/failure';
import { Pool } from './pool';
import { answerOf, VERB_SETTINGS, type VerbPool } from './verbPool';

/** A thread that answers when it is told to, so that the order is the test's to decide. */
const THREAD = `
import { parentPort } from 'node:worker_threads';
import { setTimeout } from 'node:timers/promises';
parentPort.on('message', async ({ input }) => {
	if (input === 'die') process.exit(1);
	await setTimeout(5);
	if (input === 'endless') for (;;);
	const failure = { code: 'invalid', path: 'x', message: 'No.' };
	parentPort.postMessage(input === 'bad' ? { ok: false, failure } : { ok: true, answer: input });
});
parentPort.postMessage('ready');
`;
let folder = '';
let pool: VerbPool;
const script = () => join(folder, 'thread.mjs');
const opened = (size: number, itemMs = 10_000): VerbPool =>
	(pool = new Pool(script(), { ...VERB_SETTINGS, size, taskMs: () => itemMs }));
const single = { batch: false, asker: 'one' };
const batched = { batch: true, asker: 'one' };
const call = (input: unknown) => ({ verb: 'call', input }) as const;

beforeAll(() => {
	folder = mkdtempSync(join(tmpdir(), 'luc-pool-'));
	writeFileSync(script(), THREAD);
});
afterEach(() => pool.close());
afterAll(() => rmSync(folder, { recursive: true, force: true }));

it('answers each with its own, in as many threads as there are', async () => {
	const threads = opened(2);
	const asked = Array.from({ length: 12 }, (_, at) => threads.ask(call(at), at % 2 === 0 ? batched : single));
	expect((await Promise.all(asked)).map(answerOf)).toEqual(Array.from({ length: 12 }, (_, at) => at));
});

it('takes a single question before the rest of a batch', async () => {
	const threads = opened(1);
	const order: unknown[] = [];
	const heard = (done: Parameters<typeof answerOf>[0]) => order.push(answerOf(done));
	const batch = Array.from({ length: 20 }, (_, at) => threads.ask(call(at), batched).then(heard));
	await threads.ask(call('single'), single).then(heard);
	await Promise.all(batch);
	expect(order.indexOf('single')).toBeLessThan(3);
	expect(order).toHaveLength(21);
});

it('gives back what the core refused as its refusal', async () => {
	const done = await opened(1).ask(call('bad'), single);
	expect(() => answerOf(done)).toThrow(InputFailure);
});

it('loses with a thread that dies the question it worked on, and no other', async () => {
	const threads = opened(1);
	const lost = threads.ask(call('die'), single);
	const next = threads.ask(call('next'), single);
	await expect(lost).rejects.toThrow();
	expect(answerOf(await next)).toBe('next');
});

it('gives up an item that takes too long, and goes on with the others', async () => {
	const threads = opened(1, 150);
	const endless = threads.ask(call('endless'), single);
	const next = threads.ask(call('next'), single);
	await expect(endless).rejects.toMatchObject({ status: 422, code: 'too-long' });
	expect(answerOf(await next)).toBe('next');
});

it('tells whoever asks for too much to come again, and nobody else', async () => {
	const threads = opened(1);
	const mine = Array.from({ length: 260 }, (_, at) => threads.ask(call(at), batched));
	const settled = Promise.allSettled(mine);
	expect(answerOf(await threads.ask(call('other'), { batch: false, asker: 'other' }))).toBe('other');
	const refused = (await settled).filter(({ status }) => status === 'rejected');
	expect(refused).toHaveLength(10);
	expect(refused[0]).toMatchObject({ reason: { status: 429, retryAfterS: 2 } });
});

it('tells everybody to come again when all have asked for too much', async () => {
	const threads = opened(1);
	const all = Array.from({ length: 1100 }, (_, at) => threads.ask(call(at), { batch: true, asker: `${at % 8}` }));
	const settled = Promise.allSettled(all);
	await threads.close();
	const reasons = (await settled).flatMap((one) => (one.status === 'rejected' ? (one.reason as Error).message : []));
	expect(reasons).toContain('The server is busy.');
	expect(reasons).toHaveLength(1100);
});

it('fails what cannot be handed to a thread alone, and goes on with the others', async () => {
	const threads = opened(1);
	const nested = Array.from({ length: 20_000 }).reduce<unknown>((inner) => [inner], 0);
	const deep = [1, 2, 3].map(() => threads.ask(call(nested), single));
	const uncloneable = threads.ask(
		call(() => undefined),
		single
	);
	const next = threads.ask(call('next'), single);
	for (const one of [...deep, uncloneable]) await expect(one).rejects.toMatchObject({ status: 422, code: 'invalid' });
	expect(answerOf(await next)).toBe('next');
});

it('leaves nothing on a signal that outlives its tasks', async () => {
	const threads = opened(1);
	const { signal } = new AbortController();
	for (let at = 0; at < 20; at++) await threads.ask(call(at), { ...single, signal });
	await expect(threads.ask(call('die'), { ...single, signal })).rejects.toMatchObject({ status: 503 });
	expect(getEventListeners(signal, 'abort')).toHaveLength(0);
});

it('leaves what nobody waits for', async () => {
	const threads = opened(1);
	const gone = new AbortController();
	const batch = Array.from({ length: 50 }, (_, at) => threads.ask(call(at), { ...batched, signal: gone.signal }));
	gone.abort();
	const results = await Promise.allSettled(batch);
	expect(results.filter(({ status }) => status === 'rejected').length).toBeGreaterThan(45);
	expect(answerOf(await threads.ask(call('next'), single))).toBe('next');
});

it('says so when its threads cannot even begin', async () => {
	writeFileSync(join(folder, 'broken.mjs'), 'throw new Error("no");');
	pool = new Pool(join(folder, 'broken.mjs'), { ...VERB_SETTINGS, size: 1 });
	await expect(pool.ask(call(1), single)).rejects.toThrow();
});
