import { randomUUID } from 'node:crypto';
import { DataTypes, QueryTypes, type QueryInterface } from 'sequelize';

/** Tables whose keys are an angler's own from this step on. */
const TABLES = ['water', 'spot', 'reading', 'rig', 'part', 'kept_call'] as const;
/** References between records, which the application checks from this step on: an angler's key is not the world's. */
const REFERENCES = [
	['spot', 'water_id', 'water', 'CASCADE'],
	['reading', 'spot_id', 'spot', 'SET NULL'],
	['kept_call', 'reading_id', 'reading', 'SET NULL']
] as const;

const uuid = { type: DataTypes.UUID, allowNull: false };
const stamps = {
	created_at: { type: DataTypes.DATE(3), allowNull: false },
	updated_at: { type: DataTypes.DATE(3), allowNull: false }
};
const count = { type: DataTypes.BIGINT.UNSIGNED, allowNull: false, defaultValue: 0 };
const owner = { ...uuid, references: { model: 'angler', key: 'id' }, onDelete: 'CASCADE', onUpdate: 'CASCADE' };

async function dropReference(schema: QueryInterface, table: string, column: string): Promise<void> {
	const found = await schema.sequelize.query<{ name: string }>(
		`SELECT CONSTRAINT_NAME AS name FROM information_schema.KEY_COLUMN_USAGE
		WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = :table AND COLUMN_NAME = :column
		AND REFERENCED_TABLE_NAME IS NOT NULL`,
		{ type: QueryTypes.SELECT, replacements: { table, column } }
	);
	for (const { name } of found) await schema.sequelize.query(`ALTER TABLE ${table} DROP FOREIGN KEY ${name}`);
}

interface FirstDesk {
	readonly angler_id: string;
	readonly desk: string | { rig?: unknown };
	readonly bench: string | { build?: { rig?: unknown } } | null;
}

const parsed = <T>(value: T | string): T => (typeof value === 'string' ? (JSON.parse(value) as T) : value);

/** The current rig becomes a document of its own: where the bench holds another rig or none, it is laid there. */
async function rigsToBench({ sequelize }: QueryInterface): Promise<void> {
	const desks = await sequelize.query<FirstDesk>(
		`SELECT d.angler_id, d.document AS desk, b.document AS bench FROM preference d
		LEFT JOIN preference b ON b.angler_id = d.angler_id AND b.topic = 'bench' WHERE d.topic = 'desk'`,
		{ type: QueryTypes.SELECT }
	);
	for (const { angler_id, desk, bench } of desks) {
		const { rig } = parsed(desk);
		const held = bench === null ? null : parsed(bench).build?.rig;
		if (!rig || JSON.stringify(rig) === JSON.stringify(held)) continue;
		const build = { rig, fit: {}, own: {}, notes: '' };
		const document = { schemaVersion: 2, name: '', rigId: randomUUID(), rigVersion: 0, build, log: [] };
		await sequelize.query(
			`INSERT INTO preference (id, angler_id, topic, version, document, created_at, updated_at)
			VALUES (:id, :angler_id, 'bench', 1, :document, NOW(3), NOW(3))
			ON DUPLICATE KEY UPDATE document = VALUES(document), version = version + 1`,
			{ replacements: { id: randomUUID(), angler_id, document: JSON.stringify(document) } }
		);
	}
}

/** Keys per angler, a sequence of writes per angler, keys of writes, and the current rig as a document of its own. */
export async function ownKeysUp(schema: QueryInterface): Promise<void> {
	for (const [table, column] of REFERENCES) await dropReference(schema, table, column);
	for (const table of TABLES) {
		await schema.sequelize.query(`ALTER TABLE ${table} DROP PRIMARY KEY, ADD PRIMARY KEY (angler_id, id)`);
	}
	await schema.sequelize.query(`ALTER TABLE water ADD COLUMN document JSON NOT NULL DEFAULT '{"schemaVersion":2}'`);
	await schema.removeIndex('part', ['angler_id', 'kind']);
	await schema.sequelize.query('ALTER TABLE part DROP COLUMN name, DROP COLUMN kind');
	await schema.addColumn('angler', 'sequence', count);
	await schema.createTable('record_change', {
		angler_id: { ...owner, primaryKey: true },
		kind: { type: DataTypes.STRING(20), allowNull: false, primaryKey: true },
		record_id: { type: DataTypes.STRING(40), allowNull: false, primaryKey: true },
		sequence: count,
		version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
		deleted: { type: DataTypes.BOOLEAN, allowNull: false },
		...stamps
	});
	await schema.addIndex('record_change', ['angler_id', 'sequence'], { unique: true });
	await schema.createTable('write_key', {
		angler_id: { ...owner, primaryKey: true },
		key: { ...uuid, primaryKey: true },
		version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
		...stamps
	});
	await schema.addIndex('write_key', ['created_at']);
	await rigsToBench(schema);
}

/** Back to one world of keys; fails where two anglers hold the same one. */
export async function ownKeysDown(schema: QueryInterface): Promise<void> {
	for (const table of ['write_key', 'record_change']) await schema.dropTable(table);
	await schema.sequelize.query('ALTER TABLE angler DROP COLUMN sequence');
	const text = (length: number, defaultValue: string) => ({
		type: DataTypes.STRING(length),
		allowNull: false,
		defaultValue
	});
	await schema.addColumn('part', 'name', text(80, ''));
	await schema.addColumn('part', 'kind', text(16, ''));
	await schema.sequelize.query(
		`UPDATE part SET name = JSON_VALUE(document, '$.part.name'), kind = JSON_VALUE(document, '$.part.kind')`
	);
	await schema.addIndex('part', ['angler_id', 'kind']);
	await schema.sequelize.query('ALTER TABLE water DROP COLUMN document');
	for (const table of TABLES) {
		await schema.sequelize.query(
			`ALTER TABLE ${table} ADD INDEX ${table}_angler (angler_id), DROP PRIMARY KEY, ADD PRIMARY KEY (id)`
		);
	}
	for (const [table, column, target, onDelete] of REFERENCES) {
		await schema.addConstraint(table, {
			type: 'foreign key',
			fields: [column],
			references: { table: target, field: 'id' },
			onDelete,
			onUpdate: 'CASCADE'
		});
	}
}
