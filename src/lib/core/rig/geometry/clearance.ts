import { turningStyle } from '../../foundation/catalogue/bladeSizes';
import { BUZZ_MM } from '../../foundation/catalogue/fittings';
import { BLADE_FORMS } from '../../foundation/constants/constants';
import type { RigGeometry, PlacedBlade } from './rigGeometry';
import { polar, type Point } from './path';

type Segment = readonly [Point, Point];

const cross = (ax: number, ay: number, bx: number, by: number): number => ax * by - ay * bx;

/** Distance from a point to a segment, mm. */
function toSegment({ x, y }: Point, [a, b]: Segment): number {
	const [dx, dy] = [b.x - a.x, b.y - a.y];
	const share = Math.min(1, Math.max(0, ((x - a.x) * dx + (y - a.y) * dy) / (dx * dx + dy * dy || 1)));
	return Math.hypot(x - a.x - share * dx, y - a.y - share * dy);
}

/** How far along the first segment (0 to 1) the second one crosses it, or `null`. */
function crossing([a, b]: Segment, [c, d]: Segment): number | null {
	const [rx, ry, sx, sy] = [b.x - a.x, b.y - a.y, d.x - c.x, d.y - c.y];
	const across = cross(rx, ry, sx, sy);
	if (Math.abs(across) < 1e-12) return null;
	const t = cross(c.x - a.x, c.y - a.y, sx, sy) / across;
	const u = cross(c.x - a.x, c.y - a.y, rx, ry) / across;
	return t >= 0 && t <= 1 && u >= 0 && u <= 1 ? t : null;
}

/** Gap (mm) between two segments; below zero by what of the first reaches beyond the crossing. */
function gap(first: Segment, second: Segment): number {
	const at = crossing(first, second);
	if (at !== null) return -(1 - at) * Math.hypot(first[1].x - first[0].x, first[1].y - first[0].y);
	return Math.min(
		toSegment(first[0], second),
		toSegment(first[1], second),
		toSegment(second[0], first),
		toSegment(second[1], first)
	);
}

/** The two lines in side view along which a turning blade's cone is widest: from its hinge to its tip, up and down. */
export function sweptLines({ blade, lengthMm, hole, axisDeg }: PlacedBlade): readonly [Segment, Segment] {
	const { angleDeg } = BLADE_FORMS[turningStyle(blade)];
	return [
		[hole, polar(hole, axisDeg - angleDeg, lengthMm)],
		[hole, polar(hole, axisDeg + angleDeg, lengthMm)]
	];
}

const segments = (points: readonly Point[]): Segment[] =>
	points.slice(1).map((point, at) => [points[at]!, point] as const);

const leastGap = (first: readonly Segment[], second: readonly Segment[]): number =>
	Math.min(...first.flatMap((a) => second.map((b) => gap(a, b))));

/** Gap (mm) between what a turning front blade sweeps and what the rear one does; `null` without both. */
export function frontToRearMm({ front, rear, swivel }: RigGeometry): number | null {
	if (!front || !rear || !swivel) return null;
	return leastGap(sweptLines(front), sweptLines(rear));
}

/** Gap (mm) between what a turning front blade sweeps and the lower arm with its line-tie bend. */
export function frontToTieMm({ front, wire }: RigGeometry): number | null {
	if (!front || !wire) return null;
	const lower = wire.points.filter((_, at) => at < wire.points.indexOf(wire.armStart));
	return leastGap(sweptLines(front), segments(lower));
}

/** Gap (mm) between what the rear blade sweeps and the hook; for a buzz blade between its wings and the head. */
export function rearToHookMm({ rear, hook, prop, head, trailerHook }: RigGeometry): number | null {
	if (prop) {
		const along = (distance: number): Point => polar(prop.front, prop.headingDeg, distance);
		const lowest = [
			polar(along(0), prop.headingDeg + 90, prop.diameterMm / 2),
			polar(along(prop.diameterMm * BUZZ_MM.lengthOverDiameter), prop.headingDeg + 90, prop.diameterMm / 2)
		] as const;
		const below: Segment = [
			{ x: 0, y: 0 },
			{ x: head.lengthMm, y: -head.heightMm / 2 }
		];
		return Math.min(gap(lowest, below), leastGap([lowest], segments(hook.points)));
	}
	if (!rear) return null;
	const hooks = [...segments(hook.points), ...(trailerHook ? segments(trailerHook.points) : [])];
	return leastGap(sweptLines(rear), hooks);
}
