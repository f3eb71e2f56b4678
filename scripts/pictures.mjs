// Takes the pictures in docs/screenshots from the demo's data: npm run pictures, or npm run pictures -- bench for some.
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './lib/run.mjs';
import { onStage, opened } from './lib/stage.mjs';

const FOLDER = join(ROOT, 'docs', 'screenshots');
const LAPTOP = { viewport: { width: 1280, height: 800 } };
const PHONE = { viewport: { width: 390, height: 844 }, deviceScaleFactor: 2, hasTouch: true };
const READING = 'Alder Bank';
/** By then the worker has found what would flip the call. */
const WORKED_OUT_MS = 12_000;

const PICTURES = [
	['water-day', '/water', 'light', LAPTOP],
	['waters-day', '/waters', 'light', LAPTOP],
	['water-phone', '/water', 'light', PHONE],
	['call-day', '/call', 'light', LAPTOP],
	['call-lamp', '/call', 'dark', LAPTOP],
	['call-phone', '/call', 'dark', PHONE],
	['bench-day', '/bench', 'light', LAPTOP],
	['tank-day', '/tank', 'light', LAPTOP],
	['tank-phone', '/tank', 'dark', PHONE],
	['sight-day', '/sight', 'light', LAPTOP],
	['tray-day', '/tray', 'light', LAPTOP, whatToBuy],
	['deck-day', '/deck', 'light', LAPTOP],
	['tally-phone', '/tally', 'light', PHONE, fishAWhile],
	['proof-day', '/proof', 'light', LAPTOP, holdTwo],
	['drills-day', '/drills?water=4711&level=2', 'light', LAPTOP, decideOnce],
	['craft-day', '/craft', 'light', LAPTOP],
	['logbook-day', '/logbook', 'light', LAPTOP],
	['places-day', '/deck/places', 'light', LAPTOP, atMidday]
];

/** A few casts and answers, so that the tally has something to say. */
async function fishAWhile(page) {
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	for (let at = 0; at < 14; at++) await page.getByRole('button', { name: /^Cast, / }).click();
	for (let at = 0; at < 2; at++) await page.getByRole('button', { name: /^Follow, / }).click();
	await page.waitForTimeout(600);
}

/** What two parts would help most. */
async function whatToBuy(page) {
	await page.getByRole('combobox', { name: 'At most' }).selectOption('1');
	await page.getByRole('button', { name: 'Work it out' }).click();
	await page.getByText(/closes? .* of what your tray lacks against/).waitFor({ timeout: 240_000 });
}

/** One water, decided. */
async function decideOnce(page) {
	for (const pick of ['Spinnerbait', 'Single Indiana', '3/8 oz', 'White-chartreuse', '0.8']) {
		await page.locator('label.option', { hasText: pick }).first().click();
		await page.getByRole('button', { name: 'Fairly sure' }).click();
	}
	await page.getByText('What decides here').waitFor();
	await page.waitForTimeout(3000);
}

/** The wind is up by midday. */
async function atMidday(page) {
	await page.getByRole('slider', { name: 'Hour' }).fill('6');
	await page
		.getByText(/blades (good|fair|poor)/)
		.first()
		.waitFor();
	await page.waitForTimeout(1500);
}

/** Two finishes held against each other. */
async function holdTwo(page) {
	for (const name of ['gold', 'nickel']) await page.getByRole('button', { name, exact: true }).click();
	await page.waitForTimeout(2500);
}

/** Lays one of the demo's kept rigs on the bench: it has a history. */
async function openKept(page) {
	await page.goto('/bench');
	await page.waitForTimeout(800);
	// On a phone the views are a list.
	const list = page.getByRole('combobox', { name: 'What to show' });
	if (await list.isVisible()) await list.selectOption('rigs');
	else await page.getByRole('tab', { name: 'Rigs and own parts' }).click();
	await page.getByRole('button', { name: 'Open Mere tandem' }).click();
	if (await list.isVisible()) await list.selectOption('parts');
	await page.waitForTimeout(1600);
}

/** The welcome page is seen by whoever has no session. */
async function pictureWelcome(browser, address) {
	const context = await browser.newContext({ baseURL: address, ...LAPTOP, colorScheme: 'light' });
	const page = await context.newPage();
	await page.goto('/');
	await page.screenshot({ path: join(FOLDER, 'welcome-day.png') });
	await context.close();
}

mkdirSync(FOLDER, { recursive: true });
await onStage(async (browser, address) => {
	if ('welcome-day'.startsWith(process.argv[2] ?? '')) await pictureWelcome(browser, address);
	const wanted = PICTURES.filter(([name]) => name.startsWith(process.argv[2] ?? ''));
	for (const [name, path, colorScheme, size, then] of wanted) {
		const page = await opened(browser, address, READING, { ...size, colorScheme });
		await page.goto('/call');
		await page.getByRole('button', { name: 'Use this rig' }).click();
		await page.getByRole('link', { name: /^Current rig: (?!none)/ }).waitFor();
		if (path.startsWith('/bench')) await openKept(page);
		await page.goto(path);
		await page.waitForTimeout(['/call', '/tank', '/deck', '/proof'].includes(path) ? WORKED_OUT_MS : 1500);
		await then?.(page);
		await page.evaluate(() => scrollTo(0, 0));
		await page.waitForTimeout(300);
		await page.screenshot({ path: join(FOLDER, `${name}.png`) });
		await page.context().close();
	}
});
