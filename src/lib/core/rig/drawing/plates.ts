import type { RigGeometry } from '../geometry/rigGeometry';
import { BUZZ_MM } from '../../foundation/catalogue/fittings';
import { bend, circlePath, pathThrough, polar, type Point } from '../geometry/path';
import { CONTOUR_MM, DETAIL_MM, type Shape } from './shape';
import { drawWire } from './wire';

/** Right half of the plate's outline: across and along in shares of width and height. */
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
const CLIP_AT = 0.1;

/** The plate's lip begins here along its height; bent down, it turns forward by the sine of its angle. */
const LIP_AT = 0.78;

type Plate = NonNullable<RigGeometry['plate']>;

/** Places points on a plate: u across and v along it, in shares of its width and height. */
function placer({ hinge, widthMm, heightMm }: Plate, lipDeg: number) {
	const bent = Math.sin((lipDeg * Math.PI) / 180) * heightMm;
	return (u: number, v: number, shift = 0): Point => {
		const along = polar(hinge, LONG_AXIS_DEG, (v - HINGE_AT) * heightMm);
		const lip = Math.max(0, v - LIP_AT) * bent;
		return {
			x: along.x + u * widthMm * ACROSS.x + shift * 0.8 - lip,
			y: along.y + u * widthMm * ACROSS.y + shift * 0.35
		};
	};
}

/** A bladed jig's plate, hinged just ahead of the nose, with the clip to tie to. */
export function drawPlate(plate: Plate, lipDeg: number, inked: boolean): Shape[] {
	const on = placer(plate, lipDeg);
	const finish = inked ? 'black' : plate.blade.finish;
	const outline = (shift: number): Point[] => [
		...HALF_PLATE.map(([u, v]) => on(u, v, shift)),
		...[...HALF_PLATE].reverse().map(([u, v]) => on(-u, v, shift))
	];
	const light = [on(-0.3, 0.42), on(-0.05, 0.44), on(-0.12, 0.92), on(-0.24, 0.9)];
	const dark = [on(0.12, 0.36), on(0.48, 0.48), on(0.45, 0.7), on(0.26, 0.98), on(0.1, 0.98)];
	const clip = bend(on(0, CLIP_AT), 200, [{ run: 2 }, { right: 200, r: 2.4 }, { run: 4 }, { right: 150, r: 1.6 }]);
	const paint = finish === 'clear' ? 0.45 : 1;
	const part = 'rear';
	const back = pathThrough(outline(1), true);
	const face = pathThrough(outline(0), true);
	const hatch = [0.5, 0.58, 0.66, 0.74, 0.82, 0.9].map((v) => pathThrough([on(0.2, v), on(0.46 - v * 0.1, v + 0.02)]));
	return [
		{ part, d: back, fill: `${finish}.low`, stroke: 'ink', width: CONTOUR_MM, opacity: paint },
		{ part, d: face, fill: `${finish}.mid`, opacity: paint },
		{ part, d: pathThrough(dark, true), fill: `${finish}.low`, opacity: 0.55 * paint },
		{ part, d: pathThrough(light, true), fill: `${finish}.high`, opacity: 0.9 },
		{ part, d: hatch.join(''), stroke: 'ink', width: 0.22, opacity: 0.5, fine: true },
		{ part, d: face, stroke: 'ink', width: CONTOUR_MM },
		{ part, d: pathThrough([on(-0.3, 0.22), on(0.3, 0.22)]), stroke: 'ink', width: DETAIL_MM, fine: true },
		{ part, d: circlePath(on(0, HINGE_AT), 1.7), fill: 'paper', stroke: 'ink', width: DETAIL_MM },
		...drawWire('clip', clip.points, 0.9)
	];
}

/** Where leaders may touch the plate's foot and its clip. */
export const plateAnchors = (plate: Plate): { rear: Point; clip: Point } => {
	const on = placer(plate, 0);
	return { rear: on(0, 0.72), clip: polar(on(0, CLIP_AT), 200, 5) };
};

type Prop = NonNullable<RigGeometry['prop']>;

