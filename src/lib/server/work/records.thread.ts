import { parentPort } from 'node:worker_threads';
import { asHttpFailure } from '../http/failures';
import { runImport, type ImportDone, type ImportJob } from '../records/importJob';
import { READY } from './ready';

async function done(job: ImportJob): Promise<ImportDone> {
	try {
		return { ok: true, answer: await runImport(job) };
	} catch (error) {
		const { status, code, message, path, detail, retryAfterS } = asHttpFailure(error, 'import');
		return { ok: false, refusal: { status, code, message, path, detail, retryAfterS } };
	}
}

parentPort!.on('message', (job: ImportJob) => void done(job).then((said) => parentPort!.postMessage(said)));
parentPort!.postMessage(READY);
