import { error } from '@sveltejs/kit';
import type { CallAnswer, CallInput } from '$lib/core/foundation/schema/call';
import type { SavedCallRecord } from '$lib/core/records/schemas';
import { anglerOf } from '$lib/server/auth/api';
import { asHttpFailure } from '$lib/server/http/failures';
import { storeOf } from '$lib/server/records/store';
import { called, ownPartsOf } from '$lib/server/work/called';
import type { PageServerLoad } from './$types';

interface KeptCall {
	readonly record: SavedCallRecord;
	/** What the rules of today call for the same question; `null` where there was no time to work it out. */
	readonly today: CallAnswer['calls'][number] | null;
}

/** A call as it was kept, with what would be called for the same question today. */
export const load: PageServerLoad = async ({ params, locals, request }): Promise<KeptCall> => {
	const { anglerId } = anglerOf(locals);
	try {
		const { record } = await storeOf('kept-calls').get(anglerId, params.id);
		const { reading, stances, houseRules, locks, sight } = record;
		const views = { stances, houseRules, locks, record: record.record, sight };
		const question: CallInput = { reading, ...views, ...(await ownPartsOf(anglerId, record.fromTray)), top: 1 };
		const answer = await called(question, { asker: anglerId, signal: request.signal }).catch(() => null);
		return { record, today: answer?.calls[0] ?? null };
	} catch (thrown) {
		const { status, code, message } = asHttpFailure(thrown, locals.requestId);
		error(status, { code, message });
	}
};
