import { describe, expect, it } from 'vitest';
import { go, signedIn, takeCalled } from './browser';

/** What a screen tells of how the current rig runs: its share of the retrieve in the strike zone. */
const shareIn = (text: string | null): string | undefined => /for\s+(\d+)\s% of the retrieve/.exec(text ?? '')?.[1];

describe('one story', () => {
	it('is told of the same rig on Call, Tank, Where to sit and Bench', async () => {
		const page = await signedIn({ at: '/call' });
		const called = page.locator('[aria-labelledby=call-name] .how');
		await expect.poll(async () => shareIn(await called.textContent())).toBeDefined();
		const told = (await called.textContent())!.replace(/\s+/g, ' ');
		const share = shareIn(told);
		const depth = /Runs ([\d.]+(?: to [\d.]+)?\sm) deep/.exec(told)![1]!;
		const count = /count of (\d+)/.exec(told)?.[1] ?? '0';
		await page.getByRole('button', { name: 'Use this rig' }).click();
		await page.getByRole('link', { name: /^Current rig: (?!none)/ }).waitFor();

		await go(page, 'Tank');
		const tank = page.locator('.tank [role=status]');
		await expect.poll(async () => shareIn(await tank.textContent())).toBe(share);
		expect((await tank.textContent())!.replace(/\s+/g, ' ')).toContain(`Runs ${depth} deep`);
		await expect.poll(() => page.getByRole('textbox', { name: 'Count' }).inputValue()).toBe(count);

		await page.getByRole('link', { name: 'Where to sit' }).click();
		await page.getByLabel('Turn the cast').fill('90');
		const sit = page.getByRole('status').first();
		await expect.poll(() => sit.innerText()).toMatch(/^As turned: square to the bank/);
		expect(shareIn(await sit.textContent())).toBe(share);

		await go(page, 'Bench');
		await expect
			.poll(async () =>
				shareIn(
					await page
						.getByText(/^In the strike zone: for/)
						.first()
						.textContent()
				)
			)
			.toBe(share);
	});
});

