import { layoutOf } from '../catalogue/layouts';
import type { Blade, Rig } from '../schema/rig';
import type { TurningStyle } from '../schema/words';
import { MM_PER_IN } from '../units';
import { bladeAnchor, drawBlade } from './blade';
import { describeRig } from './describe';
import { drawHead } from './head';
import { drawHook } from './hook';
import { bend, circlePath, pathThrough, polar, type Bent, type Point } from './path';
import { drawBuzzBlade, drawPlate } from './plates';
import { CONTOUR_MM, DETAIL_MM, type Bounds, type DrawnPart, type Drawing, type Shape } from './shape';
import { drawSkirt } from './skirt';
import { drawTrailer } from './trailer';
import { drawWire } from './wire';

const ORIGIN: Point = { x: 0, y: 0 };

/** Runs of the upper arm (mm) by layout, and where the clevis rides on it (the visual direction's bend schedule). */
const UPPER_ARM_MM = { single: 52, tandem: 60, double: 64 } as const;
const CLEVIS_AT_MM = { tandem: 31, double: 30 } as const;
const LOWER_ARM_MM = 33.5;
/** Angles below the flow at which things trail: front blade, swivel, rear blade. */
const FRONT_TRAILS_DEG = { tandem: 14, double: 6 } as const;
const SWIVEL_TRAILS_DEG = 10;
const REAR_TRAILS_DEG = 16;
const SWIVEL_MM = 12.2;

type Anchors = Partial<Record<DrawnPart, Point>>;

/** A swivel with its split ring, trailing from an eye; `scale` shrinks it for an underspin. */
function swivel(eye: Point, scale = 1): { shapes: Shape[]; end: Point } {
	const along = (distance: number): Point => polar(eye, SWIVEL_TRAILS_DEG, distance * scale);
	const barrel = [-2, 2].flatMap((half) => [
		polar(along(2.4), SWIVEL_TRAILS_DEG + 90, half * scale),
		polar(along(7.1), SWIVEL_TRAILS_DEG + 90, half * scale)
	]);
	const [a, b, c, d] = barrel as [Point, Point, Point, Point];
	const ring = (at: number, radius: number): Shape => ({
		part: 'swivel',
		d: circlePath(along(at), radius * scale),
		stroke: 'ink',
		width: 0.75 * scale
	});
	return {
		end: along(SWIVEL_MM),
		shapes: [
			ring(1.2, 1.35),
			{ part: 'swivel', d: pathThrough([a, b, d, c], true), fill: 'gold.mid', stroke: 'ink', width: CONTOUR_MM },
			ring(8.2, 1.35),
			ring(10.4, 1.9)
		]
	};
}

/** Clevis and its beads on the upper arm. */
function clevis(at: Point, armDeg: number): { shapes: Shape[]; hole: Point } {
	const hole = polar(at, 96, 5.4);
	const strap = [polar(at, armDeg, -1.15), polar(hole, 0, -0.9), hole, polar(hole, 0, 0.9), polar(at, armDeg, 1.15)];
	const bead = (distance: number, radius: number, colour: string): Shape => ({
		part: 'clevis',
		d: circlePath(polar(at, armDeg, distance), radius),
		fill: colour,
		stroke: 'ink',
		width: DETAIL_MM
	});
	return {
		hole,
		shapes: [
			bead(2.9, 1.55, 'red.mid'),
			bead(6.1, 1.75, 'steel.mid'),
			bead(9.3, 1.55, 'red.mid'),
			{ part: 'clevis', d: pathThrough(strap), stroke: 'ink', width: 1 },
			{ part: 'clevis', d: pathThrough(strap), stroke: 'steel.mid', width: 0.55 }
		]
	};
}

const bladeAt = (rig: Rig, position: Blade['position']): Blade | undefined =>
	rig.blades.find((blade) => blade.position === position);

function turning(part: 'front' | 'rear', blade: Blade, hole: Point, angleDeg: number, anchors: Anchors): Shape[] {
	const style = blade.style as TurningStyle;
	anchors[part] = bladeAnchor(style, blade.size, hole, angleDeg);
	return drawBlade(part, style, blade.size, blade.finish, hole, angleDeg);
}

