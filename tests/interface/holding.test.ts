import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { complaints, field, go, newAngler, ranked, served, signedIn } from './browser';

const slider = (page: Page, name: string) => page.getByRole('slider', { name, exact: true });
const name = (page: Page) => field(page, 'Name of the reading');

/** Takes hold of a handle of the section and draws it by some px, in small moves as a hand does. */
async function draw(page: Page, handle: string, byY: number): Promise<void> {
	const box = (await slider(page, handle).boundingBox())!;
	const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
	await page.mouse.move(x, y);
	await page.mouse.down();
	for (let step = 1; step <= 10; step++) await page.mouse.move(x, y + (byY * step) / 10);
	await page.mouse.up();
}

describe('dragging in the section', () => {
	it('moves the bottom by what the hand moves, not further and further', async () => {
		const page = await signedIn();
		await ranked(page);
		await field(page, 'Bottom').fill('3');
		await field(page, 'Bottom').blur();
		await draw(page, 'Bottom', 0);
		await expect.poll(() => field(page, 'Bottom').inputValue()).toBe('3');
		await draw(page, 'Bottom', -40);
		await expect.poll(() => field(page, 'Bottom').inputValue()).not.toBe('3');
		const up = Number(await field(page, 'Bottom').inputValue());
		expect(up).toBeGreaterThan(2);
		expect(up).toBeLessThan(3);
		await page.getByRole('button', { name: 'Undo', exact: true }).click();
		await expect.poll(() => field(page, 'Bottom').inputValue()).toBe('3');
	});

	it('gives the fish band back when the bottom comes down again, and its two ends never hold each other', async () => {
		const page = await signedIn();
		await ranked(page);
		const box = (await slider(page, 'Bottom').boundingBox())!;
		const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
		await page.mouse.move(x, y);
		await page.mouse.down();
		await page.mouse.move(x, y - 180, { steps: 8 });
		const drawn = async () => Number(await slider(page, 'Fish to').getAttribute('aria-valuenow'));
		expect(await drawn()).toBeLessThan(2);
		// The fields say it once the hand rests.
		await expect.poll(async () => Number(await field(page, 'Fish to').inputValue())).toBe(await drawn());
		await page.mouse.move(x, y, { steps: 8 });
		await page.mouse.up();
		await expect.poll(() => field(page, 'Fish to').inputValue()).toBe('2');
		await expect.poll(() => field(page, 'Fish from').inputValue()).toBe('0.6');
		await slider(page, 'Fish to').focus();
		await page.keyboard.press('Home');
		await expect.poll(() => field(page, 'Fish from').inputValue()).toBe('0');
		await slider(page, 'Fish from').focus();
		await page.keyboard.press('End');
		await expect.poll(() => field(page, 'Fish to').inputValue()).toBe(await field(page, 'Fish from').inputValue());
	});
});

