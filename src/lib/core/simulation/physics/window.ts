import { parseWith } from '../../foundation/schema/failure';
import { windowInputSchema, type RunningWindow, type WindowInput } from '../../foundation/schema/window';
import { isCompact, usualArmM } from './arm';
import { bladeDragM2, KEEP_SHARE, thumpN, turnHz, type BladeModel } from './blade';
import {
	USUAL_CAST_M,
	USUAL_COUNTDOWN_S,
	USUAL_DISTANCE_M,
	USUAL_TIP_M,
	USUAL_WIRE_IN,
	WATER_KGM3
} from '../../foundation/constants/constants';
import { depthAtM, planeMps, sinkMps } from './depth';
import { inchesPerTurnAt, lineDiameterM } from './line';
import { assembleLure, dragM2, liftM2, startMps, type Lure, type RunningRig } from './lure';
import type { MeasuredParts } from './measured';
import { rollMps } from './roll';
import { wireWindow } from './wire';

const CM2_PER_M2 = 1e4;
/** Strouhal number of a swinging plate: the middle of the flapping range .2 to .4. */
export const STROUHAL = 0.25;
/** Advance of a buzz blade: one turn per this many diameters. */
const DIAMETERS_PER_TURN = 1.4;
/** Line that the model takes when none is named. */
export const USUAL_LINE = { type: 'fluorocarbon', testLb: 17 } as const;

function skirtOf({ family, skirt }: WindowInput['rig']): RunningRig['skirt'] {
	if (skirt === undefined) return family === 'underspin' ? 'none' : 'full';
	if (skirt.colour === 'none') return 'none';
	return skirt.length === 'short' ? 'thin' : 'full';
}

/** A rig as the model sees it, its measured parts standing over the tables, with the model's defaults for what was not said. */
export function runningRig(rig: WindowInput['rig'], measured?: MeasuredParts): RunningRig {
	return {
		...(measured ? { measured } : {}),
		family: rig.family,
		weightOz: rig.weightOz,
		headMaterial: rig.headMaterial ?? 'lead',
		blades: rig.blades,
		wireIn: rig.wireIn ?? null,
		...(isCompact(rig) ? { compact: true } : {}),
		...(rig.headShape === 'low-keel' ? { lowKeel: true } : {}),
		skirt: skirtOf(rig),
		trailer: rig.trailer?.kind ?? 'none'
	};
}

function bladeWindow(position: 'front' | 'rear', blade: BladeModel, speedMps: number): RunningWindow['blades'][number] {
	return {
		position,
		startMps: blade.startMps,
		turnHz: turnHz(blade, speedMps),
		thumpN: thumpN(blade, speedMps),
		dragAreaCm2: bladeDragM2(blade, speedMps) * CM2_PER_M2,
		massG: blade.massKg * 1000
	};
}

function bladesOf({ engine }: Lure, speedMps: number): RunningWindow['blades'] {
	if (engine.kind !== 'blades') return [];
	const front = engine.front ? [bladeWindow('front', engine.front, speedMps)] : [];
	return [...front, bladeWindow('rear', engine.rear, speedMps)];
}

/** What only one family has. */
function ownParts(lure: Lure, { rig, speedMps, armM = usualArmM(rig), ...rest }: WindowInput): Partial<RunningWindow> {
	const { engine } = lure;
	if (engine.kind === 'plate') {
		const swings = speedMps >= KEEP_SHARE * engine.startMps;
		const { plate, areaM2 } = engine;
		const beatHz = (STROUHAL * speedMps) / (plate.sweep * (plate.widthMm / 1000));
		const forceN = 0.5 * WATER_KGM3 * speedMps ** 2 * areaM2 * plate.cf;
		return { jigBlade: { beatHz: swings ? beatHz : 0, forceN: swings ? forceN : 0 } };
	}
	if (engine.kind === 'propeller') {
		const plane = planeMps(lure, rest.tipM ?? USUAL_TIP_M, rest.distanceM ?? USUAL_DISTANCE_M);
		return { surface: { planeMps: plane, turnHz: speedMps / (DIAMETERS_PER_TURN * engine.diameterM) } };
	}
	if (rig.family !== 'spinnerbait') return {};
	return { wire: wireWindow(rig.wireIn ?? USUAL_WIRE_IN, engine.rear, engine.wake * speedMps, armM) };
}

/**
 * The closed-form running window of a rig: when it turns, rolls, sinks, how deep it runs and what its wire bears.
 * A model with assumed coefficients, for still fresh water, 0.2 to 3 m/s; see the running model for its limits.
 */
export function runningWindow(input: WindowInput, measured?: MeasuredParts): RunningWindow {
	const { rig, speedMps, tipM = USUAL_TIP_M, distanceM = USUAL_DISTANCE_M, castM = USUAL_CAST_M } = input;
	const lure = assembleLure(runningRig(rig, measured));
	const line = { ...USUAL_LINE, ...rig.line };
	const lineM = lineDiameterM(line);
	const start = startMps(lure);
	const cast = { speedMps, castM, countdownS: input.countdownS ?? USUAL_COUNTDOWN_S, tipM, lineM };
	const full = rig.reel?.inchesPerTurn;
	return {
		blades: bladesOf(lure, speedMps),
		wake: lure.engine.kind === 'blades' ? lure.engine.wake : 1,
		startMps: start,
		keepMps: KEEP_SHARE * start,
		rollMps: rollMps(lure, input.armM ?? usualArmM(rig)),
		sinkMps: sinkMps(lure),
		submergedN: lure.weightN,
		dragAreaCm2: dragM2(lure, speedMps) * CM2_PER_M2,
		liftAreaCm2: liftM2(lure, speedMps) * CM2_PER_M2,
		depthM: rig.family === 'buzzbait' ? 0 : depthAtM(lure, cast, distanceM),
		...ownParts(lure, input),
		...(full === undefined ? {} : { reel: { inchesPerTurn: inchesPerTurnAt(full, input.lineOutM ?? castM, lineM) } })
	};
}

/** `window` on raw input: checks it, then answers. */
export const answerWindow = (input: unknown): RunningWindow => runningWindow(parseWith(windowInputSchema, input));
