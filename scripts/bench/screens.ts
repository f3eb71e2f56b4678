import type { Page } from 'playwright-core';
import { report, SLOWER, STEPS } from './figures';

/** By then (ms) a page that is left in peace has its ranking ready. */
const READY_MS = 4000;

/** From an input event to the first frame painted after the answer to it is on the screen. */
export async function benchInputToPaint(page: Page): Promise<void> {
	const session = await page.context().newCDPSession(page);
	// The runner that reads this file names functions through a helper that the page does not have.
	await page.addInitScript('globalThis.__name = (one) => one');
	await page.goto('/water');
	await page.locator('[data-live]').waitFor();
	await page.getByText(/^(Yes|Fair|Hardly)\.$/).waitFor();
	// The ranking is made ready once a page was left in peace for a moment; its first tables are measured by themselves.
	await page.waitForTimeout(READY_MS);
	await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
	const times = await page.evaluate(async (steps) => {
		const input = document.querySelector<HTMLInputElement>('#figure-waterTemperatureC')!;
		const panel = document.querySelector('.below')!;
		const frame = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
		const taken: number[] = [];
		for (let step = 0; step < steps; step++) {
			const begun = performance.now();
			const changed = new Promise((resolve) => {
				const watcher = new MutationObserver(() => {
					watcher.disconnect();
					resolve(null);
				});
				watcher.observe(panel, { subtree: true, childList: true, characterData: true, attributes: true });
				setTimeout(resolve, 1000);
			});
			input.value = String(step % 2 === 0 ? 5 : 26);
			input.dispatchEvent(new Event('input', { bubbles: true }));
			await changed;
			await frame();
			taken.push(performance.now() - begun);
			await new Promise((resolve) => setTimeout(resolve, 150));
		}
		return taken;
	}, STEPS);
	report(`input to paint on Water, processor slowed ${SLOWER} times`, times.slice(3));
}

/** From a swapped part on the bench to the first frame painted with its drawing and checks. */
export async function benchBench(page: Page): Promise<void> {
	await page.goto('/bench');
	await page.getByLabel('Family').selectOption('spinnerbait');
	const select = page.getByRole('combobox', { name: 'Wire: Wire' });
	await select.waitFor();
	const times = await select.evaluate(async (node: HTMLSelectElement, steps) => {
		const taken: number[] = [];
		for (let step = 0; step < steps; step++) {
			const begun = performance.now();
			node.value = step % 2 === 0 ? '0.045' : '0.03';
			node.dispatchEvent(new Event('change', { bubbles: true }));
			await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
			taken.push(performance.now() - begun);
			await new Promise((resolve) => setTimeout(resolve, 60));
		}
		return taken;
	}, STEPS);
	report('a part swapped on Bench to paint', times.slice(3));
}
