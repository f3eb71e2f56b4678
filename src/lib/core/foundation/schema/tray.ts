import './english';
import * as z from 'zod/mini';
import { lockSchema } from './rig';

/** Most parts of a tray. */
export const TRAY_MAX = 2000;
/** Most finished lures of a tray: they are ranked one by one. */
export const LURES_MAX = 300;

const { shape } = lockSchema;

/** What a part costs. */
export const priceSchema = z.number().check(z.minimum(0), z.maximum(100_000));

/** How many of a part are there, and how worn it is; a part of which none is left is not there. */
const stock = {
	count: z.optional(z.int().check(z.minimum(0), z.maximum(1000))),
	wear: z.optional(z.number().check(z.minimum(0))),
	/** What one costs, in the angler's own money. */
	price: z.optional(priceSchema)
};

const partSchema = z.discriminatedUnion('part', [
	z.strictObject({
		part: z.literal('head'),
		...stock,
		weightOz: shape.weightOz,
		headMaterial: shape.headMaterial,
		headShape: shape.headShape,
		hook: shape.hook,
		body: shape.body
	}),
	z.strictObject({ part: z.literal('blade'), ...stock, ...z.partial(shape.blades.def.innerType.def.element).shape }),
	z.strictObject({ part: z.literal('wire'), ...stock, wireIn: shape.wireIn }),
	z.strictObject({ part: z.literal('skirt'), ...stock, ...shape.skirt.def.innerType.shape }),
	z.strictObject({ part: z.literal('trailer'), ...stock, ...shape.trailer.def.innerType.def.innerType.shape }),
	z.strictObject({ part: z.literal('trailer-hook'), ...stock, trailerHook: shape.trailerHook }),
	z.strictObject({ part: z.literal('line'), ...stock, ...shape.line.def.innerType.shape }),
	z.strictObject({ part: z.literal('rod'), ...stock, ...shape.rod.def.innerType.shape }),
	z.strictObject({ part: z.literal('reel'), ...stock, ...shape.reel.def.innerType.shape }),
	z.strictObject({ part: z.literal('lure'), ...stock, rig: lockSchema })
]);

/** Parts that are owned. */
export const traySchema = z.array(partSchema).check(
	z.maxLength(TRAY_MAX),
	z.refine((tray) => tray.filter(({ part }) => part === 'lure').length <= LURES_MAX, {
		error: `A tray can have at most ${LURES_MAX} finished lures.`
	})
);
export type Tray = z.output<typeof traySchema>;
export type TrayPart = Tray[number];

/** Kinds of parts. */
export const PART_KINDS = [
	'head',
	'blade',
	'wire',
	'skirt',
	'trailer',
	'trailer-hook',
	'line',
	'rod',
	'reel',
	'lure'
] as const satisfies readonly TrayPart['part'][];
export type PartKind = (typeof PART_KINDS)[number];
/** One part. */
export const trayPartSchema = partSchema;
