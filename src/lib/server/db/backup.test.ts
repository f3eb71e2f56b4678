import { spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { sumsOf } from '../../../../scripts/lib/dump.mjs';
import { readingRecord } from '../records/testing';
import { storeOf } from '../records/store';
import type { Database } from './connection';
import { freshDatabaseUrl, newAngler, useFreshDatabase } from './testing';

let database: Database;
let folder = '';
const run = (script: string, url: string, file: string) => {
	const env = { ...process.env, DATABASE_URL: url };
	return spawnSync(process.execPath, [`scripts/${script}.mjs`, file], { env, encoding: 'utf8' });
};

beforeAll(async () => {
	database = await useFreshDatabase();
	folder = mkdtempSync(join(tmpdir(), 'luc-backup-'));
});
afterAll(async () => {
	await database.sequelize.close();
	rmSync(folder, { recursive: true, force: true });
});

describe('a backup', () => {
	it('holds every row as it is, taken while others write, and fills an empty database with the very same', async () => {
		const url = process.env.DATABASE_URL!;
		const angler = await newAngler(database, 'Ørsted, “K.” 🐟');
		for (let at = 0; at < 20; at++) await storeOf('readings').put(angler, randomUUID(), 0, readingRecord());
		const file = join(folder, 'all.sql.gz');
		expect(run('backup', url, file)).toMatchObject({ status: 0 });
		const before = await sumsOf(url);
		await storeOf('readings').put(angler, randomUUID(), 0, readingRecord({ name: 'Afterwards' }));
		const second = await freshDatabaseUrl();
		expect(run('restore', second, file)).toMatchObject({ status: 0 });
		expect(await sumsOf(second)).toEqual(before);
		expect(await sumsOf(url)).not.toEqual(before);
	});

	it('that fails leaves no file under its name, and says why without a row or a statement', () => {
		const file = join(folder, 'failed.sql.gz');
		const nowhere = process.env.DATABASE_URL!.replace(/\/[^/]*$/, '/no_such_base');
		expect(run('backup', nowhere, file)).toMatchObject({
			status: 1,
			stderr: expect.stringMatching(/Unknown database|1049/)
		});
		expect(readdirSync(folder).filter((name) => name.startsWith('failed'))).toEqual([]);
	});

	const packed = (text: string) => gzipSync(text);
	it.each([
		['empty', Buffer.alloc(0), /no complete backup|not a backup/],
		['twenty bytes of something else', Buffer.from('twenty bytes of text'), /no complete backup/],
		['foreign', packed("INSERT INTO angler VALUES ('Private Person');"), /is not a backup/],
		['cut off', packed('-- lucernal backup\nCREATE TABLE a (b INT);'), /was cut off/],
		['without tables', packed('-- lucernal backup\n\n-- lucernal backup complete\n'), /holds no tables/],
		[
			'not to be run',
			packed("-- lucernal backup\nINSERT INTO nothing VALUES ('Private Person');\n-- lucernal backup complete\n"),
			/mariadb ended with status 1/
		]
	])('a file that is %s is refused with a sentence', async (_, content, why) => {
		const file = join(folder, `bad-${randomUUID()}.gz`);
		writeFileSync(file, content);
		const told = run('restore', await freshDatabaseUrl(), file);
		expect(told).toMatchObject({ status: 1, stderr: expect.stringMatching(why) });
		expect(told.stdout + told.stderr).not.toMatch(/Private Person|INSERT/);
	});

	it('writes over no file, fills no database that holds something, and says so', async () => {
		const url = process.env.DATABASE_URL!;
		const file = join(folder, 'again.sql.gz');
		run('backup', url, file);
		expect(run('backup', url, file)).toMatchObject({ status: 1, stderr: expect.stringContaining('left as it is') });
		expect(run('restore', url, file)).toMatchObject({ status: 1, stderr: expect.stringContaining('not empty') });
		const none = run('restore', url, join(folder, 'none.gz'));
		expect(none).toMatchObject({ status: 1, stderr: expect.stringContaining('There is no file') });
		expect(existsSync(join(folder, 'none.gz'))).toBe(false);
	});
});
