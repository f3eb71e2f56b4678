import type { Rig } from '../schema/rig';

/** Length (mm) from the collar and strands of a skirt by its word (assumed). */
export const SKIRT_CUTS = {
	standard: { lengthMm: 52, strands: 58 },
	long: { lengthMm: 66, strands: 58 },
	short: { lengthMm: 30, strands: 34 }
} as const;
/** Width of a strand, mm. */
export const STRAND_MM = { silicone: 0.8, fine: 0.62, hair: 0.45 } as const;
/** Collar: radius and length of its wraps, mm. */
export const COLLAR = { radiusMm: 2.4, lengthMm: 5.2 } as const;

type TailForm = 'split' | 'paddle' | 'curl' | 'claws' | 'fork' | 'legs';

/** A soft body: half height and where its tail begins, in shares of its length, and how far the tail beats. */
export interface SoftBody {
	readonly half: number;
	readonly tail: TailForm;
	readonly tailAt: number;
	/** Peak-to-peak sweep of a tail that beats by itself over the body's length; 0 for one that does not. */
	readonly sweep: number;
}

/** Generic soft plastics; assumed. */
export const SOFT_BODIES: Readonly<Record<NonNullable<Rig['trailer']>['kind'], SoftBody>> = {
	'split-tail': { half: 0.055, tail: 'split', tailAt: 0.56, sweep: 0 },
	'paddle-tail': { half: 0.085, tail: 'paddle', tailAt: 0.74, sweep: 0.16 },
	'slim-swimmer': { half: 0.06, tail: 'paddle', tailAt: 0.78, sweep: 0.1 },
	grub: { half: 0.07, tail: 'curl', tailAt: 0.5, sweep: 0.14 },
	craw: { half: 0.08, tail: 'claws', tailAt: 0.5, sweep: 0.2 },
	'flat-craw': { half: 0.095, tail: 'claws', tailAt: 0.52, sweep: 0.16 },
	minnow: { half: 0.075, tail: 'fork', tailAt: 0.8, sweep: 0 },
	'flat-toad': { half: 0.12, tail: 'legs', tailAt: 0.55, sweep: 0.18 },
	swimbait: { half: 0.105, tail: 'paddle', tailAt: 0.78, sweep: 0.16 }
};
