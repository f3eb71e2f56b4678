import { expect, it } from 'vitest';
import { missingIn } from './namedFiles.mjs';

const KNOWN = ['docs/TANK.md', 'src/lib/core/ranking/gate/run.ts', 'src/routes/(app)/call/+page.svelte'];

it('finds a file that a document names and that is not there, with its path or alone', () => {
	expect(missingIn('README.md', 'See `gate/gone.ts`, [Tank](docs/TANK.md) and `run.ts`.', KNOWN)).toEqual([
		'gate/gone.ts'
	]);
	expect(missingIn('README.md', 'Folders: `src/lib/core/ranking/`, `src/lib/forms/`.', KNOWN)).toEqual([
		'src/lib/forms/'
	]);
	expect(missingIn('README.md', 'The page is src/routes/(app)/call/+page.svelte.', KNOWN)).toEqual([]);
});

it('reads the comments of code, not the code', () => {
	const code = "import { x } from './gone.ts';\n/** As in gate/run.ts. */\n// and lost.ts\n";
	expect(missingIn('a.ts', code, KNOWN)).toEqual(['lost.ts']);
});
