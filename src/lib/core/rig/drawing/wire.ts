import { pathThrough, type Point } from '../geometry/path';
import { CONTOUR_MM, type DrawnPart, type Shape } from './shape';

/** A round wire, drawn thrice: ink, metal, and a glint shifted up-left. Diameter in mm. */
export function drawWire(part: DrawnPart, points: readonly Point[], diameterMm: number, metal = 'steel'): Shape[] {
	const d = pathThrough(points);
	const shift = diameterMm * 0.16;
	const glint = pathThrough(points.map(({ x, y }) => ({ x: x - shift, y: y - shift })));
	return [
		{ part, d, stroke: 'ink', width: diameterMm + CONTOUR_MM },
		{ part, d, stroke: `${metal}.mid`, width: diameterMm - 0.06 },
		{ part, d: glint, stroke: `${metal}.high`, width: diameterMm * 0.3, fine: true }
	];
}
