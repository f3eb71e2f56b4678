import { randomUUID } from 'node:crypto';
import type { Locator, Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { PHONE } from './axe';
import { field, go, newPage } from './browser';

const PASSPHRASE = 'tern over the weir';
const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: true });

/** A new account, signed in on Water, with nothing in it. */
async function fresh(options: Parameters<typeof newPage>[0] = {}): Promise<Page> {
	const page = await newPage(options);
	await page.goto('/sign-up');
	await page.getByRole('textbox', { name: 'Name' }).fill(`Wader ${randomUUID().slice(0, 8)}`);
	await page.getByLabel('Passphrase').fill(PASSPHRASE);
	await page.getByRole('button', { name: 'Make the account' }).click();
	await page.getByRole('link', { name: /^They are written down/ }).click();
	await page.waitForURL('**/water');
	await page.locator('[data-live]').waitFor();
	return page;
}

/** Makes the water Mill Pond. @returns The form of its first spot, open and not saved yet. */
async function millPond(page: Page): Promise<Locator> {
	await page.goto('/waters?new=water');
	await page.getByRole('form', { name: 'New water' }).getByRole('textbox', { name: 'Name' }).fill('Mill Pond');
	await page.keyboard.press('Enter');
	const spot = page.getByRole('form', { name: /Spot 1/ });
	await spot.waitFor();
	return spot;
}

describe('a new account', () => {
	it('makes its water and spot from an empty screen, and is called on from the third fact on', async () => {
		const page = await fresh();
		await page.getByRole('heading', { name: 'What do you see?' }).waitFor();
		await go(page, 'Deck');
		await page.getByRole('link', { name: 'New water' }).click();
		const water = page.getByRole('form', { name: 'New water' });
		await water.getByRole('textbox', { name: 'Name' }).fill('');
		await water.getByRole('button', { name: 'Save' }).click();
		await water.getByText('Give it a name.').waitFor();
		await water.getByRole('textbox', { name: 'Name' }).fill('Mill Pond');
		await water.getByRole('button', { name: 'Save' }).click();
		const spot = page.getByRole('form', { name: /Spot 1/ });
		await spot.getByRole('textbox', { name: 'Name' }).fill('Dam corner');
		await spot.getByRole('button', { name: 'Add a depth profile' }).click();
		await spot.getByRole('button', { name: 'Save' }).click();
		await button(page, 'Fish Dam corner').click();
		await page.waitForURL('**/water');
		await expect
			.poll(() => page.getByRole('combobox', { name: 'Spot' }).locator(':checked').innerText())
			.toBe('Dam corner');
		// The spot knows its depth: two facts more.
		await page.getByText('2 more, and you get your first call.').waitFor();
		await field(page, 'Water').fill('35');
		await page.getByText('One more, and you get your first call.').waitFor();
		await field(page, 'See down to').fill('3');
		await page.getByText(/^(Yes|Fair|Hardly)\.$/).waitFor();
		await go(page, 'Deck');
		await page.getByRole('region', { name: 'Today’s rods' }).waitFor();
		await expect.poll(() => page.getByRole('link', { name: 'New water' }).count()).toBe(0);
	});

	it('saves where it stands as a spot by two taps, on a phone', async () => {
		const page = await fresh({ viewport: PHONE, hasTouch: true, isMobile: true });
		await button(page, 'Save as a spot').tap();
		const sheet = page.getByRole('dialog', { name: 'Save as a spot' });
		await sheet.getByRole('button', { name: 'Save' }).tap();
		await page.getByText('Saved as the spot “Spot 1”.').waitFor();
		await page.reload();
		await page.locator('[data-live]').waitFor();
		await expect
			.poll(() => page.getByRole('combobox', { name: 'Spot' }).locator(':checked').textContent())
			.toBe('Spot 1');
	});
});

