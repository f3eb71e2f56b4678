import { Op, QueryTypes } from 'sequelize';
import { resumeDeletions } from './auth/deletion';
import { IDLE_MS } from './auth/session';
import { FORGOTTEN_MS } from './auth/throttle';
import { databaseNow } from './auth/clock';
import { database } from './db/connection';
import { log } from './http/log';
import { purgeDeleted } from './records/usage';
import { REMEMBERED_MS } from './records/writes';

/** How often (ms) what is old is removed; the first time soon after the start. */
const EVERY_MS = 5 * 60_000;
const FIRST_MS = 20_000;
/** Most rows that go in one statement, and that the table of guesses holds: whoever floods it pushes out old ones. */
const TOGETHER = 2000;
const GUESSES_MAX = 100_000;

async function removeOld(now: Date): Promise<void> {
	const { Session, Throttle, WriteKey } = database().models;
	const ago = (ms: number): { [Op.lt]: Date } => ({ [Op.lt]: new Date(now.getTime() - ms) });
	const limit = TOGETHER;
	await Session.destroy({ where: { [Op.or]: [{ expiresAt: ago(0) }, { seenAt: ago(IDLE_MS) }] }, limit });
	await WriteKey.destroy({ where: { createdAt: ago(REMEMBERED_MS) }, limit });
	await Throttle.destroy({ where: { updatedAt: ago(FORGOTTEN_MS) }, limit });
	const guesses = await Throttle.count();
	if (guesses > GUESSES_MAX) {
		const statement = `DELETE FROM throttle ORDER BY updated_at LIMIT ${Math.min(TOGETHER, guesses - GUESSES_MAX)}`;
		await database().sequelize.query(statement, { type: QueryTypes.BULKDELETE });
	}
}

/** Removes what is old: guesses, sessions, keys of writes, records deleted long ago, accounts that are being deleted. */
export async function keepHouse(now: Date): Promise<void> {
	const tasks = [() => removeOld(now), () => purgeDeleted(now), resumeDeletions];
	for (const task of tasks) {
		await task().catch((error: unknown) => log.warn({ err: error }, 'housekeeping was put off'));
	}
}

let timer: ReturnType<typeof setTimeout> | undefined;

/** Keeps house every few minutes until the process ends. */
export function beginHousekeeping(): void {
	const again = (ms: number): void => {
		timer = setTimeout(() => {
			void databaseNow()
				.then(keepHouse)
				.finally(() => again(EVERY_MS));
		}, ms);
		timer.unref();
	};
	again(FIRST_MS);
}

export const endHousekeeping = (): void => clearTimeout(timer);
