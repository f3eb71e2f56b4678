import { messageOf } from '../foundation/basics/typed';
import { InputFailure } from '../foundation/schema/failure';
import { answer, jsonSchema, verbOf } from './verbs';

/** Exit status of the command line for an input that is refused. */
const REFUSED = 2;

/** What the command line prints, and how it ends. */
export interface Printed {
	readonly status: number;
	readonly stdout: string;
	readonly stderr: string;
}

function parsed(text: string): unknown {
	try {
		return JSON.parse(text);
	} catch (cause) {
		throw new InputFailure({ code: 'bad-json', path: '', message: messageOf(cause) });
	}
}

function run([word = '', name = '']: readonly string[], input: () => string): unknown {
	if (word === 'schema') return jsonSchema(name);
	const verb = verbOf(word);
	return answer(verb, parsed(input()));
}

/** Runs the command line: words, and where the input is read from when a verb wants it. */
export function commandLine(args: readonly string[], input: () => string): Printed {
	try {
		return { status: 0, stdout: `${JSON.stringify(run(args, input), null, '\t')}\n`, stderr: '' };
	} catch (error) {
		if (!(error instanceof InputFailure)) throw error;
		return { status: REFUSED, stdout: '', stderr: `${JSON.stringify({ error: error.failure })}\n` };
	}
}
