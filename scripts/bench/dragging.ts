import type { Page } from 'playwright-core';
import { SLOWER } from './figures';

/** Listens for tasks that hold the page up for more than 50 ms. @returns Tells which there were. */
async function longTasks(page: Page): Promise<() => Promise<string>> {
	await page.evaluate(() => {
		const tasks: number[] = [];
		Object.assign(globalThis, { tasks });
		new PerformanceObserver((list) => tasks.push(...list.getEntries().map(({ duration }) => duration))).observe({
			type: 'longtask'
		});
	});
	return async () => {
		const tasks = await page.evaluate(() => (globalThis as unknown as { tasks: number[] }).tasks);
		return `${tasks.length}, longest ${Math.max(0, ...tasks).toFixed(0)} ms`;
	};
}

/** How many places a pointer is dragged through. */
const PLACES = 60;

/**
 * How smoothly a page follows a pointer that drags a handle to and fro, the processor slowed.
 *
 * @param to How far (px) it goes across and down.
 */
async function dragged(page: Page, name: string, to: (box: { width: number }) => [number, number]): Promise<void> {
	const handle = page.getByRole('slider', { name, exact: true });
	await handle.waitFor();
	await handle.scrollIntoViewIfNeeded();
	// What the test's own tools put into the page is not counted: they look where it lies before the counting begins.
	const box = (await handle.boundingBox())!;
	const [across, down] = to(box);
	// A ruler is taken hold of at its beginning, a grip in its middle.
	const from = { x: box.x + (across > 100 ? 20 : box.width / 2), y: box.y + box.height / 2 };
	const session = await page.context().newCDPSession(page);
	await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
	const tasks = await longTasks(page);
	await page.mouse.move(from.x, from.y);
	await page.mouse.down();
	for (let place = 0; place <= PLACES; place++) {
		const share = Math.abs(Math.sin((place * Math.PI) / 15));
		await page.mouse.move(from.x + share * across, from.y + share * down);
		await page.waitForTimeout(32);
	}
	await page.mouse.up();
	await page.waitForTimeout(600);
	console.log(`tasks over 50 ms of ${PLACES} moves of “${name}”, slowed ${SLOWER} times: ${await tasks()}`);
	await session.send('Emulation.setCPUThrottlingRate', { rate: 1 });
	await session.detach();
}

/** Until the browser has laid up the pages, which a new one does beside all else, once. */
async function laidUp(page: Page): Promise<void> {
	const last = '/deck/places/__data.json';
	await page.waitForFunction(async (path) => (await caches.match(path)) !== undefined, last, {
		polling: 500,
		timeout: 60_000
	});
	await page.waitForTimeout(2000);
}

/** Handles of the section, and rulers beside it. */
export async function benchDrag(page: Page): Promise<void> {
	await page.goto('/water');
	await page.locator('[data-live]').waitFor();
	await page.getByText(/^(Yes|Fair|Hardly)\.$/).waitFor();
	await laidUp(page);
	await dragged(page, 'Bottom', () => [0, -30]);
	await dragged(page, 'Fish to', () => [0, -20]);
	await dragged(page, 'Sun', () => [30, 30]);
	for (const name of ['Water', 'See down to', 'Wind speed', 'Bottom']) {
		await dragged(page, `${name}, on its scale`, ({ width }) => [width - 40, 0]);
	}
}

/** The depth at which colors are looked at. */
export async function benchSightSlider(page: Page): Promise<void> {
	await page.goto('/sight');
	await page.getByRole('slider', { name: 'Depth shown' }).waitFor();
	await laidUp(page);
	await dragged(page, 'Depth shown', ({ width }) => [width - 40, 0]);
}
