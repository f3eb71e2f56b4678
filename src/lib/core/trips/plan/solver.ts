import type { Solve } from './deck';

let known: Solve | null = null;

/** Says what solves programmes: the core itself carries no solver. */
export const solveWith = (solve: Solve): void => void (known = solve);

/** The solver. @throws {Error} While none was given. */
export function solver(): Solve {
	if (!known) throw new Error('No solver was given: solveWith comes first.');
	return known;
}
