import { fail, redirect } from '@sveltejs/kit';
import { savedSettings } from '$lib/core/records/commands';
import { CURRENCY_MAX, THEMES } from '$lib/core/records/schemas';
import { anglerOf } from '$lib/server/auth/api';
import { asHttpFailure } from '$lib/server/http/failures';
import { storeOf } from '$lib/server/records/store';
import { changePassphrase, removeAccount, renewCodes } from '$lib/server/auth/accounts';
import { leave } from '$lib/server/auth/cookie';
import { formOf, tried } from '$lib/server/auth/forms';
import { endSession, endSessions, sessionsOf } from '$lib/server/auth/session';
import { database } from '$lib/server/db/connection';
import { orFallback } from '$lib/server/records/orFallback';
import { THEME_COOKIE } from '$lib/server/http/theme';
import { databaseNow } from '$lib/server/auth/clock';
import type { Actions, PageServerLoad } from './$types';

const YEAR_S = 365 * 24 * 60 * 60;
/** The path of a page of ours: no other host can be written so. */
const OWN_PAGE = /^\/(?:[a-z0-9-]+(?:\/[a-z0-9-]+)*)?$/;

export const load: PageServerLoad = async ({ locals }) => {
	const { id, anglerId } = anglerOf(locals);
	const nothing = { session: id, sessions: [], hasPassphrase: false };
	const read = async () => {
		const [sessions, angler] = await Promise.all([
			sessionsOf(anglerId, await databaseNow()),
			database().models.Angler.findByPk(anglerId)
		]);
		return { session: id, sessions, hasPassphrase: angler?.passphrase != null };
	};
	return orFallback(locals, read, nothing);
};

export const actions: Actions = {
	theme: async (event) => {
		const { cookies, locals } = event;
		let form;
		try {
			form = await formOf(event);
		} catch (error) {
			const { status, message } = asHttpFailure(error, locals.requestId);
			return fail(status, { message });
		}
		const theme = THEMES.find((one) => one === form.get('theme'));
		if (theme)
			cookies.set(THEME_COOKIE, theme, { path: '/', maxAge: YEAR_S, sameSite: 'lax', httpOnly: true, secure: false });
		const back = String(form.get('back') ?? '');
		redirect(303, OWN_PAGE.test(back) ? back : '/settings');
	},

	settings: async (event) => {
		const { locals } = event;
		try {
			const form = await formOf(event);
			const { anglerId } = anglerOf(locals);
			// The form shows some of the settings; the others stay as they are.
			const before = await storeOf('settings').find(anglerId);
			const currency = String(form.get('currency') ?? '').trim() || undefined;
			const changed = { units: form.get('units'), shortcuts: form.get('shortcuts') === 'on', currency };
			const settings = savedSettings(before?.record ?? null, changed);
			const isLong = (currency?.length ?? 0) > CURRENCY_MAX;
			if (isLong) return fail(422, { message: `Use at most ${CURRENCY_MAX} letters for a currency.` });
			if (!settings) return fail(422, { message: 'Choose a system of units.' });
			await storeOf('settings').replace(anglerId, settings);
		} catch (error) {
			const { status, message } = asHttpFailure(error, locals.requestId);
			return fail(status, { message });
		}
		return { saved: true };
	},

	close: async (event) => {
		try {
			await leave(event);
		} catch (error) {
			const { status, message } = asHttpFailure(error, event.locals.requestId);
			return fail(status, { message });
		}
		redirect(303, '/');
	},

	passphrase: (event) =>
		tried(event, 'passphrase', async ({ old = '', fresh = '' }) => {
			const { anglerId, id: keep } = anglerOf(event.locals);
			await changePassphrase(anglerId, { old, fresh, keep, address: event.getClientAddress() }, await databaseNow());
			return { done: 'Your passphrase is changed; all other devices are signed out.' };
		}),

	codes: (event) => tried(event, 'codes', async () => ({ codes: await renewCodes(anglerOf(event.locals).anglerId) })),

	end: (event) =>
		tried(event, 'end', async ({ session = '' }) => {
			await endSession(anglerOf(event.locals).anglerId, session);
			return { done: 'That device is signed out.' };
		}),

	endOthers: (event) =>
		tried(event, 'end', async () => {
			const { anglerId, id } = anglerOf(event.locals);
			await endSessions(anglerId, id);
			return { done: 'All other devices are signed out.' };
		}),

	remove: (event) =>
		tried(event, 'remove', async ({ passphrase = '' }) => {
			const { anglerId } = anglerOf(event.locals);
			await removeAccount(anglerId, passphrase, event.getClientAddress(), await databaseNow());
			await leave(event);
			redirect(303, `/?forget=${anglerId}`);
		})
};
