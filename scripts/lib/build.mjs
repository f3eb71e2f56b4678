import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, run, tool } from './run.mjs';
import { say } from './say.mjs';
import { sourcesHash } from './sources.mjs';

const MARK = join(ROOT, 'build', '.sources');

/** Builds the application unless the build is of exactly these sources. */
export function needBuild() {
	const hash = sourcesHash();
	if (existsSync(MARK) && readFileSync(MARK, 'utf8') === hash) return;
	say('building');
	// A test runner says NODE_ENV=test, with which the framework would be built for development.
	const env = { ...process.env, NODE_ENV: 'production' };
	run(tool('vite'), ['build', '--logLevel', 'warn'], { env });
	run(tool('vite'), ['build', '--config', 'vite.threads.config.ts', '--logLevel', 'warn'], { env });
	writeFileSync(MARK, hash);
}
