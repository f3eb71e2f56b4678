import { anglerOf } from '$lib/server/auth/api';
import { everyRecord } from '$lib/server/records/every';
import { orFallback } from '$lib/server/records/orFallback';
import { storeOf } from '$lib/server/records/store';
import { firstAnswer } from '$lib/server/work/called';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	event.depends('lucernal:records');
	const { anglerId } = anglerOf(event.locals);
	const answer = await firstAnswer(event, false);
	const rigs = await orFallback(event.locals, () => everyRecord(storeOf('rigs').all(anglerId)), []);
	return { rigs, answer };
};
