import { join } from 'node:path';
import { end, ROOT, run, start } from './run.mjs';

const READY_MS = 30_000;

/** Brings a database up to date and puts the demo angler into it when it is empty: by the build, which must be there. */
export function prepareRecords(databaseUrl) {
	const env = { ...process.env, DATABASE_URL: databaseUrl };
	run(process.execPath, [join(ROOT, 'build', 'threads', 'prepare.js')], { env });
}

async function untilServing(address, child) {
	const deadline = Date.now() + READY_MS;
	while (Date.now() < deadline && child.exitCode === null) {
		const ready = await fetch(`${address}/api/health`).then(
			() => true,
			() => false
		);
		if (ready) return;
		await new Promise((resolve) => setTimeout(resolve, 100));
	}
	throw new Error('The application did not start; its own lines above say why.');
}

/** Serves the built application on loopback; `extra` are settings of its environment, `options` of its process. */
export async function serve(databaseUrl, port, extra = {}, options = {}) {
	const address = `http://127.0.0.1:${port}`;
	const env = {
		...process.env,
		DATABASE_URL: databaseUrl,
		HOST: '127.0.0.1',
		PORT: String(port),
		ORIGIN: address,
		BODY_SIZE_LIMIT: '65M',
		LUCERNAL_DEMO: 'true',
		...extra
	};
	const child = start(process.execPath, [join(ROOT, 'build', 'index.js')], { env, ...options });
	await untilServing(address, child);
	return { address, process: child, stop: () => end(child) };
}
