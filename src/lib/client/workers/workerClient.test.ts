import { expose } from 'comlink';
import { describe, expect, it } from 'vitest';
import { WorkerClient } from './workerClient';

interface Api {
	double(value: number): Promise<number>;
	fail(): Promise<never>;
}

/** A worker in the same thread: two ends of a channel, and a way to make it die. */
function spawned() {
	const { port1, port2 } = new MessageChannel();
	let release: (() => void)[] = [];
	const asked: number[] = [];
	expose(
		{
			double: async (value: number) => {
				asked.push(value);
				await new Promise<void>((resolve) => release.push(resolve));
				return value * 2;
			},
			fail: async () => {
				throw new Error('It cannot.');
			}
		},
		port1 as never
	);
	port1.start();
	port2.start();
	const worker = Object.assign(port2, {
		terminate: () => port2.close(),
		onerror: null as ((event: unknown) => void) | null
	});
	return {
		worker: worker as unknown as Worker,
		asked,
		go: () => {
			const now = release;
			release = [];
			now.forEach((resolve) => resolve());
		}
	};
}

/** Waits until a worker was asked so much: a busy machine takes its time. */
const wasAsked = (asked: readonly number[], values: number[]) => expect.poll(() => [...asked]).toEqual(values);

describe('a lane', () => {
	it('works on one question at a time, and of those that wait only on the newest', async () => {
		const { worker, asked, go } = spawned();
		const client = new WorkerClient<Api>(() => worker);
		const answers = [1, 2, 3].map((value) => client.latest('call', (api) => api.double(value)));
		await wasAsked(asked, [1]);
		go();
		await wasAsked(asked, [1, 3]);
		go();
		// The first is out of date by the time it is there, the second was never asked.
		expect(await Promise.all(answers)).toEqual([null, null, 6]);
		client.close();
	});

	it('does not hold up another lane', async () => {
		const { worker, asked, go } = spawned();
		const client = new WorkerClient<Api>(() => worker);
		const both = [client.latest('a', (api) => api.double(1)), client.latest('b', (api) => api.double(2))];
		await wasAsked(asked, [1, 2]);
		go();
		expect(await Promise.all(both)).toEqual([2, 4]);
		client.close();
	});

	it('is free again after a call that failed', async () => {
		const { worker, asked, go } = spawned();
		const client = new WorkerClient<Api>(() => worker);
		await expect(client.latest('call', (api) => api.fail())).rejects.toThrow('It cannot.');
		const next = client.latest('call', (api) => api.double(4));
		await wasAsked(asked, [4]);
		go();
		expect(await next).toBe(8);
		client.close();
	});

	it('fails with a worker that dies, and the next call begins another', async () => {
		const first = spawned();
		const second = spawned();
		const workers = [first.worker, second.worker];
		const client = new WorkerClient<Api>(() => workers.shift()!);
		const lost = client.latest('call', (api) => api.double(1));
		await wasAsked(first.asked, [1]);
		first.worker.onerror!({ message: 'out of memory' } as ErrorEvent);
		await expect(lost).rejects.toThrow('out of memory');
		const next = client.latest('call', (api) => api.double(2));
		await wasAsked(second.asked, [2]);
		second.go();
		expect(await next).toBe(4);
		client.close();
	});

	it('tells when nothing is being worked out any more', async () => {
		const { worker, asked, go } = spawned();
		const client = new WorkerClient<Api>(() => worker);
		await client.idle();
		const answer = client.latest('call', (api) => api.double(1));
		let idle = false;
		const rested = client.idle().then(() => (idle = true));
		await wasAsked(asked, [1]);
		expect(idle).toBe(false);
		go();
		await Promise.all([answer, rested]);
		expect(idle).toBe(true);
		client.close();
	});
});
