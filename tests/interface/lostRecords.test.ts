import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { prepareRecords, serve } from '../../scripts/lib/application.mjs';
import { startMariadb } from '../../scripts/lib/mariadb.mjs';
import { freePort } from '../../scripts/lib/ports.mjs';
import { field, go, newAngler, ranked, served, signedIn, takeCalled } from './browser';

let folder = '';
/** All that the server printed. */
let printed = '';
let server: Awaited<ReturnType<typeof startMariadb>>;
let application: Awaited<ReturnType<typeof serve>>;

beforeAll(async () => {
	folder = mkdtempSync(join(tmpdir(), 'luc-lost-'));
	server = await startMariadb(folder);
	prepareRecords(server.schemaUrl);
	const settings = { LOG_LEVEL: 'info' };
	application = await serve(server.url, await freePort(), settings, { stdio: ['ignore', 'pipe', 'pipe'] });
	for (const stream of [application.process.stdout!, application.process.stderr!]) {
		stream.on('data', (chunk: Buffer) => (printed += chunk.toString()));
	}
});

afterAll(async () => {
	await application.stop();
	await server.stop();
	rmSync(folder, { recursive: true, force: true });
});

const killed = () =>
	new Promise<void>((resolve) => {
		server.process.once('exit', () => resolve());
		server.process.kill('SIGKILL');
	});

it('a killed database is told plainly, loses nothing, and the application goes on when it is back', async () => {
	const angler = await newAngler(server.url);
	const page = await signedIn({}, angler, application.address);
	await ranked(page);
	await killed();
	const health = await fetch(`${application.address}/api/health`);
	expect(health.status).toBe(503);
	expect(await health.json()).toMatchObject({ status: 'degraded', database: 'down' });

	await field(page, 'Bottom').fill('5.5');
	await page
		.getByText(/^No connection/)
		.first()
		.waitFor();
	await field(page, 'Name of the reading').fill('While it was away');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await page.getByText('Saved as “While it was away”.').waitFor();
	await page.getByText(/\d+ changes? saved on this device\./).waitFor();
	await expect.poll(() => field(page, 'Bottom').inputValue()).toBe('5.5');
	await page.reload();
	await ranked(page);
	await expect.poll(() => field(page, 'Bottom').inputValue()).toBe('5.5');

	await server.start();
	await page
		.getByText(/^No connection/)
		.first()
		.waitFor({ state: 'detached' });
	await page.goto('/logbook');
	await page.getByRole('button', { name: 'Open While it was away' }).waitFor();
	// Told by the records themselves, in a browser that never saw it.
	const other = await signedIn({ at: '/logbook' }, angler, application.address);
	await expect.poll(() => other.getByRole('button', { name: 'Open While it was away' }).count()).toBe(1);
});

it('a database that hangs is told as one that is away, and all goes on when it wakes', async () => {
	const angler = await newAngler(server.url);
	const page = await signedIn({}, angler, application.address);
	await ranked(page);
	server.process.kill('SIGSTOP');
	try {
		const health = await fetch(`${application.address}/api/health`);
		expect(health.status).toBe(503);
		expect((await fetch(`${application.address}/api/live`)).status).toBe(200);
		await page.goto('/call');
		await page
			.getByText(/^No connection/)
			.first()
			.waitFor();
	} finally {
		server.process.kill('SIGCONT');
	}
	await expect.poll(async () => (await fetch(`${application.address}/api/health`)).status).toBe(200);
	await expect.poll(() => page.getByText(/^No connection/).count()).toBe(0);
});

