import type * as z from 'zod/mini';

/** Stable words for what can go wrong at the core's edge; the text beside them may change, these may not. */
export type FailureCode =
	| 'bad-json'
	| 'unknown-verb'
	| 'unknown-schema'
	| 'invalid'
	| 'unknown-key'
	| 'unknown-topic'
	| 'unknown-school'
	| 'invalid-rule'
	| 'newer-version'
	| 'batch-too-large'
	| 'body-too-large';

/** What the command line prints and HTTP answers when an input is refused. */
export interface Failure {
	readonly code: FailureCode;
	/** Dotted path into the input, the item's index first in a batch; empty for the input as a whole. */
	readonly path: string;
	readonly message: string;
}

/** What of an input was set aside, since it is not known here, and why. */
export interface SetAside {
	readonly path: string;
	readonly why: string;
}

/** An input that the core refuses. */
export class InputFailure extends Error {
	readonly failure: Failure;

	constructor(failure: Failure) {
		super(failure.message);
		this.name = 'InputFailure';
		this.failure = failure;
	}

	/** The same refusal with a leading path segment, as for an item of a batch. */
	under(segment: string | number): InputFailure {
		const path = [String(segment), this.failure.path].filter((step) => step !== '').join('.');
		return new InputFailure({ ...this.failure, path });
	}
}

/** Most letters of a key that a refusal repeats. */
const SHOWN_MAX = 40;

/** The first thing that a schema found wrong, as a failure with its dotted path. */
export function failureOf(error: z.core.$ZodError): Failure {
	const issue = error.issues[0]!;
	if (issue.code === 'unrecognized_keys') {
		// An empty key is named too.
		const key = issue.keys[0]!.slice(0, SHOWN_MAX) || '""';
		const path = [...issue.path, key].map(String).join('.');
		return { code: 'unknown-key', path, message: `The key ${key} is not known here.` };
	}
	return { code: 'invalid', path: issue.path.map(String).join('.'), message: issue.message };
}

/**
 * Passes a value through a schema.
 *
 * @throws {InputFailure} With the first issue's path when the value does not fit.
 */
export function parseWith<T extends z.ZodMiniType>(schema: T, value: unknown): z.output<T> {
	const parsed = schema.safeParse(value);
	if (!parsed.success) throw new InputFailure(failureOf(parsed.error));
	return parsed.data;
}
