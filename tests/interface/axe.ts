import axe from 'axe-core';
import type { Page } from 'playwright-core';
import { vi } from 'vitest';
import { SCREENS as KNOWN, VIEWS } from '../../src/lib/ui/frame/screens';
import { newAngler, signedIn, takeCalled, type TestAngler } from './browser';

/** Every screen of a signed-in angler, and every view within one. */
export const SCREENS: readonly string[] = [...KNOWN.map(({ path }) => path), ...VIEWS];
/** So many of them are looked at in one file, the others in another: two run side by side. */
export const HALF = 6;
const LAPTOP = { width: 1280, height: 800 } as const;
/** A laptop at 200 %. */
const ZOOMED = { width: 640, height: 400 } as const;
export const PHONE = { width: 390, height: 844 } as const;

/** Rows of a long list beyond the first ones, which are all made alike: they are left out. */
const ALIKE = '.rules li:nth-child(n + 13)';
/** Rules about colors, in which a page differs from itself in the other theme. */
const OF_COLOURS = ['color-contrast', 'link-in-text-block'];

/** Hands axe to a page, once for all looks at it: that takes as long as a look. */
async function handAxe(page: Page): Promise<void> {
	await page.evaluate(axe.source);
	await page.evaluate((alike) => document.querySelectorAll(alike).forEach((row) => row.remove()), ALIKE);
}

/** What is wrong by all rules, or by some, with what each is about. */
const found = (page: Page, rules?: string[]): Promise<string[]> =>
	page.evaluate(async (only) => {
		const { axe } = window as unknown as { axe: typeof import('axe-core') };
		// What passes is not reported: that takes most of the time.
		const { violations } = await axe.run({ resultTypes: ['violations'], ...(only && { runOnly: only }) });
		return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`);
	}, rules);

/** What axe finds by day; then in the other theme. */
async function foundByBoth(page: Page): Promise<string[]> {
	const byDay = await found(page);
	await page.emulateMedia({ colorScheme: 'dark' });
	return [...byDay, ...(await found(page, OF_COLOURS))];
}

/** What axe finds on a page that is open, in either theme. */
export async function foundInBoth(page: Page): Promise<string[]> {
	await handAxe(page);
	return foundByBoth(page);
}

/** Once a page is drawn as it will be: its fonts are there, and nothing moves any more. */
const drawn = (page: Page): Promise<unknown> =>
	page.evaluate(async () => {
		const frame = () => new Promise((resolve) => requestAnimationFrame(resolve));
		await document.fonts.ready;
		await frame();
		await frame();
		await Promise.allSettled(
			document
				.getAnimations()
				.filter((one) => one.effect?.getComputedTiming().endTime !== Infinity)
				.map((one) => one.finished)
		);
	});

/** By how much a page runs out of a window. */
async function over(page: Page, viewport: { width: number; height: number }): Promise<string[]> {
	await page.setViewportSize(viewport);
	await drawn(page);
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
	await page.locator('[data-live]').waitFor();
	await drawn(page);
	const onLaptop = await foundInBoth(page);
	await page.emulateMedia({ colorScheme: 'light' });
	const out = [...(await over(page, ZOOMED)), ...(await over(page, PHONE))];
	return [...onLaptop, ...out, ...(await foundByBoth(page))];
}

/** How long (ms) the server is given to hear of the rig, and how often it is asked. */
const HEARD = { timeout: 60_000, interval: 200 } as const;

/** An angler with a rig in hand. Tests that only look can share one. */
export async function anglerWithRig(): Promise<TestAngler> {
	const angler = await newAngler();
	const page = await signedIn({ at: '/tank' }, angler);
	await takeCalled(page);
	// The server has it too: what it sends from then on is the page with a rig.
	await vi.waitUntil(async () => (await (await page.request.get('/api/v1/bench')).json()).record !== null, HEARD);
	return angler;
}
