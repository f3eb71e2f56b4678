import { randomUUID } from 'node:crypto';
import { chromium, type Browser, type BrowserContextOptions, type Page } from 'playwright-core';
import { expect, inject, vi } from 'vitest';

let browser: Browser | null = null;

/** One headless Chromium for the files that follow each other; it ends with the process that runs them. */
async function opened(): Promise<Browser> {
	browser ??= await chromium.launch({ executablePath: inject('browser'), args: ['--no-sandbox'] });
	return browser;
}

/** A page that is done with would go on ranking and looking for flips beside the next test. */
export async function closePages(): Promise<void> {
	await Promise.all((browser?.contexts() ?? []).map((context) => context.close()));
}

/** Said by the browser when a page of ours goes wrong; empty in a good run. */
export const complaints: string[] = [];

/** A fresh page of its own, without a session. */
export async function newPage(options: BrowserContextOptions = {}, address = inject('address')): Promise<Page> {
	const context = await (
		await opened()
	).newContext({
		baseURL: address,
		viewport: { width: 1280, height: 800 },
		// Pages come from the server, not from what was laid up; the tests without a network say otherwise.
		serviceWorkers: 'block',
		...options
	});
	const page = await context.newPage();
	page.on('pageerror', (error) => complaints.push(error.message));
	page.on('console', (message) => {
		if (/Content Security Policy|hydration/i.test(message.text())) complaints.push(message.text());
	});
	return page;
}

/** An angler with the demo's data, for one test alone: tests share nothing, so that files run side by side. */
export interface TestAngler {
	readonly id: string;
	readonly token: string;
	/** One more session of the same angler. */
	readonly another: () => Promise<string>;
}

export async function newAngler(databaseUrl = inject('databaseUrl')): Promise<TestAngler> {
	// The application's own code knows one database: on another one it begins anew.
	if (databaseUrl !== process.env.DATABASE_URL) vi.resetModules();
	process.env.DATABASE_URL = databaseUrl;
	const [{ database }, { copyAngler }, { openSession }] = await Promise.all([
		import('../../src/lib/server/db/connection'),
		import('./copyAngler'),
		import('../../src/lib/server/auth/session')
	]);
	const id = randomUUID();
	await copyAngler(database(), id);
	const another = () => openSession(id, new Date(), 'A test');
	return { id, another, token: await another() };
}

/** How a browser is, and the screen that it opens first: Water unless another is named. */
export type Opening = BrowserContextOptions & { readonly at?: string };

/** An empty page with an angler's session: a new angler's unless one is given, whose second browser this then is. */
export async function signedPage(
	options: BrowserContextOptions = {},
	angler?: TestAngler,
	address = inject('address')
): Promise<Page> {
	const { token } = angler ?? (await newAngler());
	const page = await newPage(options, address);
	await page.context().addCookies([{ name: 'lucernal_session', value: token, url: address }]);
	return page;
}

/** A signed-in page on its first screen, ready for hands where it has scripts. */
export async function signedIn(
	{ at = '/water', ...options }: Opening = {},
	angler?: TestAngler,
	address = inject('address')
): Promise<Page> {
	const page = await signedPage(options, angler, address);
	await page.goto(at);
	if (options.javaScriptEnabled !== false) await page.locator('[data-live]').waitFor();
	return page;
}

/** Goes to a screen by its link in the frame, as a hand does: what was just done goes along. */
export async function go(page: Page, screen: string): Promise<void> {
	const links = page.getByRole('navigation', { name: 'Screens' }).getByRole('link', { name: screen, exact: true });
	await links.click();
	await page.waitForURL(`**/${screen.toLowerCase()}`);
}

/** Waits until the server's records of a kind say something. */
export const served = (page: Page, kind: string, text: string) =>
	expect.poll(async () => (await page.request.get(`/api/v1/${kind}`)).text()).toContain(text);

/** Waits until the page's scripts run, the device was read, and an answer is there. */
export async function ranked(page: Page): Promise<void> {
	await page.locator('[data-live]').waitFor();
	await page.getByText(/^(Yes|Fair|Hardly)\.$/).waitFor();
}

/** A field of the reading by its label. */
export const field = (page: Page, label: string) => page.getByRole('textbox', { name: label, exact: true });

/** Opens the lid over the rest of a group of the reading. */
export const lift = (page: Page, group: string) => page.getByRole('region', { name: group }).locator('summary').click();

/** Takes the called rig in hand on Tank, which waits for it; on Call all that is worked out beside it would go on. */
export async function takeCalled(page: Page): Promise<void> {
	await page.getByRole('button', { name: /^Use the first choice,/ }).click();
	await page.getByRole('link', { name: /^Current rig: (?!none)/ }).waitFor();
}
