import { redirect } from '@sveltejs/kit';
import { recover } from '$lib/server/auth/accounts';
import { enter } from '$lib/server/auth/cookie';
import { tried } from '$lib/server/auth/forms';
import { databaseNow } from '$lib/server/auth/clock';
import type { Actions } from './$types';

export const actions: Actions = {
	default: (event) =>
		tried(event, 'recover', async ({ name = '', code = '', passphrase = '' }) => {
			const now = await databaseNow();
			const address = event.getClientAddress();
			await enter(event, await recover({ name, code, passphrase, address }, now), now);
			redirect(303, '/water');
		})
};
