import { HttpFailure } from '../http/failures';
import { countRows, countWrite } from '../http/rates';
import { rowsWritten, runImport, type ImportAnswers, type ImportDone, type ImportJob } from '../records/importJob';
import { Pool, type PoolSettings } from './pool';
import { threadScript } from './threads';

const MB = 1024 * 1024;

/** Files are read, checked and written in a thread with connections of its own: the server answers others meanwhile. */
const SETTINGS: PoolSettings<ImportJob> = {
	size: 1,
	// A full account of 64 MB takes about half of this on two busy cores.
	taskMs: ({ bytes }) => 15_000 + (2000 * bytes.byteLength) / MB,
	waitingMax: 20,
	waitingOfOneMax: 2,
	tooLong: 'This file takes too long to read. Split it into smaller ones.',
	transfer: ({ bytes }) => [bytes.buffer as ArrayBuffer],
	heapMb: 2048
};

let shared: Pool<ImportJob, ImportDone> | null = null;

function pool(): Pool<ImportJob, ImportDone> | null {
	const script = shared ? null : threadScript('records');
	if (script) shared = new Pool(script, SETTINGS);
	return shared;
}

/** Ends the thread, where there is one. */
export const closeImports = async (): Promise<void> => shared?.close();

/**
 * Brings a file in or says what it would change, beside the server. It counts against the angler's writes by its size and
 * by the rows that it brought.
 *
 * @throws {HttpFailure} The file's refusal with its place; 429 or 503 with the seconds to wait.
 */
export async function imported<K extends ImportJob['kind']>(
	kind: K,
	anglerId: string,
	given: Uint8Array
): Promise<ImportAnswers[K]> {
	await countWrite(anglerId, given.byteLength);
	// Handed over to the thread, so it must not be part of a buffer that others use.
	const job: ImportJob = { kind, anglerId, bytes: new Uint8Array(given) };
	const threads = pool();
	const done: ImportDone = threads
		? await threads.ask(job, { batch: false, asker: anglerId })
		: { ok: true, answer: await runImport(job) };
	if (!done.ok) {
		const { status, code, message, path, detail, retryAfterS } = done.refusal;
		throw Object.assign(new HttpFailure(status, code, message, path, detail), { retryAfterS });
	}
	await countRows(anglerId, rowsWritten(kind, done.answer));
	return done.answer as ImportAnswers[K];
}
