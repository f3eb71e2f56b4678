import { anglerOf } from '$lib/server/auth/api';
import { chartsOf } from '$lib/server/records/charts';
import { savedLures } from '$lib/server/records/savedLures';
import { waterOf } from '$lib/server/work/called';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, parent }) => {
	const { anglerId } = anglerOf(locals);
	const { documents, waters } = (await parent()).start;
	const here = (documents.desk && waterOf(documents.desk.record, waters)) ?? waters[0];
	const [charts, lures] = await Promise.all([chartsOf(anglerId, here?.id ?? null, true), savedLures(anglerId)]);
	return { lures, charts };
};
