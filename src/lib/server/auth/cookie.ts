import type { Cookies, RequestEvent } from '@sveltejs/kit';
import { config } from '../db/config';
import { closeSession, openSession, SESSION_MS } from './session';

/** Over TLS the browser itself sees to it that the cookie is this host's alone. */
const nameOf = (): string => (config().tls ? '__Host-lucernal' : 'lucernal_session');

/** The token that a browser carries. */
export const tokenFrom = (cookies: Cookies): string | undefined => cookies.get(nameOf());

/** What kind of thing a browser runs on, by which the angler knows his sessions apart. */
const deviceOf = (userAgent: string): string => {
	if (userAgent === '') return 'A programme';
	return /Mobi|Android|Tablet|iP(?:hone|ad)/i.test(userAgent) ? 'A phone or tablet' : 'A computer';
};

/** Opens a session in a browser; the one that it may have had ends, so that no token outlives a sign-in. */
export async function enter({ cookies, request }: RequestEvent, anglerId: string, now: Date): Promise<void> {
	const before = tokenFrom(cookies);
	if (before) await closeSession(before);
	const token = await openSession(anglerId, now, deviceOf(request.headers.get('user-agent') ?? ''));
	const maxAge = SESSION_MS / 1000;
	cookies.set(nameOf(), token, { path: '/', httpOnly: true, sameSite: 'lax', secure: config().tls, maxAge });
}

/** Ends the session of a browser. */
export async function leave({ cookies }: RequestEvent): Promise<void> {
	const token = tokenFrom(cookies);
	if (token) await closeSession(token);
	cookies.delete(nameOf(), { path: '/', secure: config().tls });
}
