import { fail, redirect } from '@sveltejs/kit';
import { SCHEMA_VERSION, settingsRecordSchema, THEMES } from '$lib/core/records/schemas';
import { anglerOf } from '$lib/server/auth/api';
import { asHttpFailure } from '$lib/server/http/failures';
import { storeOf } from '$lib/server/records/store';
import { closeSession, SESSION_COOKIE } from '$lib/server/auth/session';
import { THEME_COOKIE } from '$lib/server/http/theme';
import type { Actions } from './$types';

const YEAR_S = 365 * 24 * 60 * 60;

export const actions: Actions = {
	theme: async ({ request, cookies }) => {
		const form = await request.formData();
		const theme = THEMES.find((one) => one === form.get('theme'));
		if (theme)
			cookies.set(THEME_COOKIE, theme, { path: '/', maxAge: YEAR_S, sameSite: 'lax', httpOnly: true, secure: false });
		const back = String(form.get('back') ?? '');
		redirect(303, /^\/[a-z]*$/.test(back) ? back : '/settings');
	},

	settings: async ({ request, locals }) => {
		const form = await request.formData();
		const settings = settingsRecordSchema.safeParse({
			schemaVersion: SCHEMA_VERSION,
			units: form.get('units'),
			shortcuts: form.get('shortcuts') === 'on'
		});
		if (!settings.success) return fail(422, { message: 'Choose a system of units.' });
		try {
			await storeOf('settings').replace(anglerOf(locals).anglerId, settings.data);
		} catch (error) {
			const { status, message } = asHttpFailure(error, locals.requestId);
			return fail(status, { message });
		}
		return { saved: true };
	},

	close: async ({ cookies, locals }) => {
		const token = cookies.get(SESSION_COOKIE);
		try {
			if (token) await closeSession(token);
		} catch (error) {
			const { status, message } = asHttpFailure(error, locals.requestId);
			return fail(status, { message });
		}
		cookies.delete(SESSION_COOKIE, { path: '/' });
		redirect(303, '/');
	}
};
