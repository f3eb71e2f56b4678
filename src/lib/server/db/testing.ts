import { randomUUID } from 'node:crypto';
import { inject } from 'vitest';
import { closeDatabase, database, openDatabase, type Database } from './connection';
import { migrator } from './migrate';

const anyName = () => `test_${randomUUID().replaceAll('-', '')}`;

/** Makes an empty database on the throw-away server, in the place of one of that name, and returns its address. */
export async function freshDatabaseUrl(name = anyName()): Promise<string> {
	const server = inject('databaseUrl');
	const { sequelize } = openDatabase(server);
	await sequelize.query(`DROP DATABASE IF EXISTS ${name}`);
	await sequelize.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4`);
	await sequelize.close();
	return server.replace(/\/[^/]*$/, `/${name}`);
}

/** The database of all files that run in this process, one after the other: its address is read once. */
const OWN = `test_of_${process.pid}`;

/** A migrated database that the application's own code uses in this test file. */
export async function useFreshDatabase(): Promise<Database> {
	await closeDatabase();
	process.env.DATABASE_URL = await freshDatabaseUrl(OWN);
	await migrator(database().sequelize).up();
	return database();
}

/** An angler of its own for a test. */
export async function newAngler({ models }: Database, name = 'Test Angler'): Promise<string> {
	const id = randomUUID();
	await models.Angler.create({ id, name });
	return id;
}
