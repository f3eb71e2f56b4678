import { isOneOf, keysOf } from '../basics/typed';
import * as z from 'zod/mini';
import { calibrationSchema } from './calibration';
import { ownColourSchema } from './ownColour';
import { rigSchema } from './rig';
import {
	ACCENTS,
	BUZZ_BLADES,
	HEAD_MATERIALS,
	HOOK_GAUGES,
	JIG_BLADES,
	OWN_SLOTS,
	SKIRT_MATERIALS,
	TRAILER_KINDS,
	TURNING_STYLES
} from './words';

/** Kinds of parts that an angler can add, and the generic forms that each can be like. */
export const OWN_FORMS = {
	head: HEAD_MATERIALS,
	hook: HOOK_GAUGES,
	blade: TURNING_STYLES,
	'jig-blade': JIG_BLADES,
	'buzz-blade': BUZZ_BLADES,
	skirt: SKIRT_MATERIALS,
	trailer: TRAILER_KINDS
} as const;
export const OWN_KINDS = keysOf(OWN_FORMS);
export type OwnKind = keyof typeof OWN_FORMS;

/** Kinds whose own color can be kept. */
export const COLOURED_KINDS: readonly OwnKind[] = ['skirt', 'trailer'];

/** Price classes: small change, a cup of tea, a meal; assumed, for adding up only. */
export const PRICE_CLASSES = [1, 2, 3] as const;

/** A part of the angler's own, as it was measured: length mm and mass g. */
export const ownPartSchema = z
	.strictObject({
		kind: z.enum(OWN_KINDS),
		name: z
			.string()
			.check(z.trim(), z.minLength(1, 'Give the part a name.'), z.maxLength(80, 'Use at most 80 letters for a name.')),
		form: z.string(),
		lengthMm: z
			.number({ error: 'Enter its length.' })
			.check(z.minimum(2, 'At least 2 mm.'), z.maximum(200, 'At most 200 mm.')),
		massG: z
			.number({ error: 'Enter its weight.' })
			.check(z.minimum(0.05, 'At least 0.05 g.'), z.maximum(120, 'At most 120 g.')),
		price: z.union(PRICE_CLASSES.map((price) => z.literal(price))),
		/** The color of an own skirt or soft plastic, where it is none of the table's. */
		colour: z.optional(ownColourSchema)
	})
	.check(
		z.superRefine(({ kind, form, colour }, context) => {
			if (!isOneOf(OWN_FORMS[kind], form)) {
				context.addIssue({ code: 'custom', path: ['form'], message: `A ${kind} can’t be like ${form}.` });
			}
			if (colour && !COLOURED_KINDS.includes(kind)) {
				context.addIssue({ code: 'custom', path: ['colour'], message: `A ${kind} can’t have its own color here.` });
			}
		})
	);

/** An own part as a rig was built from it: the version stays although the part may change or go. */
const ownUseSchema = z.strictObject({
	id: z.uuid({ version: 'v4' }),
	version: z.int().check(z.minimum(1)),
	part: ownPartSchema
});

/** What the bench decides beyond the rig; whatever is left out is as usual for the rig. */
export const fitSchema = z.partial(
	z.strictObject({
		/** Runs of the wire: head to line tie, and line tie to the blade's eye, mm. */
		lowerArmMm: z.number().check(z.minimum(15), z.maximum(60)),
		upperArmMm: z.number().check(z.minimum(30), z.maximum(120)),
		/** Rise of the upper arm over the level, degrees. */
		riseDeg: z.number().check(z.minimum(5), z.maximum(60)),
		/** Clevis to line tie along the upper arm, mm. */
		clevisMm: z.number().check(z.minimum(8), z.maximum(100)),
		beads: z.int().check(z.minimum(1), z.maximum(6)),
		tie: z.enum(['open', 'closed']),
		/** What joins line and lure: the knot alone, or a snap put between. */
		join: z.enum(['direct', 'snap']),
		/** Upper arm out of the plane of the lower on purpose, degrees. */
		offsetDeg: z.number().check(z.minimum(-25), z.maximum(25)),
		/** How crooked the trailer sits, degrees. */
		kinkDeg: z.number().check(z.minimum(0), z.maximum(30)),
		/** Pin gap opened (or closed, below zero) beyond the usual, degrees. */
		gapDeg: z.number().check(z.minimum(-20), z.maximum(20)),
		/** Lip of a bladed jig's plate bent down, degrees. */
		lipDeg: z.number().check(z.minimum(0), z.maximum(30)),
		trailerCutMm: z.number().check(z.minimum(0), z.maximum(80)),
		/** Length that the skirt is cut to, mm. */
		skirtMm: z.number().check(z.minimum(10), z.maximum(90)),
		bellyOff: z.boolean(),
		roundDown: z.boolean(),
		inked: z.boolean(),
		dye: z.enum(ACCENTS),
		/** Keeper wires of an underspin. */
		keepers: z.int().check(z.minimum(1), z.maximum(2)),
		/** A bead before a buzz blade that keeps weed out of it. */
		weedBead: z.boolean(),
		/** Drag set on the reel, pounds. */
		dragLb: z.number().check(z.minimum(1), z.maximum(25))
	})
);

/** A rig with everything that the bench knows about it. */
export const buildSchema = z.strictObject({
	rig: rigSchema,
	fit: fitSchema,
	own: z.partialRecord(z.enum(OWN_SLOTS), ownUseSchema),
	notes: z.string().check(z.maxLength(4000, 'Use at most 4000 letters for notes.')),
	/** How it was measured to run; absent until it was. */
	calibration: z.optional(calibrationSchema)
});

export type OwnUse = z.output<typeof ownUseSchema>;
export type FitChoice = z.output<typeof fitSchema>;
export type Build = z.output<typeof buildSchema>;
