import { redirect } from '@sveltejs/kit';
import { signIn } from '$lib/server/auth/accounts';
import { enter } from '$lib/server/auth/cookie';
import { tried } from '$lib/server/auth/forms';
import { databaseNow } from '$lib/server/auth/clock';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => {
	if (locals.session) redirect(303, '/water');
};

export const actions: Actions = {
	default: (event) =>
		tried(event, 'sign-in', async ({ name = '', passphrase = '' }) => {
			const now = await databaseNow();
			const address = event.getClientAddress();
			await enter(event, await signIn({ name, passphrase, address }, now), now);
			redirect(303, '/water');
		})
};
