import { Agent, request as httpRequest } from 'node:http';
import { Worker } from 'node:worker_threads';
import { seeded } from '../../src/lib/core/foundation/basics/random';
import { basesFrom, nextRequest, type FuzzRequest } from './requests';

/** After so long (ms) without an answer a request counts as lost. */
const LOST_MS = 30_000;
/** Requests under way at once, and how often (ms) it is asked meanwhile whether the server lives. */
const AT_ONCE = 8;
const LIVE_MS = 50;

/** What is fuzzed, and how. */
export interface FuzzSettings {
	readonly address: string;
	/** Cookies of the anglers who ask. */
	readonly cookies: readonly string[];
	/** An export of an account with something of every kind. */
	readonly records: Readonly<Record<string, unknown>>;
	readonly count: number;
	readonly seed: number;
	/** Longest (ms) that any answer may take; unbounded where the machine is busy with other tests. */
	readonly answerMs?: number;
}

export interface FuzzReport {
	/** How often each status was answered. */
	readonly statuses: Readonly<Record<number, number>>;
	/** What should not have been, in words. */
	readonly faults: readonly string[];
	readonly slowestMs: number;
	/** How long `/api/live` took meanwhile: the 99th of a hundred, ms. */
	readonly liveP99Ms: number;
}

interface Answer {
	readonly status: number;
	readonly text: string;
	readonly type: string;
	readonly ms: number;
}

const agent = new Agent({ keepAlive: true, maxSockets: AT_ONCE + 2 });

/** Sends a request as it is, whatever a browser would make of it. */
export function send(address: string, { method, path, headers, body, chunked }: FuzzRequest): Promise<Answer> {
	const begun = performance.now();
	return new Promise((resolve, reject) => {
		const url = new URL(address);
		const sent = httpRequest({ agent, method, path, headers, host: url.hostname, port: url.port }, (response) => {
			const chunks: Buffer[] = [];
			response.on('data', (chunk: Buffer) => chunks.push(chunk));
			response.on('error', reject);
			response.on('end', () => {
				const type = response.headers['content-type'] ?? '';
				const text = Buffer.concat(chunks).toString('utf8');
				resolve({ status: response.statusCode ?? 0, text, type, ms: performance.now() - begun });
			});
		});
		sent.on('error', reject);
		sent.setTimeout(LOST_MS, () => sent.destroy(new Error('no answer')));
		if (body !== null && !chunked) sent.setHeader('content-length', Buffer.byteLength(body));
		if (body !== null) sent.write(body);
		sent.end();
	});
}

/** Refusals of an input as a whole, or of something that is no field. */
const WHOLE = new Set(['bad-json', 'full', 'too-long', 'stale', 'batch-too-large', 'busy']);

/** Why an answer should not have been; `null` when it is as it should be. */
function faultOf({ path }: FuzzRequest, { status, text, type, ms }: Answer, answerMs: number): string | null {
	if (status >= 500 && status !== 503) return `${status}: ${text.slice(0, 200)}`;
	if (ms > answerMs) return `took ${Math.round(ms)} ms`;
	// An action of a page tells its own status inside an answer of 200.
	if (/^\{"type":"(failure|error)","status":5(?!03)/.test(text)) return `an action: ${text.slice(0, 200)}`;
	if (status < 400 || !path.startsWith('/api/v1/') || !type.startsWith('application/json')) return null;
	let error: { code?: unknown; message?: unknown; path?: unknown } | undefined;
	try {
		error = (JSON.parse(text) as { error?: typeof error }).error;
	} catch {
		return text === '' ? null : `no JSON: ${text.slice(0, 100)}`;
	}
	// What the framework itself refuses, such as a method, has only a message.
	if (error === undefined) return null;
	if (typeof error.code !== 'string' || typeof error.message !== 'string' || error.message === '') {
		return `says nothing: ${text.slice(0, 100)}`;
	}
	// An input that is no object at all has no field to be named.
	const isWhole = WHOLE.has(error.code) || /^Invalid input: expected (object|array|record)/.test(error.message);
	if (status === 422 && error.path === '' && !isWhole) return `names no field: ${text.slice(0, 200)}`;
	return null;
}

const told = ({ method, path, headers, body }: FuzzRequest): string =>
	`${method} ${path.slice(0, 120)} ${headers['content-type'] ?? ''} ${(body ?? '').slice(0, 300)}`;

/** Asks whether the server lives, in a thread of its own: what this process is busy with does not count. */
const WATCH = `
const { parentPort, workerData } = require('node:worker_threads');
const times = [];
let over = false;
parentPort.on('message', () => (over = true));
(async () => {
	while (!over) {
		const begun = performance.now();
		const response = await fetch(workerData.url);
		await response.text();
		times.push(performance.now() - begun);
		await new Promise((resolve) => setTimeout(resolve, workerData.everyMs));
	}
	times.sort((a, b) => a - b);
	parentPort.postMessage(times[Math.min(times.length - 1, Math.floor(times.length * 0.99))]);
	parentPort.close();
})();
`;

/** @returns What ends the watch, with the 99th of a hundred times (ms). */
function watchLife(address: string): () => Promise<number> {
	const worker = new Worker(WATCH, { eval: true, workerData: { url: `${address}/api/live`, everyMs: LIVE_MS } });
	const done = new Promise<number>((resolve, reject) => {
		worker.once('message', resolve);
		worker.once('error', reject);
	});
	return () => {
		worker.postMessage('over');
		return done;
	};
}

/** Sends seeded, spoiled requests and says what came of them. */
export async function fuzz({
	address,
	cookies,
	records,
	count,
	seed,
	answerMs = Infinity
}: FuzzSettings): Promise<FuzzReport> {
	const random = seeded(seed);
	const bases = basesFrom(records);
	const statuses: Record<number, number> = {};
	const faults: string[] = [];
	let [left, slowestMs] = [count, 0];
	const endWatch = watchLife(address);
	const lane = async (): Promise<void> => {
		while (left-- > 0) {
			const next = nextRequest(random, bases, address, cookies[left % cookies.length]!);
			try {
				const answer = await send(address, next);
				statuses[answer.status] = (statuses[answer.status] ?? 0) + 1;
				slowestMs = Math.max(slowestMs, answer.ms);
				const fault = faultOf(next, answer, answerMs);
				if (fault) faults.push(`${fault} <- ${told(next)}`);
			} catch (error) {
				faults.push(`${(error as Error).message} <- ${told(next)}`);
			}
		}
	};
	await Promise.all(Array.from({ length: AT_ONCE }, lane));
	return { statuses, faults, slowestMs, liveP99Ms: await endWatch() };
}
