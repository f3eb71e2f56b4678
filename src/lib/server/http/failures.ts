import { InputFailure, type Failure } from '../../core/foundation/schema/failure';
import { isRefusing, isUnreachable } from '../db/connection';
import { isHeldUp } from '../db/transaction';
import { log } from './log';

/** Codes that only the server knows, beside the core's. */
type ServerCode =
	| 'unauthorized'
	| 'forbidden'
	| 'not-found'
	| 'stale'
	| 'export-first'
	| 'too-many'
	| 'busy'
	| 'too-long'
	| 'full'
	| 'records-unreachable'
	| 'internal'
	| 'unsupported-media'
	| 'bad-body'
	| 'key-reused';

/** An expected refusal with its HTTP status. */
export class HttpFailure extends Error {
	readonly status: number;
	readonly code: ServerCode | Failure['code'];
	readonly path: string;
	/** What the caller needs to go on, such as the current row after a stale write. */
	readonly detail: object;
	/** Seconds after which trying again may help. */
	readonly retryAfterS: number | null = null;

	/** A refusal that another time may not meet. */
	static later(status: number, code: ServerCode, message: string, seconds: number): HttpFailure {
		return Object.assign(new HttpFailure(status, code, message), { retryAfterS: seconds });
	}

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
	'Your saved data can’t be reached right now. What you entered stays on this device; try again in a moment.';

const HELD_UP = 'Your account is busy saving something larger. Nothing is lost; try again in a moment.';

const REFUSING = 'Changes can’t be saved right now. What you entered stays on this device; try again in a moment.';
/** When a database that is away or busy is to be asked again, s. */
const AGAIN_S = 2;

/** A failure of the database that another time may not meet; `null` for any other error. */
export function passingFailure(error: unknown): HttpFailure | null {
	if (isUnreachable(error)) return HttpFailure.later(503, 'records-unreachable', RECORDS_DOWN, AGAIN_S);
	if (isHeldUp(error)) return HttpFailure.later(503, 'busy', HELD_UP, AGAIN_S);
	if (isRefusing(error)) return HttpFailure.later(503, 'busy', REFUSING, AGAIN_S);
	return null;
}

const TOO_LARGE: readonly Failure['code'][] = ['batch-too-large', 'body-too-large'];

/** Any error as an expected refusal; what is not expected is logged and told without its inside. */
export function asHttpFailure(error: unknown, requestId: string): HttpFailure {
	if (error instanceof HttpFailure) return error;
	if (error instanceof InputFailure) {
		const { code, path, message } = error.failure;
		return new HttpFailure(TOO_LARGE.includes(code) ? 413 : 422, code, message, path);
	}
	const passing = passingFailure(error);
	if (passing) return passing;
	log.error({ requestId, err: error }, 'request failed');
	return new HttpFailure(500, 'internal', `Something went wrong here (${requestId}).`);
}

/** The JSON body of a refusal, the same shape as on the command line. */
export function failureResponse(failure: HttpFailure): Response {
	const { code, path, message, detail, status, retryAfterS } = failure;
	const headers: Record<string, string> = retryAfterS === null ? {} : { 'retry-after': String(retryAfterS) };
	return Response.json({ error: { code, path, message }, ...detail }, { status, headers });
}
