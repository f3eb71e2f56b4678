import { beforeAll, expect, it } from 'vitest';
import { anglerWithRig, foundInBoth, foundOn, LAPTOP, PHONE, SCREENS } from './axe';
import { newPage, signedIn, type TestAngler } from './browser';

let angler: TestAngler;
beforeAll(async () => {
	angler = await anglerWithRig();
});

it.each(SCREENS)('axe finds nothing on %s of a laptop, in either theme', async (path) => {
	expect(await foundOn(path, LAPTOP, angler)).toEqual([]);
});

it('axe finds nothing on the welcome page, in either theme', async () => {
	const page = await newPage({ colorScheme: 'light' });
	await page.goto('/');
	expect(await foundInBoth(page)).toEqual([]);
});

it('nothing runs out of a phone’s width, nor out of a laptop at 200 % zoom', async () => {
	// A phone zooms out of a page that is too wide: its own width, not the window's, is what counts.
	const phone = { viewport: PHONE, hasTouch: true, isMobile: true };
	for (const screen of [phone, { viewport: { width: 640, height: 400 } }]) {
		const { width } = screen.viewport;
		const page = await signedIn({ ...screen, at: '/craft' }, angler);
		for (const path of SCREENS) {
			await page.goto(path);
			await page.waitForTimeout(400);
			const over = (await page.evaluate(() => document.documentElement.scrollWidth)) - width;
			expect([path, width, over <= 0]).toEqual([path, width, true]);
		}
	}
});

it('the list of shortcuts and the sheet of further screens come when they are asked for', async () => {
	const page = await signedIn({}, angler);
	await page.waitForTimeout(500);
	await page.getByRole('heading', { level: 1 }).click();
	await page.keyboard.press('?');
	const list = page.getByRole('dialog', { name: 'Shortcuts' });
	await list.getByText('Go to Bench').waitFor();
	await page.keyboard.press('Escape');
	await list.waitFor({ state: 'detached' });
	await page.setViewportSize(PHONE);
	await page.getByRole('button', { name: 'More', exact: true }).click();
	await page.getByRole('dialog').getByRole('link', { name: 'Craft' }).click();
	await page.waitForURL('**/craft');
	expect(await page.getByRole('dialog').count()).toBe(0);
});
