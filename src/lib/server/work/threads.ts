import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';

/** Path of a thread's script beside the server that was started; `null` where nothing was built, as while developing. */
export function threadScript(name: string): string | null {
	const script = join(dirname(process.argv[1] ?? ''), 'threads', `${name}.js`);
	return existsSync(script) ? script : null;
}
