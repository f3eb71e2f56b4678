import { parentPort } from 'node:worker_threads';
import { VERBS } from '../../core/cli/verbs';
import { InputFailure } from '../../core/schema/failure';
import type { Done, Task } from './pool';

function done({ verb, input }: Task): Done {
	try {
		return { ok: true, answer: VERBS[verb](input) };
	} catch (error) {
		if (error instanceof InputFailure) return { ok: false, failure: error.failure };
		throw error;
	}
}

parentPort!.on('message', (task: Task) => parentPort!.postMessage(done(task)));
