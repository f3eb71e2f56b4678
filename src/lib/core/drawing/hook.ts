import type { Rig } from '../schema/rig';
import { bend, pathThrough, polar, type Point } from './path';
import { CONTOUR_MM, type Shape } from './shape';
import { drawWire } from './wire';

/** Gape (mm) and shank (mm) of a hook by the number before "/0", linear about a 5/0 of 16.5 and 24 mm; assumed trade fit. */
function measures({ size, shank }: Rig['hook']): { gape: number; shank: number } {
	const aught = size.endsWith('/0') ? Number.parseInt(size, 10) : 1 - Number.parseInt(size, 10) / 2;
	return { gape: 16.5 + (aught - 5) * 0.9, shank: (shank === 'long' ? 27 : 24) + (aught - 5) * 1.1 };
}

const WIRE_MM = { light: 1.25, standard: 1.45, heavy: 1.6 } as const;
const POINT_RUN_MM = 9.8;

export interface DrawnHook {
	readonly shapes: readonly Shape[];
	/** Top of the bend. */
	readonly anchor: Point;
	readonly endOfShank: Point;
}

/**
 * A single hook whose shank leaves the head to the right and whose point rides up.
 *
 * @param from Where the shank leaves the head, mm.
 */
export function drawHook(hook: Rig['hook'], from: Point, part: 'hook' | 'trailerHook' = 'hook'): DrawnHook {
	const { gape, shank } = measures(hook);
	const diameter = WIRE_MM[hook.gauge];
	const bent = bend(from, 0, [
		{ run: shank },
		{ left: 58, r: 0.57 * gape },
		{ left: 62, r: 0.43 * gape },
		{ left: 64, r: 0.53 * gape },
		{ run: POINT_RUN_MM }
	]);
	const point = bent.points[bent.points.length - 1]!;
	const barbFoot = polar(point, bent.headingDeg + 180, 6.6);
	const barbTip = polar(polar(point, bent.headingDeg + 180, 2.8), bent.headingDeg + 90, -1.15 - diameter / 2);
	const barbEnd = polar(point, bent.headingDeg + 180, 2.2);
	const tip = pathThrough(
		[
			polar(polar(point, bent.headingDeg + 180, 6.5), bent.headingDeg + 90, diameter / 2),
			point,
			polar(polar(point, bent.headingDeg + 180, 6.5), bent.headingDeg - 90, diameter / 2)
		],
		true
	);
	const upToTaper = [...bent.points.slice(0, -1), polar(point, bent.headingDeg + 180, 6)];
	return {
		shapes: [
			...drawWire(part, upToTaper, diameter, 'hook'),
			{ part, d: tip, fill: 'hook.mid', stroke: 'ink', width: CONTOUR_MM / 2 },
			{ part, d: pathThrough([barbFoot, barbTip, barbEnd]), stroke: 'ink', width: CONTOUR_MM * 0.8 }
		],
		anchor: bent.ends[2]!,
		endOfShank: bent.ends[0]!
	};
}
