import * as z from 'zod/mini';
import type { WaterRead } from '../../core/water/weather/waterTemperature';
import { database } from '../db/connection';

/** What is read of a row here. */
const readSchema = z.object({
	at: z.date(),
	document: z.object({ reading: z.object({ waterTemperatureC: z.number() }) })
});

/** So many of the newest readings tell enough of a water's year. */
const READS_MAX = 80;

/** What was read of a water's temperature, the newest first; nothing while the records are away. */
export async function waterReads(anglerId: string, spotIds: readonly string[]): Promise<WaterRead[]> {
	if (spotIds.length === 0) return [];
	const rows = await database()
		.models.records.readings.findAll({
			where: { anglerId, spotId: [...spotIds] },
			order: [['takenAt', 'DESC']],
			limit: READS_MAX
		})
		.catch(() => []);
	return rows.flatMap((row): WaterRead[] => {
		const { data } = readSchema.safeParse({ at: row.get('takenAt'), document: row.document });
		return data ? [{ at: data.at.toISOString(), waterTemperatureC: data.document.reading.waterTemperatureC }] : [];
	});
}
