import { HOOK_WIRE_MM, hookMeasures, POINT_RUN_MM } from '../../foundation/catalogue/hooks';
import type { Rig } from '../../foundation/schema/rig';
import { bend, type Point } from './path';

/** A hook as it is bent, mm. */
export interface PlacedHook {
	readonly points: readonly Point[];
	readonly diameterMm: number;
	readonly gapeMm: number;
	readonly shankMm: number;
	/** Direction of the point, degrees clockwise from right. */
	readonly headingDeg: number;
	readonly endOfShank: Point;
	/** Top of the bend, and the point itself. */
	readonly top: Point;
	readonly tip: Point;
	/** The hindmost that the bend reaches. */
	readonly hindmostMm: number;
}

/**
 * A single hook whose shank runs to the right and whose point rides up.
 *
 * @param from Where the shank leaves the head, mm.
 * @param shankMm A measured shank, which stands over the size's.
 */
export function placeHook(hook: Rig['hook'], from: Point, shankMm?: number): PlacedHook {
	const size = hookMeasures(hook);
	const gape = size.gapeMm;
	const shank = shankMm ?? size.shankMm;
	const bent = bend(from, 0, [
		{ run: shank },
		{ left: 58, r: 0.57 * gape },
		{ left: 62, r: 0.43 * gape },
		{ left: 64, r: 0.53 * gape },
		{ run: POINT_RUN_MM }
	]);
	return {
		points: bent.points,
		diameterMm: HOOK_WIRE_MM[hook.gauge],
		gapeMm: gape,
		shankMm: shank,
		headingDeg: bent.headingDeg,
		endOfShank: bent.ends[0]!,
		top: bent.ends[2]!,
		tip: bent.points[bent.points.length - 1]!,
		hindmostMm: Math.max(...bent.points.map(({ x }) => x))
	};
}
