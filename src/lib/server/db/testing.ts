import { randomUUID } from 'node:crypto';
import { inject } from 'vitest';
import { openDatabase, type Database } from './connection';
import { migrator } from './migrate';

/** Makes an empty database on the throw-away server and returns its address. */
export async function freshDatabaseUrl(): Promise<string> {
	const server = inject('databaseUrl');
	const name = `test_${randomUUID().replaceAll('-', '')}`;
	const { sequelize } = openDatabase(server);
	await sequelize.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4`);
	await sequelize.close();
	return server.replace(/\/[^/]*$/, `/${name}`);
}

/** A migrated database that the application's own code uses in this test file. */
export async function useFreshDatabase(): Promise<Database> {
	process.env.DATABASE_URL = await freshDatabaseUrl();
	const { database } = await import('./connection');
	await migrator(database().sequelize).up();
	return database();
}

/** An angler of its own for a test. */
export async function newAngler({ models }: Database, name = 'Test Angler'): Promise<string> {
	const id = randomUUID();
	await models.Angler.create({ id, name });
	return id;
}
