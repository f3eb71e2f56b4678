import { fail, redirect } from '@sveltejs/kit';
import { config } from '$lib/server/db/config';
import { ANGLER } from '$lib/server/demo/scenario';
import { asHttpFailure } from '$lib/server/http/failures';
import { openSession, SESSION_COOKIE, SESSION_MS } from '$lib/server/auth/session';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => {
	if (locals.session) redirect(303, '/water');
	return { recordsDown: locals.recordsDown };
};

export const actions: Actions = {
	open: async ({ cookies, locals }) => {
		try {
			const token = await openSession(ANGLER.id, new Date());
			cookies.set(SESSION_COOKIE, token, {
				path: '/',
				httpOnly: true,
				sameSite: 'lax',
				secure: config().SECURE_COOKIES,
				maxAge: SESSION_MS / 1000
			});
		} catch (error) {
			const failure = asHttpFailure(error, locals.requestId);
			return fail(failure.status, { message: failure.message });
		}
		redirect(303, '/water');
	}
};
