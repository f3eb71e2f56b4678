// Runs every check: npm test. Plain Node until the packages are there.
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { constants, setPriority, tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { needBrowser, needCommand, needNode, needPackages } from './lib/install.mjs';
import { ROOT, tool } from './lib/run.mjs';
import { say } from './lib/say.mjs';

const CHECKS = [
	['formatting', ['prettier', '--check', '.']],
	['lint', ['eslint', '.']],
	['unused code', ['knip']],
	['licences', [join(ROOT, 'scripts', 'licences.mjs')]],
	['named files', [join(ROOT, 'scripts', 'namedFiles.mjs')]],
	['dependency rules', ['depcruise', '--config', '.dependency-cruiser.cjs', 'src']],
	['types', ['svelte-check', '--tsconfig', './tsconfig.json', '--fail-on-warnings', '--tsgo']]
];

/** What reads every file makes much that is soon thrown away: with room for it a tenth to a quarter is saved. */
const ROOMY = { ...process.env, NODE_OPTIONS: `${process.env.NODE_OPTIONS ?? ''} --max-semi-space-size=64`.trim() };

/**
 * Runs a command; its lines come in one piece once it has ended, since others run beside it.
 *
 * @param gives Whether it gives way to all else, and takes what is left of the cores.
 */
function run(command, args, gives = false) {
	return new Promise((resolve) => {
		const child = spawn(command, args, { cwd: ROOT, env: gives ? ROOMY : process.env });
		if (gives) setPriority(child.pid, constants.priority.PRIORITY_LOW);
		const lines = [];
		for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => lines.push(chunk));
		child.on('close', (code) => {
			process.stdout.write(Buffer.concat(lines));
			resolve(code === 0);
		});
	});
}

const own = ([name, ...args], gives) => run(tool(name), args, gives);
const node = (args, gives) => run(process.execPath, args, gives);

const since = (begun) => `${((performance.now() - begun) / 1000).toFixed(0)} s`;

async function check([name, args]) {
	const begun = performance.now();
	const passed = await (args[0].endsWith('.mjs') ? node : own)(args, true);
	say(`${name} ${passed ? 'holds' : 'failed'}, ${since(begun)}`);
	return { passed: passed ? 1 : 0, failed: passed ? 0 : 1, faults: passed ? [] : [`${name} failed`] };
}

/** Runs one project of tests; a run that dies before it can report counts as one failure. */
async function project(name, folder) {
	say(`${name} tests`);
	const begun = performance.now();
	const report = join(folder, `${name}.json`);
	const reporters = ['--reporter=dot', '--reporter=json', `--outputFile.json=${report}`];
	const clean = await own(['vitest', 'run', '--project', name, ...reporters]);
	if (!existsSync(report)) return { passed: 0, failed: 1, faults: [`${name} tests ended before they could report`] };
	const { numPassedTests, numFailedTests, testResults } = JSON.parse(readFileSync(report, 'utf8'));
	const failed = numFailedTests > 0 || clean ? numFailedTests : 1;
	say(`${name} tests: ${numPassedTests} passed, ${failed} failed, ${since(begun)}`);
	return { passed: numPassedTests, failed, faults: testResults.flatMap(faultsOf) };
}

/** What failed in one file of tests, each with its first lines: said again at the very end, where a long log is read first. */
function faultsOf({ name, message, assertionResults }) {
	const failed = assertionResults.filter(({ status }) => status === 'failed');
	const texts = failed.map(({ fullName, failureMessages }) => `${fullName}\n${failureMessages.join('\n')}`);
	return [...texts, ...(message && texts.length === 0 ? [message] : [])].map(
		(text) => `${relative(ROOT, name)}: ${text.slice(0, 1500)}`
	);
}

needNode();
needPackages();
needCommand('mariadbd');
needBrowser();
await own(['svelte-kit', 'sync']);

const folder = mkdtempSync(join(tmpdir(), 'luc-report-'));
const tests = (name) => () => project(name, folder);

async function build() {
	const passed = await node([join(ROOT, 'scripts', 'lib', 'buildOnce.mjs')]);
	return { passed: 0, failed: passed ? 0 : 1, faults: passed ? [] : ['the build failed'] };
}

/** Two cores: each takes the next step as soon as it is free, the longest first. */
const steps = [tests('core'), build, tests('search'), tests('client'), tests('server')];
const results = [];
async function lane(todo) {
	for (let step = todo.shift(); step; step = todo.shift()) results.push(await step());
}
// They give way to the tests, and take what those leave of the cores.
const checked = lane(CHECKS.map((one) => () => check(one)));
await Promise.all([lane(steps), lane(steps)]);
results.push(await project('interface', folder));
await checked;
rmSync(folder, { recursive: true, force: true });

const sum = (key) => results.reduce((total, result) => total + result[key], 0);
for (const fault of results.flatMap(({ faults }) => faults)) console.log(fault);
console.log(`${sum('passed')} passed, ${sum('failed')} failed`);
process.exitCode = sum('failed') > 0 ? 1 : 0;
