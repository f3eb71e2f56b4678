import { api } from '$lib/server/auth/api';
import { factsOfAngler } from '$lib/server/records/facts';

/** The angler's record of outings in stretches: what Proof reckons with. */
export const GET = api(async (_event, { anglerId }) => Response.json(await factsOfAngler(anglerId)));
