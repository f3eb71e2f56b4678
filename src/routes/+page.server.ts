import { error, redirect } from '@sveltejs/kit';
import { enter } from '$lib/server/auth/cookie';
import { tried } from '$lib/server/auth/forms';
import { config } from '$lib/server/db/config';
import { ANGLER } from '$lib/server/demo/scenario';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => {
	if (locals.session) redirect(303, '/water');
	return { recordsDown: locals.recordsDown, demo: config().demo };
};

export const actions: Actions = {
	/** Opens the demo's angler, where the demo runs. */
	open: (event) => {
		if (!config().demo) error(404);
		return tried(event, 'open', async () => {
			await enter(event, ANGLER.id, new Date());
			redirect(303, '/water');
		});
	}
};
