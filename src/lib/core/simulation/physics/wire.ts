import type { Line } from '../../foundation/schema/rig';
import { N_PER_LBF } from '../../foundation/basics/units';
import { bladeDragM2, thumpN, turnHz, type BladeModel } from './blade';
import { DENSITY_KGM3, WATER_KGM3 } from '../../foundation/constants/constants';

/** Spring wire: modulus Pa, strength Pa at .889 mm and how it falls with diameter, yield share (recalled trend). */
const MODULUS_PA = 193e9;
const STRENGTH_PA = 1862e6;
const STRENGTH_AT_MM = 0.889;
const STRENGTH_FALLS = -0.14;
const YIELD_SHARE = 0.85;
/** The pull's offset from the bent wire m; noticeable set over first yield; hookset peak over line test (assumed). */
const OFFSET_M = 0.003;
const SET_FACTOR = 1.3;
const HOOKSET_SHARE = 0.6;
const SAFE_FACTOR = 1.5;
/** Damping term (2 zeta) of the arm in water (assumed zeta .25). */
const DAMPING = 0.5;

/** Life: stress concentration, fatigue exponent, share of an hour spent winding (assumed). */
const NOTCH = 1.6;
const EXPONENT = -1 / 0.13;
const WOUND_SHARE = 0.6;
const FISH_PER_H = 0.6;
const CYCLES_PER_FISH = 30;
const FISH_DRAG_LB = 5;
const REBENDS_PER_H = 0.4;
const REBEND_RAD = (10 * Math.PI) / 180;
const REBEND_RADIUS_M = 0.006;

export interface WireWindow {
	readonly stiffnessNPerM: number;
	readonly naturalHz: number;
	readonly amplification: number;
	readonly amplitudeMm: number;
	readonly droopMm: number;
	readonly opensLb: number;
	readonly maxLineLb: number;
	readonly safeDragLb: number;
	readonly lifeH: number;
}

interface Wire {
	readonly diameterM: number;
	readonly inertiaM4: number;
	readonly sectionM3: number;
	readonly strengthPa: number;
}

function wireOf(wireIn: number): Wire {
	const diameterM = wireIn * 0.0254;
	return {
		diameterM,
		inertiaM4: (Math.PI * diameterM ** 4) / 64,
		sectionM3: (Math.PI * diameterM ** 3) / 32,
		strengthPa: STRENGTH_PA * ((diameterM * 1000) / STRENGTH_AT_MM) ** STRENGTH_FALLS
	};
}

/** Pull (N) at which the line-tie bend takes a noticeable set. */
const openingN = ({ strengthPa, sectionM3 }: Wire): number =>
	(SET_FACTOR * YIELD_SHARE * strengthPa * sectionM3) / OFFSET_M;

/** Heaviest line (lb) whose hookset does not open a wire of this diameter (in). */
export const maxLineLb = (wireIn: number): number => openingN(wireOf(wireIn)) / HOOKSET_SHARE / N_PER_LBF;

/** Braid without a leader may be so many times what the wire bears: the drag slips before the wire opens. */
const BRAID_OVER_WIRE = 1.6;

/** Test (lb) of the line that a hookset pulls the wire with: the leader's where there is one, less of straight braid. */
export const pullOnWireLb = ({ type, testLb, leader }: Line): number =>
	leader ? leader.testLb : type === 'braid' ? testLb / BRAID_OVER_WIRE : testLb;

/** Cycles that a stress amplitude (Pa) allows. */
const cyclesAt = (stressPa: number, strengthPa: number): number =>
	0.5 * ((NOTCH * stressPa) / (1.5 * strengthPa)) ** EXPONENT;

/** Share of a wire's life that goes in an hour of casting and fish, and in one re-bend (Miner's sum). */
export interface WireWear {
	readonly perHour: number;
	readonly perBend: number;
}

function wearOf({ strengthPa, sectionM3, diameterM }: Wire, forceN: number, hz: number, armM: number): WireWear {
	const thump = (forceN * armM) / sectionM3;
	const fish = (FISH_DRAG_LB * N_PER_LBF * OFFSET_M) / sectionM3 / 2;
	const strain = (diameterM * REBEND_RAD) / (2 * REBEND_RADIUS_M);
	const thumped = thump > 0 ? (3600 * WOUND_SHARE * hz) / cyclesAt(thump, strengthPa) : 0;
	return {
		perHour: thumped + (FISH_PER_H * CYCLES_PER_FISH) / cyclesAt(fish, strengthPa),
		perBend: 1 / (0.5 * (strain / 0.3) ** -2)
	};
}

/** Hours of casting that a wire lasts at the usual rate of re-bends. */
const lifeHours = ({ perHour, perBend }: WireWear): number => 1 / (perHour + REBENDS_PER_H * perBend);

/** How an arm answers its blade: stiffness N/m, natural frequency and beat Hz, amplification, shaking force N. */
function shake(wire: Wire, blade: BladeModel, speedMps: number, armM: number) {
	const stiffness = (3 * MODULUS_PA * wire.inertiaM4) / armM ** 3;
	const wireKg = ((Math.PI * wire.diameterM ** 2) / 4) * armM * DENSITY_KGM3.wire;
	const entrained = 0.5 * WATER_KGM3 * (Math.PI / 4) * blade.widthM ** 2 * blade.lengthM * blade.sine;
	const naturalHz = Math.sqrt(stiffness / (blade.massKg + entrained + 0.243 * wireKg)) / (2 * Math.PI);
	const beatHz = turnHz(blade, speedMps);
	const ratio = beatHz / naturalHz;
	const amplification = 1 / Math.sqrt((1 - ratio ** 2) ** 2 + (DAMPING * ratio) ** 2);
	return { stiffness, naturalHz, beatHz, amplification, forceN: thumpN(blade, speedMps) * amplification };
}

/** How fast a blade arm wears; arguments as for `wireWindow`. */
export function wireWear(wireIn: number, blade: BladeModel, speedMps: number, armM: number): WireWear {
	const wire = wireOf(wireIn);
	const { forceN, beatHz } = shake(wire, blade, speedMps, armM);
	return wearOf(wire, forceN, beatHz, armM);
}

/**
 * How a blade arm swings, droops, opens and wears (docs/TANK.md).
 *
 * @param wireIn Diameter, in.
 * @param blade The blade at the arm's end.
 * @param speedMps Speed of the water at that blade.
 * @param armM Length of the arm, m.
 */
export function wireWindow(wireIn: number, blade: BladeModel, speedMps: number, armM: number): WireWindow {
	const wire = wireOf(wireIn);
	const { stiffness, naturalHz, beatHz, amplification, forceN } = shake(wire, blade, speedMps, armM);
	const pullN = 0.5 * WATER_KGM3 * speedMps ** 2 * bladeDragM2(blade, speedMps);
	const opens = openingN(wire);
	return {
		stiffnessNPerM: stiffness,
		naturalHz,
		amplification,
		amplitudeMm: (forceN / stiffness) * 1000,
		droopMm: ((pullN * Math.sin((35 * Math.PI) / 180)) / stiffness) * 1000,
		opensLb: opens / N_PER_LBF,
		maxLineLb: opens / HOOKSET_SHARE / N_PER_LBF,
		safeDragLb: opens / SAFE_FACTOR / N_PER_LBF,
		lifeH: lifeHours(wearOf(wire, forceN, beatHz, armM))
	};
}

/** Drag (lb) that a wire of this diameter (in) bears without opening, by two thirds of what opens it. */
export const safeDragLb = (wireIn: number): number => openingN(wireOf(wireIn)) / SAFE_FACTOR / N_PER_LBF;
