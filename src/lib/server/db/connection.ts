import * as mariadb from 'mariadb';
import { ConnectionError, ConnectionAcquireTimeoutError, DatabaseError, QueryTypes, Sequelize } from 'sequelize';
import { config } from './config';
import { defineModels, type Models } from './models';

export interface Database {
	readonly sequelize: Sequelize;
	readonly models: Models;
}

/** How long (ms) a request waits for a connection before the records count as unreachable. */
const ACQUIRE_MS = 2500;
const CONNECT_MS = 1500;

/** Opens a pool on a MariaDB address, with the models defined on it. Nothing is connected until first used. */
export function openDatabase(url: string, pool: { readonly min?: number; readonly max?: number } = {}): Database {
	const sequelize = new Sequelize(url.replace(/^mysql:/, 'mariadb:'), {
		dialect: 'mariadb',
		dialectModule: mariadb,
		logging: false,
		timezone: '+00:00',
		define: { charset: 'utf8mb4', collate: 'utf8mb4_unicode_ci', underscored: true },
		dialectOptions: { connectTimeout: CONNECT_MS, initSql: "SET SESSION sql_mode='STRICT_ALL_TABLES'" },
		pool: { max: 5, min: 0, acquire: ACQUIRE_MS, idle: 10_000, ...pool }
	});
	return { sequelize, models: defineModels(sequelize) };
}

let shared: Database | null = null;

/** The application's database. */
export function database(): Database {
	shared ??= openDatabase(config().databaseUrl);
	return shared;
}

/** Ends the application's connections, where there are any. */
export async function closeDatabase(): Promise<void> {
	await shared?.sequelize.close();
}

const LOST = new Set([
	'ER_SOCKET_UNEXPECTED_CLOSE',
	'ER_CONNECTION_TIMEOUT',
	'ECONNREFUSED',
	'ECONNRESET',
	'EPIPE',
	'ER_CMD_CONNECTION_CLOSED',
	'ER_SERVER_SHUTDOWN',
	'ER_CONNECTION_KILLED'
]);

/** Whether an error says that the database cannot be reached, rather than that it refused something. */
export function isUnreachable(error: unknown): boolean {
	if (error instanceof ConnectionError || error instanceof ConnectionAcquireTimeoutError) return true;
	if (!(error instanceof DatabaseError)) return false;
	return LOST.has((error.original as Error & { code?: string }).code ?? '');
}

/** Whether the database answers now. */
export async function databaseAnswers(): Promise<boolean> {
	try {
		await database().sequelize.query('SELECT 1', { type: QueryTypes.SELECT });
		return true;
	} catch {
		return false;
	}
}
