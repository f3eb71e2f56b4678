import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { ROOT } from './run.mjs';

/** The version of the application by its configuration, as a process of its own reads it. */
function versionRead(): string {
	const config = join(ROOT, 'svelte.config.js');
	const read = `import(${JSON.stringify(config)}).then(({ default: { kit } }) => console.log(kit.version?.name))`;
	return execFileSync(process.execPath, ['-e', read], { encoding: 'utf8' }).trim();
}

it('is named alike by every process: tests that start beside a build write the very names that it reads', () => {
	const [first, second] = [versionRead(), versionRead()];
	expect(first).toMatch(/^[0-9a-f]{16}$/);
	expect(second).toBe(first);
});
