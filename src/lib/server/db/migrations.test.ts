import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freshDatabaseUrl } from '../testing';
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
			'rig',
			'session',
			'spot',
			'water'
		]);
		while (before.length > 0) {
			await umzug.down();
			expect(await tables()).toEqual(before.pop());
		}
		await umzug.up();
	});

	it('leave a schema that refuses what is not so', async () => {
		await migrator(database.sequelize).up();
		const { Angler, Water, Reading } = database.models;
		const id = '11111111-1111-4111-8111-111111111111';
		await Angler.create({ id, name: 'A' });
		const water = { id, anglerId: id, version: 1, name: 'W', timeZone: 'UTC', place: 'lake', longitude: 0 };
		await expect(Water.create({ ...water, latitude: 91 })).rejects.toThrow(/CONSTRAINT/);
		const orphan = { id, anglerId: '22222222-2222-4222-8222-222222222222', version: 1, name: 'R', spotId: null };
		await expect(Reading.create({ ...orphan, takenAt: new Date(), document: {} })).rejects.toThrow(/foreign key/i);
	});
});
