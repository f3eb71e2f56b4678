// Takes the pictures in docs/screenshots from the demo's data: npm run pictures.
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './lib/run.mjs';
import { onStage, opened } from './lib/stage.mjs';

const FOLDER = join(ROOT, 'docs', 'screenshots');
const LAPTOP = { viewport: { width: 1280, height: 800 } };
const PHONE = { viewport: { width: 390, height: 844 }, deviceScaleFactor: 2, hasTouch: true };
const READING = 'Alder Bank';
/** By then the worker has found what would flip the call. */
const WORKED_OUT_MS = 20_000;

const PICTURES = [
	['water-day', '/water', 'light', LAPTOP],
	['water-lamp', '/water', 'dark', LAPTOP],
	['water-phone', '/water', 'light', PHONE],
	['call-day', '/call', 'light', LAPTOP],
	['call-lamp', '/call', 'dark', LAPTOP],
	['call-phone', '/call', 'dark', PHONE],
	['craft-day', '/craft', 'light', LAPTOP],
	['craft-phone', '/craft', 'light', PHONE],
	['kept-day', '/kept', 'light', LAPTOP]
];

mkdirSync(FOLDER, { recursive: true });
await onStage(async (browser, address) => {
	for (const [name, path, colorScheme, size] of PICTURES) {
		const page = await opened(browser, address, READING, { ...size, colorScheme });
		await page.goto('/call');
		await page.getByRole('button', { name: 'Take in hand' }).click();
		await page.getByRole('link', { name: /^Rig in hand: (?!none)/ }).waitFor();
		await page.goto(path);
		await page.waitForTimeout(path === '/call' ? WORKED_OUT_MS : 1500);
		await page.screenshot({ path: join(FOLDER, `${name}.png`) });
		await page.context().close();
	}
});
