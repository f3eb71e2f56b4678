import { redirect } from '@sveltejs/kit';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import { usualUnits } from '$lib/presentation/usualUnits';
import { storeOf } from '$lib/server/records/store';
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
			const units = usualUnits(event.request.headers.get('accept-language'));
			// Settings can be changed at any time: an account is made without them too.
			await storeOf('settings')
				.replace(anglerId, { schemaVersion: SCHEMA_VERSION, units, shortcuts: true })
				.catch(() => undefined);
			return { codes };
		})
};
