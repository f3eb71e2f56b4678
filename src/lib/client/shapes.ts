import { dayRecordSchema } from '$lib/core/records/daySchema';
import { benchRecordSchema } from '$lib/core/records/rigSchemas';
import { deskRecordSchema, settingsRecordSchema, standRecordSchema } from '$lib/core/records/schemas';
import { happeningSchema, type Happening } from '$lib/core/schema/tally';
import type { DocumentKindName } from '$lib/core/records/kind';
import * as z from 'zod/mini';

/** A reader of stored values: what does not fit today's shape is none. */
const reader =
	(schema: z.ZodMiniType) =>
	(raw: unknown): unknown =>
		schema.safeParse(raw).data;

/** Readers of what the device holds of each document. They come after the page, with the schemas that they need. */
export const READERS: Readonly<Record<DocumentKindName, (raw: unknown) => unknown>> = {
	desk: reader(deskRecordSchema),
	bench: reader(z.nullable(benchRecordSchema)),
	stand: reader(standRecordSchema),
	settings: reader(settingsRecordSchema),
	day: reader(dayRecordSchema)
};

/** What happened as it is written down, with what was not said of it; in words what is wrong where it is nothing. */
export function wholeHappening(what: unknown): Happening | string {
	const { data, error } = happeningSchema.safeParse(what);
	return data ?? error!.issues[0]!.message;
}
