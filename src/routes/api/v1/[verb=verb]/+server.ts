import { answer, verbOf } from '$lib/core/cli/verbs';
import { api } from '$lib/server/api';
import { readJson } from '$lib/server/body';
import type { RequestEvent } from './$types';

export const POST = api(async ({ request, params }: RequestEvent) =>
	Response.json(answer(verbOf(params.verb), await readJson(request)))
);
