import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { prepareRecords, serve } from '../../scripts/lib/application.mjs';
import { startMariadb } from '../../scripts/lib/mariadb.mjs';
import { freePort } from '../../scripts/lib/ports.mjs';
import { field, newAngler, ranked, signedIn } from './browser';

let folder = '';
let server: Awaited<ReturnType<typeof startMariadb>>;
let application: Awaited<ReturnType<typeof serve>>;

beforeAll(async () => {
	folder = mkdtempSync(join(tmpdir(), 'luc-lost-'));
	server = await startMariadb(folder);
	prepareRecords(server.schemaUrl);
	application = await serve(server.url, await freePort(), { LOG_LEVEL: 'fatal' });
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
		.getByText(/The records cannot be reached just now/)
		.first()
		.waitFor();
	await field(page, 'Name of the reading').fill('While it was away');
	await page.getByRole('button', { name: 'Keep', exact: true }).click();
	await page.getByText('Kept as “While it was away”.').waitFor();
	await page.getByText(/changes? waits?\./).waitFor();
	expect(await field(page, 'Bottom').inputValue()).toBe('5.5');
	await page.reload();
	await ranked(page);
	expect(await field(page, 'Bottom').inputValue()).toBe('5.5');

	await server.start();
	await page
		.getByText(/The records cannot be reached just now/)
		.first()
		.waitFor({ state: 'detached' });
	await page.goto('/kept');
	await page.getByRole('button', { name: 'Open While it was away' }).waitFor();
	// Told by the records themselves, in a browser that never saw it.
	const other = await signedIn({ at: '/kept' }, angler, application.address);
	expect(await other.getByRole('button', { name: 'Open While it was away' }).count()).toBe(1);
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
			.getByText(/The records cannot be reached just now/)
			.first()
			.waitFor();
	} finally {
		server.process.kill('SIGCONT');
	}
	await expect.poll(async () => (await fetch(`${application.address}/api/health`)).status).toBe(200);
	await expect.poll(() => page.getByText(/The records cannot be reached just now/).count()).toBe(0);
});
