// Measures speed: npm run bench, or a part of it by name (npm run bench -- deck). Figures depend on the machine;
// compare medians.
import type { ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import fc from 'fast-check';
import type { Page } from 'playwright-core';
import { startBuild } from '../src/lib/core/build/start';
import { countRigs } from '../src/lib/core/choice/count';
import { Judgements } from '../src/lib/core/choice/judgements';
import { rank } from '../src/lib/core/choice/ranking';
import { SpaceSearch } from '../src/lib/core/choice/search';
import { SharedWork } from '../src/lib/core/choice/sharedWork';
import { SPACES } from '../src/lib/core/choice/spaces';
import { completeReading } from '../src/lib/core/reading/complete';
import type { SpotRecord } from '../src/lib/core/records/schemas';
import { readingSchema } from '../src/lib/core/schema/reading';
import { waterColours } from '../src/lib/core/optics/colour';
import { skyInputOf } from '../src/lib/core/optics/ofReading';
import { everyTarget, sceneOfReading, sightIn } from '../src/lib/core/optics/sight';
import { waterOf } from '../src/lib/core/optics/water';
import { towInputSchema } from '../src/lib/core/schema/tow';
import { MAP_WEIGHTS_OZ, mapOf } from '../src/lib/core/tow/map';
import { tow } from '../src/lib/core/tow/tow';
import { FAMILIES } from '../src/lib/core/schema/words';
import { anyReading } from '../src/lib/core/testing/arbitraries';
import { ROOT } from './lib/run.mjs';
import { onStage, opened } from './lib/stage.mjs';

const READINGS = 300;
const WARM_UP = 30;
/** Casts before Node has made the most of their loop. */
const WARM_CASTS = 100;
/** By then (ms) a page that is left in peace has its ranking ready. */
const READY_MS = 4000;
const SLOWER = 4;
const STEPS = 40;
const BATCH = 200;

function quantile(sorted: readonly number[], share: number): string {
	return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))]!.toFixed(1);
}

function report(what: string, times: number[]): void {
	const sorted = [...times].sort((a, b) => a - b);
	console.log(`${what}: median ${quantile(sorted, 0.5)} ms, p95 ${quantile(sorted, 0.95)} ms, of ${times.length}`);
}

const readings = () => fc.sample(anyReading, { numRuns: READINGS + WARM_UP, seed: 1 });

/** One ranking as the screen asks for it: message to the worker in to its reply out, in the browser. */
async function benchRanking(page: Page, readingsAsked: readonly unknown[]): Promise<void> {
	const folder = join(client, '_app', 'immutable', 'workers');
	const file = readdirSync(folder).find((name) => name.startsWith('call.worker'))!;
	const times = await page.evaluate(
		async ({ path, inputs }) => {
			const worker = new Worker(path, { type: 'module' });
			const taken: number[] = [];
			for (const [id, reading] of inputs.entries()) {
				const begun = performance.now();
				await new Promise((resolve) => {
					worker.onmessage = resolve;
					// The worker's own protocol: apply `call` to one argument.
					const argument = { type: 'RAW', value: { reading } };
					worker.postMessage({ id: String(id), type: 'APPLY', path: ['call'], argumentList: [argument] });
				});
				taken.push(performance.now() - begun);
			}
			worker.terminate();
			return taken;
		},
		{ path: `/_app/immutable/workers/${file}`, inputs: readingsAsked }
	);
	console.log(`first ranking, tables of the gate made: ${times[0]!.toFixed(0)} ms`);
	report('one ranking, message in to reply out', times.slice(WARM_UP));
}

