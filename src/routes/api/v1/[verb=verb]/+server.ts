import { verbOf } from '$lib/core/cli/verbs';
import { api } from '$lib/server/auth/api';
import { readJson } from '$lib/server/http/body';
import { runInThread } from '$lib/server/work/answer';
import type { RequestEvent } from './$types';

export const POST = api(async ({ request, params }: RequestEvent, { anglerId: asker }) => {
	const input = await readJson(request);
	return Response.json(await runInThread(verbOf(params.verb), input, { asker, signal: request.signal }));
});
