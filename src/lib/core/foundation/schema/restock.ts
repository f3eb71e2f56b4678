import './english';
import * as z from 'zod/mini';
import { readingSchema } from './reading';
import { PART_KINDS, priceSchema, trayPartSchema, traySchema } from './tray';

/** Most readings of a season. */
const READINGS_MAX = 300;
/** Most parts that may be bought at once. */
const BOUGHT_MAX = 100;

const shared = {
	readings: z
		.array(readingSchema)
		.check(z.minLength(1, 'A season needs at least one reading.'), z.maxLength(READINGS_MAX)),
	tray: traySchema,
	stances: z.optional(z.record(z.string(), z.string()))
};

/** What `restock` takes: the season, what is owned, and how much may be bought. */
export const restockInputSchema = z.strictObject({
	...shared,
	/** Parts that may be bought; by default what shops carry. */
	candidates: z.optional(traySchema),
	/** What a part of each kind costs, where the part itself has no price. */
	prices: z.optional(z.partialRecord(z.enum(PART_KINDS), priceSchema)),
	/** Most that may be spent. */
	budget: z.optional(priceSchema),
	maxParts: z.optional(z.int().check(z.minimum(0), z.maximum(BOUGHT_MAX))),
	/** Share of the way from the tray to the whole catalog that is wanted, with as few parts as will do. */
	wanted: z.optional(z.number().check(z.minimum(0), z.maximum(1)))
});

const places = z.array(z.int());

/** What `restock` answers. Values are points behind the whole catalog, summed over the season: at most 0. */
export const restockSchema = z.object({
	/** Share of the way from the tray to the whole catalog that is gone. */
	covered: z.number(),
	/** What to buy, and in which readings each is tied on. */
	buy: z.array(z.object({ part: trayPartSchema, serves: places, cost: z.number() })),
	/** Parts owned that are tied on in no reading. */
	idle: z.array(trayPartSchema),
	before: z.number(),
	value: z.number(),
	/** What no purchase within the limits can exceed. */
	bound: z.number(),
	exact: z.boolean()
});

/** What `gap` takes: the season, what is owned, and the part in the hand. */
export const gapInputSchema = z.strictObject({ ...shared, part: trayPartSchema });

/** What `gap` answers. */
export const gapSchema = z.object({
	/** Readings in which the part gains, by their place. */
	fills: places,
	/** Parts owned for which it could stand in with nothing lost, by their place. */
	repeats: places,
	points: z.number()
});

export type RestockInput = z.output<typeof restockInputSchema>;
export type Restock = z.output<typeof restockSchema>;
export type GapInput = z.output<typeof gapInputSchema>;
export type Gap = z.output<typeof gapSchema>;
