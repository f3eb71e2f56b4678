import { spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
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
