import { LEVELS, SEED_MAX } from '$lib/core/trips/drills/water';
import { anglerOf } from '$lib/server/auth/api';
import { orFallback } from '$lib/server/records/orFallback';
import { storeOf } from '$lib/server/records/store';
import type { PageServerLoad } from './$types';

const USUAL_LEVEL = 1;
const MS_PER_DAY = 86_400_000;

/** The water of a link; the day's own where the link names none. */
function waterOf(search: URLSearchParams) {
	const asked = Number(search.get('water') ?? '');
	const level = LEVELS[Number(search.get('level') ?? USUAL_LEVEL)] ?? LEVELS[USUAL_LEVEL];
	const seed = Number.isInteger(asked) && asked >= 1 && asked <= SEED_MAX ? asked : Math.floor(Date.now() / MS_PER_DAY);
	return { seed, level };
}

export const load: PageServerLoad = async ({ locals, url, depends }) => {
	depends('lucernal:records');
	const { anglerId } = anglerOf(locals);
	const drills = await orFallback(locals, () => storeOf('drills').find(anglerId), null);
	return { drills, ...waterOf(url.searchParams) };
};
