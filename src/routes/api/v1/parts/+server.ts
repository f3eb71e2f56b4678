import { api } from '$lib/server/api';
import { listParts } from '$lib/server/records/partUses';

/** Own parts, each with the kept rigs that use it. */
export const GET = api(async (_event, { anglerId }) => Response.json(await listParts(anglerId)));
