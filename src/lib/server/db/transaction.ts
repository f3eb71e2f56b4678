import type { Transaction } from 'sequelize';
import { database } from './connection';
import { driverError } from './driverError';

/** Errors of the database: a deadlock, a lock waited for too long, a statement that took too long, as by a lock. */
const [DEADLOCK, LOCK_WAIT, STATEMENT_TIME] = [1213, 1205, 1969];
/** Those that ask to try the whole transaction again at once. */
const TRY_AGAIN: readonly number[] = [DEADLOCK, LOCK_WAIT];
/** How often a transaction is tried, and how long (ms) the first pause is; each further one is twice as long. */
const TRIES = 5;
const PAUSE_MS = 20;

const asksAgain = (error: unknown): boolean => TRY_AGAIN.includes(driverError(error).errno);

/** Whether an error says that something else stood in the way, such as a large file that is being brought in. */
export const isHeldUp = (error: unknown): boolean => [...TRY_AGAIN, STATEMENT_TIME].includes(driverError(error).errno);

/** Does something in a transaction, again from its beginning where another one stood in the way. */
export async function inTransaction<T>(run: (transaction: Transaction) => Promise<T>): Promise<T> {
	for (let again = 1; ; again++) {
		try {
			return await database().sequelize.transaction(run);
		} catch (error) {
			if (!asksAgain(error) || again === TRIES) throw error;
			await new Promise((resolve) => setTimeout(resolve, PAUSE_MS * 2 ** again));
		}
	}
}
