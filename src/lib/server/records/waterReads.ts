import type { WaterRead } from '../../core/water/weather/waterTemperature';
import { database } from '../db/connection';

/** So many of the newest readings tell enough of a water's year. */
const READS_MAX = 80;

/** What was read of a water's temperature, the newest first; nothing while the records are away. */
export async function waterReads(anglerId: string, spotIds: readonly string[]): Promise<WaterRead[]> {
	if (spotIds.length === 0) return [];
	const rows = await database()
		.models.records.readings.findAll({
			where: { anglerId, spotId: [...spotIds] } as never,
			order: [['takenAt', 'DESC']],
			limit: READS_MAX
		})
		.catch(() => []);
	return rows.flatMap((row): WaterRead[] => {
		const { takenAt, document } = row as unknown as {
			takenAt: Date;
			document: { reading?: { waterTemperatureC?: unknown } };
		};
		const waterTemperatureC = document.reading?.waterTemperatureC;
		return typeof waterTemperatureC === 'number' ? [{ at: takenAt.toISOString(), waterTemperatureC }] : [];
	});
}
