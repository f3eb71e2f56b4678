import { api } from '$lib/server/auth/api';
import { HttpFailure } from '$lib/server/http/failures';
import { changesSince } from '$lib/server/records/writes';

/** What was written since a number of the angler's sequence; `?since=0` for all of it. */
export const GET = api(async ({ url }, { anglerId }) => {
	const since = Number(url.searchParams.get('since') ?? 0);
	if (!Number.isSafeInteger(since) || since < 0) {
		throw new HttpFailure(422, 'invalid', 'A number of the sequence is whole, 0 or more.', 'since');
	}
	return Response.json(await changesSince(anglerId, since));
});
