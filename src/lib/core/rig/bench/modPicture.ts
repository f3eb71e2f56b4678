import type { Mod, ModId } from './mods';
import { rigGeometryOf, type RigGeometry } from '../geometry/rigGeometry';
import { pathThrough, polar, type Point } from '../geometry/path';
import type { Build } from '../../foundation/schema/build';
import { drawGeometry } from '../drawing/rigDrawing';
import { boundsOf, type DrawnPart, type Drawing, type Shape } from '../drawing/shape';

/** Parts that each modification is about, and that its picture shows. */
const SHOWN: Readonly<Record<ModId, readonly DrawnPart[]>> = {
	'trailer-cut': ['trailer', 'hook', 'head'],
	'belly-off': ['trailer'],
	'round-down': ['trailer', 'hook'],
	crosswise: ['trailer', 'hook', 'head'],
	'skirt-cut': ['skirt', 'head', 'hook'],
	lip: ['rear', 'clip', 'head'],
	ink: ['rear', 'clip', 'head'],
	dye: ['skirt', 'head'],
	gap: ['wire', 'hook', 'head'],
	'gap-closed': ['wire', 'hook', 'head']
};

const MARK_MM = 0.7;
const DASH_MM = 2;

/** A dashed line between two points, as short strokes. */
function dashed(from: Point, to: Point): string {
	const length = Math.hypot(to.x - from.x, to.y - from.y);
	const on = (distance: number): Point => ({
		x: from.x + ((to.x - from.x) * distance) / length,
		y: from.y + ((to.y - from.y) * distance) / length
	});
	const dashes = Array.from({ length: Math.ceil(length / (2 * DASH_MM)) }, (_, at) => at * 2 * DASH_MM);
	return dashes.map((start) => pathThrough([on(start), on(Math.min(length, start + DASH_MM))])).join('');
}

const across = (x: number, half: number): string => dashed({ x, y: -half }, { x, y: half });

/** An arrow along a quarter circle about a point. */
function turnArrow(centre: Point, radius: number): string {
	const arc = Array.from({ length: 13 }, (_, at) => polar(centre, -60 + at * 10, radius));
	const tip = arc[arc.length - 1]!;
	return pathThrough(arc) + pathThrough([polar(tip, -70, 3), tip, polar(tip, 0, 3)]);
}

/** Where to cut or turn, in the untouched part's own place. */
function marksOf(id: ModId, before: RigGeometry, after: RigGeometry): string[] {
	const { trailer, skirt } = before;
	if (id === 'trailer-cut' && trailer) return [across(trailer.from.x + after.fit.trailerCutMm, 14)];
	if (id === 'belly-off' && trailer) {
		const y = trailer.from.y + trailer.lengthMm * 0.035;
		return [dashed({ x: trailer.from.x, y }, { x: trailer.from.x + trailer.lengthMm * 0.55, y })];
	}
	if ((id === 'round-down' || id === 'crosswise') && trailer) {
		return [turnArrow({ x: trailer.from.x + trailer.lengthMm * 0.3, y: trailer.from.y }, 13)];
	}
	if (id === 'skirt-cut' && skirt) return [across(skirt.collar.x + after.fit.skirtMm, 15)];
	if (id === 'dye' && skirt) return [across(skirt.collar.x + skirt.lengthMm * 0.75, 14)];
	return [];
}

/** How a modification looks: what was, faintly; what becomes of it; and where to cut or turn. */
export function modPicture(build: Build, mod: Mod): Drawing {
	const [before, after] = [rigGeometryOf(mod.undo(build)), rigGeometryOf(mod.apply(build))];
	const shown = ({ part }: Shape): boolean => SHOWN[mod.id].includes(part);
	const cut = mod.id === 'trailer-cut' || mod.id === 'skirt-cut';
	const [was, is] = [drawGeometry(before).shapes.filter(shown), drawGeometry(after).shapes.filter(shown)];
	const faint = was
		.filter(({ stroke, fine }) => stroke === 'ink' && !fine)
		.map((shape) => ({ ...shape, opacity: 0.3 }));
	const marks = marksOf(mod.id, before, after).map((d): Shape => ({
		part: SHOWN[mod.id][0]!,
		d,
		stroke: 'mark',
		width: MARK_MM
	}));
	// A cut is shown on the part as it was; everything else as it becomes.
	const shapes = cut ? [...was, ...marks] : [...faint, ...is, ...marks];
	return { shapes, bounds: boundsOf(shapes), anchors: {}, text: `${mod.title}: ${mod.steps.join(' ')}` };
}
