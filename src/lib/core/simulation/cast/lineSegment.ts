import { GRAVITY_MPS2, HALF_DENSITY, LINES, VISCOSITY_M2S, WATER_KGM3 } from '../../foundation/constants/constants';
import { lineDiameterM } from '../physics/line';

/** Air: half its density (kg/m3) times the normal drag coefficient of a line in it (docs/TANK.md). */
export const AIR_DRAG = 0.5 * 1.2 * 1.2;
/** Tangential drag coefficients of a line, between a smooth cylinder and a towed cable (assumed). */
const TANGENTIAL = { fluorocarbon: 0.01, mono: 0.01, braid: 0.015 } as const;

/** Normal drag coefficient of a line in water by its Reynolds number: 0.95 + 3.9 / Re^0.5 + 6 / Re (docs/TANK.md). */
const NORMAL = { linear: 0.95, root: 3.9, creep: 6 } as const;

/** A meter of line: its diameter m, mass and displaced mass kg/m, and its drag. */
export interface LineSegment {
	readonly diameterM: number;
	readonly massKgM: number;
	readonly waterKgM: number;
	/** Weight in air and what water takes of it, N/m. */
	readonly weightNM: number;
	readonly liftNM: number;
	/** Tangential drag over the speed, N/m per (m/s)2. */
	readonly tangential: number;
	/**
	 * Normal drag over the speed across, N/m per m/s: in water `linear` v + `root` v^0.5 + `creep`, regular where nothing
	 * moves; in air `air` v.
	 */
	readonly across: { readonly linear: number; readonly root: number; readonly creep: number; readonly air: number };
}

/** A line as the tow sees it (docs/TANK.md). */
export function lineSegmentOf(line: { readonly type: keyof typeof LINES; readonly testLb: number }): LineSegment {
	const diameterM = lineDiameterM(line);
	const areaM2 = (Math.PI * diameterM ** 2) / 4;
	const massKgM = LINES[line.type].densityKgM3 * areaM2;
	const waterKgM = WATER_KGM3 * areaM2;
	const creep = VISCOSITY_M2S / diameterM;
	const dynamic = HALF_DENSITY * diameterM;
	return {
		diameterM,
		massKgM,
		waterKgM,
		weightNM: massKgM * GRAVITY_MPS2,
		liftNM: waterKgM * GRAVITY_MPS2,
		tangential: HALF_DENSITY * TANGENTIAL[line.type] * Math.PI * diameterM,
		across: {
			linear: NORMAL.linear * dynamic,
			root: NORMAL.root * Math.sqrt(creep) * dynamic,
			creep: NORMAL.creep * creep * dynamic,
			air: AIR_DRAG * diameterM
		}
	};
}