/** The bent wire of a spinnerbait as a schedule: lower arm, open R-bend, upper arm, eye. */
export function spinnerbaitWire(rig: Rig): Bent {
	const layout = layoutOf(rig.blades);
	const upper =
		layout === 'single' ? UPPER_ARM_MM.single : UPPER_ARM_MM[layout === 'double-willow' ? 'double' : 'tandem'];
	return bend(ORIGIN, 210, [
		{ run: LOWER_ARM_MM },
		{ right: 186, r: 2.3 },
		{ left: 62, r: 1.5 },
		{ run: upper },
		{ right: 395, r: 1.55 }
	]);
}

function drawSpinnerbaitTop(rig: Rig, anchors: Anchors): Shape[] {
	const bent = spinnerbaitWire(rig);
	const [, rBend, armStart, eye] = bent.ends as [Point, Point, Point, Point];
	const armDeg = (Math.atan2(eye.y - armStart.y, eye.x - armStart.x) * 180) / Math.PI;
	anchors.wire = polar(armStart, armDeg, 16);
	const shapes = drawWire('wire', bent.points, rig.wireIn! * MM_PER_IN);
	const front = bladeAt(rig, 'front');
	if (front) {
		const kind = front.style === 'willow' ? 'double' : 'tandem';
		const hung = clevis(polar(armStart, armDeg, CLEVIS_AT_MM[kind]), armDeg);
		shapes.push(...hung.shapes, ...turning('front', front, hung.hole, FRONT_TRAILS_DEG[kind], anchors));
	}
	const hung = swivel(polar(eye, armDeg, 1));
	shapes.push(...hung.shapes, ...turning('rear', bladeAt(rig, 'rear')!, hung.end, REAR_TRAILS_DEG, anchors));
	if (rig.array) shapes.push(...drawArray(rBend, anchors));
	return shapes;
}

/** A clip-on array of tiny blades ahead of the line tie, with its stop. */
function drawArray(tie: Point, anchors: Anchors): Shape[] {
	const end = polar(tie, 180, 22);
	anchors.array = polar(tie, 180, 12);
	const tiny = [6, 13, 20].flatMap((distance, at) => {
		const hole = polar(tie, 180, distance);
		return drawBlade('front', 'willow', 2, 'nickel', hole, at % 2 === 0 ? 38 : -30);
	});
	const small = tiny.filter(({ fine }) => !fine).map((shape): Shape => ({ ...shape, part: 'array' }));
	return [...drawWire('array', [tie, end], 0.6), ...small];
}

function drawBuzzbaitTop(rig: Rig, anchors: Anchors): Shape[] {
	const blade = bladeAt(rig, 'rear')!;
	const rise = Math.max(26, blade.size * 0.56);
	const bent = bend(ORIGIN, 205, [
		{ run: 30 },
		{ right: 70, r: 2.3 },
		{ run: rise },
		{ right: 88, r: 2.5 },
		{ run: blade.size * 0.72 + 14 }
	]);
	const shaft = bent.ends[3]!;
	anchors.wire = bent.ends[1]!;
	anchors.rear = polar(polar(shaft, bent.headingDeg, blade.size * 0.5), bent.headingDeg - 90, blade.size * 0.3);
	const bladeShapes = drawBuzzBlade(blade, polar(shaft, bent.headingDeg, 6), bent.headingDeg);
	const rivet = circlePath(polar(shaft, bent.headingDeg, blade.size * 0.72 + 9), 1.5);
	return [
		...drawWire('wire', bent.points, rig.wireIn! * MM_PER_IN),
		...bladeShapes,
		{ part: 'rear', d: rivet, fill: 'gold.mid', stroke: 'ink', width: DETAIL_MM }
	];
}

function drawUnderspinArm(rig: Rig, headLength: number, anchors: Anchors): Shape[] {
	const tie = bend({ x: headLength * 0.34, y: -5 }, 270, [{ run: 3.2 }, { right: 330, r: 1.5 }]);
	const chin: Point = { x: headLength * 0.3, y: 6 };
	const arm = rig.screwIn
		? bend({ x: headLength * 1.3, y: 5 }, 90, [{ run: 5 }, { right: 300, r: 1.4 }])
		: bend(chin, 100, [{ run: 6 }, { left: 46, r: 4 }, { run: 7 }, { right: 300, r: 1.4 }]);
	const eye = arm.ends[arm.ends.length - 2]!;
	const hung = swivel(eye, 0.82);
	anchors.wire = arm.points[1]!;
	return [
		...drawWire('wire', tie.points, 0.95),
		...drawWire('wire', arm.points, 0.9),
		...hung.shapes,
		...turning('rear', bladeAt(rig, 'rear')!, hung.end, REAR_TRAILS_DEG, anchors)
	];
}

