import { api } from '$lib/server/api';
import { rigs } from '$lib/server/records/stores';

export const GET = api(async (_event, { anglerId }) => Response.json(await rigs.list(anglerId)));
