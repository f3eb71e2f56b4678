import type { RequestEvent } from '@sveltejs/kit';
import { asHttpFailure, failureResponse, HttpFailure } from '../http/failures';
import { countWrite } from '../http/rates';
import type { AnglerSession } from './session';

/**
 * The angler who asks.
 *
 * @throws {HttpFailure} 401 without a session.
 */
export function anglerOf(locals: App.Locals): AnglerSession {
	if (!locals.session) throw new HttpFailure(401, 'unauthorized', 'Sign in first.');
	return locals.session;
}

/** Questions to the core and files come by POST; they are counted where they are worked on. */
const WRITES = new Set(['PUT', 'DELETE']);

type Handler<E extends RequestEvent> = (event: E, angler: AnglerSession) => Promise<Response> | Response;

/** Wraps an API handler: it needs a session, and every refusal becomes one JSON shape with its status. */
export function api<E extends RequestEvent>(handler: Handler<E>): (event: E) => Promise<Response> {
	return async (event) => {
		try {
			const angler = anglerOf(event.locals);
			if (WRITES.has(event.request.method)) await countWrite(angler.anglerId);
			return await handler(event, angler);
		} catch (error) {
			return failureResponse(asHttpFailure(error, event.locals.requestId));
		}
	};
}
