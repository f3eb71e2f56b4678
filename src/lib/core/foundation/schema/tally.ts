import * as z from 'zod/mini';
import { readingSchema } from './reading';
import { rigSchema } from './rig';
import { DAMAGES, FISH, HITS, HOOK_PLACES, HOOKSETS } from './words';

const uuid = z.uuid({ version: 'v4' });
const text = (most: number) => z.string().check(z.trim(), z.minLength(1, 'Enter something first.'), z.maxLength(most));
const hit = z._default(z.nullable(z.enum(HITS)), null);
const hook = z._default(z.nullable(z.enum(HOOK_PLACES)), null);
const set = z.optional(z.enum(HOOKSETS));
const metres = (most: number) => z.number().check(z.minimum(0), z.maximum(most));

/** Where a fish struck: measured by the device, or seen from the spot. */
const placeSchema = z.union([
	z.strictObject({
		latitude: z.number().check(z.minimum(-90), z.maximum(90)),
		longitude: z.number().check(z.minimum(-180), z.maximum(180)),
		accuracyM: metres(100_000)
	}),
	z.strictObject({ bearingDeg: z.number().check(z.minimum(0), z.maximum(360)), distanceM: metres(200) })
]);
const place = z.optional(placeSchema);
/**
 * The bite of the same fish, where it was tapped before: its key; `null` where it was another fish. Nothing said, a bite
 * within the minute before, with no cast between, is the same fish's.
 */
const after = z.optional(z.nullable(uuid));
const species = z.optional(z.enum(FISH));

/** One thing that happened on the water. */
export const entrySchema = z.discriminatedUnion('kind', [
	z.strictObject({ kind: z.literal('cast'), count: z.int().check(z.minimum(1), z.maximum(500)) }),
	/** A fish came after it and turned back, so far from the tip. */
	z.strictObject({ kind: z.literal('follow'), turnedM: z._default(z.nullable(metres(60)), null) }),
	z.strictObject({ kind: z.literal('short'), hit, place }),
	/** It struck and was not hooked. */
	z.strictObject({ kind: z.literal('bite'), hit, place }),
	z.strictObject({
		kind: z.literal('landed'),
		hit,
		hook,
		set,
		place,
		after,
		species,
		/** Whether it went home; released where nothing is said. */
		kept: z.optional(z.boolean()),
		lengthCm: z._default(
			z.nullable(z.number().check(z.minimum(5, 'At least 5 cm.'), z.maximum(90, 'At most 90 cm.'))),
			null
		),
		massKg: z._default(
			z.nullable(z.number().check(z.minimum(0.02, 'At least 20 g.'), z.maximum(12, 'At most 12 kg.'))),
			null
		)
	}),
	z.strictObject({ kind: z.literal('lost'), hit, hook, set, place, after, species }),
	z.strictObject({ kind: z.literal('fouled'), seconds: z.int().check(z.minimum(0), z.maximum(3600)) }),
	z.strictObject({ kind: z.literal('damage'), part: z.enum(DAMAGES) }),
	/** The lure itself is gone. */
	z.strictObject({ kind: z.literal('lure-lost') }),
	z.strictObject({ kind: z.literal('sonar'), text: text(200) }),
	z.strictObject({ kind: z.literal('note'), text: text(400) }),
	/** Another rig is cast, or the same with something changed. */
	z.strictObject({ kind: z.literal('rig'), rig: rigSchema }),
	z.strictObject({ kind: z.literal('spot'), spotId: z.nullable(uuid) }),
	z.strictObject({ kind: z.literal('reading'), reading: readingSchema }),
	z.strictObject({ kind: z.literal('pause') }),
	z.strictObject({ kind: z.literal('resume') }),
	/** A turn of the trial begins; `broken`: it was left before its end. */
	z.strictObject({ kind: z.literal('turn'), turn: z.int().check(z.minimum(0), z.maximum(200)) }),
	z.strictObject({ kind: z.literal('broken') }),
	z.strictObject({ kind: z.literal('end') })
]);

/** A comparison of two rigs that is planned beforehand: who is cast when follows from the seed. */
export const trialSchema = z.strictObject({
	a: rigSchema,
	b: rigSchema,
	seed: z.int().check(z.minimum(0), z.maximum(4294967295)),
	/** Pairs of turns, and casts in each turn. */
	pairs: z.int().check(z.minimum(1), z.maximum(40)),
	casts: z.int().check(z.minimum(3), z.maximum(100))
});

export type Entry = z.output<typeof entrySchema>;
export type EntryInput = z.input<typeof entrySchema>;
export type Trial = z.output<typeof trialSchema>;
