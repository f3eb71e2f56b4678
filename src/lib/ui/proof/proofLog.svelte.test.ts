import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Look } from '$lib/workers/proof.worker';
import { ProofLog } from './proofLog.svelte';

const LOG = { outings: [{ id: 'o-1', name: 'Pad Bay' }] };
const json = (body: unknown, status = 200): Response => new Response(JSON.stringify(body), { status });
const noOuting = () => ({ outing: null, happened: [] });

/** A worker's client that answers each question by its words. */
function twin() {
	const asked: string[] = [];
	const say = <T>(words: string, answer: T): Promise<T> => (asked.push(words), Promise.resolve(answer));
	const work = {
		openLog: vi.fn((_record: unknown, zone: string) => say(`open in ${zone}`, undefined)),
		lookAtLog: vi.fn((facet: string) => say(`look ${facet}`, { facet } as unknown as Look | null)),
		compareInLog: vi.fn((_facet: string, _filter: unknown, a: string, b: string) => say(`compare ${a} ${b}`, null)),
		movesInLog: vi.fn(() => say('moves', []))
	};
	return { work, asked };
}

describe('the log on Proof', () => {
	let answers: (() => Response)[];
	beforeEach(() => {
		answers = [];
		vi.stubGlobal('fetch', () => {
			const next = answers.shift();
			return next ? Promise.resolve(next()) : Promise.reject(new TypeError('away'));
		});
	});
	afterEach(() => void vi.unstubAllGlobals());

	const opened = (work: ReturnType<typeof twin>['work'] | null, tally: ReturnType<typeof noOuting> = noOuting()) =>
		new ProofLog(
			() => work as never,
			() => tally as never,
			() => 'Europe/Paris'
		);

	it('is fetched, handed to the worker with the angler’s time zone, and named', async () => {
		const { work, asked } = twin();
		answers.push(() => json(LOG));
		const log = opened(work);
		expect(log.source).toBe('reading');
		await log.open();
		expect([log.source, log.alone, log.names]).toEqual(['there', false, LOG.outings]);
		expect(asked).toEqual(['open in Europe/Paris']);
	});

	it('cannot be had without a connection where this device holds no outing', async () => {
		const { work } = twin();
		const log = opened(work);
		await log.open();
		expect([log.source, log.alone]).toEqual(['away', true]);
		expect(work.openLog).not.toHaveBeenCalled();
	});

	it('keeps its look where a newer one was asked for', async () => {
		const { work } = twin();
		const log = opened(work);
		await log.see('finish', {});
		expect([log.shown, log.look]).toEqual(['finish', { facet: 'finish' }]);
		work.lookAtLog.mockResolvedValueOnce(null);
		await log.see('layout', {});
		expect([log.shown, log.look]).toEqual(['finish', { facet: 'finish' }]);
	});

	it('says nothing of the rules while they are weighed, nor when the worker died', async () => {
		const { work } = twin();
		const log = opened(work);
		await log.weigh({});
		expect(log.moved).toEqual([]);
		work.movesInLog.mockRejectedValueOnce(new Error('The worker died.'));
		await expect(log.weigh({})).rejects.toThrow('died');
		expect(log.moved).toBeNull();
	});

	it('brings a file in and opens the log anew, or says why not', async () => {
		const { work } = twin();
		const log = opened(work);
		answers.push(
			() => json({ added: 3, known: 1 }),
			() => json(LOG)
		);
		expect(await log.bring(new Blob(['a,b']))).toBe(true);
		expect(log.brought).toBe('3 lines added, 1 were already here.');
		expect(log.source).toBe('there');

		answers.push(() => json({ error: { message: 'Line 2: no such entry.' } }, 422));
		expect(await log.bring(new Blob(['a,b']))).toBe(false);
		expect(log.brought).toBe('Line 2: no such entry.');
		expect(await log.bring(new Blob(['a,b']))).toBe(false);
		expect(log.brought).toBe('The file could not be imported; nothing was added.');
	});
});
