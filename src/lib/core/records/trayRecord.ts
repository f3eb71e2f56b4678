import * as z from 'zod/mini';
import { trayPartSchema } from '../foundation/schema/tray';
import { schemaVersion, uuid } from './schemas';
import { GONE_PARTS_MAX, ITEMS_MAX } from './trayLimits';

/** Most letters of a place in the box. */
export const PLACE_MAX = 40;

/** How a part looks. */
export const CONDITIONS = ['new', 'good', 'worn'] as const;

const itemSchema = z.strictObject({
	id: uuid,
	/** What it is, how many there are, and what one costs. */
	part: trayPartSchema,
	/** Where in the box it lies. */
	place: z.optional(z.string().check(z.maxLength(PLACE_MAX))),
	condition: z.optional(z.enum(CONDITIONS))
});
export type TrayItem = z.output<typeof itemSchema>;

/** The parts and lures that an angler owns. */
export const trayRecordSchema = z.strictObject({
	schemaVersion,
	items: z.array(itemSchema).check(z.maxLength(ITEMS_MAX, `A tray can have at most ${ITEMS_MAX} entries.`)),
	/** Keys of entries that were deleted, the latest last. */
	gone: z._default(z.array(uuid).check(z.maxLength(GONE_PARTS_MAX)), [])
});
export type TrayRecord = z.output<typeof trayRecordSchema>;
