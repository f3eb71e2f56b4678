import * as z from 'zod/mini';
import { GROWTHS } from '../water/places/growth';
import { lonLat, schemaVersion, uuid } from './schemas';

/** Most corners of all shores of a water, most soundings of it, and most corners of what grows in it. */
export const SHORE_POINTS_MAX = 4000;
export const SOUNDINGS_MAX = 6000;
export const GROWTH_POINTS_MAX = 2000;

const depthM = z.number().check(z.minimum(0), z.maximum(300));

/** Where a water lies: its shores and what was sounded of its bottom, in degrees east and north as in GeoJSON. */
export const chartRecordSchema = z.strictObject({
	schemaVersion,
	waterId: uuid,
	/** Closed lines around the water and around its islands; the last corner is joined to the first. */
	shores: z
		.array(z.array(lonLat).check(z.minLength(3)))
		.check(
			z.refine((rings) => rings.flat().length <= SHORE_POINTS_MAX, `At most ${SHORE_POINTS_MAX} corners of shore fit.`)
		),
	soundings: z
		.array(z.tuple([lonLat, depthM]))
		.check(z.maxLength(SOUNDINGS_MAX, `At most ${SOUNDINGS_MAX} soundings fit.`)),
	/** Where weed grows and timber stands: closed lines like those of the shores. */
	growths: z._default(
		z
			.array(z.strictObject({ kind: z.enum(GROWTHS), ring: z.array(lonLat).check(z.minLength(3)) }))
			.check(
				z.refine(
					(growths) => growths.flatMap(({ ring }) => ring).length <= GROWTH_POINTS_MAX,
					`At most ${GROWTH_POINTS_MAX} corners of weed and timber fit.`
				)
			),
		[]
	)
});

export type ChartRecord = z.output<typeof chartRecordSchema>;
