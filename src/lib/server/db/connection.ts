import * as mariadb from 'mariadb';
import {
	BaseError,
	ConnectionError,
	ConnectionAcquireTimeoutError,
	DatabaseError,
	QueryTypes,
	Sequelize
} from 'sequelize';
import { config } from './config';
import { MIGRATIONS } from './migrations';
import { aroundQueries } from './aroundQueries';
import { driverError } from './driverError';
import { defineModels, type Models } from './models';

export interface Database {
	readonly sequelize: Sequelize;
	readonly models: Models;
}

/** How long (ms) a request waits for a connection before the records count as unreachable. */
const ACQUIRE_MS = 2500;
const CONNECT_MS = 1500;

/** Longest (s) that a statement may take and wait for a lock. Steps of the schema take their time. */
const STATEMENT_S = 2;
const LIMITS = `, max_statement_time=${STATEMENT_S}, innodb_lock_wait_timeout=${STATEMENT_S}`;

/** The records did not answer in time. */
class Unanswered extends Error {}

/** Longest (ms) that is waited for the first answer of a request, and for any statement. */
const FIRST_ANSWER_MS = 2000;
const ANSWER_MS = 4000;

/** Waits no longer than somebody at the screen would: a database that hangs is out of reach. */
export async function inTime<T>(answer: Promise<T>, patienceMs = FIRST_ANSWER_MS): Promise<T> {
	let timer: ReturnType<typeof setTimeout> | undefined;
	const late = new Promise<never>((_, reject) => {
		timer = setTimeout(() => reject(new Unanswered('The database does not answer.')), patienceMs);
	});
	try {
		return await Promise.race([answer, late]);
	} finally {
		clearTimeout(timer);
	}
}

/** How a pool is opened. */
export interface PoolOptions {
	readonly min?: number;
	readonly max?: number;
	/** Without limits of time, for steps of the schema. */
	readonly patient?: boolean;
}

/** Opens a pool on a MariaDB address, with the models defined on it. Nothing is connected until first used. */
export function openDatabase(url: string, { patient = false, ...pool }: PoolOptions = {}): Database {
	const sequelize = new Sequelize(url.replace(/^mysql:/, 'mariadb:'), {
		dialect: 'mariadb',
		dialectModule: mariadb,
		logging: false,
		timezone: '+00:00',
		define: { charset: 'utf8mb4', collate: 'utf8mb4_unicode_ci', underscored: true },
		dialectOptions: {
			connectTimeout: CONNECT_MS,
			initSql: `SET SESSION sql_mode='STRICT_ALL_TABLES'${patient ? '' : LIMITS}`
		},
		pool: { max: 5, min: 0, acquire: ACQUIRE_MS, idle: 10_000, ...pool }
	});
	// A database that has stopped in the middle of something keeps nobody waiting.
	if (!patient) aroundQueries(sequelize, (run) => inTime(run(), ANSWER_MS));
	return { sequelize, models: defineModels(sequelize) };
}

const SELECT = { type: QueryTypes.SELECT } as const;
let shared: Database | null = null;

/** The application's database. */
export function database(): Database {
	shared ??= openDatabase(config().databaseUrl);
	return shared;
}

let watching: Database | null = null;

/** Ends the application's connections, where there are any; whoever asks for the database after that opens it anew. */
export async function closeDatabase(): Promise<void> {
	const open = [shared, watching];
	[shared, watching] = [null, null];
	await Promise.allSettled(open.map((one) => one?.sequelize.close()));
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

/**
 * Errors by which a database says that it works, but not now: too many connections (1040, 1203, 1226), read-only (1290,
 * 1792, 1836), disk or table full (1021, 1114, 3), out of memory or locks (1037, 1038, 1206), a statement cut off (1317).
 */
const NOT_NOW = new Set([3, 1021, 1037, 1038, 1040, 1114, 1203, 1206, 1226, 1290, 1317, 1792, 1836]);

/** Whether an error says that the database takes no writes, or nothing more, just now. */
export const isRefusing = (error: unknown): boolean =>
	error instanceof BaseError && NOT_NOW.has(driverError(error).errno);

/** Whether an error says that the database cannot be reached, rather than that it refused something. */
export function isUnreachable(error: unknown): boolean {
	if (error instanceof Unanswered || error instanceof ConnectionError || error instanceof ConnectionAcquireTimeoutError)
		return true;
	return error instanceof DatabaseError && LOST.has(driverError(error).code);
}

/** How the database is. */
export interface Health {
	readonly database: 'up' | 'down';
	/** Whether the schema is the one that this application knows. */
	readonly schema: 'current' | 'behind' | 'unknown';
	/** Whether it takes what is written. */
	readonly writes: 'taken' | 'refused' | 'unknown';
}

const PROBE = `INSERT INTO throttle (bucket, failures, until, created_at, updated_at)
	VALUES (REPEAT('0', 64), 0, NOW(3), NOW(3), NOW(3)) ON DUPLICATE KEY UPDATE updated_at = NOW(3)`;

/** How the database is now, asked on a connection of its own: work that waits for others does not hide it. */
export async function databaseHealth(): Promise<Health> {
	watching ??= openDatabase(config().databaseUrl, { max: 1 });
	const { sequelize } = watching;
	try {
		const rows = await inTime(sequelize.query<{ name: string }>('SELECT name FROM migration', SELECT));
		const known = new Set(rows.map(({ name }) => name));
		const schema = MIGRATIONS.every(({ name }) => known.has(name)) ? 'current' : 'behind';
		const writes = await inTime(sequelize.query(PROBE)).then(
			() => 'taken' as const,
			() => 'refused' as const
		);
		return { database: 'up', schema, writes };
	} catch (error) {
		return { database: isUnreachable(error) ? 'down' : 'up', schema: 'unknown', writes: 'unknown' };
	}
}
