import type { Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { complaints, field, lift, signedPage } from './browser';

/** A page as a slow line brings it: it is drawn, and its scripts come when they are let through. */
async function slowPage(path: string): Promise<{ page: Page; scriptsCome: () => Promise<void> }> {
	const page = await signedPage();
	let letThrough: () => void = () => undefined;
	const held = new Promise<void>((resolve) => (letThrough = resolve));
	await page.route('**/_app/immutable/**/*.js', async (route) => {
		await held;
		await route.continue();
	});
	await page.goto(path, { waitUntil: 'commit' });
	return {
		page,
		scriptsCome: async () => {
			letThrough();
			await page.locator('[data-live]').waitFor();
		}
	};
}

describe('before the scripts have come', () => {
	it('a tap is not lost', async () => {
		const { page, scriptsCome } = await slowPage('/bench');
		await page.getByRole('button', { name: 'Buzzbait', exact: true }).click();
		await scriptsCome();
		await page.getByRole('link', { name: /^Current rig: .*buzzbait/i }).waitFor();
		await page.getByText(/^(These parts work together|Works, with .* weak points?|Doesn’t work yet)\.$/).waitFor();
		expect(complaints).toEqual([]);
	});

	it('what is typed and chosen is not lost, and counts', async () => {
		const { page, scriptsCome } = await slowPage('/water');
		const light = page.getByRole('group', { name: 'Light' });
		await field(page, 'Water').fill('9');
		await field(page, 'Name of the reading').fill('Cold front');
		await lift(page, 'Now');
		await light.getByRole('radio', { name: 'low', exact: true }).check();
		await scriptsCome();
		await expect.poll(() => field(page, 'Water').inputValue()).toBe('9');
		await expect.poll(() => field(page, 'Name of the reading').inputValue()).toBe('Cold front');
		await expect.poll(() => light.getByRole('radio', { name: 'low', exact: true }).isChecked()).toBe(true);
		await page.reload();
		await page.locator('[data-live]').waitFor();
		await expect.poll(() => field(page, 'Water').inputValue()).toBe('9');
		await expect.poll(() => field(page, 'Name of the reading').inputValue()).toBe('Cold front');
		expect(complaints).toEqual([]);
	});

	it('a chosen file is taken up', async () => {
		const { page, scriptsCome } = await slowPage('/deck');
		const hours = 'at,sky,windMps\n2026-10-08T06:00:00Z,overcast,3\n';
		await page
			.locator('input[type=file]')
			.setInputFiles({ name: 'station.csv', mimeType: 'text/csv', buffer: Buffer.from(hours) });
		await scriptsCome();
		await page.getByText('1 hour from station.csv.').waitFor();
		expect(complaints).toEqual([]);
	});

	it('a lid that was opened stays open', async () => {
		const { page, scriptsCome } = await slowPage('/water');
		const lid = page.getByRole('region', { name: 'Fish' }).locator('details').first();
		await lid.locator('summary').click();
		await scriptsCome();
		await expect.poll(() => lid.getAttribute('open')).not.toBeNull();
	});
});
