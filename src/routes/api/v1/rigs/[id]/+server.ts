import { api } from '$lib/server/api';
import { rigs } from '$lib/server/records/stores';
import { getRecord, putRecord, removeRecord } from '$lib/server/records/handlers';
import { rigRecordSchema } from '$lib/core/schema/rigRecords';

export const GET = api(getRecord(rigs));
export const PUT = api(putRecord(rigs, rigRecordSchema));
export const DELETE = api(removeRecord(rigs));
