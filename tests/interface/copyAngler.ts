import { randomUUID } from 'node:crypto';
import { QueryTypes, type Transaction } from 'sequelize';
import { BLANK_READING } from '../../src/lib/core/water/reading/blank';
import { SCHEMA_VERSION } from '../../src/lib/core/records/version';
import { KINDS, LISTED_KIND_NAMES } from '../../src/lib/core/records/kinds';
import type { Database } from '../../src/lib/server/db/connection';
import { seedDemo } from '../../src/lib/server/demo/seed';

/** An angler with the demo's data whom nobody signs in as: others are copied from him, which is much quicker than a seed. */
const PATTERN = { id: '0a0a0a0a-0a0a-4a0a-8a0a-0a0a0a0a0a0a', name: 'Maren Vossel' };

/** Lays the demo's data once for all anglers that will be copied. */
export const layPattern = (database: Database): Promise<void> => seedDemo(database, PATTERN);

async function columnsOf({ sequelize }: Database, table: string): Promise<string[]> {
	const columns = Object.keys(await sequelize.getQueryInterface().describeTable(table));
	return columns.filter((column) => column !== 'angler_id').map((column) => `\`${column}\``);
}

/** A reading in hand that counts as read: tests of a first visit delete it. */
const IN_HAND = {
	schemaVersion: SCHEMA_VERSION,
	name: '',
	readingId: null,
	readingVersion: 0,
	spotId: null,
	reading: BLANK_READING,
	locks: {}
};

/** Makes an angler with the demo's records, and no current rig; other files that do so meanwhile wait for their turn. */
export async function copyAngler(database: Database, id: string): Promise<void> {
	await layPattern(database);
	await database.models.Angler.create({ id, name: PATTERN.name });
	await database.sequelize.transaction(async (transaction) => {
		await database.models.Angler.findByPk(PATTERN.id, { lock: true, transaction });
		await copyRecords(database, id, transaction);
		const document = { ...IN_HAND, takenAt: new Date().toISOString() };
		const desk = { id: randomUUID(), anglerId: id, topic: 'desk', version: 1, document };

		await database.models.Preference.create(desk as never, { transaction });
	});
}

async function copyRecords(database: Database, id: string, transaction: Transaction): Promise<void> {
	for (const kind of LISTED_KIND_NAMES) {
		const { table } = KINDS[kind];
		const columns = (await columnsOf(database, table)).join(', ');
		const copy = `INSERT INTO ${table} (angler_id, ${columns}) SELECT ?, ${columns} FROM ${table} WHERE angler_id = ?`;
		await database.sequelize.query(copy, {
			type: QueryTypes.INSERT,
			replacements: [id, PATTERN.id],
			transaction
		});
	}
}
