// Measures speed: npm run bench. Figures depend on the machine; compare medians.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import fc from 'fast-check';
import type { Page } from 'playwright-core';
import { call } from '../src/lib/core/choice/call';
import { callInputSchema } from '../src/lib/core/schema/call';
import { anyReading } from '../src/lib/core/testing/arbitraries';
import { ROOT } from './lib/run.mjs';
import { onStage, opened } from './lib/stage.mjs';

const READINGS = 300;
const WARM_UP = 30;
const SLOWER = 4;
const STEPS = 40;

function quantile(sorted: readonly number[], share: number): string {
	return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))]!.toFixed(1);
}

function report(what: string, times: number[]): void {
	const sorted = [...times].sort((a, b) => a - b);
	console.log(`${what}: median ${quantile(sorted, 0.5)} ms, p95 ${quantile(sorted, 0.95)} ms, of ${times.length}`);
}

function benchCalls(): void {
	const inputs = fc.sample(anyReading, { numRuns: READINGS + WARM_UP, seed: 1 });
	const times = inputs.map((reading) => {
		const input = callInputSchema.parse({ reading });
		const begun = performance.now();
		call(input);
		return performance.now() - begun;
	});
	report('one call in Node, warm', times.slice(WARM_UP));
}

const client = join(ROOT, 'build', 'client');

/** Bytes of a served file as they travel, compressed. */
function packed(path: string): number {
	const file = join(client, path);
	return existsSync(file) ? gzipSync(readFileSync(file), { level: 9 }).byteLength : 0;
}

async function benchFirstView(page: Page, address: string): Promise<void> {
	const sums: Record<string, number> = { script: 0, style: 0, font: 0, worker: 0 };
	page.on('response', (response) => {
		const path = new URL(response.url()).pathname;
		if (path.endsWith('.woff2')) sums.font! += readFileSync(join(client, path)).byteLength;
		else if (path.endsWith('.css')) sums.style! += packed(path);
		else if (path.includes('/workers/')) sums.worker! += packed(path);
		else if (path.endsWith('.js')) sums.script! += packed(path);
	});
	await page.goto(`${address}/water`);
	await page.waitForTimeout(1500);
	const text = Object.entries(sums).map(([kind, bytes]) => `${kind} ${(bytes / 1000).toFixed(1)} kB`);
	console.log(`first view of Water, gzipped: ${text.join(', ')}`);
}

/** From an input event to the first frame painted after the answer to it is on the screen. */
async function benchInputToPaint(page: Page): Promise<void> {
	const session = await page.context().newCDPSession(page);
	// The runner that reads this file names functions through a helper that the page does not have.
	await page.addInitScript('globalThis.__name = (one) => one');
	await page.goto('/water');
	await page.getByText(/^(Yes|Fair|Hardly)\.$/).waitFor();
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

benchCalls();
await onStage(async (browser: import('playwright-core').Browser, address: string) => {
	const page = await opened(browser, address, 'Alder Bank');
	await benchFirstView(page, address);
	await benchInputToPaint(page);
});
