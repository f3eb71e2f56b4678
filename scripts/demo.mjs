// Starts everything with demo data: npm run demo. Plain Node until the packages are there.
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { needNode, needPackages } from './lib/install.mjs';
import { startMariadb } from './lib/mariadb.mjs';
import { freePort, isFree } from './lib/ports.mjs';
import { prepareRecords, serve } from './lib/application.mjs';
import { needBuild } from './lib/build.mjs';
import { endLeftOvers, forget, note, running } from './lib/leftOver.mjs';
import { endAll, ROOT } from './lib/run.mjs';
import { say, stop } from './lib/say.mjs';

const WEB_PORT = Number(process.env.PORT ?? 5180);
const DATABASE_PORT = 3317;
const FOLDER = process.env.DEMO_FOLDER ?? join(ROOT, '.data', 'demo');
let claimed = false;

/** One demo per checkout; what a demo that was killed left running is ended first. */
async function claimFolder() {
	mkdirSync(FOLDER, { recursive: true });
	const other = running(FOLDER, 'demo');
	if (other) stop(`the demo already runs here as process ${other}; stop it with Ctrl-C there.`);
	await endLeftOvers(FOLDER);
	note(FOLDER, 'demo', process.pid, 'demo.mjs');
	claimed = true;
}

const started = [];
let stopping = false;

async function stopAll(status = 0) {
	if (stopping) return;
	stopping = true;
	for (const part of started.reverse()) await part.stop();
	await endAll();
	if (claimed) forget(FOLDER);
	process.exit(status);
}

async function ownDatabase() {
	const free = await isFree(DATABASE_PORT);
	if (!free) say(`port ${DATABASE_PORT} is in use; the database takes another one.`);
	const server = await startMariadb(FOLDER, free ? DATABASE_PORT : await freePort());
	started.push(server);
	note(FOLDER, 'database', server.process.pid, FOLDER);
	server.process.once('exit', () => !stopping && say('the database has stopped; the application waits for it.'));
	return server;
}

async function main() {
	needNode();
	if (!Number.isInteger(WEB_PORT) || WEB_PORT < 1 || WEB_PORT > 65_535) {
		stop(`PORT=${process.env.PORT} is no port; choose one with PORT=5181 npm run demo.`);
	}
	await claimFolder();
	if (!(await isFree(WEB_PORT))) stop(`port ${WEB_PORT} is in use; choose another with PORT=5181 npm run demo.`);
	for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => stopAll());
	needPackages();
	const given = process.env.DATABASE_URL;
	const { url, schemaUrl } = given ? { url: given, schemaUrl: given } : await ownDatabase();
	needBuild();
	prepareRecords(schemaUrl);
	const application = await serve(url, WEB_PORT, { LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn' });
	started.push(application);
	note(FOLDER, 'application', application.process.pid, 'build/index.js');
	application.process.once('exit', () => !stopping && stopAll(1));
	say(`ready at ${application.address}  (Ctrl-C stops everything)`);
}

main().catch(async (error) => {
	console.error(`lucernal: ${error.message}`);
	await stopAll(1);
});