it('two hundred happenings tapped without a line reach records that are killed twice meanwhile: each once, in order', async () => {
	const angler = await newAngler(server.url);
	const page = await signedIn({ at: '/tank' }, angler, application.address);
	await takeCalled(page);
	await go(page, 'Tally');
	// The current rig is a write too, which would be counted with those that wait.
	await served(page, 'bench', '"rig"');
	// The outing itself is another: all is told also in the moment before it is on its way.
	const begun = page.waitForResponse(
		(response) => response.request().method() === 'PUT' && /outings/.test(response.url())
	);
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await page.getByRole('button', { name: /^Cast, / }).waitFor();
	await begun;
	await page.getByText('saved', { exact: true }).waitFor();
	const HAPPENINGS = 200;
	await page.route('**/api/v1/**', (route) => route.abort());
	await page.evaluate(async (count) => {
		const [cast, follow] = ['Cast, ', 'Follow, '].map((name) =>
			document.querySelector<HTMLButtonElement>(`button[aria-label^="${name}"]`)!
		);
		for (let at = 0; at < count; at++) {
			(at % 10 === 9 ? follow! : cast!).click();
			await new Promise((resolve) => setTimeout(resolve, 5));
		}
	}, HAPPENINGS);
	await expect.poll(() => page.locator('.kept').innerText(), { timeout: 30_000 }).toContain(`${HAPPENINGS} to send`);
	await page.unroute('**/api/v1/**');
	// The outbox tries again by itself; twice the records die while it is at it.
	for (let kill = 0; kill < 2; kill++) {
		const left = HAPPENINGS - 40 * (kill + 1);
		await expect
			.poll(async () => Number(/^(\d+) to send/.exec(await page.locator('.kept').innerText())?.[1] ?? 0), {
				timeout: 60_000
			})
			.toBeLessThan(left);
		await killed();
		await page.waitForTimeout(500);
		await server.start();
	}
	await page.getByText('saved', { exact: true }).waitFor({ timeout: 90_000 });
	const [{ id } = { id: '' }] = (await (await page.request.get('/api/v1/outings?limit=1')).json()).items as {
		id: string;
	}[];
	const { items } = (await (await page.request.get(`/api/v1/happenings?outingId=${id}&limit=200`)).json()) as {
		items: { record: { order: number; what: { kind: string } } }[];
	};
	const orders = items.map(({ record }) => record.order).toSorted((a, b) => a - b);
	expect(orders).toEqual(Array.from({ length: HAPPENINGS }, (_, at) => at + 1));
	expect(items.filter(({ record }) => record.what.kind === 'follow')).toHaveLength(HAPPENINGS / 10);
}, 240_000);

it('a database that takes no writes is told as busy with when to try again, and what can be read is read', async () => {
	const angler = await newAngler(server.url);
	const ask = (path: string, init: RequestInit = {}) => {
		const headers = { cookie: `lucernal_session=${angler.token}`, origin: application.address, ...init.headers };
		return fetch(application.address + path, { ...init, headers });
	};
	await killed();
	await server.start(['--read-only']);
	await expect.poll(async () => (await ask('/water')).status).toBe(200);
	const body = JSON.stringify({ version: 0, record: { schemaVersion: 2, units: 'metric', shortcuts: true } });
	const put = await ask('/api/v1/settings', { method: 'PUT', body, headers: { 'content-type': 'application/json' } });
	expect([put.status, put.headers.get('retry-after')]).toEqual([503, '2']);
	expect((await put.json()).error.message).toMatch(/can’t be saved right now/);
	const form = new URLSearchParams({ name: 'Somebody', passphrase: 'tern over the weir' });
	const signIn = await ask('/sign-in', { method: 'POST', body: form, headers: { cookie: '', accept: 'text/html' } });
	expect(signIn.status).toBe(503);
	expect(await signIn.text()).toMatch(/can’t be saved right now/);
	const health = await ask('/api/health');
	expect([health.status, (await health.json()).writes]).toEqual([503, 'refused']);
	await killed();
	await server.start();
	await expect.poll(async () => (await ask('/api/health')).status).toBe(200);
});

it('every line that was printed meanwhile is one JSON object, and none quotes a statement', () => {
	const lines = printed.split('\n').filter((line) => line !== '');
	expect(lines.length).toBeGreaterThan(100);
	for (const line of lines) expect(() => JSON.parse(line), line).not.toThrow();
	expect(printed).not.toMatch(/ROLLBACK|SELECT |INSERT |UPDATE |sql:/);
});
