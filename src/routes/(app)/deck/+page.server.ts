import { anglerOf } from '$lib/server/auth/api';
import { chartsOf } from '$lib/server/records/charts';
import { savedLures } from '$lib/server/records/savedLures';
import { waterReads } from '$lib/server/records/waterReads';
import { waterOf } from '$lib/server/work/called';
import type { PageServerLoad } from './$types';

/** The day is planned by the waters' shores, and without them while the records are away. */
export const load: PageServerLoad = async ({ locals, parent }) => {
	const { anglerId } = anglerOf(locals);
	const { documents, waters } = (await parent()).start;
	const here = (documents.desk && waterOf(documents.desk.record, waters)) ?? waters[0];
	const [charts, lures, reads] = await Promise.all([
		chartsOf(anglerId, here?.id ?? null, false),
		savedLures(anglerId),
		waterReads(anglerId, here?.spots.map(({ id }) => id) ?? [])
	]);
	return { lures, charts, reads };
};
