import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeAll, expect, it } from 'vitest';
import { InputFailure } from '../../core/schema/failure';
import { answerOf, Pool } from './pool';

/** A thread that answers when it is told to, so that the order is the test's to decide. */
const THREAD = `
import { parentPort } from 'node:worker_threads';
import { setTimeout } from 'node:timers/promises';
parentPort.on('message', async ({ input }) => {
	if (input === 'die') process.exit(1);
	await setTimeout(5);
	const failure = { code: 'invalid', path: 'x', message: 'No.' };
	parentPort.postMessage(input === 'bad' ? { ok: false, failure } : { ok: true, answer: input });
});
`;
let folder = '';
let pool: Pool;
const script = () => join(folder, 'thread.mjs');
const opened = (size: number): Pool => (pool = new Pool(script(), size));
const call = (input: unknown) => ({ verb: 'call', input }) as const;

beforeAll(() => {
	folder = mkdtempSync(join(tmpdir(), 'luc-pool-'));
	writeFileSync(script(), THREAD);
});
afterEach(() => pool.close());
afterAll(() => rmSync(folder, { recursive: true, force: true }));

it('answers each with its own, in as many threads as there are', async () => {
	const threads = opened(2);
	const asked = Array.from({ length: 12 }, (_, at) => threads.ask(call(at), at % 2 === 0));
	expect((await Promise.all(asked)).map(answerOf)).toEqual(Array.from({ length: 12 }, (_, at) => at));
});

it('takes a single question before the rest of a batch', async () => {
	const threads = opened(1);
	const order: unknown[] = [];
	const heard = (done: Parameters<typeof answerOf>[0]) => order.push(answerOf(done));
	const batch = Array.from({ length: 20 }, (_, at) => threads.ask(call(at), true).then(heard));
	await threads.ask(call('single'), false).then(heard);
	await Promise.all(batch);
	expect(order.indexOf('single')).toBeLessThan(3);
	expect(order).toHaveLength(21);
});

it('gives back what the core refused as its refusal', async () => {
	const done = await opened(1).ask(call('bad'), false);
	expect(() => answerOf(done)).toThrow(InputFailure);
});

it('loses with a thread that dies the question it worked on, and no other', async () => {
	const threads = opened(1);
	const lost = threads.ask(call('die'), false);
	const next = threads.ask(call('next'), false);
	await expect(lost).rejects.toThrow();
	expect(answerOf(await next)).toBe('next');
});
