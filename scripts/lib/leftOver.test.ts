import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import { endLeftOvers, forget, note, running } from './leftOver.mjs';

let folder = '';
const children: ChildProcess[] = [];

/** A process that stays until it is told to end. */
function staying(word: string): ChildProcess & { pid: number } {
	const child = spawn(process.execPath, ['-e', 'setInterval(() => undefined, 1000)', word]);
	children.push(child);
	return child as ChildProcess & { pid: number };
}
const ended = (child: ChildProcess): boolean => child.exitCode !== null || child.signalCode !== null;

beforeAll(() => {
	folder = mkdtempSync(join(tmpdir(), 'luc-left-'));
	vi.spyOn(console, 'log').mockImplementation(() => undefined);
});
afterEach(() => {
	for (const child of children.splice(0)) child.kill('SIGKILL');
	forget(folder);
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('what an earlier start left running', () => {
	it('is known again by its command line, and ended by the next start', async () => {
		const child = staying('lucernal-left-over');
		note(folder, 'database', child.pid, 'lucernal-left-over');
		await vi.waitFor(() => expect(running(folder, 'database')).toBe(child.pid));
		await endLeftOvers(folder);
		await vi.waitFor(() => expect(ended(child)).toBe(true));
		expect(running(folder, 'database')).toBeNull();
	});

	it('is left alone where another process got its number since', async () => {
		const child = staying('somebody-else');
		note(folder, 'application', child.pid, 'lucernal-left-over');
		expect(running(folder, 'application')).toBeNull();
		await endLeftOvers(folder);
		expect(ended(child)).toBe(false);
	});

	it.each(['null', '[]', '7', '{"demo":null}', '{"demo":{"pid":"1","word":""}}', '{"demo":{"pid":1,"word":"init"}}'])(
		'is nothing where the file says %s',
		async (text) => {
			writeFileSync(join(folder, 'processes.json'), text);
			expect(running(folder, 'demo')).toBeNull();
			await endLeftOvers(folder);
			note(folder, 'database', process.pid, 'node');
			expect(running(folder, 'database')).toBe(process.pid);
		}
	);

	it('is nothing where nothing was written down, or what was is no longer legible', async () => {
		expect(running(folder, 'demo')).toBeNull();
		writeFileSync(join(folder, 'processes.json'), '{"demo":');
		await endLeftOvers(folder);
		expect(running(folder, 'demo')).toBeNull();
	});
});
