import { expect, it } from 'vitest';
import { field, ranked, signedIn } from './browser';

it('sight shows every skirt in words of how far, and changes with water, depth and view', async () => {
	const page = await signedIn();
	await ranked(page);
	await field(page, 'See down to').fill('0.3');
	await page.getByRole('group', { name: 'Water color' }).getByRole('radio', { name: 'mud', exact: true }).check();
	await page.getByRole('link', { name: 'Sight' }).first().click();
	await page.waitForURL('**/sight');
	await page.getByText('In this water nothing shows far').waitFor();
	const farthest = () => page.getByRole('region', { name: 'Shows farthest' }).innerText();
	expect(await farthest()).toContain('black');
	await expect.poll(() => page.locator('.main .swatch').count()).toBe(15);

	const depth = page.getByRole('slider', { name: 'Depth shown' });
	const before = await page.getByText(/of the surface light is left/).innerText();
	await depth.focus();
	for (let press = 0; press < 5; press++) await page.keyboard.press('ArrowLeft');
	await expect.poll(() => page.getByText(/of the surface light is left/).innerText()).not.toBe(before);
	await page.getByRole('group', { name: 'From where' }).getByRole('radio', { name: 'below' }).check();
	await page.getByText('from under it').waitFor();
	await page.getByRole('combobox', { name: 'First color' }).selectOption('black');
	await page.getByText(/stands out most beside|no second color can be told/).waitFor();
});
