import { api } from '$lib/server/auth/api';
import { damagedRecords } from '$lib/server/records/damaged';

/** Every record that is stored and cannot be read any more, of all kinds. */
export const GET = api(async (_event, { anglerId }) => Response.json(await damagedRecords(anglerId)));
