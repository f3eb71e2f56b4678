import { randomUUID } from 'node:crypto';
import { beforeAll, describe, expect, inject, it } from 'vitest';
import { signedIn } from './browser';

const WATER = { waterTemperatureC: 16.5, visibilityM: 0.9, bottomM: 2.4 };
let cookie = '';

async function ask(path: string, init: RequestInit = {}): Promise<Response> {
	const headers = { 'content-type': 'application/json', cookie, ...init.headers };
	return fetch(inject('address') + path, { ...init, headers });
}
const post = (body: unknown) => ask('/api/v1/call', { method: 'POST', body: JSON.stringify(body) });

beforeAll(async () => {
	const page = await signedIn();
	const cookies = await page.context().cookies();
	cookie = cookies.map(({ name, value }) => `${name}=${value}`).join('; ');
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
		const record = { schemaVersion: 1, name: 'A', spotId: null, takenAt: '2026-05-09T06:40:00.000Z', reading: WATER };
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
		expect((await ask(path, { method: 'DELETE' })).status).toBe(204);
		expect((await ask(path)).status).toBe(404);
		expect((await ask(`${path}/restore`, { method: 'POST' })).status).toBe(200);
		await ask(path, { method: 'DELETE' });
	});

	it('come with headers that keep strangers out', async () => {
		const page = await ask('/water');
		expect(page.headers.get('content-security-policy')).toMatch(/script-src 'self' 'nonce-/);
		expect(page.headers.get('x-content-type-options')).toBe('nosniff');
		expect(page.headers.get('x-frame-options')).toBe('DENY');
	});
});
