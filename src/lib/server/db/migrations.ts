import { DataTypes, Op, type QueryInterface } from 'sequelize';
import { accountsDown, accountsUp } from './steps/accounts';
import { chartsDown, chartsUp } from './steps/charts';
import { limitsDown, limitsUp } from './steps/limits';
import { openPlacesDown, openPlacesUp } from './steps/openPlaces';
import { ownKeysDown, ownKeysUp } from './steps/ownKeys';
import { tallyDown, tallyUp } from './steps/tally';

/** A step of the schema, up and down. */
export interface Migration {
	/** Never changed once released: the database remembers it. */
	readonly name: string;
	readonly up: (schema: QueryInterface) => Promise<void>;
	readonly down: (schema: QueryInterface) => Promise<void>;
}

const id = { type: DataTypes.UUID, primaryKey: true, allowNull: false };
const instant = { type: DataTypes.DATE(3), allowNull: false };
const stamps = { created_at: instant, updated_at: instant };
const text = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false });
const real = { type: DataTypes.DOUBLE, allowNull: false };
const json = { type: DataTypes.JSON, allowNull: false };
const reference = (table: string, required: boolean) => ({
	type: DataTypes.UUID,
	allowNull: !required,
	references: { model: table, key: 'id' },
	onDelete: required ? 'CASCADE' : 'SET NULL',
	onUpdate: 'CASCADE'
});
const owned = {
	id,
	angler_id: reference('angler', true),
	version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
	...stamps,
	deleted_at: { type: DataTypes.DATE(3), allowNull: true }
};

async function between(schema: QueryInterface, table: string, field: string, low: number, high: number): Promise<void> {
	await schema.addConstraint(table, {
		type: 'check',
		name: `${table}_${field}_range`,
		fields: [field],
		where: { [field]: { [Op.between]: [low, high] } }
	});
}

async function createPeople(schema: QueryInterface): Promise<void> {
	await schema.createTable('angler', { id, name: text(120), ...stamps });
	await schema.createTable('session', {
		id,
		angler_id: reference('angler', true),
		token_hash: { ...text(64), unique: true },
		expires_at: instant,
		...stamps
	});
	await schema.addIndex('session', ['expires_at']);
}

async function createPlaces(schema: QueryInterface): Promise<void> {
	await schema.createTable('water', {
		...owned,
		name: text(120),
		time_zone: text(64),
		place: text(16),
		latitude: real,
		longitude: real
	});
	await between(schema, 'water', 'latitude', -90, 90);
	await between(schema, 'water', 'longitude', -180, 180);
	await schema.createTable('spot', {
		...owned,
		water_id: reference('water', true),
		name: text(120),
		bank_bearing_deg: real,
		document: json
	});
	await between(schema, 'spot', 'bank_bearing_deg', 0, 360);
}

async function createWork(schema: QueryInterface): Promise<void> {
	await schema.createTable('reading', {
		...owned,
		spot_id: reference('spot', false),
		name: text(120),
		taken_at: instant,
		document: json
	});
	await schema.addIndex('reading', ['angler_id', 'taken_at']);
	await schema.createTable('rig', { ...owned, name: text(120), document: json });
	await schema.createTable('kept_call', {
		...owned,
		reading_id: reference('reading', false),
		name: text(120),
		kept_at: instant,
		claim_base: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
		document: json
	});
	await schema.addIndex('kept_call', ['angler_id', 'kept_at']);
	await schema.createTable('preference', { ...owned, topic: text(40), document: json });
	await schema.addIndex('preference', ['angler_id', 'topic'], { unique: true });
}

async function createParts(schema: QueryInterface): Promise<void> {
	await schema.createTable('part', { ...owned, name: text(80), kind: text(16), document: json });
	await schema.addIndex('part', ['angler_id', 'kind']);
}

async function drop(schema: QueryInterface, ...tables: string[]): Promise<void> {
	for (const table of tables) await schema.dropTable(table);
}

/** Every step of the schema, oldest first. */
export const MIGRATIONS: readonly Migration[] = [
	{ name: '0001-people', up: createPeople, down: (schema) => drop(schema, 'session', 'angler') },
	{ name: '0002-places', up: createPlaces, down: (schema) => drop(schema, 'spot', 'water') },
	{ name: '0003-work', up: createWork, down: (schema) => drop(schema, 'preference', 'kept_call', 'rig', 'reading') },
	{ name: '0004-parts', up: createParts, down: (schema) => drop(schema, 'part') },
	{ name: '0005-own-keys', up: ownKeysUp, down: ownKeysDown },
	{ name: '0006-accounts', up: accountsUp, down: accountsDown },
	{ name: '0007-tally', up: tallyUp, down: tallyDown },
	{ name: '0008-charts', up: chartsUp, down: chartsDown },
	{ name: '0009-limits', up: limitsUp, down: limitsDown },
	{ name: '0010-open-places', up: openPlacesUp, down: openPlacesDown }
];
