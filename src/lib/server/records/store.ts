import { randomUUID } from 'node:crypto';
import { dequal } from 'dequal';
import { col, fn, Op, UniqueConstraintError, type ModelStatic, type Transaction } from 'sequelize';
import { keysOf } from '../../core/foundation/basics/typed';
import type { RecordKind } from '../../core/records/kind';
import { KINDS, referencesOf, type RecordKindName, type RecordOf } from '../../core/records/kinds';
import { readRecord } from '../../core/records/read';
import { uuid } from '../../core/records/schemas';
import { InputFailure } from '../../core/foundation/schema/failure';
import { database } from '../db/connection';
import type { RecordRow } from '../db/models';
import { HttpFailure, notFound } from '../http/failures';
import { countBytes } from './usage';
import { inTurn, noteAdded, waitForTurn } from './writes';

/** Most records in one page of a list. */
export const PAGE_MAX = 200;
/** Where all are read, so many come in one go (about 10 ms), then others get their turn; of large records fewer. */
const READ_TOGETHER = 500;
const LARGE_TOGETHER: Readonly<Partial<Record<RecordKindName, number>>> = {
	'kept-calls': 20,
	charts: 2,
	spots: 100,
	rigs: 100,
	outings: 50
};

/** Most records of one kind that an angler may have, deleted ones among them: a lifetime of them, and what a file holds. */
const RECORDS_MAX = 50_000;
/** Most rows in one statement, and most bytes: the database takes no packet over 16 MB, and others want their turn. */
const WRITTEN_TOGETHER = 250;
const WRITTEN_BYTES = 1024 * 1024;

/** A stored record with its key and version, as the application sees it. */
export interface Stored<R> {
	readonly id: string;
	readonly version: number;
	readonly record: R;
}

/** One page of a list. */
export interface Page<R> {
	readonly items: readonly Stored<R>[];
	/** Rows that could not be read: named, never in the way of the others. */
	readonly unreadable: readonly { readonly id: string; readonly why: string }[];
	/** Where the next page begins; `null` after the last. */
	readonly next: string | null;
}

/** How it is written down that a document holds nothing, such as no current rig. */
const NOTHING = { nothing: true };

/** Which page of a list is asked for. */
interface Asked {
	readonly after?: string | undefined;
	readonly limit?: number;
	/** Only what refers to these records, by the column of the reference. */
	readonly of?: Readonly<Record<string, string>>;
	readonly transaction?: Transaction | undefined;
}

interface Written {
	readonly key?: string | undefined;
	readonly digest?: string | undefined;
	readonly transaction?: Transaction | undefined;
}

/** A place in a list: the row's own time, and its key where two share one. */
function cursorOf(next: string): { at: Date; id: string } {
	const [ms, id] = next.split('_');
	const at = new Date(Number(ms));
	if (Number.isNaN(at.getTime()) || !id)
		throw new HttpFailure(422, 'invalid', 'That is not a valid place in a list.', 'after');
	return { at, id };
}

/** The place in a list after a row. */
function cursorAt(row: RecordRow, newest: string): string {
	const at = row.get(newest);
	if (!(at instanceof Date)) throw new TypeError(`The column ${newest} has no time.`);
	return `${at.getTime()}_${row.id}`;
}

/** How many rows from one on are written in one statement, by their sizes. */
function together(sizes: readonly number[], from: number): number {
	let [count, bytes] = [0, 0];
	while (from + count < sizes.length && count < WRITTEN_TOGETHER) {
		bytes += sizes[from + count]!;
		if (count > 0 && bytes > WRITTEN_BYTES) break;
		count++;
	}
	return count;
}

/**
 * Records of one kind, each belonging to an angler. Keys are made by the client; a write names the version that it saw
 * (0 for a new record) and a write on an older version is refused with the current record, so nothing is lost.
 */
export class Store<N extends RecordKindName> {
	readonly #name: N;
	readonly #kind: RecordKind;
	readonly #most: number;

	constructor(name: N, most = RECORDS_MAX) {
		this.#name = name;
		this.#most = most;
		this.#kind = KINDS[name];
	}

	get #model(): ModelStatic<RecordRow> {
		return database().models.rowsOf(this.#name);
	}

