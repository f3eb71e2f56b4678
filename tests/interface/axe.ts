import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from 'playwright-core';
import { newAngler, signedIn, takeCalled, type TestAngler } from './browser';

/** Every screen of a signed-in angler. */
export const SCREENS = [
	'/water',
	'/call',
	'/bench',
	'/tank',
	'/tank/approach',
	'/tank/feel',
	'/tank/calibration',
	'/sight',
	'/deck',
	'/deck/places',
	'/tally',
	'/proof',
	'/craft',
	'/kept',
	'/settings'
] as const;
/** So many of them are looked at in one file, the others in another: two run side by side. */
export const HALF = 6;
const LAPTOP = { width: 1280, height: 800 } as const;
/** A laptop at 200 %. */
const ZOOMED = { width: 640, height: 400 } as const;
export const PHONE = { width: 390, height: 844 } as const;

/** Rows of a long list beyond the first ones, which are all made alike. */
const ALIKE = '.rules li:nth-child(n + 13)';

async function found(page: Page, rules?: string[]): Promise<string[]> {
	// No page has frames, and what passes is not reported: both take most of the time.
	const axe = new AxeBuilder({ page })
		.setLegacyMode(true)
		.options({ resultTypes: ['violations'] })
		.exclude(ALIKE);
	const { violations } = await (rules ? axe.withRules(rules) : axe).analyze();
	return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`);
}

/** What axe finds by day; then in the other theme, in which the same page differs in its colours alone. */
export async function foundInBoth(page: Page): Promise<string[]> {
	const byDay = await found(page);
	await page.emulateMedia({ colorScheme: 'dark' });
	return [...byDay, ...(await found(page, ['color-contrast', 'link-in-text-block']))];
}

/** By how much a page runs out of a window. */
async function over(page: Page, viewport: { width: number; height: number }): Promise<string[]> {
	await page.setViewportSize(viewport);
	await page.waitForTimeout(200);
	const px = (await page.evaluate(() => document.documentElement.scrollWidth)) - viewport.width;
	return px > 0 ? [`${px} px out of ${viewport.width}`] : [];
}

/**
 * What is wrong with a screen of an angler: on a laptop, on one at 200 % zoom, and on a phone, in either theme. One page
 * for all of it: to open one takes longer than to look at it.
 */
export async function foundOn(path: string, angler: TestAngler): Promise<string[]> {
	const page = await signedIn({ viewport: LAPTOP, colorScheme: 'light', at: path }, angler);
	await page.getByRole('heading', { level: 1 }).waitFor();
	await page.waitForTimeout(500);
	const onLaptop = await foundInBoth(page);
	await page.emulateMedia({ colorScheme: 'light' });
	const out = [...(await over(page, ZOOMED)), ...(await over(page, PHONE))];
	return [...onLaptop, ...out, ...(await foundInBoth(page))];
}

/** An angler with a rig in hand. Tests that only look can share one. */
export async function anglerWithRig(): Promise<TestAngler> {
	const angler = await newAngler();
	await takeCalled(await signedIn({ at: '/tank' }, angler));
	return angler;
}
