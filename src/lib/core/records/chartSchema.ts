import * as z from 'zod/mini';
import { lonLat, schemaVersion, uuid } from './schemas';

/** Most corners of all shores of a water, and most soundings of it. */
export const SHORE_POINTS_MAX = 4000;
export const SOUNDINGS_MAX = 6000;

const depthM = z.number().check(z.minimum(0), z.maximum(300));

/** Where a water lies: its shores and what was sounded of its bottom, in degrees east and north as in GeoJSON. */
export const chartRecordSchema = z.strictObject({
	schemaVersion,
	waterId: uuid,
	/** Closed lines around the water and around its islands; the last corner is joined to the first. */
	shores: z
		.array(z.array(lonLat).check(z.minLength(3)))
		.check(
			z.refine(
				(rings) => rings.flat().length <= SHORE_POINTS_MAX,
				`At most ${SHORE_POINTS_MAX} corners of shore are kept.`
			)
		),
	soundings: z
		.array(z.tuple([lonLat, depthM]))
		.check(z.maxLength(SOUNDINGS_MAX, `At most ${SOUNDINGS_MAX} soundings are kept.`))
});

export type ChartRecord = z.output<typeof chartRecordSchema>;
