import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from 'playwright-core';
import { prepareRecords, serve } from './application.mjs';
import { needBuild } from './build.mjs';
import { needBrowser } from './install.mjs';
import { startMariadb } from './mariadb.mjs';
import { freePort } from './ports.mjs';

/** The built application with the demo's data in a throw-away folder, and a browser to look at it; `env` is the server's. */
export async function onStage(show, env = {}) {
	needBuild();
	const folder = mkdtempSync(join(tmpdir(), 'luc-stage-'));
	const server = await startMariadb(folder);
	prepareRecords(server.schemaUrl);
	const application = await serve(server.url, await freePort(), { LOG_LEVEL: 'error', ...env });
	const browser = await chromium.launch({ executablePath: needBrowser(), args: ['--no-sandbox'] });
	try {
		await show(browser, application.address, application.process);
	} finally {
		await browser.close();
		await application.stop();
		await server.stop();
		rmSync(folder, { recursive: true, force: true });
	}
}

/** A page with the demo angler's session and one of the demo's readings on the desk. */
export async function opened(browser, address, reading, options = {}) {
	const context = await browser.newContext({ baseURL: address, ...options });
	const page = await context.newPage();
	await page.goto('/');
	await page.getByRole('button', { name: /Open the demo/ }).click();
	await page.waitForURL('**/water');
	await page.goto('/logbook');
	await page
		.getByRole('button', { name: new RegExp(`^Open ${reading}`) })
		.first()
		.click();
	await page.waitForURL('**/water');
	await page.locator('[data-live]').waitFor();
	await page.getByText(/^(Yes|Fair|Hardly)\.$/).waitFor();
	return page;
}
