import { expect, it } from 'vitest';
import { newAngler, signedIn, takeCalled } from './browser';

const cast = { name: /^Cast/ };

it('opens and works without a network, loses nothing to a killed tab, and tells it all once when the line is back', async () => {
	const angler = await newAngler();
	const page = await signedIn({ at: '/tank', serviceWorkers: 'allow' }, angler);
	await takeCalled(page);
	const context = page.context();
	// The first visit lays up the application and its pages.
	await expect
		.poll(() => page.evaluate(async () => (await caches.match('/deck/places/__data.json')) !== undefined), {
			timeout: 40_000
		})
		.toBe(true);
	await page.evaluate(async () => void (await navigator.serviceWorker.ready));

	await context.setOffline(true);
	await page.goto('/tally');
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await page.getByRole('button', cast).waitFor();
	const CASTS = 40;
	for (let at = 0; at < CASTS; at++) await page.getByRole('button', cast).click();
	await page.getByRole('button', { name: /^Landed/ }).click();
	await page.getByRole('button', { name: 'corner of the mouth' }).click();
	await page.getByText(/\d+ to send/).waitFor();
	await page.close();

	const again = await context.newPage();
	await again.goto('/tally');
	await again.getByRole('button', { name: `Cast, ${CASTS}` }).waitFor();
	// Other screens open too.
	await again.goto('/water');
	await again.getByRole('textbox', { name: 'Water', exact: true }).waitFor();
	await again.goto('/deck/places');
	await again.getByRole('slider', { name: 'Hour' }).waitFor();
	await again.goto('/tally');
	await again.getByRole('button', { name: `Cast, ${CASTS}` }).waitFor();

	await context.setOffline(false);
	await again.getByText('saved', { exact: true }).waitFor({ timeout: 40_000 });
	const latest = (await (await again.request.get('/api/v1/outings?limit=1')).json()) as { items: { id: string }[] };
	const path = `/api/v1/happenings?outingId=${latest.items[0]!.id}`;
	const { items } = (await (await again.request.get(path)).json()) as {
		items: { record: { order: number; what: { kind: string; hook?: string } } }[];
	};
	expect(items).toHaveLength(CASTS + 1);
	expect(items.map(({ record }) => record.order).toSorted((a, b) => a - b)).toEqual(
		Array.from({ length: CASTS + 1 }, (_, at) => at + 1)
	);
	expect(items.find(({ record }) => record.what.kind === 'landed')!.record.what.hook).toBe('corner');
});

it('forgets the pages it laid up when the session is closed', async () => {
	const page = await signedIn({ at: '/settings', serviceWorkers: 'allow' });
	await page.locator('[data-live]').waitFor();
	const laidUp = () =>
		page.evaluate(async () => (await caches.keys()).filter((name) => name.startsWith('pages-')).length);
	await expect.poll(laidUp, { timeout: 40_000 }).toBe(1);
	await page.getByRole('button', { name: 'Sign out' }).click();
	await page.waitForURL((url) => url.pathname === '/');
	expect(await laidUp()).toBe(0);
});
