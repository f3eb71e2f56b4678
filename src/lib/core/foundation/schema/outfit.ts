import * as z from 'zod/mini';
import { rigSchema } from './rig';

/** A rod with its reel and line: what lies on the deck. */
export const outfitSchema = z.object({
	rod: rigSchema.shape.rod,
	reel: rigSchema.shape.reel,
	line: rigSchema.shape.line
});

export type Outfit = z.output<typeof outfitSchema>;
