import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { DECISIONS } from '../../src/lib/core/trips/drills/decisionNames';
import { foundInBoth, PHONE } from './axe';
import { complaints, newAngler, signedIn } from './browser';

const button = (page: Page, name: string) => page.getByRole('button', { name, exact: true });
const options = (page: Page) => page.getByRole('radio');

async function onDrills(page: Page, water = '?water=4711&level=2'): Promise<Page> {
	await page.goto(`/drills${water}`);
	await page.locator('[data-live]').waitFor();
	await page.getByRole('heading', { name: /^Which lure\?/ }).waitFor();
	return page;
}

/** Decides on a water by keyboard alone: the first of what is offered, and how sure. */
async function decided(page: Page): Promise<void> {
	for (const [at] of DECISIONS.entries()) {
		await page.getByRole('heading', { name: `${at + 1} of ${DECISIONS.length}` }).waitFor();
		await options(page).first().focus();
		await page.keyboard.press('Space');
		await button(page, 'Sure').focus();
		await page.keyboard.press('Enter');
	}
	await page.getByRole('heading', { name: /the call\.$|runs where these fish are\.$/ }).waitFor();
}

describe('drills', () => {
	it('are decided by keyboard alone, say what was given up, and remember it', async () => {
		const page = await onDrills(await signedIn({}, await newAngler()));
		await decided(page);
		await expect.poll(() => page.getByRole('row').count()).toBe(1 + DECISIONS.length);
		await button(page, 'Next water').focus();
		await page.keyboard.press('Enter');
		await page.getByRole('heading', { name: /^Which lure\?/ }).waitFor();
		await expect.poll(() => page.url()).not.toContain('water=4711&');
		await page.getByRole('tab', { name: 'Your progress' }).click();
		await page.getByText(/^Sure: right \d of 5 times/).waitFor();
		await page.reload();
		await page.getByRole('tab', { name: 'Your progress' }).click();
		await page.getByText(/^Sure: right \d of 5 times/).waitFor();
	});

	it('go on by thumb without a line', async () => {
		const page = await onDrills(await signedIn({ viewport: PHONE, hasTouch: true, isMobile: true }, await newAngler()));
		await page.context().setOffline(true);
		for (const [at] of DECISIONS.entries()) {
			await page.getByRole('heading', { name: `${at + 1} of ${DECISIONS.length}` }).waitFor();
			await page.locator('label:has(input[type=radio])').first().tap();
			await button(page, 'A guess').tap();
		}
		await button(page, 'Next water').tap();
		await page.getByRole('heading', { name: /^Which lure\?/ }).waitFor();
		await page.context().setOffline(false);
		const sent = page.waitForResponse((response) => response.url().endsWith('/api/v1/drills') && response.ok());
		expect((await sent).ok()).toBe(true);
	});

	it('show one water to all who open its link, and take an answer back', async () => {
		const [one, other] = await Promise.all(
			[newAngler(), newAngler()].map(async (angler) => onDrills(await signedIn({}, await angler)))
		);
		const told = (page: Page) => page.locator('dl').innerText();
		expect(await told(one!)).toBe(await told(other!));
		await options(one!).first().check({ force: true });
		await button(one!, 'Fairly sure').click();
		await one!.getByRole('heading', { name: /^Which blades\?/ }).waitFor();
		await button(one!, 'Take the last one back').click();
		await one!.getByRole('heading', { name: /^Which lure\?/ }).waitFor();
	});

	it('ask what a blade is, and which of two rigs runs as asked', async () => {
		const page = await onDrills(await signedIn({}, await newAngler()));
		await page.getByRole('tab', { name: 'Look' }).click();
		await page.getByRole('group', { name: 'Which blade is this?' }).getByRole('button').first().click();
		await page.getByText(/^(Right|No)\. It is a/).waitFor();
		await button(page, 'Next').click();
		await button(page, 'The first').click();
		await page.getByText(/by the model\.$/).waitFor();
		await expect.poll(() => page.getByText(/of 2 right$/).count()).toBe(1);
	});

	it('count the turns of a handle against the pace that is wanted', async () => {
		const page = await onDrills(await signedIn({}, await newAngler()));
		await page.getByRole('tab', { name: 'Hold a pace' }).click();
		await button(page, 'Turn').focus();
		for (let turn = 0; turn < 3; turn++) await page.keyboard.press('Space');
		await page.getByText(/of 2\s+turns on pace/).waitFor();
		await button(page, 'Start again').click();
		await expect.poll(() => page.getByText(/turns on pace/).count()).toBe(0);
	});

	it('have nothing that axe finds wrong, asked or judged', async () => {
		const page = await onDrills(await signedIn({}, await newAngler()));
		expect(await foundInBoth(page)).toEqual([]);
		await decided(page);
		expect(await foundInBoth(page)).toEqual([]);
	});
});

it('nothing above made the browser complain', () => {
	expect(complaints).toEqual([]);
});
