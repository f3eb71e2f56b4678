import type { QueryInterface } from 'sequelize';
import { owned, uuid } from './owned';

/** Shores and soundings of waters. */
export async function chartsUp(schema: QueryInterface): Promise<void> {
	await schema.createTable('chart', { ...owned, water_id: uuid });
	await schema.addIndex('chart', ['angler_id', 'water_id']);
}

export const chartsDown = (schema: QueryInterface): Promise<void> => schema.dropTable('chart');
