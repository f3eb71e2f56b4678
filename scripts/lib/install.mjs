import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { read, ROOT, run } from './run.mjs';
import { say, stop } from './say.mjs';

const OLDEST_NODE = [20, 19];

/** Refuses a Node that is too old, before anything else fails in a less clear way. */
export function needNode() {
	const [major, minor] = process.versions.node.split('.').map(Number);
	const enough = major > OLDEST_NODE[0] || (major === OLDEST_NODE[0] && minor >= OLDEST_NODE[1]);
	if (!enough) stop(`Node ${OLDEST_NODE.join('.')} or newer is needed, this is ${process.versions.node}.`);
}

/** Commands the product runs, the Debian package that brings each, and where it may also lie. */
const COMMANDS = {
	mariadbd: { package: 'mariadb-server', places: ['/usr/sbin/mariadbd', '/usr/bin/mariadbd'] },
	chromium: { package: 'chromium', places: ['/usr/bin/chromium'] }
};

/** The same browser without any of its windows: it opens a page in three quarters of the time. */
const LEAN = { package: 'chromium-headless-shell', path: '/usr/bin/chromium-headless-shell' };

/** Path of the browser that tests and pictures drive: the lean one, or the whole one where the lean one cannot be had. */
export function needBrowser() {
	if (!existsSync(LEAN.path) && process.getuid?.() === 0) {
		try {
			installDebian(LEAN.package);
		} catch {
			say(`${LEAN.package} cannot be installed; the whole browser does as well, only slower`);
		}
	}
	return existsSync(LEAN.path) ? LEAN.path : needCommand('chromium');
}

/** Path of a command, installing its Debian package when it is missing and we may. */
export function needCommand(name) {
	const { package: debianPackage, places } = COMMANDS[name];
	const find = () => places.find(existsSync);
	if (!find()) installDebian(debianPackage);
	return find() ?? stop(`${name} is still missing after installing ${debianPackage}.`);
}

function installDebian(name) {
	const command = `apt-get install -y --no-install-recommends ${name}`;
	if (process.getuid?.() !== 0) stop(`${name} is missing. Run this once, then start again:  sudo ${command}`);
	say(`installing ${name}`);
	const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
	if (read('apt-cache', ['policy', name])?.includes('Candidate:') !== true) run('apt-get', ['update', '-q'], { env });
	try {
		run('apt-get', command.split(' ').slice(1), { env });
	} catch {
		// The package lists may be old; once more with new ones.
		run('apt-get', ['update', '-q'], { env });
		run('apt-get', command.split(' ').slice(1), { env });
	}
}

/** Installs the locked packages unless exactly these are there already. */
export function needPackages() {
	const lock = createHash('sha256')
		.update(readFileSync(join(ROOT, 'package-lock.json')))
		.digest('hex');
	const mark = join(ROOT, 'node_modules', '.lucernal-lock');
	if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return;
	say('installing packages');
	run('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund']);
	writeFileSync(mark, lock);
}