/** How the cost of a ranking grows as the catalogue of blades doubles. */
function benchGrowth(inputs: readonly unknown[]): void {
	for (const share of [0.125, 0.25, 0.5, 1]) {
		let rigs = 0;
		const times = inputs.slice(0, 120).map((given) => {
			const reading = completeReading(readingSchema.parse(given));
			const begun = performance.now();
			const judgements = new Judgements(reading, {});
			const open = SPACES.map((space) => ({
				space,
				mask: space.variables.map(({ id, parts }) =>
					parts.map((_part, at) => id !== 'blades' || at < Math.max(1, Math.round(parts.length * share)))
				)
			}));
			const shared = new Map(FAMILIES.map((family) => [family, new SharedWork()]));
			const searches = open.map(({ space, mask }) => {
				const gate = judgements.windows.gate(space, mask);
				return new SpaceSearch(space, mask, judgements.about(space), gate, shared.get(space.family));
			});
			rank(searches, { top: 5, perFamily: 2, everyFamily: true }, { nodes: 0, bound: 0, gate: 0 });
			rigs = open.reduce((sum, { space, mask }) => sum + countRigs(space, mask), 0);
			return performance.now() - begun;
		});
		report(`in Node, ${share} of the blades, ${rigs.toExponential(1)} rigs`, times.slice(20));
	}
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

/** Handles of the section, and a ruler beside it. */
async function benchDrag(page: Page): Promise<void> {
	await page.goto('/water');
	await page.locator('[data-live]').waitFor();
	await page.getByText(/^(Yes|Fair|Hardly)\.$/).waitFor();
	await page.waitForTimeout(1500);
	await dragged(page, 'Bottom', () => [0, -30]);
	await dragged(page, 'Fish to', () => [0, -20]);
	await dragged(page, 'Sun', () => [30, 30]);
	await dragged(page, 'Water, on its scale', ({ width }) => [width - 40, 0]);
}

/** The depth at which colours are looked at. */
async function benchSightSlider(page: Page): Promise<void> {
	await page.goto('/sight');
	await page.getByRole('slider', { name: 'Depth that is looked at' }).waitFor();
	await page.waitForTimeout(1500);
	await dragged(page, 'Depth that is looked at', ({ width }) => [width - 40, 0]);
}

/** From a swapped part on the bench to the first frame painted with its drawing and checks. */
async function benchBench(page: Page): Promise<void> {
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

/** How long the server's own loop is kept while a batch of two hundred is worked on. */
async function benchLoop(page: Page, asked: readonly unknown[], server: ChildProcess): Promise<void> {
	const readings = asked.slice(0, BATCH).map((reading) => ({ reading }));
	const { origin } = new URL(page.url());
	// The page would go on looking for what would change the call.
	await page.goto('about:blank');
	server.kill('SIGUSR2');
	const begun = performance.now();
	const answer = await page.request.post(`${origin}/api/v1/call`, {
		data: readings,
		headers: { origin }
	});
	console.log(
		`a batch of ${BATCH} over HTTP: ${answer.status()}, ${((performance.now() - begun) / 1000).toFixed(1)} s`
	);
	server.kill('SIGUSR2');
	await page.waitForTimeout(200);
}

/** A map is coarse once five speeds of each weight are there. */
const COARSE_CELLS = 5 * MAP_WEIGHTS_OZ.length;

/** Casts simulated in Node: one of about thirty seconds, and a whole map. */
function benchTow(): void {
	const input = towInputSchema.parse({
		rig: {
			family: 'spinnerbait',
			weightOz: 0.5,
			blades: [
				{ position: 'front', style: 'willow', size: 4.5 },
				{ position: 'rear', style: 'willow', size: 5 }
			]
		},
		castM: 28,
		speedMps: 0.9,
		countdownS: 3,
		segments: 12,
		band: { fromM: 1, toM: 2 }
	});
	const cast: number[] = [];
	for (let run = 0; run < WARM_CASTS + 60; run++) {
		const begun = performance.now();
		tow(input);
		cast.push(performance.now() - begun);
	}
	report('a retrieve of thirty seconds, 12 segments, 10 ms', cast.slice(WARM_CASTS));
	const begun = performance.now();
	let [cells, coarseMs] = [0, 0];
	const found = mapOf({ ...input, band: input.band! });
	while (!found.next().done) if (++cells === COARSE_CELLS) coarseMs = performance.now() - begun;
	const wholeMs = performance.now() - begun;
	console.log(
		`a map of ${cells} casts in one thread: coarse ${coarseMs.toFixed(0)} ms, whole ${wholeMs.toFixed(0)} ms`
	);
}

/** How colours show: everything at once, and a section's tint, in Node. */
function benchSight(): void {
	const all = everyTarget();
	const [whole, tint]: [number[], number[]] = [[], []];
	for (let run = 0; run < WARM_UP + 60; run++) {
		const reading = completeReading(
			readingSchema.parse({ waterTemperatureC: 18, visibilityM: 0.8 + run / 100, bottomM: 3, stain: 'green' })
		);
		let begun = performance.now();
		sightIn(sceneOfReading(reading), all);
		whole.push(performance.now() - begun);
		begun = performance.now();
		waterColours(waterOf(reading.stain, reading.visibilityM, 'lure'), skyInputOf(reading), [0, 0.5, 1, 1.5, 2, 2.5, 3]);
		tint.push(performance.now() - begun);
	}
	report('sight of everything, three views, pairs and matches', whole.slice(WARM_UP));
	report('tint of a section whose water is known', tint.slice(WARM_UP));
}

/** How long (s) the metronome is listened to, and the pitch (Hz) of its clicks. */
const LISTEN_S = 60;
const CLICK_HZ = 1400;

/**
 * The metronome over a minute in the browser, the page busy with other work: how far each click that the audio was given
 * lies from an even row, how many were given too late, and how the audio's clock goes against the page's.
 */
async function benchMetronome(page: Page): Promise<void> {
	await page.addInitScript((hz) => {
		const clicks: { atS: number; ahead: number }[] = [];
		const clocks: { audioS: number; pageS: number }[] = [];
		Object.assign(globalThis, { clicks, clocks });
		const start = OscillatorNode.prototype.start;
		OscillatorNode.prototype.start = function (atS = 0) {
			const { currentTime } = this.context;
			if (this.frequency.value === hz) clicks.push({ atS, ahead: atS - currentTime });
			clocks.push({ audioS: currentTime, pageS: performance.now() / 1000 });
			start.call(this, atS);
		};
	}, CLICK_HZ);
	await page.goto('/tank/feel');
	await page.getByRole('button', { name: 'Beat of the crank' }).click();
	for (let passed = 0; passed < LISTEN_S; passed++) {
		await page.evaluate(() => {
			const until = performance.now() + 40;
			while (performance.now() < until);
		});
		await page.waitForTimeout(960);
	}
	const { worstMs, late, count, driftMs } = await page.evaluate(() => {
		const { clicks, clocks } = globalThis as unknown as {
			clicks: { atS: number; ahead: number }[];
			clocks: { audioS: number; pageS: number }[];
		};
		const first = clicks[0]!.atS;
		const periodS = (clicks.at(-1)!.atS - first) / (clicks.length - 1);
		const off = clicks.map(({ atS }, at) => Math.abs(atS - first - at * periodS));
		const [from, to] = [clocks[0]!, clocks.at(-1)!];
		return {
			worstMs: Math.max(...off) * 1000,
			late: clicks.filter(({ ahead }) => ahead < 0).length,
			count: clicks.length,
			driftMs: (to.audioS - from.audioS - (to.pageS - from.pageS)) * 1000
		};
	});
	console.log(
		`metronome over ${LISTEN_S} s, ${count} clicks: worst ${worstMs.toFixed(3)} ms off its row, ${late} late, audio against page ${driftMs.toFixed(1)} ms`
	);
}

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
async function benchTally(page: Page): Promise<void> {
	await page.goto('/tally');
	await page.getByRole('button', { name: 'Begin', exact: true }).click();
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

/** Gives the water of the reading in hand as many spots as are planned over: its own, and copies a little farther on. */
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
async function benchDeck(page: Page): Promise<void> {
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
	const deck = page.getByRole('region', { name: 'The deck' });
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

const asked = readings();
const only = process.argv.slice(2);
const wanted = (name: string): boolean => only.length === 0 || only.includes(name);
/** What needs no browser, and what is measured in one, each by its name. */
const ALONE = { tow: benchTow, sight: benchSight, growth: () => benchGrowth(asked) };
type Stage = readonly [page: Page, address: string, server: ChildProcess];
const ON_STAGE: Readonly<Record<string, (...stage: Stage) => Promise<void>>> = {
	ranking: (page) => benchRanking(page, asked),
	weight: benchFirstView,
	drag: benchDrag,
	slider: benchSightSlider,
	bench: benchBench,
	input: benchInputToPaint,
	metronome: benchMetronome,
	loop: (page, _address, server) => benchLoop(page, asked, server),
	deck: benchDeck,
	tally: benchTally
};
for (const [name, measure] of Object.entries(ALONE)) if (wanted(name)) measure();
const measured = { NODE_OPTIONS: `--import ${join(ROOT, 'scripts', 'lib', 'loopDelay.mjs')}` };
const staged = Object.entries(ON_STAGE).filter(([name]) => wanted(name));
if (staged.length > 0) {
	await onStage(async (browser: import('playwright-core').Browser, address: string, server: ChildProcess) => {
		for (const [, measure] of staged) {
			const page = await opened(browser, address, 'Alder Bank');
			await measure(page, address, server);
			await page.context().close();
		}
	}, measured);
}
