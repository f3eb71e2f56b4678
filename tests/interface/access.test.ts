import type { Page } from 'playwright-core';
import { AxeBuilder } from '@axe-core/playwright';
import { beforeAll, expect, it } from 'vitest';
import { newAngler, newPage, signedIn, type TestAngler } from './browser';

const SCREENS = [
	'/water',
	'/call',
	'/bench',
	'/tank',
	'/tank/approach',
	'/tank/feel',
	'/tank/calibration',
	'/sight',
	'/deck',
	'/tally',
	'/proof',
	'/craft',
	'/kept',
	'/settings'
] as const;
const SIZES = { laptop: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } } as const;

/** Rows of a long list beyond the first ones, which are all made alike. */
const ALIKE = '.rules li:nth-child(n + 13)';

async function found(page: Page, rules?: string[]): Promise<string[]> {
	const axe = new AxeBuilder({ page }).exclude(ALIKE);
	const { violations } = await (rules ? axe.withRules(rules) : axe).analyze();
	return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`);
}

/** In the other theme the same page differs in its colours alone. */
async function foundInLamp(page: Page): Promise<string[]> {
	await page.emulateMedia({ colorScheme: 'dark' });
	return found(page, ['color-contrast', 'link-in-text-block']);
}

// They only look, so that they can share one angler.
let angler: TestAngler;
beforeAll(async () => {
	angler = await newAngler();
	const page = await signedIn({ at: '/call' }, angler);
	await page.locator('[data-live]').waitFor();
	await page.getByRole('button', { name: 'Take in hand' }).click();
	await page.getByRole('link', { name: /^Rig in hand: (?!none)/ }).waitFor();
});

const LAPTOP_AND_PHONE = Object.values(SIZES);
const cases = SCREENS.flatMap((path) => LAPTOP_AND_PHONE.map((viewport) => [path, viewport.width, viewport] as const));

it.each(cases)('axe finds nothing on %s of %d px, in either theme', async (path, _width, viewport) => {
	const page = await signedIn({ viewport, colorScheme: 'light', at: path }, angler);
	await page.getByRole('heading', { level: 1 }).waitFor();
	await page.waitForTimeout(500);
	expect(await found(page)).toEqual([]);
	expect(await foundInLamp(page)).toEqual([]);
});

it('axe finds nothing on the welcome page, in either theme', async () => {
	const page = await newPage({ colorScheme: 'light' });
	await page.goto('/');
	expect(await found(page)).toEqual([]);
	expect(await foundInLamp(page)).toEqual([]);
});

it('nothing runs out of a phone’s width, nor out of a laptop at 200 % zoom', async () => {
	for (const viewport of [SIZES.phone, { width: 640, height: 400 }]) {
		const page = await signedIn({ viewport, at: '/craft' }, angler);
		for (const path of SCREENS) {
			await page.goto(path);
			await page.waitForTimeout(400);
			const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
			expect([path, viewport.width, over <= 0]).toEqual([path, viewport.width, true]);
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
	await page.setViewportSize(SIZES.phone);
	await page.getByRole('button', { name: 'More', exact: true }).click();
	await page.getByRole('dialog').getByRole('link', { name: 'Craft' }).click();
	await page.waitForURL('**/craft');
	expect(await page.getByRole('dialog').count()).toBe(0);
});
