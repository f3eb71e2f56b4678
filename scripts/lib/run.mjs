import { spawn, spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The checkout. */
export const ROOT = fileURLToPath(new URL('../..', import.meta.url));

/** A package's own command. Asking for it through npm would take half a second more each time. */
export const tool = (name) => join(ROOT, 'node_modules', '.bin', name);

/** Runs a command to its end with its output shown; throws when it fails. */
export function run(command, args, options = {}) {
	const { status, error } = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
	if (error) throw error;
	if (status !== 0) throw new Error(`${command} ${args.join(' ')} ended with status ${status}`);
}

/** Runs a command to its end and returns what it printed; `null` when it failed or is missing. */
export function read(command, args) {
	const { status, stdout } = spawnSync(command, args, { cwd: ROOT, encoding: 'utf8' });
	return status === 0 ? stdout.trim() : null;
}

/** What was started and has not ended. */
const children = new Set();

/** Starts a command and leaves it running; stop it with `end`. */
export function start(command, args, options = {}) {
	const child = spawn(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
	children.add(child);
	child.once('exit', () => children.delete(child));
	return child;
}

/** Ends whatever was started and still runs, also what was only about to be ready. */
export const endAll = () => Promise.all([...children].map((child) => end(child)));

/** Asks a process of ours to stop and waits; insists after a while. */
export function end(child, patienceMs = 8000) {
	if (!child || child.exitCode !== null || child.signalCode !== null) return Promise.resolve();
	return new Promise((resolve) => {
		const insist = setTimeout(() => child.kill('SIGKILL'), patienceMs);
		child.once('exit', () => {
			clearTimeout(insist);
			resolve();
		});
		child.kill('SIGTERM');
	});
}
