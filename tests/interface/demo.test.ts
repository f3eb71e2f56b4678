import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { freePort } from '../../scripts/lib/ports.mjs';
import { ROOT } from '../../scripts/lib/run.mjs';

interface Demo {
	readonly process: ChildProcess;
	readonly said: () => string;
	readonly ended: Promise<number | null>;
}

let folder = '';
let port = 0;
const begun: Demo[] = [];

beforeAll(async () => {
	folder = mkdtempSync(join(tmpdir(), 'luc-demo-'));
	port = await freePort();
});

afterAll(async () => {
	for (const demo of begun) demo.process.kill('SIGTERM');
	await Promise.all(begun.map(({ ended }) => ended));
	rmSync(folder, { recursive: true, force: true });
});

function demo(): Demo {
	const env = { ...process.env, DEMO_FOLDER: folder, PORT: String(port), DATABASE_URL: undefined };
	const child = spawn(process.execPath, [join(ROOT, 'scripts', 'demo.mjs')], { env, cwd: ROOT });
	let text = '';
	for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (text += chunk));
	const ended = new Promise<number | null>((resolve) => child.once('exit', resolve));
	const started: Demo = { process: child, said: () => text, ended };
	begun.push(started);
	return started;
}

const isUp = () =>
	fetch(`http://127.0.0.1:${port}/api/health`).then(
		({ ok }) => ok,
		() => false
	);
const ready = ({ said }: Demo) => expect.poll(said, { timeout: 40_000 }).toContain('ready at');

/** What the demo wrote down of its own processes, as long as they live. */
const living = (): number[] => {
	const file = join(folder, 'processes.json');
	const known = existsSync(file) ? (JSON.parse(readFileSync(file, 'utf8')) as Record<string, { pid: number }>) : {};
	return Object.values(known).flatMap(({ pid }) => (existsSync(`/proc/${pid}`) ? [pid] : []));
};

it('starts, takes over from one that was killed, refuses a second beside it, and leaves nothing when it ends', async () => {
	const first = demo();
	await ready(first);
	expect(await isUp()).toBe(true);
	const left = living();
	expect(left).toHaveLength(3);

	first.process.kill('SIGKILL');
	await first.ended;
	const second = demo();
	await ready(second);
	expect(second.said()).toContain('an earlier start left its database running');
	expect(second.said()).toContain('an earlier start left its application running');
	expect(await isUp()).toBe(true);
	expect(living().filter((pid) => left.includes(pid))).toEqual([]);

	const third = demo();
	expect(await third.ended).not.toBe(0);
	expect(third.said()).toContain(`the demo already runs here as process ${second.process.pid}`);
	expect(await isUp()).toBe(true);

	const mine = living();
	second.process.kill('SIGHUP');
	await second.ended;
	expect(mine.filter((pid) => existsSync(`/proc/${pid}`))).toEqual([]);
	expect(await isUp()).toBe(false);
});

it.each(['SIGINT', 'SIGTERM'] as const)('ends whole when it is told to by %s while it starts', async (signal) => {
	const stopped = demo();
	await expect.poll(living).toContain(stopped.process.pid);
	await expect.poll(() => living().length).toBeGreaterThan(1);
	const mine = living();
	stopped.process.kill(signal);
	await stopped.ended;
	expect(mine.filter((pid) => existsSync(`/proc/${pid}`))).toEqual([]);
});
