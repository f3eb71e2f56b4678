import { DataTypes, type QueryInterface } from 'sequelize';

const uuid = { type: DataTypes.UUID, allowNull: false };
const instant = { type: DataTypes.DATE(3), allowNull: false };
const owned = {
	angler_id: {
		...uuid,
		primaryKey: true,
		references: { model: 'angler', key: 'id' },
		onDelete: 'CASCADE',
		onUpdate: 'CASCADE'
	},
	id: { ...uuid, primaryKey: true },
	version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
	document: { type: DataTypes.JSON, allowNull: false },
	created_at: instant,
	updated_at: instant,
	deleted_at: { type: DataTypes.DATE(3), allowNull: true }
};

/** Outings, and what happened on them. */
export async function tallyUp(schema: QueryInterface): Promise<void> {
	await schema.createTable('outing', {
		...owned,
		name: { type: DataTypes.STRING(120), allowNull: false },
		spot_id: { type: DataTypes.UUID, allowNull: true },
		started_at: instant
	});
	await schema.addIndex('outing', ['angler_id', 'started_at']);
	await schema.createTable('happening', { ...owned, outing_id: uuid, at: instant });
	await schema.addIndex('happening', ['angler_id', 'outing_id', 'at']);
	await schema.addIndex('happening', ['angler_id', 'at']);
}

export async function tallyDown(schema: QueryInterface): Promise<void> {
	for (const table of ['happening', 'outing']) await schema.dropTable(table);
}
