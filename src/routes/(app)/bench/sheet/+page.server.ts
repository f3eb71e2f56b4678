import { anglerOf } from '$lib/server/api';
import { isUnreachable } from '$lib/server/db/connection';
import { getPreference } from '$lib/server/records/preferences';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	try {
		return { bench: await getPreference(anglerOf(locals).anglerId, 'bench') };
	} catch (error) {
		if (!isUnreachable(error)) throw error;
		return { bench: null };
	}
};
