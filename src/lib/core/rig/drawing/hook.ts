import { BARB_MM } from '../../foundation/catalogue/hooks';
import type { PlacedHook } from '../geometry/hook';
import type { HookStyle } from '../../foundation/schema/words';
import { pathThrough, polar, type Point } from '../geometry/path';
import { CONTOUR_MM, type Shape } from './shape';
import { drawWire } from './wire';

type Bend = Pick<PlacedHook, 'points' | 'tip' | 'headingDeg' | 'diameterMm'>;

/** How far the bends of a treble stand from the shank seen from the side: one up, one down and away, one down and near. */
const TREBLE_SHARES = [1, -0.35, -0.7] as const;
/** Strands of the hair on a dressed hook, and how far (shares of the gape) they spread. */
const STRANDS = [-0.5, -0.3, -0.1, 0.1, 0.3, 0.5] as const;

/** Length (mm) over which the point tapers, and how far its barb stands off the wire. */
const TAPER_MM = 6.5;
const BARB_STANDS_MM = 1.15;

/** One bend of a hook with its point. */
function drawBend(hook: Bend, part: 'hook' | 'trailerHook'): Shape[] {
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

/** A bend turned about the shank, by the share of its height that is left. */
function turnedBend(hook: PlacedHook, share: number): Bend {
	const turn = ({ x, y }: Point): Point => ({ x, y: hook.endOfShank.y + (y - hook.endOfShank.y) * share });
	const heading = (hook.headingDeg * Math.PI) / 180;
	return {
		points: hook.points.map(turn),
		tip: turn(hook.tip),
		headingDeg: (Math.atan2(Math.sin(heading) * share, Math.cos(heading)) * 180) / Math.PI,
		diameterMm: hook.diameterMm
	};
}

/** Hair that is tied on at the end of the shank. */
function drawHair({ endOfShank, gapeMm }: PlacedHook): Shape[] {
	const d = STRANDS.map((share) =>
		pathThrough([endOfShank, { x: endOfShank.x + 1.3 * gapeMm, y: endOfShank.y + share * gapeMm }])
	).join('');
	return [{ part: 'hook', d, stroke: 'ink', width: CONTOUR_MM * 0.8 }];
}

/** A hook as it is bent: a single one, a treble, or a treble dressed with hair. */
export function drawHook(
	hook: PlacedHook,
	part: 'hook' | 'trailerHook' = 'hook',
	style: HookStyle = 'single'
): Shape[] {
	if (style === 'single') return drawBend(hook, part);
	const bends = TREBLE_SHARES.flatMap((share) => drawBend(turnedBend(hook, share), part));
	return style === 'dressed' ? [...bends, ...drawHair(hook)] : bends;
}
