import { describe, expect, it } from 'vitest';
import type { Page } from 'playwright-core';
import { go, signedIn, takeCalled } from './browser';

const PHONE = { width: 390, height: 844 };
const cast = { name: /^Cast, / };

async function outing(page: Page): Promise<void> {
	await takeCalled(page);
	await go(page, 'Tally');
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await page.getByRole('button', cast).waitFor();
}

/** The page hears what was written since it last asked, and reads again what that changes. */
async function heardAgain(page: Page): Promise<void> {
	const heard = page.waitForResponse((response) => response.url().includes('/api/v1/changes'));
	const read = page.waitForResponse((response) => response.url().includes('__data.json')).catch(() => null);
	await page.evaluate(() => window.dispatchEvent(new Event('online')));
	await heard;
	// Nothing is read again where all of it was heard of before.
	await Promise.race([read, page.waitForTimeout(1000)]);
}

describe('an outing', () => {
	it('is tallied with the thumb, one tap each, taken back with one, and proposes one change', async () => {
		const page = await signedIn({ at: '/tank', viewport: PHONE, hasTouch: true });
		await outing(page);
		for (let at = 0; at < 6; at++) await page.getByRole('button', cast).tap();
		for (const name of ['Follow, 0', 'Follow, 1']) await page.getByRole('button', { name }).tap();
		await page.getByText(/^2 follows, 0 short strikes in 6 casts/).waitFor();
		expect((await page.getByRole('button', cast).boundingBox())!.height).toBeGreaterThanOrEqual(48);
		await page.getByRole('button', { name: 'Done, changed' }).tap();
		await page.getByRole('button', { name: 'Cast, 0' }).waitFor();
		await page.getByRole('button', { name: /^Undo(?!:)/ }).tap();
		await page.getByRole('button', { name: 'Cast, 6' }).waitFor();

		await page.getByRole('button', { name: /^Landed/ }).tap();
		await page.getByRole('button', { name: 'on the fall' }).tap();
		await page.getByRole('button', { name: 'swept', exact: true }).tap();
		await page.getByLabel('Length, cm').fill('4000');
		await page.getByLabel('Length, cm').blur();
		await page.getByText('At most 90 cm.').waitFor();
		await page.getByLabel('Length, cm').fill('41,5');
		await page.getByLabel('Length, cm').blur();
		await page.getByRole('button', { name: 'Done', exact: true }).tap();
		await page.getByText('Landed, 41.5 cm, on the fall, swept').first().waitFor();
		await page.getByText('saved', { exact: true }).waitFor();
		await page.reload();
		await page.getByText('Landed, 41.5 cm, on the fall, swept').first().waitFor();
	});

	it('is done by the keyboard, paused, noted and ended, and can go on', async () => {
		const page = await signedIn({ at: '/tank' });
		await outing(page);
		await page.getByRole('heading', { level: 1 }).click();
		for (let at = 0; at < 3; at++) await page.keyboard.press('Space');
		await page.getByRole('button', { name: 'Cast, 3' }).waitFor();
		await page.getByRole('combobox', { name: /^At/ }).selectOption({ label: 'Pad Bay, Tallow Mere' });
		await page.getByRole('button', { name: /^Short/ }).click();
		await page
			.getByRole('region', { name: 'Spots like this one' })
			.getByText(/slower/)
			.waitFor();
		await page.getByRole('button', { name: 'Pause' }).click();
		await expect.poll(() => page.getByRole('button', cast).isDisabled()).toBe(true);
		await page.getByRole('button', { name: 'Go on' }).click();
		await page.getByLabel('What it says').fill('=bait on the screen');
		await page.getByRole('button', { name: 'Save note' }).click();
		await page.getByRole('list').getByText('=bait on the screen').waitFor();
		await page.getByRole('button', { name: 'New water reading' }).click();
		await page.getByLabel('See down to, m').fill('0.6');
		await page.getByRole('button', { name: 'Use it' }).click();
		await page
			.getByText(/Water: .* you see down to 0.6\sm/)
			.first()
			.waitFor();
		await page.getByRole('button', { name: 'End', exact: true }).click();
		await page.getByText(/is over: .* 3 casts/).waitFor();
		await page.getByRole('button', { name: 'Resume it' }).click();
		await page
			.getByText(/Water: .* you see down to 0.6\sm/)
			.first()
			.waitFor();
	});

	it('writes hours, fish and a bent wire into the history of the rig that was cast, once', async () => {
		const page = await signedIn({ at: '/bench' });
		await page.getByRole('button', { name: 'Spinnerbait', exact: true }).click();
		await page.getByRole('tab', { name: 'Rigs and own parts' }).click();
		await page.getByRole('button', { name: 'Open Mere tandem' }).click();
		await go(page, 'Tally');
		await page.getByRole('button', { name: 'Start', exact: true }).click();
		await page.getByRole('button', cast).click();
		await page.getByRole('button', { name: /^Landed/ }).click();
		await page.getByRole('button', { name: 'Done', exact: true }).click();
		await page.getByRole('button', { name: 'wire', exact: true }).click();
		await page.getByRole('button', { name: 'End', exact: true }).click();
		const histories = page.getByRole('list', { name: 'Add this outing to your rigs' });
		await histories.getByText(/Mere tandem .*1 fish, wire bent/).waitFor();
		await heardAgain(page);
		await histories.getByRole('button', { name: 'Add to its history' }).click();
		await expect
			.poll(async () => JSON.stringify((await (await page.request.get('/api/v1/rigs')).json()).items))
			.toContain('"bent"');
		await heardAgain(page);
		await expect.poll(() => histories.getByRole('button', { name: 'In its history' }).count()).toBe(1);
		await page.reload();
		await expect.poll(() => histories.getByRole('button', { name: 'In its history' }).isDisabled()).toBe(true);
		await go(page, 'Bench');
		await page.getByRole('tab', { name: 'Rigs and own parts' }).click();
		await page.getByRole('button', { name: 'Open Mere tandem' }).click();
		await page.getByRole('tab', { name: 'Tune' }).click();
		await page.getByText('Its wire bent while fishing.').waitFor();
	});

	it('compares two rigs in turns that are drawn by lot', async () => {
		const page = await signedIn({ at: '/tank' });
		await takeCalled(page);
		await go(page, 'Tally');
		await page.getByLabel(/Compare it with another/).check();
		await page.getByText(/^They differ in/).waitFor();
		await page.getByLabel('Casts a turn').fill('3');
		await page.getByLabel('Pairs of turns').fill('1');
		await page.getByRole('button', { name: 'Start', exact: true }).click();
		for (const turn of [1, 2]) {
			await page.getByText(`Trial, turn ${turn} of 2`).waitFor();
			await expect.poll(() => page.getByRole('button', { name: 'Change lure', exact: true }).isDisabled()).toBe(true);
			for (let at = 0; at < 3; at++) await page.getByRole('button', cast).click();
			if (turn === 1) await page.getByRole('button', { name: 'Next turn' }).click();
		}
		await page.getByText('The trial is over').waitFor();
	});
});

