import { firstAnswer } from '$lib/server/work/called';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => ({ answer: await firstAnswer(event, false) });
