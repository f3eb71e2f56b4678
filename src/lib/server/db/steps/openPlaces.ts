import type { QueryInterface } from 'sequelize';

/** A water need not say where on earth it is, nor a spot which way its bank faces. */
const COLUMNS = [
	['water', 'latitude'],
	['water', 'longitude'],
	['spot', 'bank_bearing_deg']
] as const;

export async function openPlacesUp({ sequelize }: QueryInterface): Promise<void> {
	for (const [table, column] of COLUMNS) {
		await sequelize.query(`ALTER TABLE ${table} MODIFY COLUMN ${column} DOUBLE NULL`);
	}
}

/** Back to places that say all of it: what does not gets a zero. */
export async function openPlacesDown({ sequelize }: QueryInterface): Promise<void> {
	for (const [table, column] of COLUMNS) {
		await sequelize.query(`UPDATE ${table} SET ${column} = 0 WHERE ${column} IS NULL`);
		await sequelize.query(`ALTER TABLE ${table} MODIFY COLUMN ${column} DOUBLE NOT NULL`);
	}
}
