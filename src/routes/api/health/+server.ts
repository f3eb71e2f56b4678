import { databaseHealth } from '$lib/server/db/connection';

/** Open to all: whether the application can do its work, and what is amiss where it cannot. */
export async function GET(): Promise<Response> {
	const health = await databaseHealth();
	const ready = health.database === 'up' && health.schema === 'current' && health.writes === 'taken';
	return Response.json({ status: ready ? 'ok' : 'degraded', ...health }, { status: ready ? 200 : 503 });
}
