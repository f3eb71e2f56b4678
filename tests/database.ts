import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';
import { startMariadb } from '../scripts/lib/mariadb.mjs';

declare module 'vitest' {
	interface ProvidedContext {
		/** Address of the throw-away MariaDB; each worker makes a database of its own on it. */
		databaseUrl: string;
		databaseFolder: string;
	}
}

/** A real MariaDB in a throw-away folder for the length of a test run. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
	const folder = mkdtempSync(join(tmpdir(), 'luc-test-'));
	const server = await startMariadb(folder, undefined, { throwAway: true });
	project.provide('databaseUrl', server.schemaUrl);
	project.provide('databaseFolder', folder);
	process.env.LUCERNAL_TEST_DATABASE = server.schemaUrl;
	return async () => {
		await server.stop();
		rmSync(folder, { recursive: true, force: true });
	};
}
