import { readFileSync } from 'node:fs';
import { commandLine } from './commandLine';

const { status, stdout, stderr } = commandLine(process.argv.slice(2), () => readFileSync(0, 'utf8'));
process.stdout.write(stdout);
process.stderr.write(stderr);
process.exitCode = status;
