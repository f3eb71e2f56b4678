import { readFileSync } from 'node:fs';
import type { BrowserContextOptions, Page } from 'playwright-core';
import { describe, expect, it } from 'vitest';
import { complaints, go, signedIn } from './browser';
import { strokesOf } from './pdf';

const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };
const FAMILIES = ['Spinnerbait', 'Bladed jig', 'Buzzbait', 'Underspin'] as const;

const verdict = (page: Page) =>
	page.getByText(/^(These parts work together|Works, with .* weak points?|Doesn’t work yet)\.$/);
const control = (page: Page, name: string) => page.getByRole('combobox', { name, exact: true });
const tab = (page: Page, name: string) => page.getByRole('tab', { name, exact: true });
const button = (page: Page, name: string) => page.getByRole('button', { name, exact: true });

/** The bench with nothing on it: the records and this device both forget what lay there. */
async function emptyBench(options: BrowserContextOptions = {}): Promise<Page> {
	const page = await signedIn({ ...options, at: '/bench' });
	await page.getByText('You have no rig yet.').waitFor();
	return page;
}

/** A spinnerbait from nothing. */
async function begun(family: (typeof FAMILIES)[number] = 'Spinnerbait'): Promise<Page> {
	const page = await emptyBench();
	await page.getByRole('button', { name: family, exact: true }).click();
	await verdict(page).waitFor();
	return page;
}

/** Moves the focus with Tab until it rests on a control of this name. */
async function tabTo(page: Page, name: string): Promise<void> {
	for (let press = 0; press < 120; press++) {
		const found = await page.evaluate(() => {
			const at = document.activeElement;
			return at?.getAttribute('aria-label') ?? at?.textContent?.trim() ?? '';
		});
		if (found === name) return;
		await page.keyboard.press('Tab');
	}
	throw new Error(`Tab never came to ${name}.`);
}

describe('building from nothing', () => {
	it.each(FAMILIES)('a %s with the keyboard alone, to a kept rig', async (family) => {
		const page = await emptyBench();
		await tabTo(page, family);
		await page.keyboard.press('Enter');
		await verdict(page).waitFor();
		await tabTo(page, 'Head: Weight');
		const before = await control(page, 'Head: Weight').inputValue();
		await page.keyboard.press('ArrowDown');
		await expect.poll(() => control(page, 'Head: Weight').inputValue()).not.toBe(before);
		await page.getByRole('heading', { level: 1 }).click();
		await tabTo(page, 'Save');
		await page.keyboard.press('Enter');
		await page.getByText(/^Saved as “/).waitFor();
		await page.getByRole('link', { name: new RegExp(`^Current rig: .*${family}`, 'i') }).waitFor();
	});

	it.each(FAMILIES)('a %s with a thumb on a phone', async (family) => {
		const page = await emptyBench(PHONE);
		await page.getByRole('button', { name: family, exact: true }).tap();
		await verdict(page).waitFor();
		const select = control(page, 'Head: Material');
		expect((await select.boundingBox())!.height).toBeGreaterThanOrEqual(48);
		await select.selectOption('tungsten');
		await page.getByRole('combobox', { name: 'What to show' }).selectOption('checks');
		await page.getByText(/^(All )?\d+ checks pass$/).click();
		await page.getByRole('list', { name: 'Checks that pass' }).waitFor();
		await page.getByRole('button', { name: 'Save', exact: true }).tap();
		await page.getByText(/^Saved as “/).waitFor();
		const wide = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
		expect(wide).toBeLessThanOrEqual(0);
	});
});

