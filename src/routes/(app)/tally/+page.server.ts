import type { EntryRecord, OutingRecord } from '$lib/core/records/tallySchemas';
import type { RigRecord } from '$lib/core/records/rigSchemas';
import { anglerOf } from '$lib/server/auth/api';
import { everyRecord } from '$lib/server/records/every';
import { orFallback } from '$lib/server/records/orFallback';
import { storeOf, type Stored } from '$lib/server/records/store';
import { totalsBeside, type Totals } from '$lib/server/records/tallyTotals';
import { firstAnswer } from '$lib/server/work/called';
import type { PageServerLoad } from './$types';

interface TallyData {
	/** The latest outing, and what happened on it. */
	readonly outing: Stored<OutingRecord> | null;
	readonly happenings: readonly Stored<EntryRecord>[];
	/** The outings before it, the newest first. */
	readonly past: readonly Stored<OutingRecord>[];
	/** What other outings came to, told once it is counted: the page does not wait for it. */
	readonly totals: Promise<Totals>;
	readonly rigs: readonly Stored<RigRecord>[];
}

/** So many past outings may be opened from here. */
const PAST = 12;
const NO_TOTALS: Totals = { casts: 0, strikes: 0 };
const NOTHING: TallyData = { outing: null, happenings: [], past: [], totals: Promise.resolve(NO_TOTALS), rigs: [] };

async function read(anglerId: string): Promise<TallyData> {
	const [outing = null, ...past] = (await storeOf('outings').list(anglerId, { limit: 1 + PAST })).items;
	const totals = totalsBeside(anglerId, outing?.id ?? null).catch(() => NO_TOTALS);
	const [happenings, rigs] = await Promise.all([
		outing ? everyRecord(storeOf('happenings').all(anglerId, { of: { outingId: outing.id } })) : [],
		everyRecord(storeOf('rigs').all(anglerId))
	]);
	return { outing, happenings, past, totals, rigs };
}

export const load: PageServerLoad = async (event) => {
	event.depends('lucernal:records');
	const { anglerId } = anglerOf(event.locals);
	const [answer, record] = await Promise.all([
		firstAnswer(event, false),
		orFallback(event.locals, () => read(anglerId), NOTHING)
	]);
	return { ...record, answer };
};
