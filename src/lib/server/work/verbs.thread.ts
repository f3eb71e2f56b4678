import { parentPort } from 'node:worker_threads';
import { prepareRanking } from '../../core/choice/prepare';
import { VERBS } from '../../core/cli/verbs';
import { InputFailure } from '../../core/schema/failure';
import type { Done, Task } from './pool';
import { READY } from './ready';

function done({ verb, input }: Task): Done {
	try {
		return { ok: true, answer: VERBS[verb](input) };
	} catch (error) {
		if (error instanceof InputFailure) return { ok: false, failure: error.failure };
		throw error;
	}
}

// What no reading changes is made first, so that it is not counted against the first question.
prepareRanking();
parentPort!.on('message', (task: Task) => parentPort!.postMessage(done(task)));
parentPort!.postMessage(READY);
