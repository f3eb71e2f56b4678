import { request as httpRequest, Agent } from 'node:http';
import { randomUUID } from 'node:crypto';
import { beforeAll, beforeEach, describe, expect, inject, it } from 'vitest';
import { fuzz } from '../../scripts/fuzz/run';
import { newAngler } from './browser';

const WATER = { waterTemperatureC: 16.5, visibilityM: 0.9, bottomM: 2.4 };
const SPOILED = 250;
let cookie = '';
let anglerId = '';
let address = '';

beforeAll(() => {
	address = inject('address');
});
// What one of them sends counts against nobody else.
beforeEach(async () => {
	const angler = await newAngler();
	[cookie, anglerId] = [`lucernal_session=${angler.token}`, angler.id];
});

const ask = (path: string, init: RequestInit = {}) =>
	fetch(address + path, { ...init, headers: { cookie, origin: address, ...init.headers } });
const json = (method: string, body: string) => ({ method, body, headers: { 'content-type': 'application/json' } });

/** How often the server said that it lives, while something else was done. */
async function aliveDuring<T>(work: Promise<T>): Promise<{ done: T; answers: number }> {
	let [over, answers] = [false, 0];
	void work.finally(() => (over = true)).catch(() => undefined);
	while (!over) {
		expect((await fetch(`${address}/api/live`)).status).toBe(200);
		answers++;
		await new Promise((resolve) => setTimeout(resolve, 20));
	}
	return { done: await work, answers };
}

describe('spoiled requests', () => {
	it('are refused in words and in time, and the server lives on', async () => {
		const records = await (await ask('/api/v1/records')).json();
		const cookies = [cookie];
		for (let at = 0; at < 3; at++) cookies.push(`lucernal_session=${(await newAngler()).token}`);
		const { faults, statuses } = await fuzz({ address, cookies, records, count: SPOILED, seed: 7 });
		expect(faults).toEqual([]);
		expect(Object.values(statuses).reduce((sum, count) => sum + count, 0)).toBe(SPOILED);
	});
});

describe('a request that costs more than it may', () => {
	it('is a record of an impossible version', async () => {
		const record = { schemaVersion: -1e300, name: 'A', spotId: null, takenAt: '2026-05-09T06:40:00Z', reading: WATER };
		const body = JSON.stringify({ version: 0, record });
		const told = await ask(`/api/v1/readings/${randomUUID()}`, json('PUT', body));
		expect([told.status, (await told.json()).error.path]).toEqual([422, 'record.schemaVersion']);
	});

	it('is nested thousands deep, while others ask', async () => {
		const deep = `{"reading":${'['.repeat(4500)}${']'.repeat(4500)}}`;
		const calls = Array.from({ length: 4 }, () =>
			ask('/api/v1/call', json('POST', JSON.stringify({ reading: WATER })))
		);
		const refused = Array.from({ length: 3 }, () => ask('/api/v1/call', json('POST', deep)));
		expect((await Promise.all(calls)).map(({ status }) => status)).toEqual([200, 200, 200, 200]);
		expect((await Promise.all(refused)).map(({ status }) => status)).toEqual([422, 422, 422]);
	});

	it('is a form of twenty megabytes in pieces, without a session: refused, and its connection goes on', async () => {
		const agent = new Agent({ keepAlive: true, maxSockets: 1 });
		const { hostname, port } = new URL(address);
		const post = (path: string, pieces: number, type: string): Promise<{ status: number }> => {
			return new Promise((resolve, reject) => {
				const headers = {
					accept: 'text/html',
					'content-type': type,
					origin: address,
					cookie: path === '/sign-in' ? '' : cookie
				};
				const sent = httpRequest({ agent, hostname, port, path, method: 'POST', headers }, (response) => {
					response.resume();
					response.on('end', () => resolve({ status: response.statusCode ?? 0 }));
				});
				sent.on('error', reject);
				for (let at = 0; at < pieces; at++) sent.write('a=b&'.repeat(16 * 1024));
				sent.end();
			});
		};
		const form = 'application/x-www-form-urlencoded';
		const done = await post('/sign-in', 320, form);
		expect(done.status).toBe(413);
		// 600 kB that are refused by their length do not hold up what follows on the same connection.
		expect((await post('/api/v1/call', 10, 'application/json')).status).toBe(413);
		// An empty form names nobody: it is heard and refused.
		expect((await post('/sign-in', 0, form)).status).toBeGreaterThanOrEqual(400);
		agent.destroy();
	});

	it.each([
		['ten megabytes of nothing as CSV', '/api/v1/tally.csv', 'text/csv', ',\n'.repeat(5_000_000)],
		[
			'a million keys',
			'/api/v1/records',
			'application/json',
			`{${Array.from({ length: 1_000_000 }, (_, at) => `"k${at}":1`).join(',')}}`
		]
	])('is %s: refused, and others are served meanwhile', async (_, path, type, body) => {
		const { done, answers } = await aliveDuring(ask(path, { method: 'POST', body, headers: { 'content-type': type } }));
		expect(done.status).toBe(422);
		expect((await done.json()).error.path).not.toBe('');
		expect(answers).toBeGreaterThan(3);
	});

	it('is no form where one is awaited', async () => {
		for (const [path, init] of [
			['/sign-in', json('POST', '{"name":1}')],
			['/water?/keep', json('POST', '[]')],
			['/logbook?/import', json('POST', '{}')]
		] as const) {
			const told = await ask(path, { ...init, headers: { ...init.headers, accept: 'text/html' } });
			expect([path, told.status]).toEqual([path, 415]);
		}
	});
});

describe('a bad record', () => {
	it('takes down no page: it is named, exported and deleted', async () => {
		const [{ database }, waters] = await Promise.all([
			import('../../src/lib/server/db/connection'),
			ask('/api/v1/waters').then((response) => response.json())
		]);
		const [zoneless, damaged] = waters.items as { id: string }[];
		const { records, Preference } = database().models;
		const where = (id: string) => ({ where: { anglerId, id } });
		await records.waters.update({ timeZone: 'Mars/Olympus' } as never, where(zoneless!.id));
		await records.waters.update({ document: { schemaVersion: -1e300 } }, where(damaged!.id));
		await Preference.upsert({
			id: randomUUID(),
			anglerId,
			topic: 'day',
			version: 1,
			document: { hours: 'none' }
		} as never);
		for (const page of [
			'water',
			'call',
			'bench',
			'tank',
			'sight',
			'tray',
			'drills',
			'deck',
			'deck/places',
			'tally',
			'proof',
			'craft',
			'logbook'
		]) {
			const told = await ask(`/${page}`);
			expect([page, told.status]).toEqual([page, 200]);
			expect(await told.text()).toContain('saved records are');
		}
		const found = await (await ask('/api/v1/damaged')).json();
		expect(found).toMatchObject([
			{ kind: 'day', id: 'day' },
			{ kind: 'waters', id: damaged!.id }
		]);
		expect(await (await ask(`/api/v1/waters/${damaged!.id}?raw`)).json()).toMatchObject({
			raw: { schemaVersion: -1e300 }
		});
		await ask('/api/v1/day', { method: 'DELETE' });
		await ask(`/api/v1/waters/${damaged!.id}`, { method: 'DELETE' });
		expect(await (await ask('/api/v1/damaged')).json()).toEqual([]);
	});
});