function drawTop(rig: Rig, headLength: number, anchors: Anchors): Shape[] {
	if (rig.family === 'spinnerbait') return drawSpinnerbaitTop(rig, anchors);
	if (rig.family === 'buzzbait') return drawBuzzbaitTop(rig, anchors);
	if (rig.family === 'underspin') return drawUnderspinArm(rig, headLength, anchors);
	const plate = drawPlate(rig.blades[0]!);
	anchors.rear = plate.anchor;
	return plate.shapes;
}

/** Colour of the head: that of the skirt, or of the soft body where there is none. */
const headColour = (rig: Rig): string =>
	rig.skirt.colour === 'none' ? (rig.trailer?.colour ?? 'white') : rig.skirt.colour;

function drawBottom(rig: Rig, anchors: Anchors, small: boolean): { shapes: Shape[]; headLength: number } {
	const head = drawHead(rig.family, rig.weightOz, rig.headMaterial, headColour(rig));
	const tail: Point = { x: head.lengthMm, y: 0 };
	const skirt = rig.skirt.colour === 'none' ? null : drawSkirt(rig.skirt, tail, small);
	const trailer = rig.trailer && drawTrailer(rig.trailer, { x: tail.x + (skirt ? 6 : -1), y: skirt ? 1 : 0 });
	const hook = drawHook(rig.hook, tail);
	const second = rig.trailerHook === 'none' ? null : drawHook(rig.hook, polar(hook.endOfShank, 0, 6), 'trailerHook');
	Object.assign(anchors, { head: head.anchor, hook: hook.anchor });
	if (skirt) anchors.skirt = skirt.anchor;
	if (trailer) anchors.trailer = trailer.anchor;
	if (second) anchors.trailerHook = second.anchor;
	return {
		headLength: head.lengthMm,
		shapes: [
			...(skirt?.behind ?? []),
			...(second?.shapes ?? []),
			...(skirt ? [...(trailer?.shapes ?? []), ...hook.shapes] : [...hook.shapes, ...(trailer?.shapes ?? [])]),
			...(skirt?.before ?? []),
			...head.shapes
		]
	};
}

const NUMBERS = /-?\d+(?:\.\d+)?/g;

/** Points that a path visits, control points among them; circles by their ends. */
function* visited(d: string): Generator<Point> {
	let x = 0;
	let y = 0;
	for (const [, command, rest] of d.matchAll(/([MLCaZ])([^MLCaZ]*)/g)) {
		const numbers = (rest!.match(NUMBERS) ?? []).map(Number);
		if (command === 'a') {
			const [radius = 0] = numbers;
			yield { x: x + radius, y: y - radius };
			yield { x: x + 2 * radius, y: y + radius };
			continue;
		}
		for (let at = 0; at + 1 < numbers.length; at += 2) {
			[x, y] = [numbers[at]!, numbers[at + 1]!];
			yield { x, y };
		}
	}
}

function boundsOf(shapes: readonly Shape[]): Bounds {
	let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
	for (const { d, width = 0 } of shapes) {
		for (const { x, y } of visited(d)) {
			left = Math.min(left, x - width / 2);
			right = Math.max(right, x + width / 2);
			top = Math.min(top, y - width / 2);
			bottom = Math.max(bottom, y + width / 2);
		}
	}
	return { x: left, y: top, width: right - left, height: bottom - top };
}

/**
 * A rig drawn to scale from its parts, in mm, swimming left. The same rig gives the same drawing.
 *
 * @param small For a drawing under 2 px per mm: fewer skirt strands, so that it stays clear and light.
 */
export function drawRig(rig: Rig, small = false): Drawing {
	const anchors: Anchors = {};
	const bottom = drawBottom(rig, anchors, small);
	const top = drawTop(rig, bottom.headLength, anchors);
	const shapes = rig.family === 'underspin' ? [...top, ...bottom.shapes] : [...bottom.shapes, ...top];
	return { shapes, bounds: boundsOf(shapes), anchors, text: describeRig(rig) };
}
