import { api } from '$lib/server/api';
import { parts } from '$lib/server/records/stores';
import { getRecord, putRecord, removeRecord } from '$lib/server/records/handlers';
import { partRecordSchema } from '$lib/core/schema/rigRecords';

export const GET = api(getRecord(parts));
export const PUT = api(putRecord(parts, partRecordSchema));
export const DELETE = api(removeRecord(parts));
