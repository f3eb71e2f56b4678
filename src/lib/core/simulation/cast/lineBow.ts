import { AIR_DRAG } from './lineSegment';

/**
 * How far (m) a crosswind bows the line in the air to the side, as a hanging chain does: q S^2 / 8 T. It is no part of the
 * simulated path, which is in one plane.
 *
 * @param windMps Wind across the line, m/s.
 * @param spanM Length of line in the air, m.
 * @param tensionN Tension at the tip, N; above zero.
 * @param diameterM Diameter of the line, m.
 */
export const lineBowM = (windMps: number, spanM: number, tensionN: number, diameterM: number): number =>
	(AIR_DRAG * diameterM * windMps ** 2 * spanM ** 2) / (8 * tensionN);
