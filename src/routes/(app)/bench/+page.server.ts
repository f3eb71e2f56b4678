import { anglerOf } from '$lib/server/auth/api';
import { everyRecord } from '$lib/server/records/every';
import { orFallback } from '$lib/server/records/orFallback';
import { storeOf } from '$lib/server/records/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('lucernal:records');
	const { anglerId } = anglerOf(locals);
	const read = async () => {
		const [rigs, own] = await Promise.all([
			everyRecord(storeOf('rigs').all(anglerId)),
			everyRecord(storeOf('parts').all(anglerId))
		]);
		return { rigs, own, unreachable: false };
	};
	return orFallback(locals, read, { rigs: [], own: [], unreachable: true });
};
