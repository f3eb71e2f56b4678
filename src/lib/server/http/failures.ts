import { InputFailure, type Failure } from '../../core/schema/failure';
import { isUnreachable } from '../db/connection';
import { log } from './log';

/** Codes that only the server knows, beside the core's. */
type ServerCode = 'unauthorized' | 'not-found' | 'stale' | 'records-unreachable' | 'internal' | 'unsupported-media';

/** An expected refusal with its HTTP status. */
export class HttpFailure extends Error {
	readonly status: number;
	readonly code: ServerCode | Failure['code'];
	readonly path: string;
	/** What the caller needs to go on, such as the current row after a stale write. */
	readonly detail: object;

	constructor(status: number, code: ServerCode | Failure['code'], message: string, path = '', detail: object = {}) {
		super(message);
		this.status = status;
		this.code = code;
		this.path = path;
		this.detail = detail;
	}
}

export const notFound = (what: string): HttpFailure => new HttpFailure(404, 'not-found', `There is no such ${what}.`);

export const RECORDS_DOWN =
	'The records cannot be reached just now. What you entered is kept on this device; try again in a moment.';

const TOO_LARGE: readonly Failure['code'][] = ['batch-too-large', 'body-too-large'];

/** Any error as an expected refusal; what is not expected is logged and told without its inside. */
export function asHttpFailure(error: unknown, requestId: string): HttpFailure {
	if (error instanceof HttpFailure) return error;
	if (error instanceof InputFailure) {
		const { code, path, message } = error.failure;
		return new HttpFailure(TOO_LARGE.includes(code) ? 413 : 422, code, message, path);
	}
	if (isUnreachable(error)) return new HttpFailure(503, 'records-unreachable', RECORDS_DOWN);
	log.error({ requestId, err: error }, 'request failed');
	return new HttpFailure(500, 'internal', `Something went wrong here (${requestId}).`);
}

/** The JSON body of a refusal, the same shape as on the command line. */
export function failureResponse(failure: HttpFailure): Response {
	const { code, path, message, detail, status } = failure;
	const headers: Record<string, string> = status === 503 ? { 'retry-after': '2' } : {};
	return Response.json({ error: { code, path, message }, ...detail }, { status, headers });
}
