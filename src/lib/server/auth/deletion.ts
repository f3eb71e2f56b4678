import { Op, QueryTypes } from 'sequelize';
import { KINDS, LISTED_KIND_NAMES } from '../../core/records/kinds';
import { database } from '../db/connection';
import { log } from '../http/log';

/** Tables with an angler's rows, the angler's own apart. Records come first, since they are most. */
const TABLES = [
	...LISTED_KIND_NAMES.map((name) => KINDS[name].table),
	'record_change',
	'write_key',
	'preference',
	'record_usage',
	'recovery_code',
	'session'
] as const;
/** Rows that go in one statement: few enough to be done within a statement's time. */
const TOGETHER = 500;

async function deleteSome(table: string, anglerId: string): Promise<number> {
	const statement = `DELETE FROM ${table} WHERE angler_id = :anglerId LIMIT ${TOGETHER}`;
	const replacements = { anglerId };
	return database().sequelize.query(statement, { type: QueryTypes.BULKDELETE, replacements });
}

/** Deletes all rows of an account, a statement at a time, until `isOver` says to stop. @returns Whether it is gone. */
async function deletePieces(anglerId: string, isOver: () => boolean): Promise<boolean> {
	for (const table of TABLES) {
		for (let left = true; left;) {
			if (isOver()) return false;
			left = (await deleteSome(table, anglerId)) === TOGETHER;
		}
	}
	await database().models.Angler.destroy({ where: { id: anglerId, deletingAt: { [Op.ne]: null } } });
	return true;
}

/**
 * Deletes an account that was marked for it. What does not go within `ms` goes on in the background.
 *
 * @returns Whether all of it is gone already.
 */
export async function deleteAccount(anglerId: string, ms: number): Promise<boolean> {
	const ends = performance.now() + ms;
	const isGone = await deletePieces(anglerId, () => performance.now() > ends).catch(() => false);
	if (!isGone) void resumeDeletions();
	return isGone;
}

let resuming: Promise<void> | null = null;

/** Goes on with accounts whose deletion was begun, one after the other; one that fails is tried again the next time. */
export function resumeDeletions(): Promise<void> {
	resuming ??= (async () => {
		const marked = await database().models.Angler.findAll({ where: { deletingAt: { [Op.ne]: null } } });
		for (const { id } of marked) await deletePieces(id, () => false);
	})()
		.catch((error: unknown) => log.warn({ err: error }, 'an account is not deleted yet'))
		.finally(() => (resuming = null));
	return resuming;
}