describe('waters and spots', () => {
	it('are copied, moved and deleted, and Undo brings back what was deleted', async () => {
		const page = await fresh();
		await (await millPond(page)).getByRole('button', { name: 'Save' }).click();
		await button(page, 'Copy Spot 1').click();
		await button(page, 'Edit Spot 2').waitFor();
		await button(page, 'Copy Mill Pond').click();
		const copy = page.getByRole('region', { name: 'Mill Pond 1' });
		await expect.poll(() => copy.getByRole('listitem').count()).toBe(2);
		await copy.getByRole('button', { name: 'Edit Spot 2' }).click();
		const form = page.getByRole('form', { name: 'Edit Spot 2' });
		await form.getByRole('textbox', { name: 'Name' }).fill('Moved');
		await form.getByRole('combobox', { name: 'Water' }).selectOption('Mill Pond');
		await form.getByRole('button', { name: 'Save' }).click();
		const first = page.getByRole('region', { name: 'Mill Pond', exact: true });
		await first.getByText('Moved', { exact: true }).waitFor();
		await button(page, 'Delete Moved').click();
		await expect.poll(() => first.getByRole('listitem').count()).toBe(2);
		await button(page, 'Undo').click();
		await first.getByText('Moved', { exact: true }).waitFor();
		await page.reload();
		await first.getByText('Moved', { exact: true }).waitFor();
		await expect.poll(() => copy.getByRole('listitem').count()).toBe(1);
	});
});

describe('a first day', () => {
	/** From sign-up to Proof, without a network from the second step on. */
	async function day(options: Parameters<typeof newPage>[0], press: (what: Locator) => Promise<void>): Promise<void> {
		const page = await fresh({ ...options, serviceWorkers: 'allow' });
		// The first visit lays up the application and its pages.
		const laidUp = async () => {
			const paths = ['/waters', '/water', '/call', '/deck', '/tally', '/proof', '/deck/places/__data.json'];
			const found = await Promise.all(paths.map((path) => caches.match(path)));
			return found.every((one) => one !== undefined);
		};
		await expect.poll(() => page.evaluate(laidUp), { timeout: 40_000 }).toBe(true);
		await page.evaluate(async () => void (await navigator.serviceWorker.ready));
		await page.context().setOffline(true);

		await page.goto('/waters');
		await page.locator('[data-live]').waitFor();
		await press(page.getByRole('button', { name: 'New water' }).first());
		const water = page.getByRole('form', { name: 'New water' });
		await water.getByRole('textbox', { name: 'Name' }).fill('Mill Pond');
		await press(water.getByRole('button', { name: 'Save' }));
		const spot = page.getByRole('form', { name: /Spot 1/ });
		await spot.getByRole('textbox', { name: 'Name' }).fill('Dam corner');
		await press(spot.getByRole('button', { name: 'Save' }));
		await press(button(page, 'Fish Dam corner'));
		await page.waitForURL('**/water');
		for (const [label, value] of [
			['Water', '17'],
			['See down to', '1'],
			['Bottom', '3']
		] as const) {
			await field(page, label).fill(value);
			await field(page, label).blur();
		}
		await page.getByText(/^(Yes|Fair|Hardly)\.$/).waitFor();

		await page.goto('/call');
		await page.locator('[data-live]').waitFor();
		await page
			.getByText(/in the strike zone for \d+\s% of the retrieve|on top for/)
			.first()
			.waitFor();
		await press(page.getByRole('button', { name: 'Use this rig' }));
		await page.getByRole('link', { name: /^Current rig: (?!none)/ }).waitFor();

		await page.goto('/deck');
		await expect.poll(() => page.locator('.screen-title').innerText(), { timeout: 60_000 }).toMatch(/; 3 rods, /);
		const deck = page.getByRole('region', { name: 'Today’s rods' });
		await expect.poll(() => deck.getByText(/^For .* the day would score/).count()).toBe(3);
		await press(page.getByRole('button', { name: 'Start this outing' }));
		await page.waitForURL('**/tally');
		await press(page.getByRole('button', { name: 'Cast, 0' }));
		await press(page.getByRole('button', { name: 'Bite, 0' }));
		await press(page.getByRole('button', { name: 'Landed, 0' }));
		await page.getByRole('button', { name: 'Same fish as the last bite' }).waitFor();
		await press(page.getByRole('button', { name: 'Done', exact: true }));
		await page.getByRole('button', { name: 'Bite, 1' }).waitFor();
		await page.getByText(/\d+ to send/).waitFor();

		await page.goto('/proof');
		await page.getByText('only the outing on this device is shown').waitFor();
		await page.getByRole('row', { name: /1/ }).first().waitFor();
	}

	it('goes from a new account to Proof without a network, on a laptop', () => day({}, (what) => what.click()), 180_000);

	it(
		'goes from a new account to Proof without a network, on a phone',
		() => day({ viewport: PHONE, hasTouch: true, isMobile: true }, (what) => what.tap()),
		180_000
	);
});

