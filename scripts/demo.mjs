// Starts everything with demo data: npm run demo. Plain Node until the packages are there.
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { needNode, needPackages } from './lib/install.mjs';
import { startMariadb } from './lib/mariadb.mjs';
import { freePort, isFree } from './lib/ports.mjs';
import { prepareRecords, serve } from './lib/application.mjs';
import { needBuild } from './lib/build.mjs';
import { ROOT } from './lib/run.mjs';
import { say, stop } from './lib/say.mjs';

const WEB_PORT = Number(process.env.PORT ?? 5180);
const DATABASE_PORT = 3317;
const FOLDER = join(ROOT, '.data', 'demo');
const PID_FILE = join(FOLDER, 'demo.pid');

const alive = (pid) => {
	try {
		process.kill(pid, 0);
		return true;
	} catch {
		return false;
	}
};

/** One demo per checkout: a pid left by a demo that is gone is taken over. */
function claimFolder() {
	mkdirSync(FOLDER, { recursive: true });
	if (existsSync(PID_FILE)) {
		const pid = Number(readFileSync(PID_FILE, 'utf8'));
		if (pid && pid !== process.pid && alive(pid))
			stop(`the demo already runs here as process ${pid}; stop it with Ctrl-C there.`);
		say('an earlier demo ended without tidying up; going on with its data.');
	}
	writeFileSync(PID_FILE, String(process.pid));
}

const started = [];
let stopping = false;

async function stopAll(status = 0) {
	if (stopping) return;
	stopping = true;
	for (const part of started.reverse()) await part.stop();
	rmSync(PID_FILE, { force: true });
	process.exit(status);
}

async function ownDatabase() {
	const free = await isFree(DATABASE_PORT);
	if (!free) say(`port ${DATABASE_PORT} is in use; the database takes another one.`);
	const server = await startMariadb(FOLDER, free ? DATABASE_PORT : await freePort());
	started.push(server);
	server.process.once('exit', () => !stopping && say('the database has stopped; the application waits for it.'));
	return server.url;
}

async function main() {
	needNode();
	if (!(await isFree(WEB_PORT))) stop(`port ${WEB_PORT} is in use; choose another with PORT=5181 npm run demo.`);
	claimFolder();
	process.on('SIGINT', () => stopAll());
	process.on('SIGTERM', () => stopAll());
	needPackages();
	const databaseUrl = process.env.DATABASE_URL ?? (await ownDatabase());
	needBuild();
	prepareRecords(databaseUrl);
	const application = await serve(databaseUrl, WEB_PORT, { LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn' });
	started.push(application);
	application.process.once('exit', () => !stopping && stopAll(1));
	say(`ready at ${application.address}  (Ctrl-C stops everything)`);
}

main().catch(async (error) => {
	console.error(`lucernal: ${error.message}`);
	await stopAll(1);
});
