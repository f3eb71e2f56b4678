import { randomUUID } from 'node:crypto';
import type { WhereOptions } from 'sequelize';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startBuild } from '../../core/build/start';
import { freshDatabaseUrl } from './testing';
import { openDatabase, type Database } from './connection';
import { migrator } from './migrate';
import { MIGRATIONS } from './migrations';

let database: Database;
const tables = async (): Promise<string[]> => {
	const found = (await database.sequelize.getQueryInterface().showAllTables()) as unknown as { tableName: string }[];
	return found
		.map(({ tableName }) => tableName)
		.filter((name) => name !== 'migration')
		.sort();
};

beforeAll(async () => {
	database = openDatabase(await freshDatabaseUrl());
});
afterAll(() => database.sequelize.close());

describe('migrations', () => {
	it('lay the rig that the first version held on the desk on the bench, unless the very same lies there', async () => {
		const old = openDatabase(await freshDatabaseUrl());
		const umzug = migrator(old.sequelize);
		await umzug.up({ to: '0004-parts' });
		const [angler, other] = ['11111111-1111-4111-8111-111111111111', '22222222-2222-4222-8222-222222222222'];
		const rig = startBuild('buzzbait').rig;
		const insert = (table: string, row: Record<string, unknown>) =>
			old.sequelize.getQueryInterface().bulkInsert(table, [{ ...row, created_at: new Date(), updated_at: new Date() }]);
		const topic = (owner: string, name: string, document: unknown) =>
			insert('preference', {
				id: randomUUID(),
				angler_id: owner,
				topic: name,
				version: 1,
				document: JSON.stringify(document)
			});
		for (const id of [angler, other]) await insert('angler', { id, name: 'A' });
		await topic(angler, 'desk', { schemaVersion: 1, rig });
		await topic(other, 'desk', { schemaVersion: 1, rig });
		await topic(other, 'bench', { schemaVersion: 1, name: 'Mine', build: { rig } });
		await umzug.up();
		const held = async (anglerId: string) =>
			(await old.models.Preference.findOne({ where: { anglerId, topic: 'bench' } as WhereOptions }))?.document;
		expect(await held(angler)).toMatchObject({ name: '', build: { rig } });
		expect(await held(other)).toMatchObject({ name: 'Mine' });
		await old.sequelize.close();
	});

	it('make every table, one step at a time, and take each step back', async () => {
		const umzug = migrator(database.sequelize);
		const before: string[][] = [];
		for (const { name } of MIGRATIONS) {
			before.push(await tables());
			await umzug.up({ to: name });
			expect((await tables()).length).toBeGreaterThan(before[before.length - 1]!.length);
		}
		expect(await tables()).toEqual([
			'angler',
			'kept_call',
			'part',
			'preference',
			'reading',
			'record_change',
			'rig',
			'session',
			'spot',
			'water',
			'write_key'
		]);
		while (before.length > 0) {
			await umzug.down();
			expect(await tables()).toEqual(before.pop());
		}
		await umzug.up();
	});

	it('leave a schema that refuses what is not so', async () => {
		await migrator(database.sequelize).up();
		const { Angler, records } = database.models;
		const id = '11111111-1111-4111-8111-111111111111';
		await Angler.create({ id, name: 'A' });
		const water = {
			id,
			anglerId: id,
			version: 1,
			name: 'W',
			timeZone: 'UTC',
			place: 'lake',
			longitude: 0,
			document: {}
		};
		await expect(records.waters.create({ ...water, latitude: 91 } as never)).rejects.toThrow(/CONSTRAINT/);
		const orphan = { id, anglerId: '22222222-2222-4222-8222-222222222222', version: 1, name: 'R', spotId: null };
		await expect(records.readings.create({ ...orphan, takenAt: new Date(), document: {} } as never)).rejects.toThrow(
			/foreign key/i
		);
	});
});
