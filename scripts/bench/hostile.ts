import type { ChildProcess } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from 'playwright-core';
import { fuzz } from '../fuzz/run';

const REQUESTS = 10_000;
const SEED = 20_261_201;
const ANGLERS = 8;
/** Longest (ms) that any answer may take. */
const ANSWER_MS = 5000;

/** Cookies of new accounts with the demo's data in them. */
async function anglers(page: Page, address: string, records: string): Promise<string[]> {
	const made: string[] = [];
	for (let at = 0; at < ANGLERS; at++) {
		const form = { name: `Fuzz ${at}`, passphrase: 'tern over the weir' };
		const told = await fetch(`${address}/sign-up`, {
			method: 'POST',
			headers: { origin: address },
			body: new URLSearchParams(form)
		});
		const cookie = told.headers.get('set-cookie')?.split(';')[0] ?? '';
		const headers = { 'content-type': 'application/json', origin: address, cookie };
		await fetch(`${address}/api/v1/records`, { method: 'POST', headers, body: records });
		made.push(cookie);
	}
	await page.goto('about:blank');
	return made;
}

/** Ten thousand spoiled requests: what was answered, how slow the slowest was, and whether others were served meanwhile. */
export async function benchFuzz(page: Page, address: string, server: ChildProcess): Promise<void> {
	const records = await (await page.request.get(`${address}/api/v1/records`)).text();
	const cookies = await anglers(page, address, records);
	server.kill('SIGUSR2');
	const report = await fuzz({
		address,
		cookies,
		records: JSON.parse(records),
		count: REQUESTS,
		seed: SEED,
		answerMs: ANSWER_MS
	});
	console.log(`${REQUESTS} spoiled requests: ${JSON.stringify(report.statuses)}`);
	console.log(`slowest ${report.slowestMs.toFixed(0)} ms, /api/live p99 ${report.liveP99Ms.toFixed(0)} ms`);
	server.kill('SIGUSR2');
	console.log(`server ${server.exitCode === null ? 'runs' : 'ENDED'}; ${report.faults.length} faults`);
	for (const fault of report.faults.slice(0, 20)) console.log(`  ${fault}`);
	if (report.faults.length > 0) process.exitCode = 1;
}

/** Requests of each kind, and how many are under way at once. */
const LOAD = { rounds: 20_000, atOnce: 8 } as const;
const QUESTIONS = [
	['/api/v1/window', { rig: { family: 'underspin', weightOz: 0.5, blades: [] } }],
	['/api/v1/call', { reading: { waterTemperatureC: 16.5, visibilityM: 0.9, bottomM: 2.4 }, top: 1 }],
	['/water', null]
] as const;

/** Where the server writes its heap and resident memory (bytes) when it is asked. */
export const HEAP_FILE = join(tmpdir(), `luc-heap-${process.pid}`);
const lines = (): string[] => (existsSync(HEAP_FILE) ? readFileSync(HEAP_FILE, 'utf8').trim().split('\n') : []);

/** Heap and resident memory (bytes) after a forced collection. */
async function memoryOf(server: ChildProcess): Promise<{ heap: number; resident: number }> {
	const before = lines().length;
	server.kill('SIGUSR2');
	while (lines().length === before) await new Promise((resolve) => setTimeout(resolve, 50));
	const [heap = 0, resident = 0] = lines().at(-1)!.split(' ').map(Number);
	return { heap, resident };
}

/** Whether memory stays behind: the heap after a forced collection, before and after twenty thousand requests. */
export async function benchMemory(page: Page, address: string, server: ChildProcess): Promise<void> {
	const cookie = (await page.context().cookies()).map(({ name, value }) => `${name}=${value}`).join('; ');
	await page.goto('about:blank');
	const ask = async (at: number): Promise<void> => {
		const [path, body] = QUESTIONS[at % 20 === 0 ? 1 : at % 20 === 10 ? 2 : 0];
		const headers = { cookie, origin: address, 'content-type': 'application/json' };
		const init = body ? { method: 'POST', body: JSON.stringify(body), headers } : { headers };
		await (await fetch(address + path, init)).arrayBuffer();
	};
	const rounds = async (count: number): Promise<void> => {
		let left = count;
		const lane = async () => {
			while (left-- > 0) await ask(left);
		};
		await Promise.all(Array.from({ length: LOAD.atOnce }, lane));
	};
	const mb = (bytes: number): string => (bytes / 1024 / 1024).toFixed(1);
	await rounds(2000);
	const told = [await memoryOf(server)];
	for (let part = 0; part < 4; part++) {
		await rounds(LOAD.rounds / 4);
		told.push(await memoryOf(server));
	}
	rmSync(HEAP_FILE, { force: true });
	const heaps = told.map(({ heap }) => heap);
	console.log(
		`heap after collection, every ${LOAD.rounds / 4} of ${LOAD.rounds} requests: ${heaps.map(mb).join(', ')} MB`
	);
	console.log(`resident: ${told.map(({ resident }) => mb(resident)).join(', ')} MB`);
	const grown = (heaps.at(-1)! - heaps[0]!) / LOAD.rounds;
	console.log(`left behind by a request: ${grown.toFixed(0)} bytes`);
}
