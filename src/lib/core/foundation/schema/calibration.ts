import * as z from 'zod/mini';

const metres = z.number().check(z.minimum(0.2, 'At least .2 m.'), z.maximum(60, 'At most 60 m.'));
const seconds = z.number().check(z.minimum(0.2, 'At least .2 s.'), z.maximum(180, 'At most 180 s.'));

/** A measurement of how a rig really runs; distances from the rod tip. */
export const measureSchema = z.discriminatedUnion('kind', [
	/** Seconds that it falls on slack line beside the boat, to a known depth. */
	z.strictObject({ kind: z.literal('fall'), toM: metres, seconds }),
	/** The count on a tight line, from the splash to the tick on a bottom that is known. */
	z.strictObject({
		kind: z.literal('count'),
		castM: metres,
		tipM: z.number().check(z.minimum(0), z.maximum(4)),
		toM: metres,
		seconds
	}),
	/** The place where it first ticks a bottom (or weed tops) that is known, wound in steadily. */
	z.strictObject({
		kind: z.literal('tick'),
		castM: metres,
		tipM: z.number().check(z.minimum(0), z.maximum(4)),
		countdownS: z.number().check(z.minimum(0), z.maximum(120)),
		speedMps: z.number().check(z.minimum(0.1, 'At least .1 m/s.'), z.maximum(3, 'At most 3 m/s.')),
		atM: metres,
		toM: metres
	})
]);

/** Factors fitted to measurements, for one set of blades. */
export const calibrationSchema = z.strictObject({
	/** Blades of the rig that was measured: with others it says nothing. */
	blades: z.string().check(z.maxLength(120)),
	on: z.boolean(),
	measures: z.array(measureSchema).check(z.minLength(1), z.maxLength(20)),
	dragMul: z.number().check(z.minimum(0.3), z.maximum(3)),
	/** 1 where the measurements do not tell lift from drag. */
	liftMul: z.number().check(z.minimum(0.1), z.maximum(5))
});

export type Measure = z.output<typeof measureSchema>;
export type MeasureKind = Measure['kind'];
export type Calibration = z.output<typeof calibrationSchema>;
