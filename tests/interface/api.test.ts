import { randomUUID } from 'node:crypto';
import { beforeAll, describe, expect, inject, it } from 'vitest';
import { VERB_NAMES } from '../../src/lib/core/cli/verbNames';
import { newAngler } from './browser';

const WATER = { waterTemperatureC: 16.5, visibilityM: 0.9, bottomM: 2.4 };
let cookie = '';

async function ask(path: string, init: RequestInit = {}): Promise<Response> {
	const headers = { 'content-type': 'application/json', cookie, ...init.headers };
	return fetch(inject('address') + path, { ...init, headers });
}
const post = (body: unknown) => ask('/api/v1/call', { method: 'POST', body: JSON.stringify(body) });

beforeAll(async () => {
	cookie = `lucernal_session=${(await newAngler()).token}`;
});

describe('every verb over HTTP', () => {
	it.each(VERB_NAMES)('%s answers, and says what is missing from an empty question', async (verb) => {
		const response = await ask(`/api/v1/${verb}`, { method: 'POST', body: '{}' });
		expect(response.status).toBe(422);
		const { error } = await response.json();
		expect([typeof error.code, typeof error.path, error.message.length > 5]).toEqual(['string', 'string', true]);
	});
});

describe('call over HTTP', () => {
	it('answers one reading, and a batch with a batch', async () => {
		const one = await (await post({ reading: WATER })).json();
		expect(one.calls[0].rig.family).toBeDefined();
		const two = await (await post([{ reading: WATER }, { reading: { ...WATER, bottomM: 9 } }])).json();
		expect(two).toHaveLength(2);
		expect(two[0]).toEqual(one);
	});

	it('scores a called rig with the very score of its call', async () => {
		const { calls } = await (await post({ reading: WATER })).json();
		const body = JSON.stringify({ reading: WATER, rig: calls[1].rig });
		const answer = await (await ask('/api/v1/score', { method: 'POST', body })).json();
		expect(answer.score).toBe(calls[1].score);
		expect(answer.behind).toBeCloseTo(calls[0].score - calls[1].score, 9);
		expect(answer.barred).toBeNull();
	});

	it('works a batch of two hundred while health and single calls are answered', async () => {
		const order: string[] = [];
		const done = (name: string) => (response: Response) => {
			order.push(name);
			return response;
		};
		const bodies = Array.from({ length: 200 }, (_, at) => ({ reading: { ...WATER, bottomM: 2 + at / 50 } }));
		const batch = post(bodies).then(done('batch'));
		const health = fetch(`${inject('address')}/api/health`).then(done('health'));
		const single = post({ reading: WATER }).then(done('single'));
		await Promise.all([health, single]);
		expect(await (await batch).json()).toHaveLength(200);
		// Both before the batch; which of the two is first nobody promises: one asks the records, the other a thread.
		expect([order.slice(0, 2).toSorted(), order[2]]).toEqual([['health', 'single'], 'batch']);
	});

	it('refuses a whole batch for one bad item, its index first in the path', async () => {
		const response = await post([{ reading: WATER }, { reading: { ...WATER, bottomM: -1 } }]);
		expect(response.status).toBe(422);
		expect(await response.json()).toMatchObject({ error: { path: '1.reading.bottomM' } });
	});

	it('refuses what is too large with 413, and what is no JSON with its line', async () => {
		const many = await post(Array.from({ length: 201 }, () => ({ reading: WATER })));
		expect([many.status, (await many.json()).error.code]).toEqual([413, 'batch-too-large']);
		const huge = { method: 'POST', body: `"${'x'.repeat(600 * 1024)}"`, headers: { connection: 'close' } };
		const large = await ask('/api/v1/call', huge);
		expect([large.status, (await large.json()).error.code]).toEqual([413, 'body-too-large']);
		const broken = await ask('/api/v1/call', { method: 'POST', body: '{"reading":\n{,' });
		expect((await broken.json()).error.message).toContain('line 2');
	});
});

