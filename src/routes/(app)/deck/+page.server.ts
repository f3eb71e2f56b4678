import { anglerOf } from '$lib/server/auth/api';
import { everyRecord } from '$lib/server/records/every';
import { storeOf } from '$lib/server/records/store';
import type { PageServerLoad } from './$types';

/** Shores of the angler's waters; none while the records are away, and the day is planned without them. */
export const load: PageServerLoad = async ({ locals }) => {
	const { anglerId } = anglerOf(locals);
	const charts = await everyRecord(storeOf('charts').all(anglerId)).catch(() => []);
	return {
		charts: charts.map(({ id, version, record: { waterId, shores } }) => ({ id, version, waterId, shores }))
	};
};
