import type { LocalRules } from '../schema/reading';
import type { Rig } from '../schema/rig';
import type { HookStyle } from '../schema/words';

/** Diameter (mm) of hook wire by gauge (assumed). */
export const HOOK_WIRE_MM = { light: 1.25, standard: 1.45, heavy: 1.6 } as const;

/** Gape and shank (mm) of a 5/0, and what each size up adds; a trade fit, assumed within 10 %. */
const AT_5_AUGHT = { gapeMm: 16.5, shankMm: 24, longShankMm: 27 };
const PER_SIZE = { gapeMm: 0.9, shankMm: 1.1 };

/** Hook sizes that the bench offers, small to large. */
export const HOOK_SIZES = ['1/0', '2/0', '3/0', '4/0', '5/0', '6/0', '7/0'] as const;

/** Straight run (mm) from the end of the last bend to the point, and the barb's distance behind it. */
export const POINT_RUN_MM = 9.8;
export const BARB_MM = { foot: 6.6, tip: 2.8, end: 2.2 } as const;

/** Gape and shank (mm) of a hook by its size and shank word. */
export function hookMeasures({ size, shank }: Pick<Rig['hook'], 'size' | 'shank'>): {
	gapeMm: number;
	shankMm: number;
} {
	const number = Number.parseInt(size, 10);
	const steps = (size.endsWith('/0') ? number : 1 - number / 2) - 5;
	const base = shank === 'long' ? AT_5_AUGHT.longShankMm : AT_5_AUGHT.shankMm;
	return { gapeMm: AT_5_AUGHT.gapeMm + steps * PER_SIZE.gapeMm, shankMm: base + steps * PER_SIZE.shankMm };
}

/** Points of a hook by its style. */
const POINTS_OF: Readonly<Record<HookStyle, number>> = { single: 1, treble: 3, dressed: 3 };

/** What of a rig hooks: its own hook, single where nothing else is said, and a second one or none. */
interface Hooked {
	readonly hook?: { readonly style?: HookStyle | undefined } | undefined;
	readonly trailerHook?: Rig['trailerHook'] | undefined;
}

/** Hooks and points of a rig: a trailer hook is a second, single one. */
export function hooksAndPoints({ hook, trailerHook = 'none' }: Hooked): { hooks: number; points: number } {
	const second = trailerHook === 'none' ? 0 : 1;
	return { hooks: 1 + second, points: POINTS_OF[hook?.style ?? 'single'] + second };
}

/** Whether a rig has no more hooks and points than the local rule allows. */
export function withinHookRule(rig: Hooked, { hooksMax = Infinity, pointsMax = Infinity }: LocalRules): boolean {
	const { hooks, points } = hooksAndPoints(rig);
	return hooks <= hooksMax && points <= pointsMax;
}
