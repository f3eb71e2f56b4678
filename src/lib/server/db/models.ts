import {
	DataTypes,
	Model,
	type CreationOptional,
	type InferAttributes,
	type InferCreationAttributes,
	type ModelStatic,
	type Sequelize
} from 'sequelize';
import { tableOf } from '../../core/foundation/basics/typed';
import type { Column, RecordKind } from '../../core/records/kind';
import { KINDS, isListed, LISTED_KIND_NAMES, type ListedKindName, type RecordKindName } from '../../core/records/kinds';

abstract class Row<T extends Model> extends Model<InferAttributes<T>, InferCreationAttributes<T>> {
	declare createdAt: CreationOptional<Date>;
	declare updatedAt: CreationOptional<Date>;
}

export class Angler extends Row<Angler> {
	declare id: string;
	declare name: string;
	/** Number of the angler's latest write. */
	declare sequence: CreationOptional<number>;
	/** The name in the form that is compared; `null` for the demo's angler, who has no passphrase. */
	declare signName: CreationOptional<string | null>;
	/** Argon2id, with its parameters. */
	declare passphrase: CreationOptional<string | null>;
	/** When everything was last taken out as a file. */
	declare exportedAt: CreationOptional<Date | null>;
	/** Since when the account is being deleted, piece by piece; nobody can open it any more. */
	declare deletingAt: CreationOptional<Date | null>;
}

export class Session extends Row<Session> {
	declare id: string;
	declare anglerId: string;
	/** SHA-256 of the token in the cookie; the token itself is kept nowhere. */
	declare tokenHash: string;
	declare expiresAt: Date;
	/** When it was last used, to a few minutes. */
	declare seenAt: Date;
	/** What it is opened on, in words, so that the angler knows which one it is. */
	declare device: string;
}

/** A code that opens an account once whose passphrase is lost; only its SHA-256 is stored. */
export class RecoveryCode extends Row<RecoveryCode> {
	declare anglerId: string;
	declare codeHash: string;
}

/** Wrong guesses of one kind, by the hash of whose they were. */
export class Throttle extends Row<Throttle> {
	declare bucket: string;
	declare failures: number;
	/** No guess is looked at before this. */
	declare until: Date;
}

/** A row that belongs to an angler, counts its versions and is deleted softly; its kind says what other columns it has. */
export class RecordRow extends Model<Record<string, unknown>, Record<string, unknown>> {
	declare id: string;
	declare anglerId: string;
	declare version: number;
	declare deletedAt: Date | null;
	declare document: unknown;
}

/** The latest write to one record: what another device of the angler has to hear of. */
export class RecordChange extends Row<RecordChange> {
	declare anglerId: string;
	declare kind: string;
	declare recordId: string;
	declare sequence: number;
	declare version: number;
	declare deleted: boolean;
}

/** A write that was done, by the key that its writer gave it: the same write is never done twice. */
export class WriteKey extends Row<WriteKey> {
	declare anglerId: string;
	declare key: string;
	declare version: number;
	/** What was written under it; `null` for keys of an earlier edition. */
	declare kind: CreationOptional<string | null>;
	declare recordId: CreationOptional<string | null>;
	/** SHA-256 of what was written. */
	declare digest: CreationOptional<string | null>;
}

/** How many bytes an angler's records of a kind take, deleted ones among them. */
export class RecordUsage extends Row<RecordUsage> {
	declare anglerId: string;
	declare kind: string;
	declare bytes: number;
}

export interface Models {
	readonly Angler: ModelStatic<Angler>;
	readonly Session: ModelStatic<Session>;
	readonly RecoveryCode: ModelStatic<RecoveryCode>;
	readonly Throttle: ModelStatic<Throttle>;
	/** Documents of which an angler has one, by their topic. */
	readonly Preference: ModelStatic<RecordRow>;
	readonly RecordChange: ModelStatic<RecordChange>;
	readonly WriteKey: ModelStatic<WriteKey>;
	readonly RecordUsage: ModelStatic<RecordUsage>;
	readonly records: Readonly<Record<ListedKindName, ModelStatic<RecordRow>>>;
	/** Where the records of a kind are. */
	readonly rowsOf: (kind: RecordKindName) => ModelStatic<RecordRow>;
}

