import type { Sequelize } from 'sequelize';

type Query = (...given: unknown[]) => Promise<unknown>;

/** Puts something around every query of a pool from here on; what it returns takes it off again. */
export function aroundQueries(sequelize: Sequelize, around: (run: () => Promise<unknown>) => Promise<unknown>) {
	const { query } = sequelize;
	const run = query.bind(sequelize) as Query;
	const wrapped: Query = (...given) => around(() => run(...given));
	sequelize.query = wrapped as typeof query;
	return () => {
		sequelize.query = query;
	};
}
