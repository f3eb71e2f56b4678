import type { Locator, Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { field, newAngler, ranked, signedIn } from './browser';
import { PHONE } from './axe';

/** Counts what a hand does, by task. */
class Count {
	readonly done: Record<string, number> = {};
	#task = '';

	begin(task: string): void {
		this.#task = task;
		this.done[task] = 0;
	}

	/** No task took more than it did when it was last walked through. */
	expectWithin(most: Readonly<Record<string, number>>): void {
		for (const [task, done] of Object.entries(this.done))
			expect([task, done <= most[task]!, done]).toEqual([task, true, done]);
		expect(Object.keys(this.done)).toEqual(Object.keys(most));
	}

	add(many = 1): void {
		this.done[this.#task]! += many;
	}
}

/** A hand on the keyboard alone. */
class Keys extends Count {
	constructor(readonly page: Page) {
		super();
	}

	async press(key: string): Promise<void> {
		this.add();
		await this.page.keyboard.press(key);
	}

	async type(text: string): Promise<void> {
		this.add(text.length);
		await this.page.keyboard.type(text);
	}

	/** Tabs until a control has the focus, forwards or back. */
	async reach(control: Locator, key: 'Tab' | 'Shift+Tab' = 'Tab'): Promise<void> {
		const MOST = 90;
		for (let at = 0; at < MOST; at++) {
			if (await control.evaluate((node) => node === document.activeElement)) return;
			await this.press(key);
		}
		throw new Error(`not reached by ${MOST} presses: ${String(control)}`);
	}
}

/** A thumb: what lies outside the window costs a stroke for every window of the way. */
class Thumb extends Count {
	constructor(readonly page: Page) {
		super();
	}

	async near(control: Locator): Promise<void> {
		await control.waitFor();
		const box = (await control.boundingBox())!;
		const off = Math.max(0, -box.y, box.y + box.height - PHONE.height);
		this.add(Math.ceil(off / PHONE.height));
		await control.scrollIntoViewIfNeeded();
	}

	async tap(control: Locator): Promise<void> {
		await this.near(control);
		this.add();
		await control.tap();
	}

	async type(control: Locator, text: string): Promise<void> {
		await this.tap(control);
		this.add(text.length);
		await control.fill(text);
		await control.blur();
	}
}

const button = (page: Page, name: string | RegExp) =>
	page.getByRole('button', { name, exact: typeof name === 'string' });

describe('a newcomer reads a water, gets a call, says why, takes a side, keeps it and finds it again', () => {
	it('by the keyboard alone', async () => {
		const angler = await newAngler();
		const page = await signedIn({}, angler);
		await ranked(page);
		const hand = new Keys(page);

		hand.begin('read a water');
		await hand.reach(button(page, 'New'));
		await hand.press('Enter');
		await page.getByText(/Loaded “/).waitFor();
		await hand.reach(field(page, 'Name of the reading'));
		await hand.type('By key');
		await hand.reach(field(page, 'Water'));
		await hand.type('12');
		await hand.reach(field(page, 'See down to'));
		await hand.type('0.6');
		await hand.press('Tab');
		await expect.poll(() => page.getByRole('banner').innerText()).toContain('0.6');

		hand.begin('get a call');
		await hand.press('Escape');
		await hand.press('c');
		await page.waitForURL('**/call');
		await page.locator('#call-name').waitFor();

		hand.begin('say why');
		const why = page.getByRole('heading', { name: 'Decided by' });
		const { y } = (await why.boundingBox())!;
		expect(y).toBeLessThan(800);

		hand.begin('take a side');
		const split = button(page, /good anglers disagree/).first();
		await hand.reach(split);
		await hand.press('Enter');
		const sides = page.locator('.split-sides');
		await sides.waitFor();
		await hand.reach(sides.getByRole('radio', { checked: true }));
		await hand.press('ArrowDown');
		await hand.press('Escape');
		await page.locator('.split.own').first().waitFor();

		hand.begin('keep and find again');
		await hand.reach(button(page, 'Save'), 'Shift+Tab');
		await hand.press('Enter');
		await page.getByRole('link', { name: 'Open Logbook' }).waitFor();
		await hand.press('k');
		await page.waitForURL('**/logbook');
		await hand.reach(page.getByRole('searchbox'));
		await hand.type('by key');
		const open = button(page, /^Open By key/);
		await hand.reach(open);
		await hand.press('Enter');
		await page.waitForURL('**/water');
		await expect.poll(() => field(page, 'See down to').inputValue()).toBe('0.6');
		hand.expectWithin({
			'read a water': 66,
			'get a call': 2,
			'say why': 0,
			'take a side': 40,
			'keep and find again': 52
		});
	});

	it('by touch on a phone', async () => {
		const page = await signedIn({ viewport: PHONE, hasTouch: true, isMobile: true });
		await ranked(page);
		const hand = new Thumb(page);

		hand.begin('read a water');
		await hand.tap(button(page, 'New'));
		await page.getByText(/Loaded “/).waitFor();
		await hand.type(field(page, 'Water'), '12');
		await hand.type(field(page, 'See down to'), '0.6');
		await hand.type(field(page, 'Name of the reading'), 'By touch');

		const bar = page.getByRole('navigation', { name: 'Screens' });
		hand.begin('get a call');
		await hand.tap(bar.getByRole('link', { name: 'Call' }));
		await page.waitForURL('**/call');
		await page.locator('#call-name').waitFor();

		// The whole lure on one screen, over the bar.
		const last = (await page.getByRole('link', { name: 'Why this one' }).boundingBox())!;
		expect(last.y + last.height).toBeLessThan((await bar.boundingBox())!.y);

		hand.begin('say why');
		await hand.tap(page.getByRole('link', { name: 'Why this one' }));
		await expect
			.poll(async () => (await page.getByRole('heading', { name: 'Decided by' }).boundingBox())!.y)
			.toBeLessThan(PHONE.height / 2);

		hand.begin('take a side');
		await hand.tap(button(page, /good anglers disagree/).first());
		await hand.tap(page.locator('.split-sides').getByRole('radio', { checked: false }).first());
		await page.locator('.split.own').first().waitFor({ state: 'attached' });
		await page.keyboard.press('Escape');

		hand.begin('keep and find again');
		await hand.tap(button(page, 'Save'));
		await hand.tap(page.getByRole('link', { name: 'Open Logbook' }));
		await page.waitForURL('**/logbook');
		await hand.type(page.getByRole('searchbox'), 'by touch');
		await hand.tap(button(page, /^Open By touch/).first());
		await page.waitForURL('**/water');
		await expect.poll(() => field(page, 'See down to').inputValue()).toBe('0.6');
		hand.expectWithin({
			'read a water': 20,
			'get a call': 1,
			'say why': 1,
			'take a side': 6,
			'keep and find again': 14
		});
	});
});
