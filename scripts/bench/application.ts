import type { ChildProcess } from 'node:child_process';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import type { Page } from 'playwright-core';
import { ROOT } from '../lib/run.mjs';
import { report, WARM_UP } from './figures';

const BATCH = 200;
const client = join(ROOT, 'build', 'client');

/** One ranking as the screen asks for it: message to the worker in to its reply out, in the browser. */
export async function benchRanking(page: Page, readingsAsked: readonly unknown[]): Promise<void> {
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

/** Bytes of a served file as they travel, compressed. */
function packed(path: string): number {
	const file = join(client, path);
	return existsSync(file) ? gzipSync(readFileSync(file), { level: 9 }).byteLength : 0;
}

export async function benchFirstView(page: Page, address: string): Promise<void> {
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

/** How long the server's own loop is kept while a batch of two hundred is worked on. */
export async function benchLoop(page: Page, asked: readonly unknown[], server: ChildProcess): Promise<void> {
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
