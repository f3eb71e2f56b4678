import { redirect } from '@sveltejs/kit';
import { signUp } from '$lib/server/auth/accounts';
import { enter } from '$lib/server/auth/cookie';
import { tried } from '$lib/server/auth/forms';
import { databaseNow } from '$lib/server/auth/clock';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => {
	if (locals.session) redirect(303, '/water');
};

export const actions: Actions = {
	default: (event) =>
		tried(event, 'sign-up', async ({ name = '', passphrase = '' }) => {
			const now = await databaseNow();
			const { anglerId, codes } = await signUp({ name, passphrase, address: event.getClientAddress() }, now);
			await enter(event, anglerId, now);
			return { codes };
		})
};
