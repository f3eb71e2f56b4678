import { SPEEDS_MPS } from '../catalogue/parts';
import { KEEP_SHARE } from '../physics/blade';
import { lineWidthM } from '../physics/gateTable';
import { heldCast } from '../physics/held';
import { inchesPerTurnAt, lineDiameterM } from '../physics/line';
import { assembleLure, dragM2, liftM2, startMps, type Lure } from '../physics/lure';
import { rollMps } from '../physics/roll';
import { runningRig, runningWindow } from '../physics/window';
import { USUAL_ARM_M } from '../physics/constants';
import type { Rig } from '../schema/rig';
import type { CalledWindow } from '../schema/window';
import { M_PER_IN } from '../units';
import { ROLL_SHARE, type Windows } from './gates';
import { pullOf } from './running';

/** Catalogue speeds (m/s) at which a lure turns, stays upright and holds the band. */
function heldSpeeds(lure: Lure, lineM: number, windows: Windows): number[] {
	const keep = KEEP_SHARE * startMps(lure);
	const roll = ROLL_SHARE * (rollMps(lure, USUAL_ARM_M) ?? Infinity);
	const window = windows.of(lure.rig.family);
	return SPEEDS_MPS.filter((speedMps, at) => {
		if (speedMps < keep || speedMps > roll) return false;
		const drag = dragM2(lure, speedMps);
		const pull = pullOf(lure.weightN, drag, liftM2(lure, speedMps), speedMps);
		return window.holds(at, pull, lineWidthM(lineM) / drag);
	});
}

function bandOf(rig: Rig, lure: Lure, lineM: number, windows: Windows): CalledWindow['band'] {
	if (rig.family === 'buzzbait') return null;
	const band = windows.band(rig.family);
	const speeds = heldSpeeds(lure, lineM, windows);
	const wanted = rig.retrieve.speedMps;
	const off = (speed: number): number => Math.abs(speed - wanted);
	const speedMps = speeds.reduce((best, speed) => (off(speed) < off(best) ? speed : best), speeds[0] ?? wanted);
	const { countdownS, depthsM } = heldCast(lure, lineM, speedMps, band);
	return {
		speedMps,
		fromM: Math.max(0, band.fromM),
		toM: band.toM,
		countdownS,
		depthsM: [...depthsM],
		slowestMps: speeds[0] ?? speedMps,
		fastestMps: speeds[speeds.length - 1] ?? speedMps
	};
}

/** The running window of a rig at its own retrieve, and how it holds the fish band of a reading. */
export function calledWindow(rig: Rig, windows: Windows, castM: number): CalledWindow {
	const { speedMps } = rig.retrieve;
	const lure = assembleLure(runningRig(rig));
	const lineM = lineDiameterM(rig.line);
	const perTurnM = inchesPerTurnAt(rig.reel.inchesPerTurn, castM / 2, lineM) * M_PER_IN;
	return {
		...runningWindow({ rig, speedMps, castM }),
		band: bandOf(rig, lure, lineM, windows),
		turnsPerS: speedMps / perTurnM
	};
}
