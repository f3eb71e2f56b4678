import * as z from 'zod/mini';
import { bandSchema, bodySchema, bottomSchema } from './tow';
import type { CalledWindow } from './window';

/** The cast that is told of a rig: exactly what `tow` takes beside the rig. */
export const runCastSchema = z.object({
	castM: z.number(),
	tipM: z.number(),
	countdownS: z.number(),
	speedMps: z.number(),
	bottom: bottomSchema,
	covers: z.array(bodySchema),
	/** Depths (m) between which it works: where a fish takes it, or the top of the water for a surface lure. */
	band: bandSchema
});

/** What becomes of a rig at its speed, the worst first. */
export const RUN_STATES = ['stalls', 'rolls', 'sinks', 'leans', 'drags', 'runs'] as const;

/** How a rig runs on a cast, simulated. */
export const runSchema = z.object({
	/** Depth (m) in the middle of the cast with one and a half times the modeled drag, and as modeled. */
	fromM: z.number(),
	toM: z.number(),
	/** Share of the meters wound, 0 to 1, on which it is between the depths of the cast's band. */
	inZone: z.number(),
	/** Where it mostly is while outside of them; `null` where it hardly is. */
	outside: z.nullable(z.enum(['above', 'below'])),
	/** Share of the meters wound on the bottom, 0 to 1. */
	onBottom: z.number(),
	state: z.enum(RUN_STATES),
	/** How far it leans over (degrees); `null` where nothing makes it lean. */
	leanDeg: z.nullable(z.number()),
	cast: runCastSchema
});

/** Changes of the cast that may keep a rig in the zone for longer. */
export const CAST_CHANGES = ['tip-up', 'shorter-cast', 'lighter', 'heavier'] as const;
export type CastChange = (typeof CAST_CHANGES)[number];

/** A change of the cast, and the share of the meters wound (0 to 1) that is in the zone with it. */
export interface BetterCast {
	readonly change: CastChange;
	readonly inZone: number;
}

export type RunCast = z.output<typeof runCastSchema>;
export type Run = z.output<typeof runSchema>;
export type RunState = Run['state'];

/** How a rig that was called is fished on a water: its window, its cast, and what would keep it in the zone longer. */
export interface Running {
	readonly window: CalledWindow;
	readonly run: Run;
	readonly better: readonly BetterCast[];
}
