import { api } from '$lib/server/auth/api';
import { restoreRecord } from '$lib/server/records/handlers';

export const POST = api(restoreRecord);
