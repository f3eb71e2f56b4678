import { randomUUID } from 'node:crypto';
import type { Page } from 'playwright-core';
import { startBuild } from '../../src/lib/core/rig/build/start';
import type { SpotRecord } from '../../src/lib/core/records/schemas';
import { report, SLOWER } from './figures';

/** Happenings of a long record, on so many outings, and the taps that are timed. */
const LONG = { outings: 100, each: 200, taps: 40 } as const;

/** A record of 20,000 happenings as a file: casts, and a bite now and then. */
function longRecord(): string {
	const { rig } = startBuild('spinnerbait');
	const reading = { waterTemperatureC: 16, visibilityM: 1, bottomM: 2 };
	const rows = ['outing,id,at,order,kind,count,seconds,hit,hook,lengthCm,massKg,text,more'];
	const quoted = (value: object): string => `"${JSON.stringify(value).replaceAll('"', '""')}"`;
	for (let day = 0; day < LONG.outings; day++) {
		const outing = randomUUID();
		const begun = Date.UTC(2026, 2, 1 + day, 5);
		const at = (minute: number): string => new Date(begun + minute * 60_000).toISOString();
		const more = { spotId: null, reading, rig, deck: [], trial: null };
		rows.push(`${outing},${outing},${at(0)},0,outing,,,,,,,Day ${day},${quoted(more)}`);
		for (let order = 1; order <= LONG.each; order++) {
			const what = order % 40 === 0 ? 'bite,,' : 'cast,1,';
			rows.push(`${outing},${randomUUID()},${at(order)},${order},${what},,,,,,`);
		}
	}
	return rows.join('\n');
}

/** How fast a long record opens, and how fast a tap on deck is answered at four times slowdown. */
export async function benchTally(page: Page): Promise<void> {
	await page.goto('/tally');
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	const cast = page.getByRole('button', { name: /^Cast, / });
	await cast.waitFor();
	const session = await page.context().newCDPSession(page);
	await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
	const times = await cast.evaluate(async (button: HTMLButtonElement, taps) => {
		const taken: number[] = [];
		for (let tap = 0; tap < taps; tap++) {
			const before = button.textContent;
			const begun = performance.now();
			button.click();
			while (button.textContent === before) await new Promise((resolve) => requestAnimationFrame(resolve));
			taken.push(performance.now() - begun);
			await new Promise((resolve) => setTimeout(resolve, 120));
		}
		return taken;
	}, LONG.taps);
	await session.send('Emulation.setCPUThrottlingRate', { rate: 1 });
	report(`a tap on Tally to its count, processor slowed ${SLOWER} times`, times);

	const data = longRecord();
	const told = await page.request.post('/api/v1/tally.csv', { data, headers: { 'content-type': 'text/csv' } });
	console.log(`a file of ${LONG.outings * LONG.each} happenings: ${told.status()}`);
	for (const path of ['/proof', '/tally']) {
		let begun = performance.now();
		await page.request.get(path);
		const served = performance.now() - begun;
		begun = performance.now();
		await page.goto(path);
		await page.locator('[data-live]').waitFor();
		console.log(
			`${path} with them: served in ${served.toFixed(0)} ms, live in ${(performance.now() - begun).toFixed(0)} ms`
		);
		// Proof goes on reading behind its page: the next one is not to wait for that.
		await page.waitForLoadState('networkidle');
	}
}

/** So many spots may be fished on the day that is planned. */
const SPOTS = 8;

/** Gives the water of the current reading as many spots as are planned over: its own, and copies a little farther on. */
async function moreSpots(page: Page): Promise<void> {
	const { items } = await (await page.request.get('/api/v1/spots')).json();
	const spots: { record: SpotRecord }[] = items;
	const { waterId } = spots.find(({ record }) => record.name === 'Alder Bank')!.record;
	const own = spots.filter(({ record }) => record.waterId === waterId);
	for (let made = own.length; made < SPOTS; made++) {
		const { record } = own[made % own.length]!;
		const at = record.at && [record.at[0]! + made * 1e-4, record.at[1]];
		const data = { version: 0, record: { ...record, ...(at ? { at } : {}), name: `Spot ${made + 1}` } };
		const told = await page.request.put(`/api/v1/spots/${randomUUID()}`, { data });
		if (!told.ok()) throw new Error(`A spot was not taken: ${await told.text()}`);
	}
}

/** A day of fourteen hours, eight spots and four rods on a water with a chart: from the page to its deck, then an hour changed. */
export async function benchDeck(page: Page): Promise<void> {
	await moreSpots(page);
	await page.goto('/deck');
	await page.locator('[data-live]').waitFor();
	const hours = { From: '5', to: '19', Rods: '4' };
	for (const [label, value] of Object.entries(hours)) {
		const field = page.getByRole('textbox', { name: label, exact: true });
		await field.fill(value);
		await field.blur();
	}
	const done = () =>
		page.waitForFunction(() => {
			const told = document.querySelector('.deck [role=status]')?.textContent ?? '';
			return told.includes('proven') && document.querySelectorAll('.curve li').length > 1;
		});
	await done();
	const spots = await page
		.getByRole('group', { name: /^Spots of/ })
		.getByRole('checkbox')
		.count();
	await page.reload();
	let begun = performance.now();
	await done();
	console.log(
		`a day of 14 hours, ${spots} spots, 4 rods: from its page to the deck ${(performance.now() - begun).toFixed(0)} ms`
	);
	const times: number[] = [];
	const deck = page.getByRole('region', { name: 'Today’s rods' });
	const whole = () => page.waitForFunction(() => !document.querySelector('.deck .working'));
	await whole();
	for (const sky of ['dark', 'overcast', 'broken', 'sun', 'dark']) {
		begun = performance.now();
		await page.getByRole('combobox', { name: 'Sky at 09:00' }).selectOption(sky);
		await deck.getByRole('button', { name: 'Stop' }).waitFor();
		await whole();
		times.push(performance.now() - begun);
	}
	report('an hour of it changed, to the deck and its curve', times);
}
