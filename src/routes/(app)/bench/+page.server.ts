import { anglerOf } from '$lib/server/api';
import { isUnreachable } from '$lib/server/db/connection';
import { listParts } from '$lib/server/records/partUses';
import { getPreference } from '$lib/server/records/preferences';
import { rigs } from '$lib/server/records/stores';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('lucernal:bench');
	const { anglerId } = anglerOf(locals);
	try {
		const [bench, kept, own] = await Promise.all([
			getPreference(anglerId, 'bench'),
			rigs.list(anglerId),
			listParts(anglerId)
		]);
		return { bench, rigs: kept, own, unreachable: false };
	} catch (error) {
		if (!isUnreachable(error)) throw error;
		return { bench: null, rigs: [], own: [], unreachable: true };
	}
};
