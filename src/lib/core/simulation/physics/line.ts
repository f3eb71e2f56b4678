import { M_PER_IN } from '../../foundation/basics/units';
import { LINES, SPOOL_M, VISCOSITY_M2S } from '../../foundation/constants/constants';

/** The Reynolds number of the line's mid-motion is taken at this share of the lure's speed (running model, 2b). */
const MID_SHARE = 0.75;

/** Diameter of a line, m. */
export const lineDiameterM = ({ type, testLb }: { type: keyof typeof LINES; testLb: number }): number =>
	(LINES[type].mmPerRootLb * Math.sqrt(testLb)) / 1000;

/** Normal drag coefficient of a line at a Reynolds number (hand fit to circular-cylinder data). */
const normalDrag = (reynolds: number): number => 0.95 + 3.9 / Math.sqrt(reynolds) + 6 / reynolds;

/** Drag width of a line (m): its diameter times its drag coefficient when the lure moves across at `u` m/s. */
export function dragWidthM(lineM: number, u: number): number {
	return normalDrag(Math.max(1, (MID_SHARE * Math.abs(u) * lineM) / VISCOSITY_M2S)) * lineM;
}

/** Share of the spool's ring that is line, and the ring's width m. */
const PACKED = 0.8;
const SPOOL_WIDTH_M = 0.022;
const LEAST_SHARE = 0.3;

/** Length wound per turn (in) when some line is out (docs/TANK.md). */
export function inchesPerTurnAt(fullIn: number, lineOutM: number, lineM: number): number {
	const used = (lineOutM * lineM ** 2) / (PACKED * SPOOL_WIDTH_M * SPOOL_M ** 2);
	return fullIn * Math.sqrt(Math.max(LEAST_SHARE, 1 - used));
}

/** Length wound per turn (m) of a reel (in per turn, full) with some line out (m). */
export const perTurnM = (fullIn: number, lineOutM: number, lineM: number): number =>
	inchesPerTurnAt(fullIn, lineOutM, lineM) * M_PER_IN;

/** Length wound per turn (in) of a full spool by the reel's gear ratio (docs/TANK.md). */
export const inchesPerTurnOf = (ratio: number): number => (ratio * Math.PI * SPOOL_M) / M_PER_IN;
