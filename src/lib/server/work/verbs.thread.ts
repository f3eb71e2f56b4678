import { parentPort } from 'node:worker_threads';
import loadHighs from 'highs';
import { answerCall } from '../../core/ranking/answer/call';
import { PLAIN } from '../../core/claims/examples';
import { InputFailure } from '../../core/foundation/schema/failure';
import { TASKS } from './tasks';
import type { VerbDone, VerbTask } from './verbPool';
import { solveBy } from '../../core/trips/plan/highs';
import { solveWith } from '../../core/trips/plan/solver';
import { READY } from './ready';

/** Longest that a plan is looked for, s: the thread has other questions too. */
const SOLVING_S = 2;

function done({ verb, input }: VerbTask): VerbDone {
	try {
		return { ok: true, answer: TASKS[verb](input) };
	} catch (error) {
		if (error instanceof InputFailure) return { ok: false, failure: error.failure };
		throw error;
	}
}

// A first call makes what later ones stand on, so that it is not counted against the first question.
answerCall({ reading: PLAIN });
solveWith(solveBy(await loadHighs(), SOLVING_S));
parentPort!.on('message', (task: VerbTask) => parentPort!.postMessage(done(task)));
parentPort!.postMessage(READY);
