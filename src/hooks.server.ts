import { randomUUID } from 'node:crypto';
import { building } from '$app/environment';
import { redirect, type Handle, type HandleServerError, type RequestEvent } from '@sveltejs/kit';
import { sequence } from '@sveltejs/kit/hooks';
import { databaseNow } from '$lib/server/auth/clock';
import { closeDatabase } from '$lib/server/db/connection';
import { drainRefusedBodies } from '$lib/server/http/drain';
import { asHttpFailure, failureResponse, HttpFailure, passingFailure, RECORDS_DOWN } from '$lib/server/http/failures';
import { log, logConsole } from '$lib/server/http/log';
import { beginHousekeeping, endHousekeeping } from '$lib/server/housekeeping';
import { tokenFrom } from '$lib/server/auth/cookie';
import { checkSession } from '$lib/server/auth/session';
import { config } from '$lib/server/db/config';
import { isOwn } from '$lib/server/http/guard';
import { hardenAnswers } from '$lib/server/http/headers';
import { themeOf } from '$lib/server/http/theme';
import { closeImports } from '$lib/server/work/imports';
import { closeVerbPool } from '$lib/server/work/verbPool';

const OPEN_TO_ALL = new Set(['/', '/sign-in', '/sign-up', '/recover', '/api/health', '/api/live', '/api/v1/session']);

type Resolve = Parameters<Handle>[0]['resolve'];

/** What a request is answered with; a failure that may pass is told so, with the seconds after which to try again. */
async function answered(event: RequestEvent, resolve: Resolve): Promise<Response> {
	let response: Response;
	try {
		response = await resolve(event);
	} catch (error) {
		// Ways out of a hook are thrown too.
		if (error !== null && typeof error === 'object' && 'location' in error) throw error;
		return failureResponse(asHttpFailure(error, event.locals.requestId));
	}
	const { retryAfterS } = event.locals;
	if (response.status !== 500 || retryAfterS === undefined) return response;
	const headers = new Headers(response.headers);
	headers.set('retry-after', String(retryAfterS));
	return new Response(response.body, { status: 503, headers });
}

const observe: Handle = async ({ event, resolve }) => {
	event.locals.requestId = randomUUID();
	const begun = performance.now();
	const response = await answered(event, resolve);
	const ms = Math.round(performance.now() - begun);
	const { method } = event.request;
	log.info(
		{ requestId: event.locals.requestId, method, path: event.url.pathname, status: response.status, ms },
		'request'
	);
	return response;
};

const dress: Handle = async ({ event, resolve }) => {
	const theme = themeOf(event.cookies);
	const response = await resolve(event, {
		// A stylesheet stands in the head already; small ones are inlined, and a browser warns of what it fetched for nothing.
		preload: ({ type }) => type === 'js',
		transformPageChunk: ({ html }) => html.replace('%lucernal.theme%', theme ? `data-theme="${theme}"` : '')
	});
	// What is an angler's own is kept by nobody on the way.
	if (!response.headers.has('cache-control')) response.headers.set('cache-control', 'no-store');
	return response;
};

/** A write from a page that is not ours is not looked at. */
const guard: Handle = ({ event, resolve }) => {
	if (!isOwn(event)) {
		return failureResponse(new HttpFailure(403, 'forbidden', 'Writes come from pages of this application only.'));
	}
	return resolve(event);
};

function turnAway(isApi: boolean, recordsDown: boolean): Response {
	if (isApi && recordsDown) return failureResponse(HttpFailure.later(503, 'records-unreachable', RECORDS_DOWN, 2));
	if (isApi) return failureResponse(new HttpFailure(401, 'unauthorized', 'Sign in first.'));
	redirect(303, '/');
}

const admit: Handle = async ({ event, resolve }) => {
	const token = tokenFrom(event.cookies);
	const checked = token ? await checkSession(token, await databaseNow()) : { session: null, recordsDown: false };
	event.locals.session = checked.session;
	event.locals.recordsDown = checked.recordsDown;
	const open = OPEN_TO_ALL.has(event.url.pathname) || event.route.id === null;
	if (!checked.session && !open) return turnAway(event.url.pathname.startsWith('/api/'), checked.recordsDown);
	return resolve(event);
};

// A setting that cannot be used is told at the start, not at the first visit.
if (!building) {
	const { blindProxy } = config();
	logConsole();
	if (blindProxy) {
		log.warn('ADDRESS_HEADER is not set: behind a proxy all anglers share one limit of wrong passphrases and sign-ups');
	}
	hardenAnswers();
	drainRefusedBodies();
	beginHousekeeping();
	// One request's mistake never ends the server for everybody else.
	process.on('unhandledRejection', (error) => log.error({ err: error }, 'a rejection nobody waited for'));
}

/** The server was told to end: connections and threads that are held open would keep it for seconds. */
process.once('sveltekit:shutdown', () => {
	endHousekeeping();
	void Promise.allSettled([closeDatabase(), closeVerbPool(), closeImports()]);
});

export const handle = sequence(observe, dress, guard, admit);

export const handleError: HandleServerError = ({ error, event, status, message }) => {
	const passing = passingFailure(error);
	if (passing) {
		event.locals.retryAfterS = passing.retryAfterS ?? 1;
		return { code: passing.code, message: passing.message };
	}
	if (status === 404) return { code: 'not-found', message: 'There is no such page.' };
	// Refused by the framework itself: a method, a content type or an action that a page does not have.
	if (status < 500) return { code: 'refused', message };
	log.error({ requestId: event.locals.requestId, err: error }, 'page failed');
	return { code: 'internal', message: `${message} (${event.locals.requestId})` };
};
