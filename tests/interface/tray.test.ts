import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { FIELD_KINDS } from '../../src/lib/ui/tray/partForm';
import { PHONE } from './axe';
import { complaints, newAngler, signedIn } from './browser';

const button = (page: Page, name: string) => page.getByRole('button', { name, exact: true });
const owned = (page: Page) => page.getByRole('button', { name: /^Delete / });

/** An angler who owns nothing yet. */
async function withoutParts() {
	const angler = await newAngler();
	const { database } = await import('../../src/lib/server/db/connection');
	await database().models.Preference.destroy({ where: { anglerId: angler.id, topic: 'tray' } });
	return angler;
}

/** A page on the empty tray of a new angler. */
const emptied = async (options: Parameters<typeof signedIn>[0] = {}): Promise<Page> =>
	onTray(await signedIn(options, await withoutParts()));

async function onTray(page: Page): Promise<Page> {
	await page.goto('/tray');
	await page.locator('[data-live]').waitFor();
	return page;
}

/** Adds a blade of a finish. */
async function addBlade(page: Page, finish: string): Promise<void> {
	await page.getByRole('combobox', { name: 'Finish' }).last().selectOption(finish);
	await button(page, 'Add').click();
}

describe('a tray', () => {
	it('takes every kind of part by keyboard, and finds a half size by its fraction', async () => {
		const page = await emptied();
		for (const kind of FIELD_KINDS) {
			await page.locator('[name=add-part]').selectOption(kind);
			await button(page, 'Add').focus();
			await page.keyboard.press('Enter');
			await expect.poll(() => owned(page).count()).toBe(FIELD_KINDS.indexOf(kind) + 1);
		}
		await page.locator('[name=add-part]').selectOption('blade');
		await page.locator('[name=add-style]').selectOption('willow');
		await page.locator('[name=add-size]').selectOption('4.5');
		await page.locator('[name=add-finish]').selectOption('gold');
		await button(page, 'Add').click();
		await page.getByRole('searchbox', { name: 'Find a part' }).fill('gold 4 1/2');
		await expect.poll(() => owned(page).count()).toBe(1);
		await button(page, 'Delete willow 4.5, gold').waitFor();
	});

	it('counts by thumb, undoes what was deleted, and is there again after the page is loaded anew', async () => {
		const page = await emptied({ viewport: PHONE, hasTouch: true, isMobile: true });
		await page.locator('[name=add-part]').selectOption('head');
		await button(page, 'Add').tap();
		await button(page, 'One more: 3/8 oz lead head').tap();
		await page.getByLabel('Count of 3/8 oz lead head').getByText('2').waitFor();
		await button(page, 'Delete 3/8 oz lead head').tap();
		await expect.poll(() => owned(page).count()).toBe(0);
		await page.keyboard.press('Control+z');
		await page.getByLabel('Count of 3/8 oz lead head').getByText('2').waitFor();
		await page.reload();
		await page.getByLabel('Count of 3/8 oz lead head').getByText('2').waitFor();
	});

	it('refuses a price that is none beside its field, and keeps what was typed', async () => {
		const page = await emptied();
		await page.getByRole('textbox', { name: /^Price/ }).fill('cheap');
		await page.getByText('A price is a number from 0 up.').waitFor();
		await button(page, 'Add').click();
		await expect.poll(() => owned(page).count()).toBe(0);
		await expect.poll(() => page.getByRole('textbox', { name: /^Price/ }).inputValue()).toBe('cheap');
	});

	it('that two devices changed apart loses and doubles nothing', async () => {
		const angler = await withoutParts();
		const laptop = await onTray(await signedIn({}, angler));
		const phone = await onTray(await signedIn({}, angler));
		await phone.context().setOffline(true);
		await addBlade(laptop, 'gold');
		await addBlade(phone, 'black');
		const merged = phone.waitForResponse((response) => response.url().endsWith('/api/v1/tray') && response.ok());
		await expect.poll(() => owned(laptop).count()).toBe(1);
		await laptop.waitForLoadState('networkidle');
		await phone.context().setOffline(false);
		await merged;
		await expect.poll(() => owned(phone).count()).toBe(2);
		await onTray(laptop);
		await expect.poll(() => owned(laptop).count()).toBe(2);
	});
});

describe('what a tray is good for', () => {
	it('bounds the call by one switch, and says how far that is behind', async () => {
		const page = await emptied();
		await page.getByText('Import or export as CSV').click();
		await page.getByLabel(/^Paste cells/).fill('part,weight,count\nhead,1/4,1\nspoon,1,1');
		await page.getByText('1 new, 1 line that can’t be read.').waitFor();
		await button(page, 'Add it').click();
		await expect.poll(() => owned(page).count()).toBe(1);
		await page.goto('/call');
		await page.locator('[data-live]').waitFor();
		await page.getByLabel('Only from my tray').check();
		await page.getByText(/^The best of yours is|^Nothing that your tray makes/).waitFor();
		await expect.poll(() => page.locator('.call').getByText('Head 1/4 oz').count()).toBe(1);
		await page.reload();
		await expect.poll(() => page.getByLabel('Only from my tray').isChecked()).toBe(true);
		await page.getByLabel('Only from my tray').uncheck();
		await expect.poll(() => page.getByText(/^The best of yours is/).count()).toBe(0);
	});

	it('shows the best of it, says what to buy, and whether a part fills a gap', async () => {
		const page = await emptied();
		await page.locator('[name=add-part]').selectOption('head');
		await button(page, 'Add').click();
		await page.getByText('Best of yours').waitFor();
		await page.getByRole('combobox', { name: 'At most' }).selectOption('1');
		await button(page, 'Work it out').click();
		await page.getByText(/of what your tray lacks against a full shop|would make your tray better/).waitFor();
		await page.locator('[name=shop-part]').selectOption('head');
		await button(page, 'Does it?').click();
		await expect.poll(() => page.getByText(/: (yes\. It gains|no\. It gains nothing)/).count()).toBe(1);
	});

	it('stops at once when it is told to', async () => {
		const page = await emptied();
		for (const kind of ['head', 'blade', 'skirt', 'wire']) {
			await page.locator('[name=add-part]').selectOption(kind);
			await button(page, 'Add').click();
		}
		await page.getByRole('combobox', { name: 'At most' }).selectOption('6');
		await button(page, 'Work it out').click();
		await button(page, 'Cancel').click();
		await expect.poll(() => button(page, 'Work it out').isEnabled()).toBe(true);
		await expect.poll(() => page.getByText(/of what your tray lacks/).count()).toBe(0);
	});
});

it('nothing above made the browser complain', () => {
	expect(complaints).toEqual([]);
});
