import { readFileSync } from 'node:fs';
import { InputFailure } from '../schema/failure';
import { answer, jsonSchema, verbOf } from './verbs';

/** Exit status of the command line for an input that is refused. */
const REFUSED = 2;

function readInput(): unknown {
	const text = readFileSync(0, 'utf8');
	try {
		return JSON.parse(text);
	} catch (cause) {
		throw new InputFailure({ code: 'bad-json', path: '', message: (cause as Error).message });
	}
}

function run([word = '', name = '']: readonly string[]): unknown {
	if (word === 'schema') return jsonSchema(name);
	const verb = verbOf(word);
	return answer(verb, readInput());
}

try {
	process.stdout.write(`${JSON.stringify(run(process.argv.slice(2)), null, '\t')}\n`);
} catch (error) {
	if (!(error instanceof InputFailure)) throw error;
	process.stderr.write(`${JSON.stringify({ error: error.failure })}\n`);
	process.exitCode = REFUSED;
}
