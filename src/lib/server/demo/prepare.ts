import { openDatabase } from '../db/connection';
import { migrate } from '../db/migrate';
import { seedDemo } from './seed';

const url = process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL says which database to prepare.');
await migrate(url);
const database = openDatabase(url);
try {
	await seedDemo(database);
} finally {
	await database.sequelize.close();
}
