import * as z from 'zod/mini';
import { instant } from '../foundation/schema/instant';
import { outfitSchema } from '../foundation/schema/outfit';
import { EDITED_HOURS_MAX, RODS_MAX, STATION_HOURS_MAX } from '../foundation/schema/limits';
import { SKIES } from '../foundation/schema/words';
import { schemaVersion, uuid } from './schemas';

/** Most spots of a day. */
const SPOTS_MAX = 200;

const windMps = z.number().check(z.minimum(0), z.maximum(40));

/** An hour of weather as a file tells it; only when it was must be said. */
export const stationHourSchema = z.strictObject({
	at: instant,
	sky: z.optional(z.enum(SKIES)),
	windMps: z.optional(windMps),
	windFromDeg: z.optional(z.number().check(z.minimum(0), z.maximum(360))),
	pressureTrend: z.optional(z.enum(['falling', 'steady', 'rising'])),
	warmerC: z.optional(z.number().check(z.minimum(-5), z.maximum(10))),
	thunder: z.optional(z.boolean())
});

/** An hour as it was changed by hand. */
const hourEditSchema = z.strictObject({
	sky: z.optional(z.enum(SKIES)),
	windMps: z.optional(windMps),
	spot: z.optional(uuid)
});

/** The day that an angler plans. */
export const dayRecordSchema = z.strictObject({
	schemaVersion,
	/** As 2026-05-09 at the water; `null` for tomorrow from noon on, else today. */
	date: z.nullable(z.string().check(z.regex(/^\d{4}-\d{2}-\d{2}$/, 'Write a day like 2026-05-09.'))),
	/** First hour and the hour after the last, by the water's clock. */
	from: z.int().check(z.minimum(0), z.maximum(23)),
	to: z.int().check(z.minimum(1), z.maximum(24)),
	rods: z.int().check(z.minimum(1), z.maximum(RODS_MAX)),
	/** Which of the made-up days of weather. */
	seed: z.int().check(z.minimum(0), z.maximum(1_000_000)),
	/** Spots that may be fished; none for all of them. */
	spots: z.array(uuid).check(z.maxLength(SPOTS_MAX)),
	edits: z
		.record(instant, hourEditSchema)
		.check(
			z.refine(
				(edits) => Object.keys(edits).length <= EDITED_HOURS_MAX,
				`You can change at most ${EDITED_HOURS_MAX} hours.`
			)
		),
	/** Hours of weather from a file of the angler's own. */
	station: z.array(stationHourSchema).check(z.maxLength(STATION_HOURS_MAX)),
	/** Rods with reel and line that are owned: they lie on the deck in any case. */
	owned: z.array(z.strictObject(outfitSchema.shape)).check(z.maxLength(RODS_MAX)),
	/** Temperature (°C) of the water on the day, where the angler knows better than the estimate; gone with another date. */
	waterTemperatureC: z.optional(z.number().check(z.minimum(0), z.maximum(40))),
	/** Whether only rigs that are kept are cast. */
	kept: z._default(z.boolean(), false),
	/** Whether the record counts among what speaks for a place. */
	record: z._default(z.boolean(), true)
});

export type DayRecord = z.output<typeof dayRecordSchema>;
