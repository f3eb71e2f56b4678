import { turningStyle } from '../../foundation/catalogue/bladeSizes';
import { FITTINGS_MM } from '../../foundation/catalogue/fittings';
import type { PlacedBlade } from '../geometry/rigGeometry';
import { seeded } from '../../foundation/basics/random';
import type { TurningStyle } from '../../foundation/schema/words';
import { circlePath, pathThrough, polar, type Point } from '../geometry/path';
import { CONTOUR_MM, DETAIL_MM, type DrawnPart, type Shape } from './shape';

/** Outline exponents and cup depth over width of each style (assumed). */
const OUTLINES = {
	colorado: { a: 0.6, b: 0.46, cup: 0.25 },
	indiana: { a: 0.82, b: 0.5, cup: 0.19 },
	willow: { a: 0.86, b: 0.94, cup: 0.13 }
} as const;

/** The hole's center lies this far from the end; about it the blade is a disc. All mm. */
const HOLE_IN = FITTINGS_MM.bladeHole;
const HOLE_R = 0.85;
/** The blade is seen turned by this much, so that its dish shows. */
const TURN_DEG = 26;
const STEPS = 40;

/** Half width (share of the full width) of a blade at t from 0 (hole end) to 1 (tip). */
export function halfWidth(style: TurningStyle, t: number): number {
	const { a, b } = OUTLINES[style];
	const norm = (a + b) ** (a + b) / (a ** a * b ** b);
	return 0.5 * norm * t ** a * (1 - t) ** b;
}

interface Dish {
	readonly style: TurningStyle;
	readonly lengthMm: number;
	readonly widthMm: number;
	readonly hole: Point;
	readonly angleDeg: number;
}

/** A point of the dished blade, t along it and u across it from -1 to 1, turned and hung from its hole. */
function onDish({ style, lengthMm, widthMm, hole, angleDeg }: Dish, t: number, u: number): Point {
	const turn = (TURN_DEG * Math.PI) / 180;
	const half = halfWidth(style, t) * widthMm;
	const depth = OUTLINES[style].cup * widthMm * (1 - u * u) * ((2 * half) / widthMm);
	const along = t * lengthMm - HOLE_IN;
	const across = u * half * Math.cos(turn) + depth * Math.sin(turn);
	return polar(polar(hole, angleDeg, along), angleDeg + 90, across);
}

const range = (from: number, to: number, steps = STEPS): number[] =>
	Array.from({ length: steps + 1 }, (_, at) => from + ((to - from) * at) / steps);

/** Steps from one end to another that are closest at both: there an outline is roundest. */
const rounded = (from: number, to: number): number[] =>
	range(0, Math.PI).map((angle) => from + ((to - from) * (1 - Math.cos(angle))) / 2);

/** The band between two lines of constant u. */
function band(dish: Dish, from: number, to: number, start = 0, end = 1): string {
	const out = rounded(start, end).map((t) => onDish(dish, t, from));
	const back = rounded(end, start).map((t) => onDish(dish, t, to));
	return pathThrough([...out, ...back], true);
}

/** A hatch line is a filled taper: broad in the middle, nothing at its ends. */
function taper(dish: Dish, u: number, start: number, end: number, width: number): string {
	const side = (sign: number) => (t: number, at: number) => {
		const swell = Math.sin((Math.PI * at) / 14) ** 0.6;
		return onDish(dish, t, u + (sign * width * (Number.isNaN(swell) ? 0 : swell)) / dish.widthMm);
	};
	const ts = range(start, end, 14);
	return pathThrough([...ts.map(side(1)), ...ts.map(side(-1)).reverse()], true);
}

function hatches(dish: Dish, part: DrawnPart): Shape[] {
	return [0.36, 0.5, 0.62, 0.73, 0.82, 0.89, 0.945].map((u) => ({
		part,
		d: taper(dish, u, 0.62 - u * 0.5, 0.58 + u * 0.36, 0.25),
		fill: 'ink',
		opacity: 0.55,
		fine: true
	}));
}

/** Dimples of a hammered blade: small arcs, the same ones each time. */
const DIMPLES = 46;
const DIMPLE_SEED = 11;

function dimples(dish: Dish, part: DrawnPart): Shape[] {
	const random = seeded(DIMPLE_SEED);
	const arcs = Array.from({ length: DIMPLES }, () => {
		const [t, u] = [0.12 + random() * 0.78, random() * 1.7 - 0.85];
		const [dt, du] = [1.1 / dish.lengthMm, 1.5 / dish.widthMm];
		return pathThrough([onDish(dish, t - dt, u), onDish(dish, t, u + du), onDish(dish, t + dt, u)]);
	});
	return [{ part, d: arcs.join(''), stroke: 'ink', width: 0.22, opacity: 0.55, fine: true }];
}

/** A turning blade in side view, hung from its hole. A clear one is a tint with its glints. */
export function drawBlade(part: DrawnPart, { blade, lengthMm, widthMm, hole, angleDeg }: PlacedBlade): Shape[] {
	const style = turningStyle(blade);
	const { finish } = blade;
	const dish: Dish = { style, lengthMm, widthMm, hole, angleDeg };
	const outline = band(dish, -1, 1);
	return [
		{ part, d: circlePath(hole, HOLE_IN), fill: `${finish}.mid`, stroke: 'ink', width: CONTOUR_MM },
		{ part, d: outline, fill: `${finish}.mid`, stroke: 'ink', width: CONTOUR_MM },
		{ part, d: band(dish, 0.3, 1), fill: `${finish}.low`, opacity: 0.55 },
		{ part, d: band(dish, 0.62, 1), fill: `${finish}.low`, opacity: 0.7 },
		{ part, d: band(dish, -0.74, -0.34, 0.12, 0.8), fill: `${finish}.high` },
		{ part, d: band(dish, 0.14, 0.24, 0.3, 0.72), fill: `${finish}.high`, fine: true },
		...(blade.texture === 'hammered' ? dimples(dish, part) : hatches(dish, part)),
		{ part, d: outline, stroke: 'ink', width: CONTOUR_MM },
		{ part, d: circlePath(hole, HOLE_R), fill: 'paper', stroke: 'ink', width: DETAIL_MM }
	];
}

/** Where a leader may touch a blade: short of its middle. */
export const bladeAnchor = ({ hole, angleDeg, lengthMm }: PlacedBlade): Point => polar(hole, angleDeg, lengthMm * 0.45);

/** Outline of a blade as it is drawn, for measuring. */
export const bladeOutlinePoints = ({ blade, lengthMm, widthMm, hole, angleDeg }: PlacedBlade): Point[] => {
	const dish: Dish = { style: turningStyle(blade), lengthMm, widthMm, hole, angleDeg };
	return [...range(0, 1).map((t) => onDish(dish, t, -1)), ...range(1, 0).map((t) => onDish(dish, t, 1))];
};
