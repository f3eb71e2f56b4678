import { expect, it } from 'vitest';
import { ouncesText, rigName } from '../../src/lib/core/foundation/labels/describe';
import type { RigRecord } from '../../src/lib/core/records/rigSchemas';
import { signedIn } from './browser';

it('plans a day over the spots of the water, changes with its hours, and goes to calendar and tally', async () => {
	const page = await signedIn({ at: '/deck' });
	const said = page.getByRole('status').first();
	await expect
		.poll(() => said.innerText(), { timeout: 45_000 })
		.toMatch(/Best hours .*; [123] rods?, \d+ lure changes?/);
	const hours = () => page.getByRole('rowheader').count();
	expect(await hours()).toBe(12);
	await page.getByLabel('to', { exact: true }).fill('12');
	await page.getByLabel('to', { exact: true }).blur();
	await expect.poll(hours).toBe(6);
	await page.getByRole('textbox', { name: 'Rods' }).fill('1');
	await page.getByRole('textbox', { name: 'Rods' }).blur();
	await expect.poll(() => said.innerText(), { timeout: 45_000 }).toMatch(/; 1 rod, /);
	await page.getByRole('combobox', { name: 'Sky at 08:00' }).selectOption('dark');
	await page.reload();
	await expect.poll(() => page.getByRole('combobox', { name: 'Sky at 08:00' }).inputValue()).toBe('dark');
	await expect.poll(() => said.innerText(), { timeout: 45_000 }).toMatch(/; 1 rod, /);
	// Nothing but what is kept, until that is taken off again.
	const kept = page.getByRole('checkbox', { name: /^Only my saved lures \(\d\)$/ });
	await kept.check();
	const { items } = await (await page.request.get('/api/v1/rigs')).json();
	const lures = items.map(({ record }: { record: RigRecord }) => {
		const { rig } = record.build;
		return `${rigName(rig)}, ${ouncesText(rig.weightOz)} oz`;
	});
	const cast = page.getByRole('row').locator('td:last-child');
	const told = async () => (await cast.allInnerTexts()).map((text) => text.replace(/^\d\s+/, ''));
	await expect
		.poll(async () => (await told()).filter((text) => !lures.includes(text)), { timeout: 45_000 })
		.toEqual([]);
	await kept.uncheck();
	await expect.poll(() => said.innerText(), { timeout: 45_000 }).toMatch(/; 1 rod, /);
	const [file] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Calendar' }).click()
	]);
	const text = await (await file.createReadStream()).toArray();
	const day = (await page.getByLabel('Day', { exact: true }).inputValue()).replaceAll('-', '');
	const calendar = Buffer.concat(text as Buffer[]).toString();
	expect(calendar).toMatch(new RegExp(`^BEGIN:VCALENDAR[\\s\\S]*DTSTART:${day}[\\s\\S]*END:VCALENDAR`));
	// On paper: one page, the card alone, with count and crank at every lure.
	const pages = async () =>
		((await page.pdf({ format: 'A4' })).toString('latin1').match(/\/Type\s*\/Page\b/g) ?? []).length;
	await expect
		.poll(() => page.locator('.card').innerText())
		.toMatch(/\sm\/s: .* (turns?|turn) .*(Count \d|Start reeling)/);
	expect(await pages()).toBe(1);
	await page.getByRole('button', { name: 'Start this outing' }).click();
	await page.waitForURL('**/tally');
	await page.getByRole('button', { name: /^Cast, 0/ }).waitFor();
});
