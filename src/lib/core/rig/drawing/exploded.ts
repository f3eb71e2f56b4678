import type { RigGeometry } from '../geometry/rigGeometry';
import { movedPath, polar, type Point } from '../geometry/path';
import { drawGeometry } from './rigDrawing';
import { boundsOf, type Bounds, type DrawnPart, type Drawing, type Shape } from './shape';

/** Direction (degrees clockwise from right) in which each part leaves its place; parts without one stay together. */
const LEAVES_DEG: Readonly<Record<RigGeometry['build']['rig']['family'], Partial<Record<DrawnPart, number>>>> = {
	spinnerbait: {
		clevis: -125,
		beads: -100,
		front: -80,
		swivel: -30,
		rear: 0,
		skirt: 0,
		trailer: 0,
		trailerHook: 0,
		array: 180
	},
	'bladed-jig': { rear: 180, clip: 180, skirt: 0, trailer: 0, trailerHook: 0 },
	buzzbait: { beads: 200, rear: -90, rivet: 0, clacker: 0, skirt: 0, trailer: 0, trailerHook: 0 },
	underspin: { swivel: 90, rear: 60, skirt: 0, trailer: 0, trailerHook: 0 }
};

/** Parts leave in this order, so that what sits outside makes room for what sits inside. */
const ORDER: readonly DrawnPart[] = [
	'skirt',
	'trailer',
	'trailerHook',
	'clevis',
	'beads',
	'front',
	'swivel',
	'rear',
	'rivet',
	'clacker',
	'clip',
	'array'
];

const STEP_MM = 2;
const MARGIN_MM = 3;
const FARTHEST_MM = 260;

const apart = (a: Bounds, b: Bounds): boolean =>
	a.x > b.x + b.width + MARGIN_MM ||
	b.x > a.x + a.width + MARGIN_MM ||
	a.y > b.y + b.height + MARGIN_MM ||
	b.y > a.y + a.height + MARGIN_MM;

/** Boxes of what stays: a wire in short pieces, since one box about a bent wire would hold the whole lure. */
function stayingBoxes(geometry: RigGeometry, shapes: readonly Shape[]): Bounds[] {
	const solid = shapes.filter(({ part }) => part !== 'wire');
	const pieces = [...(geometry.wire ? [geometry.wire.points] : []), ...geometry.arms].flatMap((points) =>
		points.slice(1).flatMap((end, at) => {
			const start = points[at]!;
			const parts = Math.max(1, Math.ceil(Math.hypot(end.x - start.x, end.y - start.y) / 5));
			const on = (share: number): Point => ({
				x: start.x + (end.x - start.x) * share,
				y: start.y + (end.y - start.y) * share
			});
			return Array.from({ length: parts }, (_, piece): Bounds => {
				const [a, b] = [on(piece / parts), on((piece + 1) / parts)];
				return {
					x: Math.min(a.x, b.x),
					y: Math.min(a.y, b.y),
					width: Math.abs(a.x - b.x),
					height: Math.abs(a.y - b.y)
				};
			});
		})
	);
	return [...solid.map((shape) => boundsOf([shape])), ...pieces];
}

/** The shortest way along a direction on which a part's box clears all that is placed. */
function wayOut(box: Bounds, angleDeg: number, placed: readonly Bounds[]): Point {
	for (let distance = STEP_MM * 3; distance < FARTHEST_MM; distance += STEP_MM) {
		const shift = polar({ x: 0, y: 0 }, angleDeg, distance);
		const moved = { ...box, x: box.x + shift.x, y: box.y + shift.y };
		if (placed.every((other) => apart(moved, other))) return shift;
	}
	return polar({ x: 0, y: 0 }, angleDeg, FARTHEST_MM);
}

/** A rig drawn with its parts drawn out of their places, and the lines along which they go together. */
export interface ExplodedDrawing extends Drawing {
	/** From each part's place in the rig to where it is drawn. */
	readonly ways: readonly { readonly part: DrawnPart; readonly from: Point; readonly to: Point }[];
}

/** Draws a geometry-out rig in pieces, each moved out the shortest way that clears the others. */
export function drawExploded(geometry: RigGeometry): ExplodedDrawing {
	const whole = drawGeometry(geometry);
	const directions = LEAVES_DEG[geometry.build.rig.family];
	const of = (part: DrawnPart): Shape[] => whole.shapes.filter((shape) => shape.part === part);
	const stays = whole.shapes.filter(({ part }) => directions[part] === undefined);
	const placed = stayingBoxes(geometry, stays);
	const moved: Shape[] = [];
	const anchors: Partial<Record<DrawnPart, Point>> = { ...whole.anchors };
	const ways: ExplodedDrawing['ways'][number][] = [];
	for (const part of ORDER.filter((candidate) => directions[candidate] !== undefined)) {
		const shapes = of(part);
		if (shapes.length === 0) continue;
		const box = boundsOf(shapes);
		const shift = wayOut(box, directions[part]!, placed);
		placed.push({ ...box, x: box.x + shift.x, y: box.y + shift.y });
		moved.push(...shapes.map((shape) => ({ ...shape, d: movedPath(shape.d, shift) })));
		const from = whole.anchors[part];
		if (!from) continue;
		const to = { x: from.x + shift.x, y: from.y + shift.y };
		anchors[part] = to;
		ways.push({ part, from, to });
	}
	const shapes = [...stays, ...moved];
	return { shapes, anchors, ways, bounds: boundsOf(shapes), text: whole.text };
}
