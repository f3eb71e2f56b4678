import { everyRecord } from './every';
import { storeOf } from './store';

/**
 * Shores of the angler's waters, and of one of them the whole chart, since soundings are thousands. None while the records
 * are away.
 */
export async function chartsOf(anglerId: string, wholeOf: string | null) {
	const charts = await everyRecord(storeOf('charts').all(anglerId)).catch(() => []);
	return charts.map(({ id, version, record }) => {
		const { waterId, shores } = record;
		return { id, version, waterId, shores, whole: waterId === wholeOf ? record : null };
	});
}
