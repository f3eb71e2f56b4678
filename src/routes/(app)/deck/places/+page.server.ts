import { anglerOf } from '$lib/server/auth/api';
import { everyRecord } from '$lib/server/records/every';
import { keptLures } from '$lib/server/records/keptLures';
import { storeOf } from '$lib/server/records/store';
import type { PageServerLoad } from './$types';

/** Shores and soundings of the angler's waters; none while the records are away. */
export const load: PageServerLoad = async ({ locals }) => {
	const { anglerId } = anglerOf(locals);
	const [charts, lures] = await Promise.all([
		everyRecord(storeOf('charts').all(anglerId)).catch(() => []),
		keptLures(anglerId)
	]);
	return { lures, charts: charts.map(({ id, version, record }) => ({ id, version, ...record })) };
};