describe('records over HTTP', () => {
	it('answer 409 with the current record to a stale write, and 404 for what is not there', async () => {
		const id = randomUUID();
		const path = `/api/v1/readings/${id}`;
		const record = { schemaVersion: 2, name: 'A', spotId: null, takenAt: '2026-05-09T06:40:00.000Z', reading: WATER };
		const put = (version: number, name: string) =>
			ask(path, { method: 'PUT', body: JSON.stringify({ version, record: { ...record, name } }) });
		expect((await put(0, 'A')).status).toBe(201);
		expect((await put(1, 'B')).status).toBe(200);
		const stale = await put(1, 'C');
		expect(stale.status).toBe(409);
		expect(await stale.json()).toMatchObject({
			error: { code: 'stale' },
			current: { version: 2, record: { name: 'B' } }
		});
		expect((await ask(`/api/v1/readings/${randomUUID()}`)).status).toBe(404);
		expect((await ask('/api/v1/readings/no-key')).status).toBe(404);
		expect(await (await ask(path, { method: 'DELETE' })).json()).toEqual({ id, version: 3 });
		expect((await ask(path)).status).toBe(404);
		expect((await ask(`${path}/restore`, { method: 'POST' })).status).toBe(200);
		const { changes } = await (await ask('/api/v1/changes?since=0')).json();
		expect(changes).toEqual([{ kind: 'readings', id, version: 4, deleted: false }]);
	});

	it('are written once under a key, however often it is sent', async () => {
		const [id, key] = [randomUUID(), randomUUID()];
		const record = { schemaVersion: 2, name: 'A', spotId: null, takenAt: '2026-05-09T06:40:00.000Z', reading: WATER };
		const init = { method: 'PUT', body: JSON.stringify({ version: 0, record }), headers: { 'idempotency-key': key } };
		const sent = async () => (await ask(`/api/v1/readings/${id}`, init)).json();
		expect([await sent(), await sent()]).toMatchObject([{ version: 1 }, { version: 1 }]);
		const bad = await ask(`/api/v1/readings/${id}`, { ...init, headers: { 'idempotency-key': 'twice' } });
		expect([bad.status, (await bad.json()).error.path]).toEqual([422, 'idempotency-key']);
	});

	it('come in pages, and refuse by the path within the body', async () => {
		const first = await (await ask('/api/v1/readings?limit=3')).json();
		expect([first.items.length, first.unreadable]).toEqual([3, []]);
		const second = await (await ask(`/api/v1/readings?limit=3&after=${first.next}`)).json();
		expect(second.items[0].id).not.toBe(first.items[0].id);
		const body = JSON.stringify({ version: 0, record: { schemaVersion: 2, name: '' } });
		const refused = await ask(`/api/v1/readings/${randomUUID()}`, { method: 'PUT', body });
		expect((await refused.json()).error.path).toMatch(/^record\./);
	});

	it('a stand with what is not known here is taken without it, named, and Call opens', async () => {
		const rule = { id: 'MY-01', strength: 2, when: { join: 'all', words: ['night'] }, because: 'So.' };
		const record = {
			schemaVersion: 2,
			stances: { WIRE: 'heavy', MOONS: 'full', SKY: 'stormy' },
			houseRules: [{ ...rule, prefers: { blade: { spoon: 1 } } }, { hello: 'there' }]
		};
		const { version } = await (await ask('/api/v1/stand')).json();
		const put = await ask('/api/v1/stand', { method: 'PUT', body: JSON.stringify({ version, record }) });
		const { aside, record: stored } = await put.json();
		expect(aside.map(({ path }: { path: string }) => path)).toEqual([
			'stances.MOONS',
			'stances.SKY',
			'houseRules.0.prefers',
			expect.stringMatching(/^houseRules\.1/)
		]);
		expect(stored).toMatchObject({ stances: { WIRE: 'heavy' }, houseRules: [] });
		const page = await ask('/call');
		expect(page.status).toBe(200);
		expect(await page.text()).toContain('What to tie on');
	});

	it('come with headers that keep strangers out', async () => {
		const page = await ask('/water');
		expect(page.headers.get('content-security-policy')).toMatch(/script-src 'self' 'nonce-/);
	});

	it('and so do files, redirects and what is not there', async () => {
		const script = /\/_app\/immutable\/[\w/.-]+\.js/.exec(await (await ask('/water')).text())![0];
		for (const path of ['/water', script, '/favicon.svg', '/nowhere']) {
			for (const cookie of ['', undefined]) {
				const answer = await ask(path, { redirect: 'manual', ...(cookie === '' ? { headers: { cookie } } : {}) });
				const told = ['x-content-type-options', 'x-frame-options', 'referrer-policy'];
				const said = told.map((name) => answer.headers.get(name));
				expect([path, ...said]).toEqual([path, 'nosniff', 'DENY', 'same-origin']);
			}
		}
	});
});
