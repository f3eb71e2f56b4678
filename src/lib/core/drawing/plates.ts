import type { Blade } from '../schema/rig';
import { bend, circlePath, pathThrough, polar, type Point } from './path';
import { CONTOUR_MM, DETAIL_MM, type Shape } from './shape';
import { drawWire } from './wire';

/** Width and height (mm) of bladed-jig plates (running model, section 4). */
export const JIG_PLATES_MM = { standard: [33, 38], oversized: [40, 46], clear: [33, 38] } as const;

/** Right half of the plate's outline: across and along in shares of width and height (visual direction). */
const HALF_PLATE = [
	[0.13, 0],
	[0.27, 0.12],
	[0.33, 0.3],
	[0.5, 0.46],
	[0.47, 0.7],
	[0.27, 1]
] as const;
/** The plate hangs down and to the right, seen nearly edge on: its long axis, and how its width foreshortens. */
const LONG_AXIS_DEG = 68;
const ACROSS: Point = { x: 0.6, y: -0.17 };
const HINGE_AT = 0.33;
const HINGE_AHEAD_MM = 3.4;
const CLIP_AT = 0.1;

/** A bladed jig's plate, hinged just ahead of the nose at the origin, with the clip to tie to. */
export function drawPlate({ style, finish }: Blade): { shapes: Shape[]; anchor: Point } {
	const [width, height] = JIG_PLATES_MM[style as keyof typeof JIG_PLATES_MM];
	const hinge: Point = { x: -HINGE_AHEAD_MM, y: 0 };
	const on = (u: number, v: number, shift = 0): Point => {
		const along = polar(hinge, LONG_AXIS_DEG, (v - HINGE_AT) * height);
		return { x: along.x + u * width * ACROSS.x + shift * 0.8, y: along.y + u * width * ACROSS.y + shift * 0.35 };
	};
	const outline = (shift: number): Point[] => [
		...HALF_PLATE.map(([u, v]) => on(u, v, shift)),
		...[...HALF_PLATE].reverse().map(([u, v]) => on(-u, v, shift))
	];
	const light = [on(-0.3, 0.42), on(-0.05, 0.44), on(-0.12, 0.92), on(-0.24, 0.9)];
	const dark = [on(0.12, 0.36), on(0.48, 0.48), on(0.45, 0.7), on(0.26, 0.98), on(0.1, 0.98)];
	const clip = bend(on(0, CLIP_AT), 200, [{ run: 2 }, { right: 200, r: 2.4 }, { run: 4 }, { right: 150, r: 1.6 }]);
	const paint = finish === 'clear' ? 0.45 : 1;
	const part = 'rear';
	return {
		anchor: on(0, 0.72),
		shapes: [
			{
				part,
				d: pathThrough(outline(1), true),
				fill: `${finish}.low`,
				stroke: 'ink',
				width: CONTOUR_MM,
				opacity: paint
			},
			{ part, d: pathThrough(outline(0), true), fill: `${finish}.mid`, opacity: paint },
			{ part, d: pathThrough(dark, true), fill: `${finish}.low`, opacity: 0.55 * paint },
			{ part, d: pathThrough(light, true), fill: `${finish}.high`, opacity: 0.9 },
			{ part, d: pathThrough(outline(0), true), stroke: 'ink', width: CONTOUR_MM },
			{ part, d: pathThrough([on(-0.3, 0.22), on(0.3, 0.22)]), stroke: 'ink', width: DETAIL_MM, fine: true },
			{ part, d: circlePath(on(0, HINGE_AT), 1.7), fill: 'paper', stroke: 'ink', width: DETAIL_MM },
			...drawWire('clevis', clip.points, 0.9)
		]
	};
}

/** Shapes of a buzz blade on its shaft: wings of half the diameter's reach, the near ones lit, the far one in shade. */
export function drawBuzzBlade({ style, size, finish }: Blade, front: Point, headingDeg: number): Shape[] {
	const reach = size / 2;
	const length = size * 0.72;
	const on = (along: number, across: number): Point =>
		polar(polar(front, headingDeg, along * length), headingDeg + 90, across * reach);
	const wing = (side: number, tilt: number): { whole: Point[]; cup: Point[] } => {
		const y = (share: number): number => side * share * tilt;
		return {
			whole: [on(0, 0), on(0.22, y(0.62)), on(0.5, y(1)), on(0.86, y(0.94)), on(0.8, y(0.5)), on(1, 0)],
			cup: [on(0.3, y(0.72)), on(0.5, y(1)), on(0.86, y(0.94)), on(0.83, y(0.66))]
		};
	};
	const painted = (side: number, tilt: number, tone: 'mid' | 'low'): Shape[] => {
		const { whole, cup } = wing(side, tilt);
		return [
			{ part: 'rear', d: pathThrough(whole, true), fill: `${finish}.${tone}`, stroke: 'ink', width: CONTOUR_MM },
			{
				part: 'rear',
				d: pathThrough(cup, true),
				fill: tone === 'mid' ? `${finish}.low` : `${finish}.mid`,
				stroke: 'ink',
				width: DETAIL_MM
			}
		];
	};
	const extra =
		style === 'prop-2' ? [] : [painted(-1, 0.42, 'mid'), ...(style === 'prop-4' ? [painted(1, 0.38, 'low')] : [])];
	return [
		...painted(1, 0.86, 'low'),
		...painted(-1, 1, 'mid'),
		...extra.flat(),
		{ part: 'rear', d: pathThrough([on(-0.06, 0), on(1.1, 0)]), stroke: 'ink', width: 2.1 },
		{ part: 'rear', d: pathThrough([on(-0.06, 0), on(1.1, 0)]), stroke: 'steel.mid', width: 1.4 }
	];
}
