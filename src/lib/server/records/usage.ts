import { entriesOf } from '../../core/foundation/basics/typed';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import { KINDS, type ListedKindName, type RecordKindName } from '../../core/records/kinds';
import { database } from '../db/connection';
import { HttpFailure } from '../http/failures';

const MB = 1024 * 1024;

/**
 * Most bytes of JSON that an account has of each kind, deleted records among them until they are purged. A kept call takes
 * about 34 kB, a chart up to 400 kB, an outing 5 kB, everything else under 2 kB.
 */
const BYTES_MAX: Readonly<Record<ListedKindName, number>> = {
	waters: MB,
	spots: 4 * MB,
	charts: 64 * MB,
	readings: 64 * MB,
	'kept-calls': 512 * MB,
	parts: 8 * MB,
	rigs: 32 * MB,
	outings: 128 * MB,
	happenings: 64 * MB
};

/** How long (ms) a deleted record can be brought back; then it is purged. */
export const RESTORABLE_MS = 90 * 24 * 60 * 60 * 1000;
/** Where an account is full, deleted records of more than a day make room. */
const MAKES_ROOM_MS = 24 * 60 * 60 * 1000;
/** Rows that are purged in one statement. */
const TOGETHER = 500;

const isListed = (name: RecordKindName): name is ListedKindName => !KINDS[name].single;

async function bytesOf(anglerId: string, kind: RecordKindName, transaction?: Transaction): Promise<number> {
	const row = await database().models.RecordUsage.findOne({ where: { anglerId, kind }, transaction });
	return Number(row?.bytes ?? 0);
}

/** Writes anew what an angler's records of a kind take. */
async function measure(anglerId: string, kind: ListedKindName, transaction?: Transaction): Promise<number> {
	const [row] = await database().sequelize.query<{ bytes: string | null }>(
		`SELECT SUM(LENGTH(document)) AS bytes FROM ${KINDS[kind].table} WHERE angler_id = :anglerId`,
		{ type: QueryTypes.SELECT, replacements: { anglerId }, transaction }
	);
	const bytes = Number(row?.bytes ?? 0);
	await database().models.RecordUsage.upsert({ anglerId, kind, bytes }, { transaction });
	return bytes;
}

/** Removes an angler's records of a kind for good that were deleted before a moment; at most 500 at a time. */
async function purgeBefore(
	anglerId: string,
	kind: ListedKindName,
	before: Date,
	transaction?: Transaction
): Promise<number> {
	const gone = (await database().sequelize.query(
		`DELETE FROM ${KINDS[kind].table} WHERE angler_id = :anglerId AND deleted_at < :before LIMIT ${TOGETHER}`,
		{ type: QueryTypes.BULKDELETE, replacements: { anglerId, before }, transaction }
	)) as number;
	if (gone > 0) await measure(anglerId, kind, transaction);
	return gone;
}

/**
 * Counts bytes that a write adds, in the writer's own turn.
 *
 * @param more Bytes that the write adds; below zero where it takes some away.
 * @throws {HttpFailure} 422 `full` where the account has no room for them.
 */
export async function countBytes(
	anglerId: string,
	kind: RecordKindName,
	more: number,
	transaction: Transaction
): Promise<void> {
	if (!isListed(kind) || more === 0) return;
	const room = BYTES_MAX[kind] - more;
	let bytes = await bytesOf(anglerId, kind, transaction);
	if (more > 0 && bytes > room) {
		await purgeBefore(anglerId, kind, new Date(Date.now() - MAKES_ROOM_MS), transaction);
		bytes = await measure(anglerId, kind, transaction);
		if (bytes > room) {
			const message = `Your account is full: it can hold ${BYTES_MAX[kind] / MB} MB of ${kind.replace('-', ' ')}. Delete some; a day later there is room again.`;
			throw new HttpFailure(422, 'full', message);
		}
	}
	await database().models.RecordUsage.upsert({ anglerId, kind, bytes: Math.max(0, bytes + more) }, { transaction });
}

/** Removes records for good that were deleted long ago, a few hundred of each kind at a time. */
export async function purgeDeleted(now: Date): Promise<void> {
	const before = new Date(now.getTime() - RESTORABLE_MS);
	for (const [kind, model] of entriesOf(database().models.records)) {
		const row = await model.findOne({ where: { deletedAt: { [Op.lt]: before } }, paranoid: false });
		if (row) await purgeBefore(row.anglerId, kind, before);
	}
}
