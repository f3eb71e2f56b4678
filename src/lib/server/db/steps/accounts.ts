import { DataTypes, type QueryInterface } from 'sequelize';

const uuid = { type: DataTypes.UUID, allowNull: false };
const instant = { type: DataTypes.DATE(3), allowNull: false };
const stamps = { created_at: instant, updated_at: instant };
const owner = { ...uuid, references: { model: 'angler', key: 'id' }, onDelete: 'CASCADE', onUpdate: 'CASCADE' };
const hash = { type: DataTypes.CHAR(64), allowNull: false };

/** Names and passphrases to sign in with, codes for who lost theirs, sessions that tell where they are, and throttles. */
export async function accountsUp(schema: QueryInterface): Promise<void> {
	const { sequelize } = schema;
	await sequelize.query('ALTER TABLE angler ADD COLUMN sign_name VARCHAR(120) NULL');
	await sequelize.query('ALTER TABLE angler ADD COLUMN passphrase VARCHAR(255) NULL');
	await sequelize.query('ALTER TABLE angler ADD COLUMN exported_at DATETIME(3) NULL');
	await schema.addIndex('angler', ['sign_name'], { unique: true });
	await sequelize.query('ALTER TABLE session ADD COLUMN seen_at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3)');
	await sequelize.query("ALTER TABLE session ADD COLUMN device VARCHAR(120) NOT NULL DEFAULT ''");
	await schema.createTable('recovery_code', {
		angler_id: { ...owner, primaryKey: true },
		code_hash: { ...hash, primaryKey: true },
		...stamps
	});
	await schema.createTable('throttle', {
		bucket: { ...hash, primaryKey: true },
		failures: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
		until: instant,
		...stamps
	});
}

export async function accountsDown(schema: QueryInterface): Promise<void> {
	for (const table of ['throttle', 'recovery_code']) await schema.dropTable(table);
	await schema.sequelize.query('ALTER TABLE session DROP COLUMN device, DROP COLUMN seen_at');
	await schema.removeIndex('angler', ['sign_name']);
	await schema.sequelize.query(
		'ALTER TABLE angler DROP COLUMN exported_at, DROP COLUMN passphrase, DROP COLUMN sign_name'
	);
}
