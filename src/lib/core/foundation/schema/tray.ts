import './english';
import * as z from 'zod/mini';
import { lockSchema } from './rig';

/** Most parts of a tray: as many lures are ranked one by one. */
export const TRAY_MAX = 300;

const { shape } = lockSchema;

/** How many of a part are there, and how worn it is; a part of which none is left is not there. */
const stock = {
	count: z.optional(z.int().check(z.minimum(0), z.maximum(1000))),
	wear: z.optional(z.number().check(z.minimum(0)))
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
export const traySchema = z.array(partSchema).check(z.maxLength(TRAY_MAX));
export type Tray = z.output<typeof traySchema>;
export type TrayPart = Tray[number];