describe('the record', () => {
	it('shows rates with their intervals, holds two against each other, and moves the call when it is let', async () => {
		const page = await signedIn({ at: '/proof' });
		await page.getByText(/40\s+outings/).waitFor();
		await page.getByRole('button', { name: 'gold', exact: true }).click();
		await page.getByRole('button', { name: 'nickel', exact: true }).click();
		await page.getByText(/gold gets/).waitFor();
		await page.getByRole('combobox', { name: /^Season/ }).selectOption({ index: 1 });
		await expect.poll(() => page.getByRole('status').first().innerText()).not.toContain('40 outings');
		await page.getByRole('combobox', { name: /^Season/ }).selectOption('');
		const stored = page.waitForResponse((response) => response.url().endsWith('/api/v1/stand'));
		await page.getByLabel('Use this in the call').check();
		await stored;
		const { record } = await (await page.request.get('/api/v1/stand')).json();
		expect(Object.keys(record.record).length).toBeGreaterThan(3);
		await page.getByLabel('Use this in the call').uncheck();
		await expect
			.poll(async () => (await (await page.request.get('/api/v1/stand')).json()).record.record)
			.toBeUndefined();
	});

	it('tells what was lost with what, what an hour costs, and what the trials showed', async () => {
		const page = await signedIn({ at: '/proof' });
		await page.getByRole('tab', { name: 'Hooked and lost' }).click();
		await page.getByRole('row', { name: /^moderate \d+\/\d+ \d+–\d+/ }).waitFor();
		await page.getByLabel('Landed, by').selectOption('line');
		await page
			.getByRole('row', { name: /lb \d+\/\d+/ })
			.first()
			.waitFor();
		await page.getByLabel('Landed, by').selectOption('hookset');
		await page
			.getByRole('row', { name: /^(swept|struck hard|wound on) \d+\/\d+/ })
			.first()
			.waitFor();
		await page.getByRole('tab', { name: 'Weed and cost' }).click();
		const cost = page.getByLabel('An outing costs');
		await cost.fill('-4');
		await cost.blur();
		await page.getByText('Enter a sum from 0 to 100,000.').waitFor();
		await expect.poll(() => cost.inputValue()).toBe('-4');
		await cost.fill('24,5');
		await cost.blur();
		await page.getByText(/an hour fished/).waitFor();
		await page.getByText(/a fish landed/).waitFor();
		await page.getByRole('tab', { name: 'Trials' }).click();
		await page
			.getByText(/No trial has a complete pair|90 % range/)
			.first()
			.waitFor();
	});

	it('goes out as CSV, and says which line of a bad one is wrong', async () => {
		const page = await signedIn({ at: '/proof' });
		const text = await (await page.request.get('/api/v1/tally.csv')).text();
		expect(text.split('\n')[0]).toContain('outing,id,at');
		await page.locator('[data-live]').waitFor();
		const file = (body: string) => ({ name: 'tally.csv', mimeType: 'text/csv', buffer: Buffer.from(body) });
		await page.getByLabel('Import CSV').setInputFiles(file('outing,id,at,order,kind\r\n,no,,1,cast\r\n'));
		await page.getByText(/^Line 2: the key/).waitFor();
		// A large one goes too: the same again, with a note that makes it over a megabyte of lines known already.
		const [head, ...lines] = text.trimEnd().split('\r\n');
		const many = Array.from({ length: 4 }, () => lines).flat();
		expect(many.join('\r\n').length).toBeGreaterThan(1_100_000);
		await page.getByLabel('Import CSV').setInputFiles(file([head, ...many].join('\r\n')));
		await page.getByText(/^0 lines added, \d+ were already here/).waitFor();
	});
});

