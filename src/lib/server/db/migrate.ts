import { DatabaseError, QueryTypes, type QueryInterface, type Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { aroundQueries } from './aroundQueries';
import { openDatabase } from './connection';
import { driverError } from './driverError';
import { MIGRATIONS } from './migrations';

/**
 * What the database answers to a statement of a schema that was done before: a table, column, index, key or check that
 * is there, or one to be dropped that is gone. A statement is done wholly or not at all, so that a step that was cut off
 * may begin again at its first one.
 */
const DONE_BEFORE = new Set([1050, 1060, 1061, 1091, 1826]);

const wasDone = (error: unknown): boolean =>
	error instanceof DatabaseError && DONE_BEFORE.has(driverError(error).errno);

/** Runs the statements of a step; those that were done before it was cut off are passed over. */
async function resumed(schema: QueryInterface, step: (schema: QueryInterface) => Promise<void>): Promise<void> {
	const done = aroundQueries(schema.sequelize, async (run) => {
		try {
			return await run();
		} catch (error) {
			if (!wasDone(error)) throw error;
			return [[], 0];
		}
	});
	try {
		await step(schema);
	} finally {
		done();
	}
}

/** The migrations of a database, ready to be run up or down. */
export function migrator(sequelize: Sequelize) {
	return new Umzug<QueryInterface>({
		migrations: MIGRATIONS.map(({ name, up, down }) => ({
			name,
			up: async ({ context }) => resumed(context, up),
			down: async ({ context }) => resumed(context, down)
		})),
		context: sequelize.getQueryInterface(),
		storage: new SequelizeStorage({ sequelize, tableName: 'migration' }),
		logger: undefined
	});
}

const LOCK = 'lucernal-migrate';
/** How long (s) one waits for another that brings the same database up to date. */
const PATIENCE_S = 60;

/**
 * Brings a database up to date; of several that start at once, one after the other.
 *
 * @throws {Error} When another one was still at it after a minute.
 */
export async function migrate(url: string): Promise<void> {
	// The lock is held by a connection, so that one of its own stays open for it.
	const holding = openDatabase(url, { max: 1, min: 1, patient: true });
	const { sequelize } = openDatabase(url, { patient: true });
	try {
		const [{ got } = { got: 0 }] = await holding.sequelize.query<{ got: number }>(
			'SELECT GET_LOCK(CONCAT(:lock, DATABASE()), :patience) AS got',
			{ type: QueryTypes.SELECT, replacements: { lock: LOCK, patience: PATIENCE_S } }
		);
		if (Number(got) !== 1) throw new Error('Another process brings this database up to date; try again later.');
		await migrator(sequelize).up();
	} finally {
		await sequelize.close();
		await holding.sequelize.close();
	}
}
