import { configFrom } from '../db/config';
import { openDatabase } from '../db/connection';
import { migrate } from '../db/migrate';
import { seedDemo } from './seed';

const { databaseUrl: url } = configFrom(process.env);
await migrate(url);
const database = openDatabase(url);
try {
	await seedDemo(database);
} finally {
	await database.sequelize.close();
}
