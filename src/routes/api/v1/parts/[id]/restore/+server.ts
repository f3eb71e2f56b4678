import { api } from '$lib/server/api';
import { restoreRecord } from '$lib/server/records/handlers';
import { parts } from '$lib/server/records/stores';

export const POST = api(restoreRecord(parts));
