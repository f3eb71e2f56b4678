import type { Reading } from '../../../water/reading/complete';
import { measuredOf } from '../../build/fit';
import { runOf } from '../../../ranking/gate/run';
import type { Build } from '../../../foundation/schema/build';
import type { Run } from '../../../foundation/schema/run';
import { balanceChecks } from './balance';
import type { Check, CheckState } from './check';
import { clearanceChecks } from './clearances';
import { ruleChecks } from './rules';
import { runningChecks } from './running';
import { subjectOf, type Worn } from './subject';
import { trailerChecks } from './trailer';
import { wireChecks } from './wire';

const WORST_FIRST: readonly CheckState[] = ['fail', 'marginal', 'pass'];

/**
 * Every check of a build on a reading, in the order in which it would be gone through at the bench.
 *
 * @param run How it runs there, where that is known already; `null` leaves its depth out for now.
 */
export function checkBuild(build: Build, reading: Reading, worn?: Worn, run?: Run | null): Check[] {
	const known = run === undefined ? runOf(build.rig, reading, { measured: measuredOf(build) }) : run;
	const subject = subjectOf(build, reading, worn, known);
	return [runningChecks, clearanceChecks, wireChecks, trailerChecks, balanceChecks, ruleChecks].flatMap((checks) =>
		checks(subject)
	);
}

/** The worst that any check says. */
export const worstOf = (checks: readonly Check[]): CheckState =>
	WORST_FIRST.find((state) => checks.some((check) => check.state === state)) ?? 'pass';