describe('the bench', () => {
	it('undoes and redoes, and both outlive a reload', async () => {
		const page = await begun();
		await control(page, 'Head: Weight').selectOption('0.75');
		await control(page, 'Wire: Wire').selectOption('0.045');
		await page.keyboard.press('Escape');
		await page.reload();
		await expect.poll(() => control(page, 'Wire: Wire').inputValue()).toBe('0.045');
		await page.getByRole('button', { name: 'Undo', exact: true }).click();
		await expect.poll(() => control(page, 'Wire: Wire').inputValue()).toBe('0.035');
		await page.reload();
		await expect.poll(() => page.getByRole('button', { name: 'Redo', exact: true }).isEnabled()).toBe(true);
		await page.getByRole('button', { name: 'Redo', exact: true }).click();
		await expect.poll(() => control(page, 'Wire: Wire').inputValue()).toBe('0.045');
	});

	it('keeps a rig again after an undo, and anew after it was deleted', async () => {
		const page = await begun();
		const rig = `Undone ${Date.now()}`;
		await page.getByRole('textbox', { name: 'Rig' }).fill(rig);
		await page.keyboard.press('Tab');
		await control(page, 'Head: Weight').selectOption('0.75');
		const keep = page.getByRole('button', { name: 'Save', exact: true });
		await keep.click();
		await page.getByText(`Saved as “${rig}”.`).waitFor();
		await page.getByRole('button', { name: 'Undo', exact: true }).click();
		await expect.poll(() => control(page, 'Head: Weight').inputValue()).toBe('0.5');
		await keep.click();
		await tab(page, 'Rigs and own parts').click();
		const listed = page.getByRole('button', { name: `Delete ${rig}` });
		await expect.poll(() => listed.count()).toBe(1);
		await listed.click();
		await page.getByText(`Deleted “${rig}”.`).waitFor();
		await keep.click();
		await expect.poll(() => listed.count()).toBe(1);
	});

	it('refuses a bad figure at its field and keeps what was typed', async () => {
		const page = await begun();
		const arm = page.getByRole('textbox', { name: 'Wire: Upper arm' });
		await arm.fill('500');
		await arm.press('Enter');
		await page.getByText('Between 30 and 120.').waitFor();
		await expect.poll(() => arm.inputValue()).toBe('500');
		await arm.fill('90');
		await arm.press('Enter');
		await page.getByText('Between 30 and 120.').waitFor({ state: 'detached' });
	});

	it('takes up the rig from a call, and its checks follow a swapped part', async () => {
		const page = await signedIn({ at: '/call' });
		await page.getByRole('button', { name: 'Use this rig' }).click();
		await page.getByRole('link', { name: /^Current rig: (?!none)/ }).waitFor();
		await go(page, 'Bench');
		await verdict(page).waitFor();
		await page.locator('#family').selectOption('spinnerbait');
		const line = page.getByText(/^Wire bears the line: .* too strong for the wire/);
		await control(page, 'Wire: Wire').selectOption('0.026');
		await expect.poll(() => line.count()).toBe(1);
		await control(page, 'Wire: Wire').selectOption('0.051');
		await expect.poll(() => line.count()).toBe(0);
	});

	it('compares with a kept rig and sweeps a dimension', async () => {
		const page = await begun();
		await tab(page, 'Rigs and own parts').click();
		await page.getByRole('button', { name: 'Compare with Pit thumper' }).click();
		await page.getByRole('region', { name: 'Compared with Pit thumper' }).waitFor();
		await page.getByText(/^They differ in .*rear blade/).waitFor();
		await page.getByRole('button', { name: 'Close', exact: true }).click();
		await tab(page, 'What if').click();
		await page.getByText(/At 0\.026 in: .*At 0\.051 in: /).waitFor();
		await page.getByRole('combobox', { name: 'Vary' }).selectOption('rearSize');
		await expect.poll(() => page.getByText(/^At 2 : lift area/).count()).toBe(1);
	});

	it('uses a part of one’s own, and a rig keeps it when the part is deleted', async () => {
		const page = await begun();
		await tab(page, 'Rigs and own parts').click();
		const name = `Spoon ${Date.now()}`;
		await page.getByRole('button', { name: 'Add the part' }).click();
		await page.getByText('Give the part a name.').waitFor();
		await page.getByRole('textbox', { name: 'Name' }).fill(name);
		await page.getByRole('textbox', { name: 'Length, mm' }).fill('61');
		await page.getByRole('textbox', { name: 'Weight, g' }).fill('4.4');
		await page.getByRole('button', { name: 'Add the part' }).click();
		await page.getByRole('button', { name: `Use ${name} as rear` }).click();
		await page.getByText(`Rear blade: ${name}`.slice(0, 29)).first().waitFor();
		const rig = `Kept with ${name}`;
		await page.getByRole('textbox', { name: 'Rig' }).fill(rig);
		await page.getByRole('button', { name: 'Save', exact: true }).click();
		await page.getByText(`Saved as “${rig}”.`).waitFor();
		await page.getByText(`in ${rig}`).waitFor();
		await page.getByRole('button', { name: `Delete ${name}` }).click();
		await page.getByText(`${rig} still have it.`).waitFor();
		await page.getByRole('button', { name: `Open ${rig}` }).click();
		await expect.poll(() => control(page, 'Rear blade: Style').inputValue()).toMatch(/^own:/);
	});

	it('keeps a skirt of one’s own colors, names what the rules take it for, and holds it beside the called one', async () => {
		const page = await begun();
		await tab(page, 'Rigs and own parts').click();
		const name = `Mix ${Date.now()}`;
		await page.getByRole('combobox', { name: /^Kind/ }).selectOption('skirt');
		await page.getByRole('textbox', { name: 'Name' }).fill(name);
		await page.getByRole('textbox', { name: 'Length, mm' }).fill('60');
		await page.getByRole('textbox', { name: 'Weight, g' }).fill('2.4');
		await page.getByRole('button', { name: '+ a color' }).click();
		await page.getByLabel('Strand 1, how you give its color').selectOption('measured');
		await page.getByLabel(/^Strand 1, reflectance/).fill('0.1 0.2');
		await page.getByRole('button', { name: 'Add the part' }).click();
		await page
			.getByRole('alert')
			.getByText(/31 numbers/)
			.waitFor();
		await expect.poll(() => page.getByLabel(/^Strand 1, reflectance/).inputValue()).toBe('0.1 0.2');
		await page.getByLabel('Strand 1, how you give its color').selectOption('picked');
		await page.getByLabel('Strand 1, color as it looks by day').fill('#1a1a1c');
		await page.getByText('black, the nearest').waitFor({ state: 'attached' });
		await page.getByRole('button', { name: 'Add the part' }).click();
		await page.getByText(`“${name}” is in the list`).waitFor();
		await page.getByRole('button', { name: `Use ${name} as skirt` }).click();
		await expect.poll(() => control(page, 'Skirt: Color').inputValue()).toBe('black');
		await tab(page, 'How it looks here').click();
		await expect.poll(() => page.getByText(name, { exact: true }).count()).toBeGreaterThan(0);
		await control(page, 'Skirt: Color').selectOption('white');
		await expect.poll(() => control(page, 'Skirt: Material').inputValue()).not.toMatch(/^own:/);

		await go(page, 'Call');
		await tab(page, 'How it looks here').click();
		await page.getByText(/^Skirt, treated as black/).waitFor();
		await expect.poll(() => page.getByText(name, { exact: true }).count()).toBe(1);
	});

	it('saves a rig and its drawing as files and brings the rig back', async () => {
		const page = await begun('Buzzbait');
		await tab(page, 'Rigs and own parts').click();
		const [json] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('button', { name: 'Save as JSON' }).click()
		]);
		const path = await json.path();
		const file = JSON.parse(readFileSync(path, 'utf8'));
		expect(file).toMatchObject({ kind: 'lucernal-rig', rig: { build: { rig: { family: 'buzzbait' } } } });
		const [svg] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('button', { name: 'Save drawing as SVG' }).click()
		]);
		const text = readFileSync(await svg.path(), 'utf8');
		expect(text).toMatch(/^<svg xmlns="http:\/\/www.w3.org\/2000\/svg" width="[\d.]+mm"/);
		expect(text).toContain('two-winged blade 45 mm');
		expect(text).not.toContain('var(');
		await page.locator('#family').selectOption('underspin');
		await page.getByLabel('Import a rig').setInputFiles(path);
		await page.getByRole('button', { name: 'Open it on Bench' }).click();
		await expect.poll(() => page.locator('#family').inputValue()).toBe('buzzbait');
		await page
			.getByLabel('Import a rig')
			.setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"kind":1}') });
		await page.getByText(/^This is not a rig file\. kind: /).waitFor();
	});
});

