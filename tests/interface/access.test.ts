import { beforeAll, expect, it } from 'vitest';
import { anglerWithRig, foundInBoth, foundOn, HALF, PHONE, SCREENS } from './axe';
import { newPage, signedIn, type TestAngler } from './browser';

let angler: TestAngler;
beforeAll(async () => {
	angler = await anglerWithRig();
});

it.each(SCREENS.slice(0, HALF))('nothing is wrong with %s, on laptop and phone, in either theme', async (path) => {
	expect(await foundOn(path, angler)).toEqual([]);
});

it('axe finds nothing on the welcome page, in either theme', async () => {
	const page = await newPage({ colorScheme: 'light' });
	await page.goto('/');
	expect(await foundInBoth(page)).toEqual([]);
});

it('the list of shortcuts and the sheet of further screens come when they are asked for', async () => {
	const page = await signedIn({}, angler);
	await page.locator('[data-live]').waitFor();
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
	await expect.poll(() => page.getByRole('dialog').count()).toBe(0);
});
