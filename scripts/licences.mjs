// Names every locked package whose license is not one that we ship or build with.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './lib/run.mjs';
import { say } from './lib/say.mjs';

/** Licences that ask for no more than that they are passed on, with the files they cover open. */
const ALLOWED = [
	...['MIT', 'MIT-0', 'ISC', '0BSD', 'BSD-2-Clause', 'BSD-3-Clause', 'Apache-2.0', 'BlueOak-1.0.0'],
	...['OFL-1.1', 'CC0-1.0', '(MIT OR CC0-1.0)', 'MPL-2.0']
];
/** LGPL only for what is loaded as it is and can be replaced: the database's driver. */
const REPLACEABLE = { mariadb: 'LGPL-2.1-or-later' };

const { packages } = JSON.parse(readFileSync(join(ROOT, 'package-lock.json'), 'utf8'));

/** The license that the lock file names, or that the package itself does, or whose text lies in it. */
function licenceOf(path, { license }) {
	if (license) return license;
	const manifest = join(ROOT, path, 'package.json');
	const stated = existsSync(manifest) && JSON.parse(readFileSync(manifest, 'utf8')).license;
	if (stated) return stated;
	const file = ['LICENSE', 'LICENSE.md', 'license'].map((name) => join(ROOT, path, name)).find(existsSync);
	if (!file) return 'none';
	const text = readFileSync(file, 'utf8');
	if (/Permission is hereby granted, free of charge/.test(text)) return 'MIT';
	return /Redistributions of source code must retain/.test(text) ? 'BSD-2-Clause' : 'unknown';
}

const wrong = Object.entries(packages)
	.filter(([path]) => path.startsWith('node_modules/'))
	.map(([path, entry]) => ({ name: path.replace(/.*node_modules\//, ''), licence: licenceOf(path, entry) }))
	.filter(({ name, licence }) => !ALLOWED.includes(licence) && REPLACEABLE[name] !== licence);

for (const { name, licence } of wrong) say(`${name} has the license ${licence}`);
process.exitCode = wrong.length > 0 ? 1 : 0;
