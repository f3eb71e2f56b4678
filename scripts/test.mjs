// Runs every check: npm test. Plain Node until the packages are there.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { needBuild } from './lib/build.mjs';
import { needCommand, needNode, needPackages } from './lib/install.mjs';
import { ROOT } from './lib/run.mjs';
import { say } from './lib/say.mjs';

const CHECKS = [
	['formatting', ['prettier', '--check', '.']],
	['lint', ['eslint', '.']],
	['unused code', ['knip']],
	['dependency rules', ['depcruise', '--config', '.dependency-cruiser.cjs', 'src']],
	['types', ['svelte-check', '--tsconfig', './tsconfig.json', '--fail-on-warnings']]
];
const PROJECTS = ['core', 'server', 'interface'];

const npx = (args) => spawnSync('npx', ['--no-install', ...args], { cwd: ROOT, stdio: 'inherit' }).status === 0;

function check([name, args]) {
	say(name);
	const passed = npx(args);
	if (!passed) say(`${name} failed`);
	return { passed: passed ? 1 : 0, failed: passed ? 0 : 1 };
}

/** Runs one project of tests; a run that dies before it can report counts as one failure. */
function project(name, folder) {
	say(`${name} tests`);
	const report = join(folder, `${name}.json`);
	const reporters = ['--reporter=dot', '--reporter=json', `--outputFile.json=${report}`];
	const clean = npx(['vitest', 'run', '--project', name, ...reporters]);
	if (!existsSync(report)) return { passed: 0, failed: 1 };
	const { numPassedTests, numFailedTests } = JSON.parse(readFileSync(report, 'utf8'));
	const failed = numFailedTests > 0 || clean ? numFailedTests : 1;
	return { passed: numPassedTests, failed };
}

needNode();
needPackages();
needCommand('mariadbd');
needCommand('chromium');
npx(['svelte-kit', 'sync']);

const folder = mkdtempSync(join(tmpdir(), 'luc-report-'));
const results = CHECKS.map(check);
needBuild();
results.push(...PROJECTS.map((name) => project(name, folder)));
rmSync(folder, { recursive: true, force: true });

const sum = (key) => results.reduce((total, result) => total + result[key], 0);
console.log(`${sum('passed')} passed, ${sum('failed')} failed`);
process.exitCode = sum('failed') > 0 ? 1 : 0;
