import { BARB_MM } from '../../foundation/catalogue/hooks';
import type { PlacedHook } from '../geometry/hook';
import { pathThrough, polar } from '../geometry/path';
import { CONTOUR_MM, type Shape } from './shape';
import { drawWire } from './wire';

/** Length (mm) over which the point tapers, and how far its barb stands off the wire. */
const TAPER_MM = 6.5;
const BARB_STANDS_MM = 1.15;

/** A single hook as it is bent. */
export function drawHook(hook: PlacedHook, part: 'hook' | 'trailerHook' = 'hook'): Shape[] {
	const { tip, headingDeg, diameterMm } = hook;
	const behind = (distance: number) => polar(tip, headingDeg + 180, distance);
	const beside = (distance: number, side: number) => polar(behind(distance), headingDeg + 90, side);
	const point = pathThrough([beside(TAPER_MM, diameterMm / 2), tip, beside(TAPER_MM, -diameterMm / 2)], true);
	const barb = [behind(BARB_MM.foot), beside(BARB_MM.tip, -BARB_STANDS_MM - diameterMm / 2), behind(BARB_MM.end)];
	const upToTaper = [...hook.points.slice(0, -1), behind(TAPER_MM - 0.5)];
	return [
		...drawWire(part, upToTaper, diameterMm, 'hook'),
		{ part, d: point, fill: 'hook.mid', stroke: 'ink', width: CONTOUR_MM / 2 },
		{ part, d: pathThrough(barb), stroke: 'ink', width: CONTOUR_MM * 0.8 }
	];
}
