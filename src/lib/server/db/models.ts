import {
	DataTypes,
	Model,
	type CreationOptional,
	type InferAttributes,
	type InferCreationAttributes,
	type ModelStatic,
	type Sequelize
} from 'sequelize';

/** What every model with a client-made key has. */
abstract class Row<T extends Model> extends Model<InferAttributes<T>, InferCreationAttributes<T>> {
	declare id: string;
	declare createdAt: CreationOptional<Date>;
	declare updatedAt: CreationOptional<Date>;
}

export class Angler extends Row<Angler> {
	declare name: string;
}

export class Session extends Row<Session> {
	declare anglerId: string;
	/** SHA-256 of the token in the cookie; the token itself is kept nowhere. */
	declare tokenHash: string;
	declare expiresAt: Date;
}

/** A row that belongs to an angler, counts its versions and is deleted softly. */
export abstract class OwnedRow<T extends Model> extends Row<T> {
	declare anglerId: string;
	declare version: number;
	declare deletedAt: CreationOptional<Date | null>;
}

export class Water extends OwnedRow<Water> {
	declare name: string;
	declare timeZone: string;
	declare place: string;
	declare latitude: number;
	declare longitude: number;
}

export class Spot extends OwnedRow<Spot> {
	declare waterId: string;
	declare name: string;
	declare bankBearingDeg: number;
	declare document: unknown;
}

export class ReadingRow extends OwnedRow<ReadingRow> {
	declare spotId: string | null;
	declare name: string;
	declare takenAt: Date;
	declare document: unknown;
}

export class RigRow extends OwnedRow<RigRow> {
	declare name: string;
	declare document: unknown;
}

export class PartRow extends OwnedRow<PartRow> {
	declare name: string;
	declare kind: string;
	declare document: unknown;
}

export class KeptCall extends OwnedRow<KeptCall> {
	declare readingId: string | null;
	declare name: string;
	declare keptAt: Date;
	declare claimBase: number;
	declare document: unknown;
}

export class Preference extends OwnedRow<Preference> {
	declare topic: string;
	declare document: unknown;
}

export interface Models {
	readonly Angler: ModelStatic<Angler>;
	readonly Session: ModelStatic<Session>;
	readonly Water: ModelStatic<Water>;
	readonly Spot: ModelStatic<Spot>;
	readonly Reading: ModelStatic<ReadingRow>;
	readonly Rig: ModelStatic<RigRow>;
	readonly Part: ModelStatic<PartRow>;
	readonly KeptCall: ModelStatic<KeptCall>;
	readonly Preference: ModelStatic<Preference>;
}

const key = () => ({ type: DataTypes.UUID, primaryKey: true, validate: { isUUID: 4 } });
const uuid = (allowNull = false) => ({ type: DataTypes.UUID, allowNull });
const text = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false });
const instant = () => ({ type: DataTypes.DATE(3), allowNull: false });
const stamps = () => ({ createdAt: DataTypes.DATE(3), updatedAt: DataTypes.DATE(3) });
const json = () => ({ type: DataTypes.JSON, allowNull: false });
const owned = () => ({
	...stamps(),
	id: key(),
	anglerId: uuid(),
	version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
	deletedAt: DataTypes.DATE(3)
});

/** Defines every model on a connection pool; the tables themselves are made by migrations. */
export function defineModels(sequelize: Sequelize): Models {
	// Classes of their own per pool, so that two pools in one process do not fight over one model.
	const define = <M extends Model>(base: ModelStatic<M>, tableName: string, attributes: object, paranoid: boolean) => {
		const Owned = class extends (base as ModelStatic<Model>) {} as ModelStatic<Model>;
		Owned.init(attributes as never, { sequelize, tableName, paranoid, modelName: tableName });
		return Owned as ModelStatic<M>;
	};
	const document = { ...owned(), document: json() };
	return {
		Angler: define(Angler, 'angler', { ...stamps(), id: key(), name: text(120) }, false),
		Session: define(
			Session,
			'session',
			{ ...stamps(), id: key(), anglerId: uuid(), tokenHash: text(64), expiresAt: instant() },
			false
		),
		Water: define(
			Water,
			'water',
			{
				...owned(),
				name: text(120),
				timeZone: text(64),
				place: text(16),
				latitude: DataTypes.DOUBLE,
				longitude: DataTypes.DOUBLE
			},
			true
		),
		Spot: define(
			Spot,
			'spot',
			{ ...document, waterId: uuid(), name: text(120), bankBearingDeg: DataTypes.DOUBLE },
			true
		),
		Reading: define(
			ReadingRow,
			'reading',
			{ ...document, spotId: uuid(true), name: text(120), takenAt: instant() },
			true
		),
		Rig: define(RigRow, 'rig', { ...document, name: text(120) }, true),
		Part: define(PartRow, 'part', { ...document, name: text(80), kind: text(16) }, true),
		KeptCall: define(
			KeptCall,
			'kept_call',
			{ ...document, readingId: uuid(true), name: text(120), keptAt: instant(), claimBase: DataTypes.INTEGER.UNSIGNED },
			true
		),
		Preference: define(Preference, 'preference', { ...document, topic: text(40) }, true)
	};
}
