import { anglerOf } from '$lib/server/auth/api';
import { isUnreachable } from '$lib/server/db/connection';
import { everyRecord } from '$lib/server/records/every';
import { storeOf } from '$lib/server/records/store';
import { firstAnswer } from '$lib/server/work/called';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	event.depends('lucernal:records');
	const { anglerId } = anglerOf(event.locals);
	const answer = await firstAnswer(event, false);
	if (event.locals.recordsDown) return { rigs: [], answer };
	try {
		return { rigs: await everyRecord(storeOf('rigs').all(anglerId)), answer };
	} catch (error) {
		if (!isUnreachable(error)) throw error;
		return { rigs: [], answer };
	}
};