	/** A document is found by its topic, which stands for its key. */
	#key(anglerId: string, id: string): Readonly<Record<string, string>> {
		return this.#kind.single ? { anglerId, topic: this.#kind.name } : { anglerId, id };
	}

	#fields(record: RecordOf<N>): Record<string, unknown> {
		return { ...record };
	}

	#columns(record: RecordOf<N>): { readonly document: unknown } {
		const document = this.#fields(record);
		const lifted: Record<string, unknown> = {};
		for (const [name, { type }] of Object.entries(this.#kind.columns)) {
			lifted[name] = type === 'instant' ? new Date(String(document[name])) : document[name];
			delete document[name];
		}
		return { ...lifted, document: record === null ? NOTHING : document };
	}

	#raw(row: RecordRow): unknown {
		const lifted = Object.keys(this.#kind.columns).map((name) => {
			const value = row.get(name);
			return [name, value instanceof Date ? value.toISOString() : value];
		});
		const { document } = row;
		// What is no object was not written by us: it is damaged, and the schema says so.
		if (typeof document !== 'object' || document === null) return document;
		return 'nothing' in document ? null : { ...document, ...Object.fromEntries(lifted) };
	}

	#record(row: RecordRow): RecordOf<N> {
		return readRecord(this.#name, this.#raw(row)).record;
	}

	#stored(row: RecordRow): Stored<RecordOf<N>> {
		return { id: this.#kind.single ? this.#kind.name : row.id, version: row.version, record: this.#record(row) };
	}

	/** One page of an angler's records, newest first. */
	async list(anglerId: string, { after, limit = PAGE_MAX, of = {}, transaction }: Asked = {}) {
		const { newest } = this.#kind;
		const place = after === undefined ? null : cursorOf(after);
		const beyond = place && {
			[Op.or]: [{ [newest]: { [Op.lt]: place.at } }, { [newest]: place.at, id: { [Op.gt]: place.id } }]
		};
		const rows = await this.#model.findAll({
			where: { anglerId, ...of, ...beyond },
			order: [
				[newest, 'DESC'],
				['id', 'ASC']
			],
			limit: limit + 1,
			transaction
		});
		const shown = rows.slice(0, limit);
		const last = shown[shown.length - 1];
		const more = rows.length > limit && last;
		const next = more ? cursorAt(last, newest) : null;
		return { ...this.#readable(shown), next } satisfies Page<RecordOf<N>>;
	}

	/** Rows as records; one that cannot be read is named, and the others are read all the same. */
	#readable(rows: readonly RecordRow[]): Omit<Page<RecordOf<N>>, 'next'> {
		const items: Stored<RecordOf<N>>[] = [];
		const unreadable: { id: string; why: string }[] = [];
		for (const row of rows) {
			try {
				items.push(this.#stored(row));
			} catch (error) {
				if (!(error instanceof InputFailure)) throw error;
				const { path, message } = error.failure;
				unreadable.push({
					id: this.#kind.single ? this.#kind.name : row.id,
					why: path ? `${path}: ${message}` : message
				});
			}
		}
		return { items, unreadable };
	}

	/**
	 * Every record of an angler in no order but that of its key: quick however many there are, and none is missed or told
	 * twice while others are written.
	 *
	 * @param together How many are read in one go, in which nobody else gets a turn.
	 */
	async *byKey(
		anglerId: string,
		{
			together = LARGE_TOGETHER[this.#name] ?? READ_TOGETHER,
			transaction
		}: { together?: number; transaction?: Transaction | undefined } = {}
	): AsyncGenerator<Stored<RecordOf<N>>> {
		let after = '';
		for (;;) {
			const where = { anglerId, id: { [Op.gt]: after } };
			const rows = await this.#model.findAll({ where, order: [['id', 'ASC']], limit: together, transaction });
			yield* this.#readable(rows).items;
			if (rows.length < together) return;
			after = rows[rows.length - 1]!.id;
		}
	}

	/** Every record of an angler that cannot be read, with the reason. */
	async *damaged(anglerId: string): AsyncGenerator<{ readonly id: string; readonly why: string }> {
		const together = LARGE_TOGETHER[this.#name] ?? READ_TOGETHER;
		let after = '';
		for (;;) {
			const own = this.#kind.single ? this.#key(anglerId, '') : { anglerId, id: { [Op.gt]: after } };
			const rows = await this.#model.findAll({ where: own, order: [['id', 'ASC']], limit: together });
			yield* this.#readable(rows).unreadable;
			if (rows.length < together) return;
			after = rows[rows.length - 1]!.id;
		}
	}

	/**
	 * A record as it is stored, also one that cannot be read any more.
	 *
	 * @throws {HttpFailure} 404 when the angler has no such record.
	 */
	async raw(
		anglerId: string,
		id: string
	): Promise<{ readonly id: string; readonly version: number; readonly raw: unknown }> {
		const row = await this.#model.findOne({ where: this.#key(anglerId, id) });
		if (!row) throw notFound(this.#kind.what);
		return { id, version: row.version, raw: this.#raw(row) };
	}

	/** Every record of an angler, page by page; what cannot be read is left where it is. */
	async *all(anglerId: string, asked: Omit<Asked, 'after'> = {}): AsyncGenerator<Stored<RecordOf<N>>> {
		let after: string | undefined;
		do {
			const page: Page<RecordOf<N>> = await this.list(anglerId, { ...asked, after });
			yield* page.items;
			after = page.next ?? undefined;
		} while (after !== undefined);
	}

	/** @throws {HttpFailure} 404 when the angler has no such record. */
	async get(anglerId: string, id: string, transaction?: Transaction): Promise<Stored<RecordOf<N>>> {
		const row = await this.#model.findOne({ where: this.#key(anglerId, id), transaction });
		if (!row) throw notFound(this.#kind.what);
		return this.#stored(row);
	}

	/** The angler's document of this kind; `null` when there is none, or none that can be read. */
	async find(anglerId: string, transaction?: Transaction): Promise<Stored<RecordOf<N>> | null> {
		try {
			return await this.get(anglerId, this.#kind.name, transaction);
		} catch (error) {
			if (error instanceof InputFailure || (error instanceof HttpFailure && error.status === 404)) return null;
			throw error;
		}
	}

	/** Refuses a reference to what the angler never had. A record that was deleted, or purged since, may still be named. */
	async #check(anglerId: string, record: RecordOf<N>, transaction: Transaction): Promise<void> {
		for (const [field, kind] of referencesOf(this.#name)) {
			const id = this.#fields(record)[field];
			if (typeof id !== 'string') continue;
			const where = { anglerId, id };
			const model = database().models.rowsOf(kind);
			const known = { anglerId, kind, recordId: id };
			const found =
				(await model.findOne({ where, attributes: ['id'], paranoid: false, transaction })) ??
				(await database().models.RecordChange.findOne({ where: known, transaction }));
			if (!found) throw new HttpFailure(422, 'invalid', `There is no such ${KINDS[kind].what}.`, field);
		}
	}

	/**
	 * Writes a record.
	 *
	 * @param seen The version that the writer last saw; 0 for a record that is new.
	 * @throws {HttpFailure} 409 with the current record when another write came first; 404 when it is gone; 422 for a key
	 *   that is none.
	 */
	async put(anglerId: string, id: string, seen: number, record: RecordOf<N>, written: Written = {}) {
		if (!this.#kind.single && !uuid.safeParse(id).success) {
			throw new HttpFailure(422, 'invalid', 'A key is a version 4 UUID.', 'id');
		}
		const version = await inTurn(anglerId, { kind: this.#name, id, ...written }, false, (transaction, before) =>
			this.#write(anglerId, id, seen, record, transaction, before)
		);
		return { id, version, record };
	}

	/** Refuses more records than an angler may have; who has written less often than that cannot have them. */
	async #checkRoom(anglerId: string, more: number, before: number, transaction: Transaction): Promise<void> {
		if (before + more <= this.#most) return;
		const count = await this.#model.count({ where: { anglerId }, paranoid: false, transaction });
		if (count + more <= this.#most) return;
		const message = `You already have ${this.#most} of these, the most one account can hold. Delete one to save this ${this.#kind.what}.`;
		throw new HttpFailure(422, 'full', message);
	}

	async #write(
		anglerId: string,
		id: string,
		seen: number,
		record: RecordOf<N>,
		transaction: Transaction,
		before: number
	): Promise<number> {
		await this.#check(anglerId, record, transaction);
		if (seen === 0) {
			await this.#checkRoom(anglerId, 1, before, transaction);
			return this.#create(anglerId, id, record, transaction);
		}
		await this.#countChange(anglerId, id, record, transaction);
		const where = { ...this.#key(anglerId, id), version: seen };
		const fresh = { ...this.#columns(record), version: seen + 1 };
		const [changed] = await this.#model.update(fresh, { where, transaction });
		return changed === 0 ? this.#settled(anglerId, id, record, transaction) : seen + 1;
	}

	/** How many bytes a record takes in its table. */
	#bytes(record: RecordOf<N>): number {
		return Buffer.byteLength(JSON.stringify(this.#columns(record).document));
	}

	/** Counts by how much a record grows that is written over. */
	async #countChange(anglerId: string, id: string, record: RecordOf<N>, transaction: Transaction): Promise<void> {
		if (this.#kind.single) return;
		const row = await this.#model.findOne({
			where: this.#key(anglerId, id),
			attributes: [[fn('LENGTH', col('document')), 'bytes']],
			transaction
		});
		const before = Number(row?.get('bytes') ?? 0);
		if (row) await countBytes(anglerId, this.#name, this.#bytes(record) - before, transaction);
	}

	async #create(anglerId: string, id: string, record: RecordOf<N>, transaction: Transaction): Promise<number> {
		const key = this.#kind.single ? { id: randomUUID(), topic: this.#kind.name } : { id };
		try {
			await this.#model.create({ ...key, anglerId, version: 1, ...this.#columns(record) }, { transaction });
			await countBytes(anglerId, this.#name, this.#bytes(record), transaction);
			return 1;
		} catch (error) {
			if (!(error instanceof UniqueConstraintError)) throw error;
			return this.#settled(anglerId, id, record, transaction);
		}
	}

	/** Another write came first: where it wrote the very same, as a retry does, there is nothing to refuse. */
	async #settled(anglerId: string, id: string, record: RecordOf<N>, transaction: Transaction): Promise<number> {
		const current = await this.get(anglerId, id, transaction);
		if (dequal(current.record, record)) return current.version;
		throw this.#stale(current);
	}

	/** Replaces a document whatever version there is: for a page that works without scripts. */
	async replace(anglerId: string, record: RecordOf<N>, outer?: Transaction): Promise<Stored<RecordOf<N>>> {
		const id = this.#kind.name;
		const write = { kind: this.#name, id, transaction: outer };
		const version = await inTurn(anglerId, write, false, async (transaction, before) => {
			const present = await this.#model.findOne({ where: this.#key(anglerId, id), transaction });
			return this.#write(anglerId, id, present?.version ?? 0, record, transaction, before);
		});
		return { id, version, record };
	}

	#stale(current: Stored<RecordOf<N>>): HttpFailure {
		const message = `This ${this.#kind.what} was changed on another device; yours is not lost.`;
		return new HttpFailure(409, 'stale', message, '', { current });
	}

	/**
	 * Deletes softly, a version up; `restore` brings it back. Deleting what is deleted changes nothing.
	 *
	 * @throws {HttpFailure} 409 with the current record when another write came after the version that was `seen`.
	 */
	async remove(anglerId: string, id: string, { seen, ...written }: Written & { seen?: number } = {}): Promise<number> {
		return this.#turn(anglerId, id, true, written, seen);
	}

	/** Brings a deleted record back, a version up; one that is there is left alone. */
	async restore(anglerId: string, id: string, written: Written = {}): Promise<Stored<RecordOf<N>>> {
		await this.#turn(anglerId, id, false, written);
		return this.get(anglerId, id, written.transaction);
	}

	async #turn(anglerId: string, id: string, deleted: boolean, written: Written, seen?: number): Promise<number> {
		const write = { kind: this.#name, id, ...written };
		return inTurn(anglerId, write, deleted, async (transaction) => {
			const where = this.#key(anglerId, id);
			const row = await this.#model.findOne({ where, paranoid: false, transaction });
			if (!row) throw notFound(this.#kind.what);
			if ((row.deletedAt !== null) === deleted) return row.version;
			if (seen !== undefined && row.version !== seen) throw this.#stale(this.#stored(row));
			if (this.#kind.single) {
				// A document leaves its place to the next one: it has no key of its own by which it could come back.
				await row.destroy({ transaction, force: true });
				return row.version + 1;
			}
			const fresh = { deletedAt: deleted ? new Date() : null, version: row.version + 1 };
			await this.#model.update(fresh, { where, transaction, paranoid: false });
			return row.version + 1;
		});
	}

	/** Adds many new records at once, whose references were checked: each is a write with a number of its own. */
	async addAll(
		anglerId: string,
		items: readonly { readonly id: string; readonly record: RecordOf<N> }[],
		transaction: Transaction
	): Promise<void> {
		await this.#checkRoom(anglerId, items.length, await waitForTurn(anglerId, transaction), transaction);
		const sizes = items.map(({ record }) => this.#bytes(record));
		const all = sizes.reduce((sum, size) => sum + size, 0);
		await countBytes(anglerId, this.#name, all, transaction);
		for (let at = 0; at < items.length;) {
			const count = together(sizes, at);
			const some = items.slice(at, at + count);
			const rows = some.map(({ id, record }) => ({ id, anglerId, version: 1, ...this.#columns(record) }));
			await this.#model.bulkCreate(rows, { transaction });
			const ids = some.map(({ id }) => id);
			await noteAdded(anglerId, this.#name, ids, transaction);
			at += count;
		}
	}

	/** Keys that an angler has, deleted ones too, with their versions. */
	async versions(
		anglerId: string,
		transaction?: Transaction
	): Promise<Map<string, { version: number; gone: boolean }>> {
		const rows = await this.#model.findAll({
			where: { anglerId },
			attributes: ['id', 'version', 'deletedAt'],
			paranoid: false,
			transaction
		});
		return new Map(rows.map(({ id, version, deletedAt }) => [id, { version, gone: deletedAt !== null }]));
	}
}

const STORES = Object.fromEntries(keysOf(KINDS).map((name) => [name, new Store(name)])) as {
	readonly [N in RecordKindName]: Store<N>;
};

/** The store of a kind. */
export const storeOf = <N extends RecordKindName>(name: N): Store<N> => STORES[name];
