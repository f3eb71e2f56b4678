// Fills an empty database from a file: npm run restore -- FILE
import { statSync } from 'node:fs';
import { fillFrom, sumsOf } from './lib/dump.mjs';
import { say, stop } from './lib/say.mjs';

const url = process.env.DATABASE_URL ?? stop('DATABASE_URL says which empty database is filled.');
const file = process.argv[2] ?? stop('Say which file: npm run restore -- FILE');
const there = statSync(file, { throwIfNoEntry: false });
if (!there) stop(`There is no file ${file}.`);
if (!there.isFile()) stop(`${file} is not a file.`);
try {
	await fillFrom(file, url);
	say(`${(await sumsOf(url)).length} tables are back.`);
} catch (error) {
	stop(error.message);
}
