import type { AppStart } from '../../client/app.svelte';
import { everyRecord } from './every';
import { storeOf } from './store';

/**
 * Charts of the angler's waters for a page that plans a day on one of them: whole of the water that the desk is at, of
 * the others their shores, since soundings are thousands. None while the records are away.
 */
export async function chartsHere(anglerId: string, { documents, waters }: AppStart) {
	const spotId = documents.desk?.record.spotId;
	const here = waters.find(({ spots }) => spots.some(({ id }) => id === spotId)) ?? waters[0];
	const charts = await everyRecord(storeOf('charts').all(anglerId)).catch(() => []);
	return charts.map(({ id, version, record }) => {
		const { waterId, shores } = record;
		return { id, version, waterId, shores, whole: waterId === here?.id ? record : null };
	});
}
