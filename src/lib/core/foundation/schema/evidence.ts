import * as z from 'zod/mini';

const count = (max: number) => z.int().check(z.minimum(0), z.maximum(max));

/** What was done with one of two things in a stretch of time: for how long or how often, and what came of it. */
const armSchema = z
	.strictObject({
		hours: z.optional(z.number().check(z.positive(), z.maximum(1000))),
		casts: z.optional(z.int().check(z.minimum(1), z.maximum(100_000))),
		bites: count(10_000)
	})
	.check(
		z.refine(({ hours, casts }) => (hours === undefined) !== (casts === undefined), {
			error: 'Give either hours or casts.',
			path: ['casts']
		})
	);

const blockSchema = z
	.strictObject({ id: z.string().check(z.maxLength(100)), planned: z.boolean(), a: armSchema, b: armSchema })
	.check(
		z.refine(({ a, b }) => (a.hours === undefined) === (b.hours === undefined), {
			error: 'Count both halves of a block the same way: in hours or in casts.',
			path: ['b']
		})
	);

/** What `evidence` takes: stretches of fishing in which two things were fished against each other. */
export const evidenceInputSchema = z.strictObject({
	blocks: z.array(blockSchema).check(z.minLength(1), z.maxLength(2000)),
	prior: z.optional(z.strictObject({ sdLog: z.number().check(z.minimum(0.01), z.maximum(5)) })),
	level: z.optional(z.number().check(z.minimum(0.5), z.maximum(0.999)))
});

const rateSchema = z.object({ bites: z.number(), effort: z.number(), rate: z.number() });

/** What `evidence` answers. */
export const evidenceSchema = z.object({
	/** How many times the bites a brings, b counting one. */
	ratio: z.object({ median: z.number(), from: z.number(), to: z.number() }),
	/** Chance that each is the better one. */
	better: z.object({ a: z.number(), b: z.number() }),
	verdict: z.string(),
	/** How many more stretches like these, and hours, until the question is likely settled; none where it is. */
	more: z.object({ blocks: z.number(), hours: z.number() }),
	rates: z.object({
		hours: z.optional(z.object({ a: rateSchema, b: rateSchema })),
		casts: z.optional(z.object({ a: rateSchema, b: rateSchema }))
	}),
	warnings: z.array(z.string())
});

export type EvidenceInput = z.output<typeof evidenceInputSchema>;
export type EvidenceBlock = EvidenceInput['blocks'][number];
export type Evidence = z.output<typeof evidenceSchema>;
