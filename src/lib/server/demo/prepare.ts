import { openDatabase } from '../db/connection';
import { migrator } from '../db/migrate';
import { seedDemo } from './seed';

const url = process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL says which database to prepare.');
const database = openDatabase(url);
try {
	await migrator(database.sequelize).up();
	await seedDemo(database);
} finally {
	await database.sequelize.close();
}
