import { DataTypes, type QueryInterface } from 'sequelize';
import { instant, owned, uuid } from './owned';

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
