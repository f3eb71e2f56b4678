import { api } from '$lib/server/auth/api';
import { listRecords, putRecord, removeRecord } from '$lib/server/records/handlers';

/** A page of the records of a kind, one of them, or the angler's document. */
export const GET = api(listRecords);
export const PUT = api(putRecord);
export const DELETE = api(removeRecord);
