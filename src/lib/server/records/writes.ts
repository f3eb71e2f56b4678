import { Op, type Transaction } from 'sequelize';
import { database } from '../db/connection';
import type { WriteKey } from '../db/models';
import { inTransaction } from '../db/transaction';
import { HttpFailure } from '../http/failures';

/** How long (ms) a write's key is remembered: a device that was off for so long asks anew what there is. */
export const REMEMBERED_MS = 60 * 24 * 60 * 60 * 1000;
/** Every so many writes of an angler the old keys go. */
const SWEEP_EVERY = 100;
/** Most changes in one answer. */
export const CHANGES_MAX = 500;

/** Which record is written, and under what key. */
export interface Write {
	readonly kind: string;
	readonly id: string;
	/** Given by the writer, the same when it tries again. */
	readonly key?: string | undefined;
	/** SHA-256 of what the writer sent, by which a key that is used for something else is known. */
	readonly digest?: string | undefined;
	readonly transaction?: Transaction | undefined;
}

/** Does one write in a transaction: the caller's, or one of its own. */
const within = <T>(outer: Transaction | undefined, run: (transaction: Transaction) => Promise<T>): Promise<T> =>
	outer ? run(outer) : inTransaction(run);

/** Refuses a key that was used for another write: what it brings would be lost without a word. */
function checkSame(done: WriteKey, { kind, id, digest }: Write): void {
	// Keys of an earlier edition do not say what they were used for.
	if (done.kind === null) return;
	const isSame = done.kind === kind && done.recordId === id && (!digest || !done.digest || done.digest === digest);
	if (isSame) return;
	const message = 'This key was already used for another write. Use a new key.';
	throw new HttpFailure(409, 'key-reused', message, 'idempotency-key');
}

/**
 * Does a write in its turn: an angler's writes come one after the other, each with the next number of the angler's
 * sequence, and one whose key is known is not done again.
 *
 * @param work Writes the record and returns its new version; it is told how many writes the angler made before.
 * @param deleted Whether the record is gone afterwards.
 * @returns The record's version after the write.
 */
export async function inTurn(
	anglerId: string,
	{ kind, id, key, digest, transaction: outer }: Write,
	deleted: boolean,
	work: (transaction: Transaction, before: number) => Promise<number>
): Promise<number> {
	const { Angler, RecordChange, WriteKey } = database().models;
	return within(outer, async (transaction) => {
		const before = await waitForTurn(anglerId, transaction);
		const done = key ? await WriteKey.findOne({ where: { anglerId, key }, transaction }) : null;
		if (done) {
			checkSame(done, { kind, id, digest });
			return done.version;
		}
		const version = await work(transaction, before);
		const sequence = before + 1;
		await Angler.update({ sequence }, { where: { id: anglerId }, transaction });
		await RecordChange.upsert({ anglerId, kind, recordId: id, sequence, version, deleted }, { transaction });
		if (key) await WriteKey.create({ anglerId, key, version, kind, recordId: id, digest }, { transaction });
		if (sequence % SWEEP_EVERY === 0) {
			const createdAt = { [Op.lt]: new Date(Date.now() - REMEMBERED_MS) };
			await WriteKey.destroy({ where: { anglerId, createdAt }, transaction });
		}
		return version;
	});
}

/** Waits until it is the angler's turn to write: nobody else's write of theirs comes between until the end. */
export async function waitForTurn(anglerId: string, transaction: Transaction): Promise<number> {
	const angler = await database().models.Angler.findByPk(anglerId, { transaction, lock: true });
	return Number(angler?.sequence ?? 0);
}

/** Gives new records of one kind their numbers in the angler's sequence. */
export async function noteAdded(
	anglerId: string,
	kind: string,
	ids: readonly string[],
	transaction: Transaction
): Promise<void> {
	const { Angler, RecordChange } = database().models;
	const before = await waitForTurn(anglerId, transaction);
	const rows = ids.map((recordId, at) => {
		return { anglerId, kind, recordId, sequence: before + at + 1, version: 1, deleted: false };
	});
	await RecordChange.bulkCreate(rows, { transaction });
	await Angler.update({ sequence: before + ids.length }, { where: { id: anglerId }, transaction });
}

/** What was written since a number of the angler's sequence. */
export interface Changes {
	/** Ask from here the next time. */
	readonly sequence: number;
	readonly changes: readonly {
		readonly kind: string;
		readonly id: string;
		readonly version: number;
		readonly deleted: boolean;
	}[];
	/** Whether there are more than fit into one answer. */
	readonly more: boolean;
}

/** The records written since `since`, each once with its latest version, oldest first. */
export async function changesSince(anglerId: string, since: number): Promise<Changes> {
	const rows = await database().models.RecordChange.findAll({
		where: { anglerId, sequence: { [Op.gt]: since } },
		order: [['sequence', 'ASC']],
		limit: CHANGES_MAX
	});
	return {
		sequence: Number(rows[rows.length - 1]?.sequence ?? since),
		changes: rows.map(({ kind, recordId, version, deleted }) => ({ kind, id: recordId, version, deleted })),
		more: rows.length === CHANGES_MAX
	};
}

/** The number of an angler's latest write. */
export async function latestSequence(anglerId: string): Promise<number> {
	const angler = await database().models.Angler.findByPk(anglerId);
	return Number(angler?.sequence ?? 0);
}
