import { anglerOf } from '$lib/server/auth/api';
import { chartsOf } from '$lib/server/records/charts';
import { keptLures } from '$lib/server/records/keptLures';
import type { PageServerLoad } from './$types';

/** The day is planned by the waters' shores, and without them while the records are away. */
export const load: PageServerLoad = async ({ locals }) => {
	const { anglerId } = anglerOf(locals);
	const [charts, lures] = await Promise.all([chartsOf(anglerId, null), keptLures(anglerId)]);
	return { lures, charts };
};
