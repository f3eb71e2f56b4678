import { DatabaseError, type Transaction } from 'sequelize';
import { database } from './connection';

/** Errors of the database that ask to try the whole transaction again: a deadlock, and a lock waited for too long. */
const TRY_AGAIN = new Set([1213, 1205]);
/** How often a transaction is tried, and how long (ms) the first pause is; each further one is twice as long. */
const TRIES = 5;
const PAUSE_MS = 20;

const asksAgain = (error: unknown): boolean =>
	error instanceof DatabaseError && TRY_AGAIN.has((error.original as Error & { errno?: number }).errno ?? 0);

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
