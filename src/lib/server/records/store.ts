import { UniqueConstraintError, type ModelStatic, type Transaction, type WhereOptions } from 'sequelize';
import { HttpFailure, notFound } from '../failures';
import type { OwnedRow } from '../db/models';

/** A stored record with its key and version, as the application sees it. */
export interface Stored<R> {
	readonly id: string;
	readonly version: number;
	readonly record: R;
}

/** How one kind of record lies in its table. */
export interface Kind<M extends OwnedRow<M>, R> {
	readonly what: string;
	readonly model: () => ModelStatic<M>;
	readonly columns: (record: R) => object;
	readonly record: (row: M) => R;
	/** Newest first, by this column. */
	readonly newest: string;
	/** Refuses what the columns cannot see, such as a reference to somebody else's row. */
	readonly check?: (anglerId: string, record: R, transaction?: Transaction) => Promise<void>;
}

interface Written {
	readonly transaction?: Transaction;
}

/**
 * Records of one kind, each belonging to an angler. Keys are made by the client; a write names the version that it saw
 * (0 for a new record) and a write on an older version is refused with the current record, so nothing is lost.
 */
export class Store<M extends OwnedRow<M>, R> {
	readonly #kind: Kind<M, R>;

	constructor(kind: Kind<M, R>) {
		this.#kind = kind;
	}

	#stored(row: M): Stored<R> {
		return { id: row.id, version: row.version, record: this.#kind.record(row) };
	}

	#where(anglerId: string, id: string): WhereOptions {
		return { id, anglerId };
	}

	async list(anglerId: string, limit = 200): Promise<Stored<R>[]> {
		const rows = await this.#kind.model().findAll({
			where: { anglerId } as WhereOptions,
			order: [
				[this.#kind.newest, 'DESC'],
				['id', 'ASC']
			],
			limit
		});
		return rows.map((row) => this.#stored(row));
	}

	/** @throws {HttpFailure} 404 when the angler has no such record. */
	async get(anglerId: string, id: string): Promise<Stored<R>> {
		const row = await this.#kind.model().findOne({ where: this.#where(anglerId, id) });
		if (!row) throw notFound(this.#kind.what);
		return this.#stored(row);
	}

	/**
	 * Writes a record.
	 *
	 * @param seen The version that the writer last saw; 0 for a record that is new.
	 * @throws {HttpFailure} 409 with the current record when another write came first; 404 for somebody else's key.
	 */
	async put(anglerId: string, id: string, seen: number, record: R, { transaction }: Written = {}): Promise<Stored<R>> {
		await this.#kind.check?.(anglerId, record, transaction);
		if (seen === 0) return this.#create(anglerId, id, record, transaction);
		const [changed] = await this.#kind.model().update({ ...this.#kind.columns(record), version: seen + 1 } as never, {
			where: { ...(this.#where(anglerId, id) as object), version: seen } as WhereOptions,
			transaction
		});
		if (changed === 0) throw this.#stale(await this.get(anglerId, id));
		return { id, version: seen + 1, record };
	}

	async #create(anglerId: string, id: string, record: R, transaction?: Transaction): Promise<Stored<R>> {
		try {
			const row = { id, anglerId, version: 1, ...this.#kind.columns(record) };
			await this.#kind.model().create(row as never, { transaction });
			return { id, version: 1, record };
		} catch (error) {
			if (!(error instanceof UniqueConstraintError)) throw error;
			throw this.#stale(await this.get(anglerId, id));
		}
	}

	#stale(current: Stored<R>): HttpFailure {
		const message = `This ${this.#kind.what} was changed elsewhere; yours is not lost.`;
		return new HttpFailure(409, 'stale', message, '', { current });
	}

	/** Deletes softly; `restore` brings it back. Deleting what is deleted changes nothing. */
	async remove(anglerId: string, id: string): Promise<void> {
		const model = this.#kind.model();
		const removed = await model.destroy({ where: this.#where(anglerId, id) });
		if (removed > 0) return;
		const gone = await model.findOne({ where: this.#where(anglerId, id), paranoid: false });
		if (!gone) throw notFound(this.#kind.what);
	}

	/** Version of a record that was deleted, brought back within a transaction; 0 when there never was one. */
	async revive(anglerId: string, id: string, transaction: Transaction): Promise<number> {
		await this.#kind.model().restore({ where: this.#where(anglerId, id), transaction });
		const row = await this.#kind.model().findOne({ where: this.#where(anglerId, id), transaction });
		return row?.version ?? 0;
	}

	async restore(anglerId: string, id: string): Promise<Stored<R>> {
		await this.#kind.model().restore({ where: this.#where(anglerId, id) });
		return this.get(anglerId, id);
	}
}
