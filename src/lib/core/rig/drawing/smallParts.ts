import { BUZZ_MM, FITTINGS_MM } from '../../foundation/catalogue/fittings';
import type { RigGeometry, PlacedClevis, PlacedSwivel } from '../geometry/rigGeometry';
import { circlePath, pathThrough, polar, type Point } from '../geometry/path';
import { CONTOUR_MM, DETAIL_MM, type Shape } from './shape';

/** A swivel with its split ring: ring, barrel, ring, split ring, in shares of its length. */
export function drawSwivel({ from, angleDeg, lengthMm }: PlacedSwivel): Shape[] {
	const scale = lengthMm / FITTINGS_MM.swivel;
	const along = (distance: number): Point => polar(from, angleDeg, distance * scale);
	const side = (distance: number, half: number): Point => polar(along(distance), angleDeg + 90, half * scale);
	const barrel = [side(2.4, -2), side(7.1, -2), side(7.1, 2), side(2.4, 2)];
	const light = [side(2.8, -1.4), side(6.7, -1.4), side(6.7, -0.7), side(2.8, -0.7)];
	const ring = (at: number, radius: number): Shape => ({
		part: 'swivel',
		d: circlePath(along(at), radius * scale),
		stroke: 'ink',
		width: 0.75 * scale
	});
	return [
		ring(1.2, 1.35),
		{ part: 'swivel', d: pathThrough(barrel, true), fill: 'gold.mid', stroke: 'ink', width: CONTOUR_MM },
		{ part: 'swivel', d: pathThrough(light, true), fill: 'gold.high', fine: true },
		ring(8.2, 1.35),
		ring(10.4, 1.9)
	];
}

/** A clevis strap on the upper arm, and the beads behind it: plastic and metal by turns. */
export function drawClevis({ at, armDeg, hole, beads }: PlacedClevis): Shape[] {
	const ear = FITTINGS_MM.clevisEar;
	const strap = pathThrough([
		polar(at, armDeg, -ear),
		polar(hole, 0, -0.9),
		hole,
		polar(hole, 0, 0.9),
		polar(at, armDeg, ear)
	]);
	return [
		...beads.map((bead, index): Shape => ({
			part: 'beads',
			d: circlePath(bead, FITTINGS_MM.bead),
			fill: index % 2 === 0 ? 'red.mid' : 'steel.mid',
			stroke: 'ink',
			width: DETAIL_MM
		})),
		{ part: 'clevis', d: strap, stroke: 'ink', width: 1 },
		{ part: 'clevis', d: strap, stroke: 'steel.mid', width: 0.55 }
	];
}

/** What holds a buzz blade on its shaft: the rivet, a flap or bead that it strikes, a bead that keeps weed out. */
export function drawBuzzFittings({ prop, build, fit }: RigGeometry): Shape[] {
	if (!prop) return [];
	const along = (distance: number): Point => polar(prop.front, prop.headingDeg, distance);
	const behind = prop.diameterMm * BUZZ_MM.lengthOverDiameter + FITTINGS_MM.rivetBehind;
	const bead = (part: Shape['part'], at: Point, radius: number, fill: string): Shape => ({
		part,
		d: circlePath(at, radius),
		fill,
		stroke: 'ink',
		width: DETAIL_MM
	});
	const flap = pathThrough([along(behind + 3), polar(along(behind + 3), prop.headingDeg + 90, prop.diameterMm * 0.32)]);
	return [
		bead('rivet', along(behind), FITTINGS_MM.rivet, 'gold.mid'),
		...(fit.weedBead ? [bead('beads', along(-3.4), FITTINGS_MM.bead, 'red.mid')] : []),
		...(build.rig.noise === 'clack'
			? [
					{ part: 'clacker', d: flap, stroke: 'ink', width: 2 } as const,
					{ part: 'clacker', d: flap, stroke: 'steel.mid', width: 1.3 } as const
				]
			: [])
	];
}
