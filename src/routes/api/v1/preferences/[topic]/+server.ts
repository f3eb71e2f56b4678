import { parseWith } from '$lib/core/schema/failure';
import { api } from '$lib/server/api';
import { readJson } from '$lib/server/body';
import { notFound } from '$lib/server/failures';
import { getPreference, setPreference, TOPICS, type Topic } from '$lib/server/records/preferences';
import type { RequestEvent } from './$types';

function topicOf({ params }: RequestEvent): Topic {
	if (!Object.hasOwn(TOPICS, params.topic)) throw notFound('preference');
	return params.topic as Topic;
}

export const GET = api(async (event: RequestEvent, { anglerId }) =>
	Response.json(await getPreference(anglerId, topicOf(event)))
);

export const PUT = api(async (event: RequestEvent, { anglerId }) => {
	const topic = topicOf(event);
	const document = parseWith(TOPICS[topic], await readJson(event.request));
	await setPreference(anglerId, topic, document);
	return new Response(null, { status: 204 });
});
