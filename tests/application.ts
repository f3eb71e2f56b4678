import type { TestProject } from 'vitest/node';
import { prepareRecords, serve } from '../scripts/lib/application.mjs';
import { needBuild } from '../scripts/lib/build.mjs';
import { needBrowser } from '../scripts/lib/install.mjs';
import { openDatabase } from '../src/lib/server/db/connection';
import { freePort } from '../scripts/lib/ports.mjs';
import { layPattern } from './interface/copyAngler';

declare module 'vitest' {
	interface ProvidedContext {
		/** Address of the built application on the throw-away database with the demo's data. */
		address: string;
		/** Path of the browser. */
		browser: string;
	}
}

/** The built application with demo data for the length of a test run. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
	needBuild();
	const databaseUrl = process.env.LUCERNAL_TEST_DATABASE!;
	prepareRecords(databaseUrl);
	const database = openDatabase(databaseUrl);
	await layPattern(database);
	await database.sequelize.close();
	const application = await serve(databaseUrl, await freePort(), { LOG_LEVEL: 'error' });
	project.provide('address', application.address);
	project.provide('browser', needBrowser());
	return () => application.stop();
}
