// Runs every check: npm test. Plain Node until the packages are there.
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { needBrowser, needCommand, needNode, needPackages } from './lib/install.mjs';
import { ROOT } from './lib/run.mjs';
import { say } from './lib/say.mjs';

const CHECKS = [
	['formatting', ['prettier', '--check', '.']],
	['lint', ['eslint', '.']],
	['unused code', ['knip']],
	['licences', [join(ROOT, 'scripts', 'licences.mjs')]],
	['dependency rules', ['depcruise', '--config', '.dependency-cruiser.cjs', 'src']],
	['types', ['svelte-check', '--tsconfig', './tsconfig.json', '--fail-on-warnings']]
];

/** Runs a command; its lines come in one piece once it has ended, since others run beside it. */
function run(command, args) {
	return new Promise((resolve) => {
		const child = spawn(command, args, { cwd: ROOT });
		const lines = [];
		for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => lines.push(chunk));
		child.on('close', (code) => {
			process.stdout.write(Buffer.concat(lines));
			resolve(code === 0);
		});
	});
}

const npx = (args) => run('npx', ['--no-install', ...args]);
const node = (args) => run(process.execPath, args);

async function check([name, args]) {
	const passed = await (args[0].endsWith('.mjs') ? node(args) : npx(args));
	say(`${name} ${passed ? 'holds' : 'failed'}`);
	return { passed: passed ? 1 : 0, failed: passed ? 0 : 1 };
}

/** Runs one project of tests; a run that dies before it can report counts as one failure. */
async function project(name, folder) {
	say(`${name} tests`);
	const report = join(folder, `${name}.json`);
	const reporters = ['--reporter=dot', '--reporter=json', `--outputFile.json=${report}`];
	const clean = await npx(['vitest', 'run', '--project', name, ...reporters]);
	if (!existsSync(report)) return { passed: 0, failed: 1 };
	const { numPassedTests, numFailedTests } = JSON.parse(readFileSync(report, 'utf8'));
	const failed = numFailedTests > 0 || clean ? numFailedTests : 1;
	return { passed: numPassedTests, failed };
}

needNode();
needPackages();
needCommand('mariadbd');
needBrowser();
await npx(['svelte-kit', 'sync']);

const folder = mkdtempSync(join(tmpdir(), 'luc-report-'));
const tests = (name) => () => project(name, folder);

async function build() {
	const passed = await node([join(ROOT, 'scripts', 'lib', 'buildOnce.mjs')]);
	return { passed: 0, failed: passed ? 0 : 1 };
}

/** Two cores: each takes the next step as soon as it is free, the longest first. The journeys then take both. */
const steps = [
	tests('core'),
	build,
	tests('search'),
	tests('client'),
	...CHECKS.map((one) => () => check(one)),
	tests('server')
];
const results = [];
async function lane() {
	for (let step = steps.shift(); step; step = steps.shift()) results.push(await step());
}
await Promise.all([lane(), lane()]);
results.push(await project('interface', folder));
rmSync(folder, { recursive: true, force: true });

const sum = (key) => results.reduce((total, result) => total + result[key], 0);
console.log(`${sum('passed')} passed, ${sum('failed')} failed`);
process.exitCode = sum('failed') > 0 ? 1 : 0;
