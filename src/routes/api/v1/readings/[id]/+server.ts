import { api } from '$lib/server/api';
import { readings } from '$lib/server/records/stores';
import { getRecord, putRecord, removeRecord } from '$lib/server/records/handlers';
import { readingRecordSchema } from '$lib/core/schema/records';

export const GET = api(getRecord(readings));
export const PUT = api(putRecord(readings, readingRecordSchema));
export const DELETE = api(removeRecord(readings));
