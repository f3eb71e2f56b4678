import type { QueryInterface, Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { MIGRATIONS } from './migrations';

/** The migrations of a database, ready to be run up or down. */
export function migrator(sequelize: Sequelize) {
	return new Umzug<QueryInterface>({
		migrations: MIGRATIONS.map(({ name, up, down }) => ({
			name,
			up: async ({ context }) => up(context),
			down: async ({ context }) => down(context)
		})),
		context: sequelize.getQueryInterface(),
		storage: new SequelizeStorage({ sequelize, tableName: 'migration' }),
		logger: undefined
	});
}
