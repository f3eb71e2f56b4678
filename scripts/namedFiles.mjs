// Checks that the files which documents and comments name are there: npm run lint:names.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { missingIn } from './lib/namedFiles.mjs';
import { ROOT } from './lib/run.mjs';

/** Files that are made by a command, a build or a user, and are in no repository. */
const MADE = ['words.txt', 'app.html', '+page.svelte', '+layout.svelte', '.data/', '/tmp'];

const known = execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard'], {
	cwd: ROOT,
	encoding: 'utf8'
})
	.split('\n')
	.filter(Boolean);
const read = known.filter((file) => /\.(md|ts|svelte|mjs|cjs|css)$/.test(file) && !/(^|\/)namedFiles/.test(file));
let failed = 0;
for (const file of read) {
	for (const name of missingIn(file, readFileSync(join(ROOT, file), 'utf8'), known)) {
		if (MADE.some((made) => name.endsWith(made))) continue;
		console.error(`${file} names ${name}, which is not there`);
		failed++;
	}
}
process.exitCode = failed > 0 ? 1 : 0;
