import { AxeBuilder } from '@axe-core/playwright';
import { describe, expect, it } from 'vitest';
import { newPage, signedIn } from './browser';

const SCREENS = ['/water', '/call', '/bench', '/craft', '/kept', '/settings'] as const;
const SIZES = { laptop: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } } as const;

/** Rows of a long list beyond the first ones, which are all made alike. */
const ALIKE = '.rules li:nth-child(n + 13)';

const found = async (page: Awaited<ReturnType<typeof newPage>>): Promise<string[]> => {
	const { violations } = await new AxeBuilder({ page }).exclude(ALIKE).analyze();
	return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`);
};

describe.each(['light', 'dark'] as const)('in the %s theme', (colorScheme) => {
	const cases = Object.keys(SIZES).flatMap((size) =>
		SCREENS.map((path) => [path, size as keyof typeof SIZES] as const)
	);

	it.each(cases)('axe finds nothing on %s of a %s', async (path, size) => {
		const page = await signedIn({ colorScheme, viewport: SIZES[size] });
		await page.goto(path);
		await page.getByRole('heading', { level: 1 }).waitFor();
		await page.waitForTimeout(500);
		expect(await found(page)).toEqual([]);
		await page.context().close();
	});

	it('axe finds nothing on the welcome page', async () => {
		const page = await newPage({ colorScheme });
		await page.goto('/');
		expect(await found(page)).toEqual([]);
	});
});

it('nothing runs out of a phone’s width, nor out of a laptop at 200 % zoom', async () => {
	for (const viewport of [SIZES.phone, { width: 640, height: 400 }]) {
		const page = await signedIn({ viewport });
		for (const path of SCREENS) {
			await page.goto(path);
			await page.waitForTimeout(400);
			const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
			expect([path, viewport.width, over <= 0]).toEqual([path, viewport.width, true]);
		}
	}
});

it('the list of shortcuts and the sheet of further screens come when they are asked for', async () => {
	const page = await signedIn();
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