/** Leading edge, tip and trailing edge of a wing in shares of the blade's length and reach, and its cupped outer third. */
const WING = [
	[0.02, 0.06],
	[0.12, 0.34],
	[0.26, 0.68],
	[0.42, 0.92],
	[0.58, 1],
	[0.8, 0.99],
	[0.94, 0.93],
	[0.9, 0.74],
	[0.83, 0.5],
	[0.86, 0.24],
	[0.98, 0.05]
] as const;
const CUP = [
	[0.3, 0.74],
	[0.42, 0.92],
	[0.58, 1],
	[0.8, 0.99],
	[0.94, 0.93],
	[0.9, 0.74],
	[0.6, 0.66]
] as const;
/** Wings by style: side, foreshortening and tone, rear ones first. */
const WINGS = {
	'prop-2': [
		[1, 0.88, 'low'],
		[-1, 1, 'mid']
	],
	'prop-3': [
		[1, 0.88, 'low'],
		[-1, 1, 'mid'],
		[1, 0.36, 'mid']
	],
	'prop-4': [
		[1, 0.88, 'low'],
		[-1, 1, 'mid'],
		[-1, 0.4, 'low'],
		[1, 0.36, 'mid']
	]
} as const;

type Wing = readonly [side: number, tilt: number, tone: 'mid' | 'low'];

/** Wings after so many turns about the shaft, evenly spread, those on the far side first and darker. */
function turnedWings(style: string, turns: number): Wing[] {
	const count = WINGS[style as keyof typeof WINGS].length;
	const angles = Array.from({ length: count }, (_, at) => 2 * Math.PI * (turns + at / count));
	const tilted = angles.map((angle) => ({ across: Math.cos(angle), near: Math.sin(angle) }));
	return tilted
		.toSorted((a, b) => a.near - b.near)
		.map(({ across, near }) => [Math.sign(across) || 1, Math.abs(across), near < 0 ? 'low' : 'mid']);
}

/** Fine lines that run along a wing from its shaft outwards. */
const wingHatch = (on: (along: number, across: number) => Point, reach: number): string =>
	[0.34, 0.44, 0.54, 0.64, 0.74]
		.map((along) => pathThrough([on(along, reach * 0.2), on(along + 0.03, reach * 0.58)]))
		.join('');

/**
 * A buzz blade on its shaft: each wing reaches half the diameter; the outer third is cupped and shaded the other way.
 *
 * @param turns Turns that it has made; left out for one that is looked at lying.
 */
export function drawBuzzBlade({ blade, diameterMm, front, headingDeg }: Prop, turns?: number): Shape[] {
	const [reach, length] = [diameterMm / 2, diameterMm * BUZZ_MM.lengthOverDiameter];
	const on = (along: number, across: number): Point =>
		polar(polar(front, headingDeg, along * length), headingDeg + 90, across * reach);
	const part = 'rear';
	const { finish } = blade;
	const wing = (side: number, tilt: number, tone: 'mid' | 'low'): Shape[] => {
		const placed = (edge: readonly (readonly [number, number])[]) =>
			pathThrough(
				edge.map(([along, across]) => on(along, side * across * tilt)),
				true
			);
		const cupped = tone === 'mid' ? 'low' : 'mid';
		return [
			{ part, d: placed(WING), fill: `${finish}.${tone}`, stroke: 'ink', width: CONTOUR_MM },
			{ part, d: placed(CUP), fill: `${finish}.${cupped}`, stroke: 'ink', width: DETAIL_MM },
			{ part, d: wingHatch(on, side * tilt), stroke: 'ink', width: 0.22, opacity: 0.5, fine: true },
			{ part, d: circlePath(on(0.46, side * tilt * 0.44), 1.3), fill: 'paper', stroke: 'ink', width: DETAIL_MM }
		];
	};
	const shaft = pathThrough([on(-0.06, 0), on(1.06, 0)]);
	const lying: readonly Wing[] = WINGS[blade.style as keyof typeof WINGS];
	const wings = turns === undefined ? lying : turnedWings(blade.style, turns);
	return [
		...wings.flatMap(([side, tilt, tone]) => wing(side, tilt, tone)),
		{ part, d: shaft, stroke: 'ink', width: 2.5 },
		{ part, d: shaft, stroke: 'steel.mid', width: 1.8 }
	];
}