const uuid = (allowNull = false) => ({ type: DataTypes.UUID, allowNull });
const key = () => ({ ...uuid(), primaryKey: true });
const text = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false });
const instant = () => ({ type: DataTypes.DATE(3), allowNull: false });
const count = () => ({ type: DataTypes.BIGINT.UNSIGNED, allowNull: false });
const hash = () => ({ type: DataTypes.CHAR(64), allowNull: false });
const stamps = () => ({ createdAt: DataTypes.DATE(3), updatedAt: DataTypes.DATE(3) });
const owned = () => ({
	...stamps(),
	version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
	deletedAt: DataTypes.DATE(3),
	document: { type: DataTypes.JSON, allowNull: false }
});

function columnType(column: Column) {
	if (column.type === 'text') return text(column.length);
	if (column.type === 'uuid') return uuid(column.nullable);
	if (column.type === 'instant') return instant();
	if (column.type === 'number') return { type: DataTypes.DOUBLE, allowNull: column.nullable ?? false };
	return { type: DataTypes.INTEGER, allowNull: false };
}

const recordColumns = ({ columns }: RecordKind) => ({
	...owned(),
	anglerId: key(),
	id: key(),
	...Object.fromEntries(Object.entries(columns).map(([name, column]) => [name, columnType(column)]))
});

/** Defines every model on a connection pool; the tables themselves are made by migrations. */
export function defineModels(sequelize: Sequelize): Models {
	// Classes of their own per pool, so that two pools in one process do not fight over one model.
	const define = <M extends Model>(base: ModelStatic<M>, tableName: string, attributes: object, paranoid = false) => {
		const Owned = class extends (base as ModelStatic<Model>) {};
		Owned.init(attributes as never, { sequelize, tableName, paranoid, modelName: tableName });
		return Owned as ModelStatic<M>;
	};
	const records = tableOf(LISTED_KIND_NAMES, (name) =>
		define(RecordRow, KINDS[name].table, recordColumns(KINDS[name]), true)
	);
	const preference = { ...owned(), id: key(), anglerId: uuid(), topic: text(40) };
	const Preference = define(RecordRow, 'preference', preference, true);
	return {
		records,
		rowsOf: (kind) => (isListed(kind) ? records[kind] : Preference),
		Angler: define(Angler, 'angler', {
			...stamps(),
			id: key(),
			name: text(120),
			sequence: { ...count(), defaultValue: 0 },
			signName: DataTypes.STRING(120),
			passphrase: DataTypes.STRING(255),
			exportedAt: DataTypes.DATE(3),
			deletingAt: DataTypes.DATE(3)
		}),
		Session: define(Session, 'session', {
			...stamps(),
			id: key(),
			anglerId: uuid(),
			tokenHash: text(64),
			expiresAt: instant(),
			seenAt: instant(),
			device: text(120)
		}),
		RecoveryCode: define(RecoveryCode, 'recovery_code', {
			...stamps(),
			anglerId: key(),
			codeHash: { ...hash(), primaryKey: true }
		}),
		Throttle: define(Throttle, 'throttle', {
			...stamps(),
			bucket: { ...hash(), primaryKey: true },
			failures: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
			until: instant()
		}),
		Preference,
		RecordChange: define(RecordChange, 'record_change', {
			...stamps(),
			anglerId: key(),
			kind: { ...text(20), primaryKey: true },
			recordId: { ...text(40), primaryKey: true },
			sequence: count(),
			version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
			deleted: { type: DataTypes.BOOLEAN, allowNull: false }
		}),
		WriteKey: define(WriteKey, 'write_key', {
			...stamps(),
			anglerId: key(),
			key: key(),
			version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
			kind: DataTypes.STRING(20),
			recordId: DataTypes.STRING(40),
			digest: DataTypes.CHAR(64)
		}),
		RecordUsage: define(RecordUsage, 'record_usage', {
			...stamps(),
			anglerId: key(),
			kind: { ...text(20), primaryKey: true },
			bytes: count()
		})
	};
}
