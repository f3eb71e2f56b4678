// Writes all of the database into a file: npm run backup -- FILE
import { dumpTo } from './lib/dump.mjs';
import { say, stop } from './lib/say.mjs';

const url = process.env.DATABASE_URL ?? stop('DATABASE_URL says which database is backed up.');
const file = process.argv[2] ?? `lucernal-${new Date().toISOString().slice(0, 19).replaceAll(':', '')}.sql.gz`;
try {
	await dumpTo(file, url);
	say(`everything is in ${file}; anybody who has that file can read all of it.`);
} catch (error) {
	stop(error.code === 'EEXIST' ? `${file} is there already; it was left as it is.` : error.message);
}
