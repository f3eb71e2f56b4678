import type { HappeningRecord, OutingRecord } from '$lib/core/records/tallySchemas';
import type { RigRecord } from '$lib/core/records/rigSchemas';
import { anglerOf } from '$lib/server/auth/api';
import { everyRecord } from '$lib/server/records/every';
import { whereReached } from '$lib/server/records/reached';
import { storeOf, type Stored } from '$lib/server/records/store';
import { totalsBeside, type Totals } from '$lib/server/records/tallyTotals';
import { firstAnswer } from '$lib/server/work/called';
import type { PageServerLoad } from './$types';

interface TallyData {
	/** The latest outing, and what happened on it. */
	readonly outing: Stored<OutingRecord> | null;
	readonly happenings: readonly Stored<HappeningRecord>[];
	readonly totals: Totals;
	readonly rigs: readonly Stored<RigRecord>[];
}

const NOTHING: TallyData = { outing: null, happenings: [], totals: { casts: 0, strikes: 0 }, rigs: [] };

async function read(anglerId: string): Promise<TallyData> {
	const [outing = null] = (await storeOf('outings').list(anglerId, { limit: 1 })).items;
	const [happenings, totals, rigs] = await Promise.all([
		outing ? everyRecord(storeOf('happenings').all(anglerId, { of: { outingId: outing.id } })) : [],
		totalsBeside(anglerId, outing?.id ?? null),
		everyRecord(storeOf('rigs').all(anglerId))
	]);
	return { outing, happenings, totals, rigs };
}

export const load: PageServerLoad = async (event) => {
	event.depends('lucernal:records');
	const { anglerId } = anglerOf(event.locals);
	const answer = await firstAnswer(event, false);
	return { ...(await whereReached(event.locals, () => read(anglerId), NOTHING)), answer };
};
