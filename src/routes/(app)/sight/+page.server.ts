import { anglerOf } from '$lib/server/auth/api';
import { ownColours } from '$lib/server/records/orFallback';
import { firstAnswer } from '$lib/server/work/called';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	event.depends('lucernal:records');
	const answer = await firstAnswer(event, false);
	return { answer, own: await ownColours(event.locals, anglerOf(event.locals).anglerId) };
};
