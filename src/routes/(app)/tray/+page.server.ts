import { anglerOf } from '$lib/server/auth/api';
import { everyRecord } from '$lib/server/records/every';
import { orFallback } from '$lib/server/records/orFallback';
import { storeOf } from '$lib/server/records/store';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('lucernal:records');
	const { anglerId } = anglerOf(locals);
	const read = async () => {
		const [tray, readings] = await Promise.all([
			storeOf('tray').find(anglerId),
			everyRecord(storeOf('readings').all(anglerId))
		]);
		return { tray, readings: readings.map(({ record }) => record.reading) };
	};
	return orFallback(locals, read, { tray: null, readings: [] });
};
