import { api } from '$lib/server/api';
import { keptCalls } from '$lib/server/records/stores';

export const GET = api(async (_event, { anglerId }) => Response.json(await keptCalls.list(anglerId)));