describe('an outing that is over', () => {
	it('is opened again, corrected, and each correction is undone', async () => {
		const page = await signedIn({ at: '/tank' });
		await outing(page);
		await page.getByRole('button', cast).click();
		await page.getByRole('button', { name: /^Bite/ }).click();
		await page.getByRole('button', { name: 'Done', exact: true }).click();
		await page.getByRole('button', { name: 'End', exact: true }).click();
		await page.getByText(/is over:[\s\S]* 1 cast,\s+1 bite/).waitFor();
		await page.getByRole('button', { name: 'Undo: Bite' }).click();
		await page.getByText(/is over:[\s\S]*\s0 bites/).waitFor();
		await page.getByRole('button', { name: 'Undo', exact: true }).click();
		await page.getByText(/is over:[\s\S]*\s1 bite/).waitFor();
		const name = page.getByRole('region', { name: 'Correct this outing' }).getByRole('textbox', { name: 'Name' });
		await name.fill('The wind day');
		await name.blur();
		await page.getByText(/“The wind day” is over/).waitFor();
		// Another is fished; the first is opened again from the list.
		await page.getByRole('button', { name: 'Start', exact: true }).click();
		await page.getByRole('button', cast).click();
		await page.getByRole('button', { name: 'End', exact: true }).click();
		await expect
			.poll(async () => (await (await page.request.get('/api/v1/outings')).json()).items.length)
			.toBeGreaterThan(1);
		await page.reload();
		await page.getByRole('button', { name: 'Open The wind day' }).click();
		await page.getByText(/“The wind day” is over:[\s\S]*1 cast,\s+1 bite/).waitFor();
		// Both were one day: joined, and parted again.
		await page.getByRole('combobox', { name: 'Join with' }).selectOption({ index: 1 });
		await page.getByText(/is over:[\s\S]*2 casts,\s+1 bite/).waitFor();
		await page.getByText(/^Joined with/).waitFor();
		await page.getByRole('button', { name: 'Undo', exact: true }).click();
		await page.getByText(/is over:[\s\S]*1 cast,\s+1 bite/).waitFor();
	});
});
