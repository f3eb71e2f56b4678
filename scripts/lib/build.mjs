import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, run } from './run.mjs';
import { say } from './say.mjs';

const SOURCES = [
	'src',
	'static',
	'package-lock.json',
	'package.json',
	'svelte.config.js',
	'vite.config.ts',
	'vite.threads.config.ts',
	'tsconfig.json'
];
const MARK = join(ROOT, 'build', '.sources');

function addTo(hash, path) {
	if (!existsSync(path)) return;
	if (statSync(path).isDirectory()) {
		for (const name of readdirSync(path).sort()) if (!name.endsWith('.test.ts')) addTo(hash, join(path, name));
	} else hash.update(path.slice(ROOT.length)).update(readFileSync(path));
}

function sourcesHash() {
	const hash = createHash('sha256');
	for (const source of SOURCES) addTo(hash, join(ROOT, source));
	return hash.digest('hex');
}

/** Builds the application unless the build is of exactly these sources. */
export function needBuild() {
	const hash = sourcesHash();
	if (existsSync(MARK) && readFileSync(MARK, 'utf8') === hash) return;
	say('building');
	// A test runner says NODE_ENV=test, with which the framework would be built for development.
	const env = { ...process.env, NODE_ENV: 'production' };
	run('npx', ['--no-install', 'vite', 'build', '--logLevel', 'warn'], { env });
	run('npx', ['--no-install', 'vite', 'build', '--config', 'vite.threads.config.ts', '--logLevel', 'warn'], { env });
	writeFileSync(MARK, hash);
}
