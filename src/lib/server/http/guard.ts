import type { RequestEvent } from '@sveltejs/kit';

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Whether a write comes from a page of our own. A browser says where a request comes from in one header or the other,
 * with or without a body; what says neither is no browser, and has no cookie of anybody's that it could misuse.
 */
export function isOwn({ request, url }: Pick<RequestEvent, 'request' | 'url'>): boolean {
	if (READS.has(request.method)) return true;
	const site = request.headers.get('sec-fetch-site');
	if (site !== null && site !== 'same-origin' && site !== 'none') return false;
	const origin = request.headers.get('origin');
	return origin === null || origin === url.origin;
}
