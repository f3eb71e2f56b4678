import { dragM2, liftM2, type Lure } from '../physics/lure';
import { HALF_DENSITY } from '../../foundation/constants/constants';

/** Step (m/s) and end of the tables of drag and lift by speed (docs/TANK.md). */
const STEP_MPS = 0.02;
const STEPS = 201;

/** The lure at the end of the line: mass with the water that goes along kg, weight in water N, forces by speed. */
export interface Weight {
	readonly massKg: number;
	readonly weightN: number;
	/** Half density times drag area, and times lift area, at a speed (m/s): N per (m/s)2. */
	readonly dragAt: (speedMps: number) => number;
	readonly liftAt: (speedMps: number) => number;
}

function tabulated(areaM2: (speedMps: number) => number): (speedMps: number) => number {
	const table = Float64Array.from({ length: STEPS + 1 }, (_, at) => HALF_DENSITY * areaM2(at * STEP_MPS));
	return (speedMps) => {
		const at = Math.min(STEPS - 1, Math.abs(speedMps) / STEP_MPS);
		const low = Math.floor(at);
		return table[low]! + (at - low) * (table[low + 1]! - table[low]!);
	};
}

/** A lure as the tow sees it. */
export const weightOf = (lure: Lure): Weight => ({
	massKg: lure.massKg + lure.addedKg,
	weightN: lure.weightN,
	dragAt: tabulated((speedMps) => dragM2(lure, speedMps)),
	liftAt: tabulated((speedMps) => liftM2(lure, speedMps))
});
