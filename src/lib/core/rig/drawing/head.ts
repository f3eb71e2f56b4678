import { HEAD_FORM, type HeadForm } from '../../foundation/catalogue/heads';
import type { Rig } from '../../foundation/schema/rig';
import { circlePath, cubicPath, pathThrough, type Point } from '../geometry/path';
import { CONTOUR_MM, DETAIL_MM, type Shape } from './shape';

/** Upper outline in shares of length and half height, nose to collar; the lower one mirrors it, a little fuller. */
const OUTLINES: Readonly<Record<HeadForm, readonly (readonly [number, number])[]>> = {
	arrow: [
		[0, 0],
		[0.1, 0.4],
		[0.28, 0.78],
		[0.5, 1],
		[0.72, 0.96],
		[0.9, 0.66],
		[1, 0.4]
	],
	ball: [
		[0, 0.1],
		[0.08, 0.5],
		[0.25, 0.88],
		[0.5, 1],
		[0.75, 0.86],
		[0.92, 0.5],
		[1, 0.36]
	],
	fish: [
		[0, 0],
		[0.08, 0.42],
		[0.24, 0.78],
		[0.46, 1],
		[0.7, 0.98],
		[0.9, 0.84],
		[1, 0.78]
	],
	buzz: [
		[0, 0],
		[0.12, 0.46],
		[0.3, 0.82],
		[0.52, 1],
		[0.76, 0.9],
		[0.92, 0.6],
		[1, 0.42]
	]
};

/** A smooth closed line through points: each pair of neighbors is joined by a cubic along the chords beside them. */
function smooth(points: readonly Point[]): string {
	const at = (index: number): Point => points[(index + points.length) % points.length]!;
	const lean = (index: number, share: number): Point => ({
		x: at(index).x + ((at(index + 1).x - at(index - 1).x) * share) / 6,
		y: at(index).y + ((at(index + 1).y - at(index - 1).y) * share) / 6
	});
	return (
		points
			.map((point, index) => {
				const curve = cubicPath(point, lean(index, 1), lean(index + 1, -1), at(index + 1));
				return index === 0 ? curve : curve.slice(curve.indexOf('C'));
			})
			.join('') + 'Z'
	);
}

function details(length: number, height: number, colour: string): Shape[] {
	const eye: Point = { x: length * 0.44, y: -height * 0.13 };
	const radius = Math.min(2.5, height * 0.19);
	const hatch = Array.from({ length: 8 }, (_, at) => {
		const x = length * (0.24 + at * 0.075);
		return pathThrough([
			{ x, y: height * 0.24 },
			{ x: x + length * 0.05, y: height * 0.4 }
		]);
	});
	const gill = cubicPath(
		{ x: length * 0.7, y: -height * 0.26 },
		{ x: length * 0.8, y: -height * 0.1 },
		{ x: length * 0.8, y: height * 0.12 },
		{ x: length * 0.68, y: height * 0.28 }
	);
	return [
		{ part: 'head', d: hatch.join(''), stroke: 'ink', width: 0.25, opacity: 0.6, fine: true },
		{ part: 'head', d: gill, stroke: 'ink', width: DETAIL_MM, fine: true },
		{ part: 'head', d: circlePath(eye, radius), fill: 'eye.ring', stroke: 'ink', width: DETAIL_MM },
		{ part: 'head', d: circlePath(eye, radius * 0.5), fill: 'eye.pupil' },
		{
			part: 'head',
			d: circlePath({ x: eye.x - radius * 0.2, y: eye.y - radius * 0.25 }, radius * 0.16),
			fill: `${colour}.high`,
			fine: true
		}
	];
}

/**
 * How a shape's word changes a half outline, x and y in shares: a grass head is slim at the nose, a deflecting one blunt, one
 * that turns the point up is flat on top, and one with a low keel hangs its weight along the shank. Assumed.
 */
const SHAPES: Readonly<Record<Rig['headShape'], (x: number, y: number, top: boolean) => number>> = {
	plain: (_x, y) => y,
	grass: (x, y) => y * (0.7 + 0.3 * Math.min(1, x / 0.5)),
	deflect: (x, y) => (x < 0.5 ? y ** 0.6 : y),
	palate: (_x, y, top) => (top ? y * 0.84 : y),
	'low-keel': (x, y, top) => (top ? y * 0.66 : Math.max(y * 1.2, x > 0.6 ? 0.9 : 0))
};

/** A moulded head with its nose at the origin and its axis to the right; mm. */
export function drawHead(
	{ family, headShape }: Pick<Rig, 'family' | 'headShape'>,
	length: number,
	height: number,
	colour: string
): Shape[] {
	const outline = OUTLINES[HEAD_FORM[family]];
	const half = (top: boolean) =>
		outline.map(([x, y]) => ({ x: x * length, y: ((top ? -1 : 1) * SHAPES[headShape](x, y, top) * height) / 2 }));
	const [upper, lower] = [half(true), half(false).reverse()];
	const belly = lower.map(({ x, y }) => ({ x, y: Math.max(y, height * 0.1) }));
	const bellyLine = outline.map(([x]) => ({ x: x * length, y: height * 0.14 }));
	const body = smooth([...upper, ...lower.slice(0, -1)]);
	return [
		{ part: 'head', d: body, fill: `${colour}.mid` },
		{ part: 'head', d: pathThrough([...bellyLine, ...belly], true), fill: `${colour}.low`, opacity: 0.6 },
		{ part: 'head', d: body, stroke: 'ink', width: CONTOUR_MM },
		...details(length, height, colour)
	];
}