it('shows what was saved also while the lists that have it are still on their way', async () => {
	const page = await fresh();
	await (await millPond(page)).getByRole('button', { name: 'Save' }).click();
	const spots = page.getByRole('region', { name: 'Mill Pond', exact: true }).getByRole('listitem');
	await expect.poll(() => spots.count()).toBe(1);
	const held: (() => Promise<void>)[] = [];
	await page.route('**/__data.json*', (route) => {
		held.push(async () => route.fulfill({ response: await route.fetch() }));
	});
	for (let copies = 0; copies < 2; copies++) {
		const before = held.length;
		await button(page, 'Copy Spot 1').click();
		await expect.poll(() => held.length).toBeGreaterThan(before);
	}
	await expect.poll(() => spots.count()).toBe(3);
	for (const release of held) {
		await release();
		await page.waitForTimeout(200);
		await expect.poll(() => spots.count()).toBe(3);
	}
});

/** Makes a water and opens the sheet to draw it on. */
async function blankSheet(page: Page): Promise<Locator> {
	await millPond(page);
	await page.goto('/deck/places');
	await button(page, 'Draw the shore').click();
	const sheet = page.getByRole('application', { name: /^Sheet/ });
	await sheet.waitFor();
	return sheet;
}

it('keeps the sheet it draws on inside the window of a phone', async () => {
	const page = await fresh({ viewport: PHONE, hasTouch: true });
	const box = (await (await blankSheet(page)).boundingBox())!;
	expect(box.x).toBeGreaterThanOrEqual(0);
	expect(box.x + box.width).toBeLessThanOrEqual(PHONE.width);
});

it('draws its shore on a blank sheet by the keyboard, sounds it, and gets a map', async () => {
	const page = await fresh();
	const sheet = await blankSheet(page);
	await sheet.focus();
	for (const keys of ['ArrowLeft ArrowDown', 'ArrowRight ArrowRight', 'ArrowUp ArrowUp', 'ArrowLeft ArrowLeft']) {
		for (const key of keys.split(' ')) await page.keyboard.press(`Shift+${key}`);
		await page.keyboard.press('Enter');
	}
	await page.getByRole('radio', { name: 'sounding' }).check({ force: true });
	await button(page, 'Save').click();
	await page.getByText('Choose shore, weed or timber').waitFor();
	await page.getByRole('radio', { name: 'shore' }).check({ force: true });
	await button(page, 'Close the line').click();
	await page.getByRole('radio', { name: 'sounding' }).check({ force: true });
	const box = (await sheet.boundingBox())!;
	await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
	await page.getByRole('button', { name: 'Sounding 1' }).waitFor();
	await button(page, 'Undo').click();
	await expect.poll(() => page.getByRole('button', { name: 'Sounding 1' }).count()).toBe(0);
	await page.getByRole('radio', { name: 'spot' }).check({ force: true });
	await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
	await button(page, 'Save').click();
	await page.getByRole('img', { name: /^Plan of Mill Pond/ }).waitFor();
	await page.getByRole('list').getByText('Spot 1').first().waitFor();
	await page.reload();
	await page.getByRole('img', { name: /^Plan of Mill Pond/ }).waitFor();
});