describe('a finger', () => {
	it('that rests on a scale or scrolls past it moves nothing; one that draws the pointer does', async () => {
		const page = await signedIn({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
		await ranked(page);
		const ruler = slider(page, 'Water, on its scale');
		await ruler.scrollIntoViewIfNeeded();
		const water = field(page, 'Water');
		const before = Number(await water.inputValue());
		const share = Number(await ruler.inputValue());
		const box = (await ruler.boundingBox())!;
		const y = box.y + box.height / 2;
		const at = (share: number): number => box.x + 24 + share * (box.width - 48);
		await page.touchscreen.tap(at(share > 0.5 ? 0.1 : 0.9), y);
		expect(Number(await water.inputValue())).toBe(before);
		const line = await page.context().newCDPSession(page);
		const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', x?: number) =>
			line.send('Input.dispatchTouchEvent', { type, touchPoints: x === undefined ? [] : [{ x, y }] });
		await touch('touchStart', at(share));
		for (let step = 1; step <= 8; step++) await touch('touchMove', at(share) + step * 6);
		await touch('touchEnd');
		expect(Number(await water.inputValue())).toBeGreaterThan(before);
	});
});

describe('what is typed', () => {
	it('and refused stays in its field alone: the others go on, and the field takes a good figure again', async () => {
		const angler = await newAngler();
		const plain = await signedIn({ javaScriptEnabled: false }, angler);
		await field(plain, 'Water').fill('boiling');
		await field(plain, 'See down to').fill('0.7');
		await plain.getByRole('button', { name: 'What to tie on' }).click();
		await expect.poll(() => field(plain, 'See down to').inputValue()).toBe('0.7');

		const page = await signedIn({}, angler);
		await ranked(page);
		await name(page).fill('Refused once');
		await field(page, 'Water').fill('boiling');
		await page.getByRole('button', { name: 'Save', exact: true }).click();
		await page.getByText('see the marked fields').waitFor();
		await slider(page, 'Bottom').focus();
		await page.keyboard.press('ArrowDown');
		await expect.poll(() => field(page, 'Bottom').inputValue()).toBe('3.1');
		await field(page, 'Water').fill('18');
		await field(page, 'Water').blur();
		await page.getByRole('button', { name: 'Save', exact: true }).click();
		await page.getByText('Saved as “Refused once”.').waitFor();
		await slider(page, 'Water, on its scale').focus();
		await page.keyboard.press('ArrowRight');
		await expect.poll(() => field(page, 'Water').inputValue()).toBe('18.5');
	});

	it('and pressed before the device is ready is there on the next page', async () => {
		const page = await signedIn();
		await page.addInitScript(() => {
			if (location.pathname !== '/call') return;
			const never = indexedDB.open('never');
			never.addEventListener = () => undefined;
			indexedDB.open = () => never;
		});
		await page.goto('/call');
		await page.getByRole('button', { name: 'Use this rig' }).click();
		await page.getByRole('link', { name: /^Current rig: (?!none)/ }).waitFor();
		await page.goto('/bench');
		await expect
			.poll(() =>
				page.getByText(/^(These parts work together|Works, with .* weak points?|Doesn’t work yet)\.$/).count()
			)
			.toBe(1);
	});

	it('pressed twice without scripts is kept once, and a figure left alone keeps its exact value', async () => {
		const angler = await newAngler();
		const page = await signedIn({}, angler);
		await ranked(page);
		await field(page, 'Water').fill('16.5');
		await field(page, 'Water').blur();
		await go(page, 'Settings');
		await page.getByRole('radio', { name: 'imperial' }).check();
		await served(page, 'settings', '"imperial"');
		await served(page, 'desk', '16.5');
		const plain = await signedIn({ javaScriptEnabled: false }, angler);
		await expect.poll(() => field(plain, 'Water').inputValue()).toBe('62');
		await name(plain).fill('Twice');
		await plain.getByRole('button', { name: 'Save', exact: true }).dblclick();
		await plain.getByText('Saved as “Twice”.').waitFor();
		const { items } = await (await plain.request.get('/api/v1/readings')).json();
		const kept = items.filter(({ record }: { record: { name: string } }) => record.name === 'Twice');
		expect(kept.map(({ record }: { record: { reading: object } }) => record.reading)).toMatchObject([
			{ waterTemperatureC: 16.5 }
		]);
	});
});

describe('what is kept', () => {
	it('is opened right after a change, with its own water and date, and the draft is one undo back', async () => {
		const page = await signedIn();
		await ranked(page);
		for (const turn of [1, 2, 3]) {
			await go(page, 'Water');
			await ranked(page);
			await name(page).fill(`Draft ${turn}`);
			await go(page, 'Logbook');
			const open = page.getByRole('button', { name: /^Open Stone Point/ }).first();
			const label = (await open.getAttribute('aria-label'))!.replace('Open ', '');
			await open.click();
			await page.waitForURL('**/water');
			await expect.poll(() => name(page).inputValue()).toBe(label);
			await page.getByText(/Undo brings back what was here/).waitFor();
			await page.getByRole('button', { name: 'Undo', exact: true }).click();
			await expect.poll(() => name(page).inputValue()).toBe(`Draft ${turn}`);
		}
		await go(page, 'Logbook');
		const call = page.getByRole('button', { name: /, reading and rig$/ }).first();
		const title = (await call.getAttribute('aria-label'))!.replace(/^Open |, reading and rig$/g, '');
		await call.click();
		await page.waitForURL('**/water');
		await expect.poll(() => name(page).inputValue()).toBe(title);
		const spot = page.getByRole('combobox', { name: 'Spot' });
		expect(title.startsWith(await spot.locator('option:checked').innerText())).toBe(true);
		const { items } = await (await page.request.get('/api/v1/kept-calls')).json();
		const days = items.map(({ record }: { record: { takenAt: string } }) => record.takenAt.slice(0, 10));
		expect(days).toContain((await page.getByLabel('Time of the reading, at the water').inputValue()).slice(0, 10));
	});

	it('is deleted and brought back by the keyboard alone', async () => {
		const page = await signedIn({ at: '/logbook' });
		const open = page.getByRole('button', { name: /^Open Stone Point/ });
		const before = await open.count();
		await page
			.getByRole('button', { name: /^Delete Stone Point/ })
			.first()
			.press('Enter');
		await expect.poll(() => open.count()).toBe(before - 1);
		await page.getByRole('heading', { level: 1 }).click();
		await page.keyboard.press('Control+z');
		await expect.poll(() => open.count()).toBe(before);
	});
});

describe('the keyboard', () => {
	it('finds a screen by its question, and letters do nothing while a dialog is open', async () => {
		const page = await signedIn();
		await ranked(page);
		await page.getByRole('heading', { level: 1 }).click();
		await page.keyboard.press('?');
		await page.getByRole('dialog', { name: 'Shortcuts' }).waitFor();
		await page.keyboard.press('c');
		await page.keyboard.press('Escape');
		await page.getByRole('dialog').waitFor({ state: 'detached' });
		expect(page.url()).toContain('/water');
		await page.keyboard.press('/');
		await page.getByRole('dialog', { name: 'Find a screen or an action' }).waitFor();
		await page.keyboard.type('rules, and which');
		await page.keyboard.press('Enter');
		await page.waitForURL('**/craft');
		await page.keyboard.press('/');
		await page.getByRole('option', { name: /Feet and Fahrenheit/ }).waitFor();
		await page.keyboard.type('Feet');
		await page.keyboard.press('Enter');
		await served(page, 'settings', '"imperial"');
		await go(page, 'Settings');
		await expect.poll(() => page.getByRole('radio', { name: 'imperial' }).isChecked()).toBe(true);
	});

	it('undoes from a select, and the rail’s letters go when they are switched off', async () => {
		const page = await signedIn();
		await ranked(page);
		const spot = page.getByRole('combobox', { name: 'Spot' });
		await spot.selectOption({ index: 1 });
		await spot.press('Control+z');
		await expect.poll(() => spot.inputValue()).toBe('');
		await go(page, 'Settings');
		const letters = page.locator('nav.rail kbd');
		await expect.poll(() => letters.count()).toBeGreaterThan(0);
		await page.getByLabel('Single-letter shortcuts').uncheck();
		await expect.poll(() => letters.count()).toBe(0);
	});
});

describe('two devices', () => {
	it('of one angler are told apart where both changed the same, and neither is lost', async () => {
		const angler = await newAngler();
		const [laptop, phone] = [await signedIn({}, angler), await signedIn({}, angler)];
		for (const page of [laptop, phone]) await ranked(page);
		const stored = (page: Page) => page.waitForResponse((response) => response.url().endsWith('/api/v1/desk'));
		const first = stored(laptop);
		await name(laptop).fill('From the laptop');
		await first;
		const second = stored(phone);
		await name(phone).fill('From the phone');
		expect((await second).status()).toBe(409);
		await phone.getByText('It was changed on another device too.').waitFor();
		await expect.poll(() => name(phone).inputValue()).toBe('From the phone');
		await phone.getByRole('button', { name: 'Take theirs' }).click();
		await expect.poll(() => name(phone).inputValue()).toBe('From the laptop');
	});
});

it('nothing above made the browser complain', () => {
	expect(complaints).toEqual([]);
});
