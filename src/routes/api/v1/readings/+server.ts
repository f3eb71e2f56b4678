import { api } from '$lib/server/api';
import { readings } from '$lib/server/records/stores';

export const GET = api(async (_event, { anglerId }) => Response.json(await readings.list(anglerId)));
