import { QueryTypes } from 'sequelize';
import { log } from '../http/log';
import { database, inTime } from '../db/connection';

/** How long (ms) one answer of the database's clock is carried on by this process's own monotonic clock. */
const CARRIED_MS = 60_000;
/** From this difference (ms) between the database's clock and this machine's on, the log says so. */
const NOTABLE_MS = 5 * 60_000;

interface Reading {
	/** Time (ms) of the database, and of the monotonic clock at the same moment. */
	readonly wall: number;
	readonly steady: number;
}

let known: Reading | null = null;
let asking: Promise<void> | null = null;

async function ask(): Promise<void> {
	const [row] = await inTime(
		database().sequelize.query<{ ms: string }>('SELECT ROUND(UNIX_TIMESTAMP(NOW(3)) * 1000) AS ms', {
			type: QueryTypes.SELECT
		})
	);
	const wall = Number(row?.ms);
	const differenceMs = Math.round(Date.now() - wall);
	if (Math.abs(differenceMs) > NOTABLE_MS)
		log.warn({ differenceMs }, 'this machine and the database disagree on the time');
	known = { wall, steady: performance.now() };
}

/**
 * The time by the database's clock. Sessions, lockouts and deadlines are judged by it, so that a machine whose own clock
 * jumps locks nobody out. While the database cannot be asked, the last answer is carried on.
 */
export async function databaseNow(): Promise<Date> {
	if (!known || performance.now() - known.steady > CARRIED_MS) {
		asking ??= ask()
			.catch(() => undefined)
			.finally(() => (asking = null));
		// Only the first answer is waited for.
		if (!known) await asking;
	}
	return known ? new Date(known.wall + performance.now() - known.steady) : new Date();
}
