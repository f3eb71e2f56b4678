import { databaseAnswers } from '$lib/server/db/connection';

/** Open to all: whether the application serves and its database answers. */
export async function GET(): Promise<Response> {
	const database = await databaseAnswers();
	return Response.json(
		{ status: database ? 'ok' : 'degraded', database: database ? 'up' : 'down' },
		{ status: database ? 200 : 503 }
	);
}
