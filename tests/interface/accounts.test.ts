import type { Page } from 'playwright-core';
import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { complaints, field, go, newAngler, newPage, ranked, signedIn } from './browser';

const PASSPHRASE = 'tern over the weir';

/** How much this device holds of anybody. */
function held(page: Page): Promise<number> {
	return page.evaluate(async () => {
		const names = (await indexedDB.databases()).map(({ name }) => name!);
		const counts = names.map(
			(name) =>
				new Promise<number>((resolve) => {
					const open = indexedDB.open(name);
					open.onsuccess = () => {
						const count = open.result.transaction('held').objectStore('held').count();
						count.onsuccess = () => resolve(count.result);
					};
				})
		);
		return (await Promise.all(counts)).reduce((sum, one) => sum + one, 0);
	});
}

/** The first three facts of a new account: from then on there is a call. */
async function lookAtWater(page: Page): Promise<void> {
	await page.getByRole('heading', { name: 'What do you see?' }).waitFor();
	await page.locator('[data-live]').waitFor();
	await expect.poll(() => page.getByText(/^(Yes|Fair|Hardly)\.$/).count()).toBe(0);
	// Figures that are water in either units: those of a new account follow the browser's language.
	const facts = { Water: '35', 'See down to': '3', Bottom: '8' };
	for (const [label, value] of Object.entries(facts)) await field(page, label).fill(value);
}

describe('an account of one’s own', () => {
	it('is made, holds a reading, is closed without a trace on the device, and opened again', async () => {
		const page = await newPage();
		const name = `Wader ${randomUUID().slice(0, 8)}`;
		await page.goto('/');
		await page.getByRole('link', { name: 'Create an account' }).click();
		await page.getByRole('textbox', { name: 'Name' }).fill(name);
		await page.getByLabel('Passphrase').fill('too short');
		await page.getByRole('button', { name: 'Make the account' }).click();
		await page.getByText('At least 12 characters: a few words will do.').waitFor();
		await expect.poll(() => page.getByRole('textbox', { name: 'Name' }).inputValue()).toBe(name);
		await page.getByLabel('Passphrase').fill(PASSPHRASE);
		await page.getByRole('button', { name: 'Make the account' }).click();
		await page.getByRole('heading', { name: 'Recovery codes' }).waitFor();
		await expect.poll(() => page.getByRole('listitem').count()).toBe(8);
		await page.getByRole('link', { name: /^They are written down/ }).click();
		await lookAtWater(page);
		await ranked(page);
		await field(page, 'Name of the reading').fill('My own water');
		await page.getByRole('button', { name: 'Save', exact: true }).click();
		await page.getByText('Saved as “My own water”.').waitFor();
		await page.getByRole('link', { name: 'Settings' }).first().click();
		await page.getByRole('button', { name: 'Sign out' }).click();
		await page.getByRole('link', { name: 'Sign in' }).click();
		expect(await held(page)).toBe(0);
		await page.getByRole('textbox', { name: 'Name' }).fill(name.toUpperCase());
		await page.getByLabel('Passphrase').fill(PASSPHRASE);
		await page.getByRole('button', { name: 'Sign in' }).click();
		await ranked(page);
		await go(page, 'Logbook');
		await page.getByRole('button', { name: /^Open My own water/ }).waitFor();
		expect(await held(page)).toBeGreaterThan(0);
		await go(page, 'Settings');
		await page.getByText('Delete the account').click();
		const downloading = page.waitForEvent('download');
		await page.getByRole('link', { name: 'Download everything' }).click();
		await downloading;
		await page.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
		await page.getByRole('button', { name: 'Delete everything' }).click();
		await page.getByRole('link', { name: 'Create an account' }).waitFor();
		await expect.poll(() => held(page)).toBe(0);
	});

	it('whose session ends goes on in place, and what was typed meanwhile is told', async () => {
		const page = await newPage();
		const name = `Wader ${randomUUID().slice(0, 8)}`;
		await page.goto('/sign-up');
		await page.getByRole('textbox', { name: 'Name' }).fill(name);
		await page.getByLabel('Passphrase').fill(PASSPHRASE);
		await page.getByRole('button', { name: 'Make the account' }).click();
		await page.getByRole('link', { name: /^They are written down/ }).click();
		await lookAtWater(page);
		await ranked(page);
		await page.context().clearCookies();
		await field(page, 'Name of the reading').fill('While signed out');
		await page.getByText(/^You are signed out/).waitFor();
		await page.getByLabel(`Passphrase of ${name}`).fill('not the passphrase');
		await page.getByRole('button', { name: 'Sign in again' }).click();
		await page.getByText('That name and passphrase don’t match.').waitFor();
		await page.getByLabel(`Passphrase of ${name}`).fill(PASSPHRASE);
		const told = page.waitForResponse((response) => response.url().endsWith('/api/v1/desk') && response.ok());
		await page.getByRole('button', { name: 'Sign in again' }).click();
		await told;
		await expect.poll(() => page.getByText(/^You are signed out/).count()).toBe(0);
		await expect.poll(() => field(page, 'Name of the reading').inputValue()).toBe('While signed out');
	});

	it('lists its sessions and ends one from another browser', async () => {
		const angler = await newAngler();
		const phone = await signedIn({}, angler);
		const laptop = await signedIn({ at: '/settings' }, { ...angler, token: await angler.another() });
		await laptop.getByRole('button', { name: 'Sign out that device' }).click();
		await laptop.getByText('That device is signed out.').waitFor();
		const answer = await phone.request.get('/api/v1/desk');
		expect(answer.status()).toBe(401);
		const others = await Promise.all([1, 2, 3].map(() => angler.another()));
		await laptop.reload();
		await laptop.getByRole('button', { name: 'Sign out all other devices' }).click();
		await laptop.getByText('All other devices are signed out.').waitFor();
		for (const token of others) {
			const headers = { cookie: `lucernal_session=${token}` };
			expect((await fetch(new URL('/api/v1/desk', laptop.url()), { headers })).status).toBe(401);
		}
		expect((await laptop.request.get('/api/v1/desk')).status()).toBe(200);
	});
});

describe('what comes from elsewhere', () => {
	it('is no write, with a body or without one, whatever session the browser has', async () => {
		const page = await signedIn({ at: '/logbook' });
		const { items } = await (await page.request.get('/api/v1/readings?limit=1')).json();
		const path = `/api/v1/readings/${items[0].id}`;
		const elsewhere: Record<string, string>[] = [
			{ origin: 'https://elsewhere.example' },
			{ 'sec-fetch-site': 'cross-site' }
		];
		for (const headers of elsewhere) {
			expect((await page.request.delete(path, { headers })).status()).toBe(403);
			expect((await page.request.put(path, { headers, data: {} })).status()).toBe(403);
		}
		expect((await page.request.get(path)).status()).toBe(200);
	});

	it('and what is an angler’s own is kept by nobody on the way', async () => {
		const page = await signedIn({ at: '/settings' });
		for (const path of ['/water', '/api/v1/readings', '/']) {
			const answer = await page.request.get(path, { maxRedirects: 0 });
			expect([path, answer.headers()['cache-control'], answer.headers()['x-frame-options']]).toEqual([
				path,
				expect.stringMatching(/no-store/),
				'DENY'
			]);
		}
	});
});

it('nothing above made the browser complain', () => {
	expect(complaints).toEqual([]);
});