describe('the tank', () => {
	it('shows where the called rig runs, and is wound, counted, changed and undone', async () => {
		const page = await signedIn({ at: '/call' });
		await page.getByRole('button', { name: 'Use this rig' }).click();
		await page.getByRole('link', { name: /^Current rig: (?!none)/ }).waitFor();
		await go(page, 'Tank');
		await page.getByText(/^A: [\d.]+\sm/).waitFor();
		const said = () => page.locator('.tank [role=status]').innerText();
		await expect
			.poll(said)
			.toMatch(/^Runs [\d.]+ (to [\d.]+)?\s?m deep, in the strike zone for \d+\s% of the retrieve\./);

		const crank = page.getByRole('slider', { name: 'Crank, turns a second' });
		const turns = async () => Number.parseFloat((await crank.getAttribute('aria-valuetext'))!);
		const before = await turns();
		const depth = async () => Number(/Runs ([\d.]+)/.exec(await said())?.[1]);
		const deep = await depth();
		await crank.focus();
		for (let press = 0; press < 8; press++) await page.keyboard.press('ArrowLeft');
		expect(await turns()).toBeLessThan(before - 0.3);
		await expect.poll(depth).toBeGreaterThan(deep);
		await page.getByRole('button', { name: 'Undo', exact: true }).click();
		await expect.poll(turns).toBe(before);
		await expect.poll(depth).toBe(deep);
	});

	it('shows three rigs at once, each with its letter, its path and its time among the fish', async () => {
		const page = await signedIn({ at: '/tank' });
		await takeCalled(page);
		await page.getByText(/^A: [\d.]+\sm/).waitFor();
		for (const sign of ['B', 'C']) {
			const beside = page.getByRole('combobox', { name: `${sign}, compared` });
			const rigs = await beside.locator('option:not([value=""]):not([value="called"])').allTextContents();
			await beside.selectOption({ label: rigs[sign === 'B' ? 0 : 1]! });
			await page.getByText(new RegExp(`^${sign}: [\\d.]+\\sm`)).waitFor();
		}
		await expect.poll(() => page.locator('path.path').count()).toBe(3);
		await expect.poll(() => page.getByText(/^In the strike zone for\s+\d+\s% of the retrieve;/).count()).toBe(3);
		await page.getByRole('combobox', { name: 'B, compared' }).selectOption('');
		await expect.poll(() => page.locator('path.path').count()).toBe(2);
	});

	it('has a map whose cells are taken in hand by the keyboard', async () => {
		const page = await signedIn({ at: '/tank' });
		await takeCalled(page);
		const map = page.getByRole('slider', { name: /^Weight by speed/ });
		await expect.poll(() => map.getAttribute('aria-valuetext'), { timeout: 30_000 }).not.toContain('not worked out');
		const ounces = async () => (await map.getAttribute('aria-valuetext'))!.split(' oz')[0];
		const before = await ounces();
		await map.focus();
		await page.keyboard.press('ArrowUp');
		await page.keyboard.press('Enter');
		const after = await ounces();
		expect(after).not.toBe(before);
		await expect.poll(() => page.locator('.screen-side strong').first().innerText()).toContain(`${after} oz`);
		await page.getByRole('button', { name: 'Undo', exact: true }).click();
		await expect.poll(() => page.locator('.screen-side strong').first().innerText()).toContain(`${before} oz`);
	});

	it('says what to do where no rig is in hand, and takes the called one', async () => {
		const page = await signedIn({ at: '/tank' });
		await page.getByText('You have no rig yet.').waitFor();
		await page.getByRole('button', { name: /^Use the first choice,/ }).click();
		await page.getByText(/^A: [\d.]+\sm/).waitFor();
		await expect.poll(() => page.getByText('You have no rig yet.').count()).toBe(0);
	});

	it('says where to sit and turns by hand, and is measured, switched off and undone', async () => {
		const page = await signedIn({ at: '/tank' });
		await takeCalled(page);
		await page.goto('/tank/approach');
		const said = page.getByRole('status').first();
		await expect.poll(() => said.innerText()).toMatch(/^Cast [\s\S]* an hour/);
		await page.getByLabel('Turn the cast').fill('90');
		await expect.poll(() => said.innerText()).toMatch(/^As turned: square to the bank/);
		await page.getByRole('button', { name: 'Reset' }).click();
		await expect.poll(() => said.innerText()).toMatch(/^Cast /);

		await page.getByRole('link', { name: 'Measured' }).click();
		await page.getByLabel(/^Depth there/).fill('3');
		await page.getByLabel(/^Seconds/).fill('1');
		await page.getByRole('button', { name: 'Add it' }).click();
		await page.getByText(/^3 m in 1 s: the model says/).waitFor();
		await expect.poll(() => page.getByLabel(/^Depth there/).inputValue()).toBe('3');
		await page.getByLabel(/^Seconds/).fill('8');
		await page.getByRole('button', { name: 'Add it' }).click();
		await page.getByText(/^Drag [\d.]+ times the model/).waitFor();
		await page.getByLabel('Use it on Tank and Bench').uncheck();
		await page.getByRole('button', { name: 'Undo', exact: true }).click();
		await expect.poll(() => page.getByLabel('Use it on Tank and Bench').isChecked()).toBe(true);
		await page.getByRole('button', { name: /^Remove/ }).click();
		await page.getByText(/^Nothing yet/).waitFor();
	});

	it('beats on the audio’s own clock without drifting, and drills', async () => {
		const page = await signedIn({ at: '/tank' });
		await page.addInitScript(() => {
			const starts: number[] = [];
			Object.assign(globalThis, { starts });
			const start = OscillatorNode.prototype.start;
			OscillatorNode.prototype.start = function (when?: number) {
				if (this.frequency.value > 1000) starts.push(when ?? 0);
				start.call(this, when);
			};
		});
		await takeCalled(page);
		await page.goto('/tank/feel');
		await page.getByRole('button', { name: 'Beat of the handle' }).click();
		const ticks = () => page.evaluate(() => (globalThis as unknown as { starts: number[] }).starts);
		await expect.poll(async () => (await ticks()).length, { timeout: 20_000 }).toBeGreaterThan(4);
		const starts = await ticks();
		const period = (starts.at(-1)! - starts[0]!) / (starts.length - 1);
		for (const [at, when] of starts.entries()) expect(Math.abs(when - starts[0]! - at * period)).toBeLessThan(0.0005);
		await page.getByRole('button', { name: 'Begin a drill' }).click();
		await page.getByRole('button', { name: 'It changed' }).click();
		await page.getByText(/1 too early/).waitFor();
	});
});
