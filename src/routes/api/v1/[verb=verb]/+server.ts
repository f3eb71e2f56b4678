import { verbOf } from '$lib/core/cli/verbs';
import { api } from '$lib/server/auth/api';
import { readJson } from '$lib/server/http/body';
import { answerBeside } from '$lib/server/work/answer';
import type { RequestEvent } from './$types';

export const POST = api(async ({ request, params }: RequestEvent) =>
	Response.json(await answerBeside(verbOf(params.verb), await readJson(request)))
);
