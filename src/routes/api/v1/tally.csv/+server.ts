import { api } from '$lib/server/auth/api';
import { readBytes } from '$lib/server/http/body';
import { tallyCsv } from '$lib/server/records/tallyCsv';
import { imported } from '$lib/server/work/imports';

/** Largest file (bytes) that is brought in. */
const CSV_MAX = 32 * 1024 * 1024;

/** Outings and what happened on them, one line each. */
export const GET = api(async (_event, { anglerId }) => {
	const headers = {
		'content-type': 'text/csv; charset=utf-8',
		'content-disposition': 'attachment; filename="tally.csv"'
	};
	return new Response(await tallyCsv(anglerId), { headers });
});

/** Brings such a file back in; refused whole where one line is wrong. */
export const POST = api(async ({ request }, { anglerId }) => {
	return Response.json(await imported('tally-csv', anglerId, await readBytes(request, CSV_MAX)));
});
