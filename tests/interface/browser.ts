import { chromium, type Browser, type BrowserContextOptions, type Page } from 'playwright-core';
import { afterAll, inject } from 'vitest';

let browser: Browser | null = null;

/** One headless Chromium for a test file. */
async function opened(): Promise<Browser> {
	browser ??= await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
	return browser;
}

afterAll(async () => {
	await browser?.close();
	browser = null;
});

/** Said by the browser when a page of ours goes wrong; empty in a good run. */
export const complaints: string[] = [];

/** A fresh page of its own, without a session. */
export async function newPage(options: BrowserContextOptions = {}, address = inject('address')): Promise<Page> {
	const context = await (
		await opened()
	).newContext({
		baseURL: address,
		viewport: { width: 1280, height: 800 },
		...options
	});
	const page = await context.newPage();
	page.on('pageerror', (error) => complaints.push(error.message));
	page.on('console', (message) => {
		if (/Content Security Policy|hydration/i.test(message.text())) complaints.push(message.text());
	});
	return page;
}

/** A page with the demo angler's session, on Water. */
export async function signedIn(options: BrowserContextOptions = {}, address?: string): Promise<Page> {
	const page = await newPage(options, address);
	await page.goto('/');
	await page.getByRole('button', { name: /Open the demo/ }).click();
	await page.waitForURL('**/water');
	await clearDesk(page);
	await page.reload();
	return page;
}

/** The demo angler's desk as it was on the first day: tests share the angler, not what lies on the desk. */
async function clearDesk(page: Page): Promise<void> {
	const now = new Date().toISOString();
	const reading = { waterTemperatureC: 15, visibilityM: 1.2, bottomM: 3, fishFromM: 0.6, fishToM: 2 };
	const place = { name: '', readingId: null, readingVersion: 0, spotId: null };
	const desk = { schemaVersion: 1, ...place, takenAt: now, reading, rig: null, locks: {}, updatedAt: now };
	await page.evaluate(() => localStorage.clear());
	const response = await page.request.put('/api/v1/preferences/desk', { data: desk });
	if (!response.ok()) throw new Error(`The desk could not be cleared: ${response.status()}`);
}

/** Waits until the page's scripts run and the first ranking is there. */
export async function ranked(page: Page): Promise<void> {
	await page.getByText(/^(Yes|Fair|Hardly)\.$/).waitFor();
}

/** A field of the reading by its label. */
export const field = (page: Page, label: string) => page.getByRole('textbox', { name: label, exact: true });
