import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { say } from './say.mjs';

/** What a demo runs, by name: its process, and a word of its command line by which it is known again. */
const FILE = 'processes.json';
const PATIENCE_MS = 10_000;

const commandOf = (pid) => {
	try {
		return readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ');
	} catch {
		return '';
	}
};

/** Whether a process is the one that was written down, and not another that got its number since. */
const isThere = ({ pid, word }) => commandOf(pid).includes(word);

const isKnown = (one) => Number.isInteger(one?.pid) && one.pid > 1 && typeof one.word === 'string' && one.word !== '';

/** What was written down here; of a file that is damaged or somebody else's nothing. */
const listed = (folder) => {
	const file = join(folder, FILE);
	if (!existsSync(file)) return {};
	let given;
	try {
		given = JSON.parse(readFileSync(file, 'utf8'));
	} catch {
		return {};
	}
	if (typeof given !== 'object' || given === null || Array.isArray(given)) return {};
	return Object.fromEntries(Object.entries(given).filter(([, one]) => isKnown(one)));
};

/** Writes down that a process runs here. */
export function note(folder, name, pid, word) {
	writeFileSync(join(folder, FILE), JSON.stringify({ ...listed(folder), [name]: { pid, word } }));
}

/** The process of a name that still runs; `null` when there is none. */
export function running(folder, name) {
	const known = listed(folder)[name];
	return known && isThere(known) ? known.pid : null;
}

/** Ends what an earlier start left running here, and says what it found. */
export async function endLeftOvers(folder) {
	for (const [name, known] of Object.entries(listed(folder))) {
		if (known.pid === process.pid || !isThere(known)) continue;
		say(`an earlier start left its ${name} running as process ${known.pid}; it is stopped first.`);
		process.kill(known.pid, 'SIGTERM');
		const deadline = Date.now() + PATIENCE_MS;
		while (isThere(known) && Date.now() < deadline) await new Promise((resolve) => setTimeout(resolve, 50));
		if (isThere(known)) throw new Error(`The ${name} of an earlier start, process ${known.pid}, does not stop.`);
	}
	rmSync(join(folder, FILE), { force: true });
}

/** Forgets what ran here: all of it has ended. */
export const forget = (folder) => rmSync(join(folder, FILE), { force: true });
