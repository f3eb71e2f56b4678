import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { asked } from './dump.mjs';
import { startMariadb } from './mariadb.mjs';

let folder = '';
let server: Awaited<ReturnType<typeof startMariadb>>;

beforeAll(async () => {
	folder = mkdtempSync(join(tmpdir(), 'luc-rights-'));
	server = await startMariadb(folder);
});
afterAll(async () => {
	await server.stop();
	rmSync(folder, { recursive: true, force: true });
});

it('lets the application write rows and no more, and the schema’s account the schema and no other', async () => {
	await asked(server.schemaUrl, 'CREATE TABLE lakes (name VARCHAR(20))');
	await asked(server.url, "INSERT INTO lakes VALUES ('made up')");
	expect(await asked(server.url, 'SELECT name FROM lakes')).toEqual(['made up']);
	for (const statement of ['DROP TABLE lakes', 'CREATE TABLE ponds (name TEXT)', 'SELECT user FROM mysql.user']) {
		await expect(asked(server.url, statement)).rejects.toThrow('ended with status 1');
	}
	await expect(asked(server.schemaUrl, 'CREATE DATABASE another')).rejects.toThrow('ended with status 1');
	const nobody = server.url.replace(/:[^:@]+@/, ':wrong@');
	await expect(asked(nobody, 'SELECT 1')).rejects.toThrow('ended with status 1');
});

it('keeps its temporary tables to itself: a server that starts clears away those that lie in its folder', async () => {
	expect(await asked(server.url, 'SELECT @@tmpdir')).toEqual([join(folder, 'temporary')]);
});

it('refuses a password file that is empty or was not made here, by its name', async () => {
	const other = mkdtempSync(join(tmpdir(), 'luc-password-'));
	for (const text of ['', "'; DROP USER root; --", 'short']) {
		writeFileSync(join(other, 'password'), text);
		await expect(startMariadb(other)).rejects.toThrow(/password is damaged: delete it/);
	}
	rmSync(other, { recursive: true, force: true });
});
