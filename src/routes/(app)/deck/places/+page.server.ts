import { anglerOf } from '$lib/server/auth/api';
import { chartsHere } from '$lib/server/records/charts';
import { keptLures } from '$lib/server/records/keptLures';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, parent }) => {
	const { anglerId } = anglerOf(locals);
	const { start } = await parent();
	const [charts, lures] = await Promise.all([chartsHere(anglerId, start), keptLures(anglerId)]);
	return { lures, charts };
};
