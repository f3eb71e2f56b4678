import { subscribe } from 'node:diagnostics_channel';
import type { ServerResponse } from 'node:http';

/** What every answer says, whoever makes it. */
const HEADERS: Readonly<Record<string, string>> = {
	'x-content-type-options': 'nosniff',
	'x-frame-options': 'DENY',
	'referrer-policy': 'same-origin',
	'cross-origin-opener-policy': 'same-origin',
	'permissions-policy': 'camera=(), microphone=(), geolocation=(self)'
};

/**
 * Hardens every answer of this process from now on. Files and redirects are answered before a hook hears of them, so that
 * it is Node itself which tells of each request.
 */
export function hardenAnswers(): void {
	subscribe('http.server.request.start', (message) => {
		const { response } = message as { response: ServerResponse };
		for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
	});
}
