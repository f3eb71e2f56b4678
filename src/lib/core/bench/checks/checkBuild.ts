import type { Reading } from '../../reading/complete';
import type { Build } from '../../schema/build';
import { balanceChecks } from './balance';
import type { Check, CheckState } from './check';
import { clearanceChecks } from './clearances';
import { ruleChecks } from './rules';
import { runningChecks } from './running';
import { subjectOf, type Worn } from './subject';
import { trailerChecks } from './trailer';
import { wireChecks } from './wire';

const WORST_FIRST: readonly CheckState[] = ['fails', 'thin', 'holds'];

/** Every check of a build on a reading, in the order in which it would be gone through at the bench. */
export function checkBuild(build: Build, reading: Reading, worn?: Worn): Check[] {
	const subject = subjectOf(build, reading, worn);
	return [runningChecks, clearanceChecks, wireChecks, trailerChecks, balanceChecks, ruleChecks].flatMap((checks) =>
		checks(subject)
	);
}

/** The worst that any check says. */
export const worstOf = (checks: readonly Check[]): CheckState =>
	WORST_FIRST.find((state) => checks.some((check) => check.state === state)) ?? 'holds';
