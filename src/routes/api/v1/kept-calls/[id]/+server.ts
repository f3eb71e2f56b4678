import { api } from '$lib/server/api';
import { keptCalls } from '$lib/server/records/stores';
import { getRecord, putRecord, removeRecord } from '$lib/server/records/handlers';
import { keptCallRecordSchema } from '$lib/core/schema/records';

export const GET = api(getRecord(keptCalls));
export const PUT = api(putRecord(keptCalls, keptCallRecordSchema));
export const DELETE = api(removeRecord(keptCalls));