describe('tuning and faults', () => {
	it('guides to the cause, writes every answer down, and keeps the history with the rig', async () => {
		const page = await begun();
		await tab(page, 'Tune').click();
		await button(page, 'Yes, freely').click();
		await button(page, 'Leans right').click();
		await page.getByText(/^Then the skirt/).waitFor();
		await button(page, 'Done, test again').click();
		await button(page, 'Leans right').click();
		await page.getByText(/bend the upper arm about 3° to the left/).waitFor();
		await button(page, 'Done, test again').click();
		await button(page, 'Runs straight').click();
		await page.getByText(/the cause was the wire\. Stop here/).waitFor();
		await page.reload();
		await tab(page, 'Tune').click();
		await expect.poll(() => page.getByText('bent the arm left by 3°').count()).toBe(1);
	});

	it('advises one change, and says that two at once teach nothing', async () => {
		const page = await begun();
		await tab(page, 'Fault finder').click();
		await page.getByText('Change one thing: the other finish on the rear blade.').waitFor();
		await button(page, 'Change it on Bench and try it').click();
		await expect.poll(() => control(page, 'Rear blade: Finish').inputValue()).toBe('gold');
		await control(page, 'Wire: Wire').selectOption('0.04');
		await page.getByText(/Two changes at once teach you nothing/).waitFor();
		await button(page, 'Better').click();
		await page.getByText('Nothing was learned: wire and rear blade were changed at once.').waitFor();
	});
});

describe('the build sheet', () => {
	it('prints one page with the drawing life-size: its bar of 100 mm is 100 mm on paper, in every family', async () => {
		const page = await begun();
		for (const family of FAMILIES) {
			await go(page, 'Bench');
			await page.locator('#family').selectOption({ label: family });
			await page.getByRole('link', { name: new RegExp(`^Current rig: .*${family}`, 'i') }).waitFor();
			await page.getByRole('link', { name: 'Build sheet' }).click();
			await page.getByRole('list', { name: 'Steps' }).waitFor();
			const pdf = await page.pdf({ preferCSSPageSize: true, printBackground: true });
			const pages = pdf.toString('latin1').match(/\/Type \/Page\b/g) ?? [];
			const bars = strokesOf(pdf)
				.map(({ from, to }) => Math.hypot(to[0] - from[0], to[1] - from[1]))
				.filter((length) => Math.abs(length - 100) < 20);
			expect({ family, pages: pages.length, bars: bars.length }).toEqual({ family, pages: 1, bars: 1 });
			expect(Math.abs(bars[0]! - 100)).toBeLessThan(0.5);
		}
	});
});

describe('all of it', () => {
	it('went without a complaint of the browser', () => {
		expect(complaints).toEqual([]);
	});
});
