import { HttpFailure } from './failures';

/** Largest body (bytes) of an ordinary request, and of an import. */
export const BODY_MAX = 512 * 1024;
export const IMPORT_MAX = 64 * 1024 * 1024;

const tooLarge = (limit: number): HttpFailure =>
	new HttpFailure(413, 'body-too-large', `The body is over ${Math.round(limit / 1024)} kB.`);

/**
 * The text of a request's body, read no further than the limit.
 *
 * @throws {HttpFailure} 413 when the body is larger than `limit` bytes.
 */
export async function readText(request: Request, limit: number): Promise<string> {
	if (Number(request.headers.get('content-length') ?? 0) > limit) throw tooLarge(limit);
	const chunks: Uint8Array[] = [];
	let size = 0;
	for await (const chunk of (request.body ?? []) as unknown as AsyncIterable<Uint8Array>) {
		size += chunk.byteLength;
		if (size > limit) throw tooLarge(limit);
		chunks.push(chunk);
	}
	return Buffer.concat(chunks).toString('utf8');
}

/** Line and column of a position in a text, from 1. */
function place(text: string, position: number): string {
	const before = text.slice(0, position).split('\n');
	return `line ${before.length}, column ${before[before.length - 1]!.length + 1}`;
}

/** Half a character, written out: it can be sent, but is stored nowhere. */
const HALF = /\\ud[89a-f]/i;
const whole = (_key: string, value: unknown): unknown =>
	typeof value === 'string' && !value.isWellFormed() ? value.toWellFormed() : value;

/**
 * Parses JSON, with or without a byte-order mark, and says where it breaks. What is no whole character becomes the sign
 * for one that is missing, so that what is answered is what is stored.
 *
 * @throws {HttpFailure} 422 `bad-json` with line and column.
 */
export function parseJson(given: string): unknown {
	const text = given.replace(/^\uFEFF/, '');
	try {
		return HALF.test(text) ? JSON.parse(text, whole) : JSON.parse(text);
	} catch (error) {
		const position = /position (\d+)/.exec((error as Error).message)?.[1];
		const where = position === undefined ? 'at the end' : `at ${place(text, Number(position))}`;
		throw new HttpFailure(422, 'bad-json', `This is not JSON: it breaks ${where}.`);
	}
}

/** The JSON of a request's body, within a limit. */
export async function readJson(request: Request, limit = BODY_MAX): Promise<unknown> {
	const type = request.headers.get('content-type') ?? '';
	if (!type.startsWith('application/json')) {
		throw new HttpFailure(415, 'unsupported-media', 'Send application/json.');
	}
	return parseJson(await readText(request, limit));
}
