import { randomUUID } from 'node:crypto';
import { QueryTypes, type WhereOptions } from 'sequelize';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startBuild } from '../../core/rig/build/start';
import { freshDatabaseUrl } from './testing';
import { openDatabase, type Database } from './connection';
import { migrate, migrator } from './migrate';
import { MIGRATIONS } from './migrations';

/** As steps of the schema are run: they take their time. */
const PATIENT = { patient: true };

let database: Database;
const tables = async (): Promise<string[]> => {
	const found = (await database.sequelize.getQueryInterface().showAllTables()) as unknown as { tableName: string }[];
	return found
		.map(({ tableName }) => tableName)
		.filter((name) => name !== 'migration')
		.sort();
};

/** Every column, index and key of a database. */
async function schemaOf({ sequelize }: Database): Promise<unknown> {
	const columns = `SELECT TABLE_NAME, COLUMN_NAME, COLUMN_TYPE, IS_NULLABLE, COLUMN_DEFAULT, COLUMN_KEY
		FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE() ORDER BY 1, 2`;
	const keys = `SELECT TABLE_NAME, CONSTRAINT_NAME, COLUMN_NAME, REFERENCED_TABLE_NAME
		FROM information_schema.KEY_COLUMN_USAGE WHERE TABLE_SCHEMA = DATABASE() ORDER BY 1, 2, 3`;
	const select = { type: QueryTypes.SELECT } as const;
	return [await sequelize.query(columns, select), await sequelize.query(keys, select)];
}

beforeAll(async () => {
	database = openDatabase(await freshDatabaseUrl(), PATIENT);
});
afterAll(() => database.sequelize.close());

describe('migrations', () => {
	it('lay the rig that the first version held on the desk on the bench, unless the very same lies there', async () => {
		const old = openDatabase(await freshDatabaseUrl(), PATIENT);
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
			if (name !== '0010-open-places') {
				expect((await tables()).length).toBeGreaterThan(before[before.length - 1]!.length);
			}
		}
		expect(await tables()).toEqual([
			'angler',
			'chart',
			'happening',
			'kept_call',
			'outing',
			'part',
			'preference',
			'reading',
			'record_change',
			'record_usage',
			'recovery_code',
			'rig',
			'session',
			'spot',
			'throttle',
			'water',
			'write_key'
		]);
		while (before.length > 0) {
			await umzug.down();
			expect(await tables()).toEqual(before.pop());
		}
		await umzug.up();
	});

	it('cut off after any statement are brought to their end by the next start', async () => {
		const url = await freshDatabaseUrl();
		const cut = openDatabase(url, PATIENT);
		const { query } = cut.sequelize;
		const writes = /^(CREATE|ALTER|DROP|INSERT)/i;
		const steps = async (): Promise<number> => (await migrator(cut.sequelize).executed()).length;
		// Each start comes a statement further in its step than the last one before it is killed.
		let [starts, further] = [0, 0];
		while ((await steps()) < MIGRATIONS.length) {
			const before = await steps();
			let left = further;
			cut.sequelize.query = (async (...given: unknown[]) => {
				const statement = String((given[0] as { query?: string }).query ?? given[0]);
				if (writes.test(statement) && left-- === 0) throw new Error('killed');
				return (query as (...given: unknown[]) => Promise<unknown>).apply(cut.sequelize, given);
			}) as typeof query;
			await migrator(cut.sequelize)
				.up()
				.catch(() => undefined);
			cut.sequelize.query = query;
			further = (await steps()) > before ? 0 : further + 1;
			starts++;
		}
		expect(starts).toBeGreaterThan(30);
		await migrator(database.sequelize).up();
		expect(await schemaOf(cut)).toEqual(await schemaOf(database));
		await cut.sequelize.close();
	});

	it('started twice at once are done once', async () => {
		const url = await freshDatabaseUrl();
		await Promise.all([migrate(url), migrate(url)]);
		const ready = openDatabase(url, PATIENT);
		expect(await schemaOf(ready)).toEqual(await schemaOf(database));
		await ready.sequelize.close();
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
