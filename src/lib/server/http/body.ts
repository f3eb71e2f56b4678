import { messageOf } from '../../core/foundation/basics/typed';
import { HttpFailure } from './failures';

/** Largest body (bytes) of an ordinary request, of an import, and of a form that carries no file. */
export const BODY_MAX = 512 * 1024;
export const IMPORT_MAX = 64 * 1024 * 1024;
export const FORM_MAX = 128 * 1024;
/** Most fields of a form: ours have fewer than a hundred. */
const FIELDS_MAX = 500;
/** Deepest nesting of a JSON body: the deepest record that exists has about ten levels. */
const DEPTH_MAX = 64;

const tooLarge = (limit: number): HttpFailure =>
	new HttpFailure(413, 'body-too-large', `The body is over ${Math.round(limit / 1024)} kB.`);

/**
 * The bytes of a request's body. They are counted as they arrive, whatever the headers say.
 *
 * @throws {HttpFailure} 413 when the body is larger than `limit` bytes; what is left of it is read by `drain.ts`.
 */
export async function readBytes(request: Request, limit: number): Promise<Buffer> {
	if (Number(request.headers.get('content-length') ?? 0) > limit) throw tooLarge(limit);
	if (!request.body) return Buffer.alloc(0);
	const reader = request.body.getReader();
	const chunks: Uint8Array[] = [];
	let size = 0;
	try {
		for (let next = await reader.read(); !next.done; next = await reader.read()) {
			size += next.value.byteLength;
			if (size > limit) throw tooLarge(limit);
			chunks.push(next.value);
		}
	} catch (error) {
		if (error instanceof HttpFailure) throw error;
		// The sender went away, or its own headers are wrong about the length.
		throw new HttpFailure(400, 'bad-body', 'The body ended before it was complete.');
	} finally {
		reader.releaseLock();
	}
	return Buffer.concat(chunks);
}

/** The text of a request's body, within a limit. @throws {HttpFailure} 413 when it is larger than `limit` bytes. */
export const readText = async (request: Request, limit: number): Promise<string> =>
	(await readBytes(request, limit)).toString('utf8');

/** Line and column of a position in a text, from 1. */
function place(text: string, position: number): string {
	const before = text.slice(0, position).split('\n');
	return `line ${before.length}, column ${before[before.length - 1]!.length + 1}`;
}

const [QUOTE, BACKSLASH, OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [34, 92, 91, 93, 123, 125];

/** Position of the first bracket that opens a level too deep; `null` when there is none. */
function tooDeepAt(text: string): number | null {
	let depth = 0;
	for (let at = 0; at < text.length; at++) {
		const code = text.charCodeAt(at);
		if (code === QUOTE) {
			// On to the end of the string; an unclosed one is refused by the parser.
			for (at++; at < text.length && text.charCodeAt(at) !== QUOTE; at++) {
				if (text.charCodeAt(at) === BACKSLASH) at++;
			}
		} else if (code === OPEN_LIST || code === OPEN_OBJECT) {
			if (++depth > DEPTH_MAX) return at;
		} else if (code === CLOSE_LIST || code === CLOSE_OBJECT) depth--;
	}
	return null;
}

/** Half of a surrogate pair, written as an escape: it can be sent, but no database stores it. */
const HALF = /\\ud[89a-f]/i;
const whole = (_key: string, value: unknown): unknown =>
	typeof value === 'string' && !value.isWellFormed() ? value.toWellFormed() : value;

/**
 * Parses JSON, with or without a byte-order mark. Half surrogate pairs become the replacement character, so that the
 * answer is what is stored.
 *
 * @throws {HttpFailure} 422 `bad-json` with line and column where it is no JSON or nested deeper than 64 levels.
 */
export function parseJson(given: string): unknown {
	const text = given.replace(/^\uFEFF/, '');
	const deep = tooDeepAt(text);
	if (deep !== null) {
		const message = `This JSON is nested more than ${DEPTH_MAX} levels deep at ${place(text, deep)}.`;
		throw new HttpFailure(422, 'bad-json', message);
	}
	try {
		return HALF.test(text) ? JSON.parse(text, whole) : JSON.parse(text);
	} catch (error) {
		const position = /position (\d+)/.exec(messageOf(error))?.[1];
		const where = position === undefined ? 'at the end' : `at ${place(text, Number(position))}`;
		throw new HttpFailure(422, 'bad-json', `This is not JSON: it breaks ${where}.`);
	}
}

const JSON_TYPE = /^application\/json\s*(;|$)/i;

/** The bytes of a JSON body, within a limit. @throws {HttpFailure} 415 for another content type; 413. */
export async function readJsonBytes(request: Request, limit: number): Promise<Buffer> {
	if (!JSON_TYPE.test(request.headers.get('content-type') ?? '')) {
		throw new HttpFailure(415, 'unsupported-media', 'Send application/json.');
	}
	return readBytes(request, limit);
}

/** The JSON of a request's body, within a limit. */
export const readJson = async (request: Request, limit = BODY_MAX): Promise<unknown> =>
	parseJson((await readJsonBytes(request, limit)).toString('utf8'));

const URL_ENCODED = 'application/x-www-form-urlencoded';
const MULTIPART = 'multipart/form-data';

/** How often a byte sequence occurs, counted no further than just over `most`. */
function countOf(bytes: Buffer, sequence: string, most: number): number {
	let count = 0;
	for (let at = bytes.indexOf(sequence); at >= 0 && count <= most; at = bytes.indexOf(sequence, at + 1)) count++;
	return count;
}

/**
 * The fields of a form, within a limit of bytes and of fields.
 *
 * @throws {HttpFailure} 415 for a body that is no form, 413 for one too large, 400 for one that cannot be read.
 */
export async function readForm(request: Request, limit = FORM_MAX): Promise<FormData> {
	const type = request.headers.get('content-type') ?? '';
	const [media = ''] = type.toLowerCase().split(';');
	const isEncoded = media.trim() === URL_ENCODED;
	if (!isEncoded && media.trim() !== MULTIPART) {
		throw new HttpFailure(415, 'unsupported-media', 'Use the form on this page.');
	}
	// Only files need room; a form of text alone is parsed slowly.
	const bytes = await readBytes(request, isEncoded ? Math.min(limit, FORM_MAX) : limit);
	const boundary = /boundary="?([^";]+)/i.exec(type)?.[1] ?? '';
	const fields = countOf(bytes, isEncoded ? '&' : `--${boundary}`, FIELDS_MAX);
	if (fields > FIELDS_MAX) {
		throw new HttpFailure(413, 'body-too-large', `A form has at most ${FIELDS_MAX} fields.`);
	}
	try {
		return await new Response(new Uint8Array(bytes), { headers: { 'content-type': type } }).formData();
	} catch {
		throw new HttpFailure(400, 'bad-body', 'This form could not be read. Reload the page and try again.');
	}
}
