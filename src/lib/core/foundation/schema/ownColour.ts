import * as z from 'zod/mini';
import { SKIRT_COLOURS } from './words';

/** Colors that a strand can have by name: a skirt's, but for none. */
export const STRAND_COLOURS = SKIRT_COLOURS.filter((colour) => colour !== 'none');
/** Most strands of an own color. */
export const STRANDS_MAX = 4;
/** Bands of a measured spectrum: every 10 nm from 400 to 700 nm. */
const MEASURED_BANDS = 31;

const share = z.number().check(z.minimum(0.05, 'At least 5 %.'), z.maximum(1, 'At most 100 %.'));

/** Strands of one color: a named one, one picked as it looks in the hand by day, or what it was measured to throw back. */
const strandSchema = z.union([
	z.strictObject({ colour: z.enum(STRAND_COLOURS), share }),
	z.strictObject({ rgb: z.string().check(z.regex(/^#[0-9a-f]{6}$/, 'Write a color like #c5d62f.')), share }),
	z.strictObject({
		reflects: z
			.array(z.number().check(z.minimum(0, 'At least 0.'), z.maximum(1, 'At most 1.')))
			.check(z.length(MEASURED_BANDS, `Enter ${MEASURED_BANDS} numbers, one every 10 nm from 400 to 700 nm.`)),
		share
	})
]);

/** The color of an own skirt or soft plastic: strands beside each other, by their share of what is seen. */
export const ownColourSchema = z.strictObject({
	strands: z.array(strandSchema).check(z.minLength(1), z.maxLength(STRANDS_MAX)),
	/** The named color that it counts as: what the rules of the craft say of that, they say of it. */
	countsAs: z.enum(STRAND_COLOURS)
});

export type Strand = z.output<typeof strandSchema>;
export type OwnColour = z.output<typeof ownColourSchema>;
export type StrandColour = (typeof STRAND_COLOURS)[number];
