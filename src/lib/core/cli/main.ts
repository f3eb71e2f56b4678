import { readFileSync } from 'node:fs';
import loadHighs from 'highs';
import { solveBy } from '../trips/plan/highs';
import { solveWith } from '../trips/plan/solver';
import { commandLine } from './commandLine';

// Only these need the solver, which takes a moment to load.
if (['plan', 'restock'].includes(process.argv[2] ?? '')) solveWith(solveBy(await loadHighs()));

const { status, stdout, stderr } = commandLine(process.argv.slice(2), () => readFileSync(0, 'utf8'));
process.stdout.write(stdout);
process.stderr.write(stderr);
process.exitCode = status;
