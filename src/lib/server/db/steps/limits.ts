import { DataTypes, type QueryInterface } from 'sequelize';

/** Tables whose rows count against an account's bytes, with the kind that they hold; documents share one. */
const COUNTED = {
	waters: 'water',
	spots: 'spot',
	charts: 'chart',
	readings: 'reading',
	'kept-calls': 'kept_call',
	parts: 'part',
	rigs: 'rig',
	outings: 'outing',
	happenings: 'happening'
} as const;

const count = { type: DataTypes.BIGINT.UNSIGNED, allowNull: false, defaultValue: 0 };
const instant = { type: DataTypes.DATE(3), allowNull: false };

/**
 * What each account holds in bytes, what a write's key was used for, when an account is being deleted, and indexes by
 * which old rows are found and removed.
 */
export async function limitsUp(schema: QueryInterface): Promise<void> {
	const { sequelize } = schema;
	await schema.createTable('record_usage', {
		angler_id: {
			type: DataTypes.UUID,
			allowNull: false,
			primaryKey: true,
			references: { model: 'angler', key: 'id' },
			onDelete: 'CASCADE',
			onUpdate: 'CASCADE'
		},
		kind: { type: DataTypes.STRING(20), allowNull: false, primaryKey: true },
		bytes: count,
		created_at: instant,
		updated_at: instant
	});
	for (const [kind, table] of Object.entries(COUNTED)) {
		await sequelize.query(
			`INSERT IGNORE INTO record_usage (angler_id, kind, bytes, created_at, updated_at)
			SELECT angler_id, '${kind}', SUM(LENGTH(document)), NOW(3), NOW(3) FROM ${table} GROUP BY angler_id`
		);
		await schema.addIndex(table, ['deleted_at']);
	}
	await sequelize.query('ALTER TABLE write_key ADD COLUMN kind VARCHAR(20) NULL');
	await sequelize.query('ALTER TABLE write_key ADD COLUMN record_id VARCHAR(40) NULL');
	await sequelize.query('ALTER TABLE write_key ADD COLUMN digest CHAR(64) NULL');
	await sequelize.query('ALTER TABLE angler ADD COLUMN deleting_at DATETIME(3) NULL');
	await schema.addIndex('angler', ['deleting_at']);
	await schema.addIndex('throttle', ['updated_at']);
}

export async function limitsDown(schema: QueryInterface): Promise<void> {
	const { sequelize } = schema;
	await schema.removeIndex('throttle', ['updated_at']);
	await schema.removeIndex('angler', ['deleting_at']);
	await sequelize.query('ALTER TABLE angler DROP COLUMN deleting_at');
	await sequelize.query('ALTER TABLE write_key DROP COLUMN digest, DROP COLUMN record_id, DROP COLUMN kind');
	for (const table of Object.values(COUNTED)) await schema.removeIndex(table, ['deleted_at']);
	await schema.dropTable('record_usage');
}
