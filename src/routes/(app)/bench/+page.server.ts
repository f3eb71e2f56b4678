import { anglerOf } from '$lib/server/auth/api';
import { isUnreachable } from '$lib/server/db/connection';
import { everyRecord } from '$lib/server/records/every';
import { storeOf } from '$lib/server/records/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('lucernal:records');
	const { anglerId } = anglerOf(locals);
	const nothing = { rigs: [], own: [], unreachable: true };
	if (locals.recordsDown) return nothing;
	try {
		const [kept, own] = await Promise.all([
			everyRecord(storeOf('rigs').all(anglerId)),
			everyRecord(storeOf('parts').all(anglerId))
		]);
		return { rigs: kept, own, unreachable: false };
	} catch (error) {
		if (!isUnreachable(error)) throw error;
		return nothing;
	}
};
