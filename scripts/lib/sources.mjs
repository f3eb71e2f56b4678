import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './run.mjs';

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

function addTo(hash, path) {
	if (!existsSync(path)) return;
	if (statSync(path).isDirectory()) {
		for (const name of readdirSync(path).sort()) if (!name.endsWith('.test.ts')) addTo(hash, join(path, name));
	} else hash.update(path.slice(ROOT.length)).update(readFileSync(path));
}

/** What a build is made of, as one word: the same sources, the same word. */
export function sourcesHash() {
	const hash = createHash('sha256');
	for (const source of SOURCES) addTo(hash, join(ROOT, source));
	return hash.digest('hex');
}
