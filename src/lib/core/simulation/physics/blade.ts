import { bladeOutline } from '../../foundation/catalogue/bladeSizes';
import type { TurningStyle } from '../../foundation/schema/words';
import { BLADE_FORMS, DENSITY_KGM3, GRAVITY_MPS2, WATER_KGM3 } from '../../foundation/constants/constants';
import type { Measured } from './measured';

/** Bearing friction, N m: a ball-bearing swivel, and a clevis (docs/TANK.md). */
const SWIVEL_NM = 1e-5;
const CLEVIS_NM = 3e-5;
/** Share of the start speed at which a blade stops, and from which its turning is reckoned (assumed hysteresis). */
const STOP_SHARE = 0.8;
const ONSET_SHARE = 0.7;
/** Distance of the blade's inner end from the shaft, m. */
const INNER_M = 0.002;
const ADVANCE = 0.75;

/** A turning blade as the model sees it; lengths m, areas m2. */
export interface BladeModel {
	readonly style: TurningStyle;
	readonly lengthM: number;
	readonly widthM: number;
	readonly areaM2: number;
	readonly massKg: number;
	/** Sine of the blade's angle to the shaft. */
	readonly sine: number;
	readonly angleRad: number;
	readonly midRadiusM: number;
	readonly tipRadiusM: number;
	readonly startMps: number;
	/** Drag and lift areas (m2) at full turning. */
	readonly fullDragM2: number;
	readonly fullLiftM2: number;
}

/** smooth(u) = u^2 (3 - 2u), u held to [0, 1]. */
export function smooth(u: number): number {
	const held = Math.min(1, Math.max(0, u));
	return held * held * (3 - 2 * held);
}

/** Thickness (mm) of a brass blade by its trade size (docs/TANK.md). */
export const bladeThickMm = (size: number): number => 0.42 + 0.035 * size;

/** Thickness (m) of a brass blade by its trade size, or what its weighed mass makes it. */
function thicknessM(size: number, areaM2: number, massG: number | undefined): number {
	if (massG === undefined) return bladeThickMm(size) / 1000;
	return massG / 1000 / (DENSITY_KGM3.brass * areaM2);
}

/**
 * A blade by style, trade size and place; the front blade of a tandem runs on a clevis.
 *
 * @param measured Length and mass of the angler's own blade, which stand over the size table.
 */
export function bladeModel(
	style: TurningStyle,
	size: number,
	position: 'front' | 'rear',
	measured: Measured = {}
): BladeModel {
	const { lengthMm, widthMm } = bladeOutline(style, size, measured.lengthMm);
	const { areaShare, angleDeg } = BLADE_FORMS[style];
	const [lengthM, widthM] = [lengthMm / 1000, widthMm / 1000];
	const areaM2 = areaShare * lengthM * widthM;
	const thickM = thicknessM(size, areaM2, measured.massG);
	const angleRad = (angleDeg * Math.PI) / 180;
	const sine = Math.sin(angleRad);
	const midRadiusM = INNER_M + 0.5 * lengthM * sine;
	const friction = position === 'front' ? CLEVIS_NM : SWIVEL_NM;
	const hanging = GRAVITY_MPS2 * thickM * (DENSITY_KGM3.brass / WATER_KGM3 - 1);
	const bearing = friction / (WATER_KGM3 * areaM2 * midRadiusM);
	return {
		style,
		lengthM,
		widthM,
		areaM2,
		massKg: DENSITY_KGM3.brass * areaM2 * thickM,
		sine,
		angleRad,
		midRadiusM,
		tipRadiusM: INNER_M + lengthM * sine,
		startMps: Math.sqrt((2 * (hanging + bearing)) / (1.7 * sine * sine)),
		fullDragM2: areaM2 * (0.2 + 1.6 * sine ** 2),
		// First order, from a coned blade on a tilted shaft.
		fullLiftM2: 0.078 * areaM2 * Math.sin(2 * angleRad) * Math.cos(angleRad)
	};
}

/** Share of full turning at a speed, 0 stopped to 1. */
function spin({ startMps }: BladeModel, speedMps: number): number {
	const stop = STOP_SHARE * startMps;
	return smooth((speedMps - stop) / (startMps - stop));
}

/** Drag area (m2) at a speed. */
export const bladeDragM2 = (blade: BladeModel, speedMps: number): number =>
	blade.fullDragM2 * (0.5 + 0.5 * spin(blade, speedMps));

/** Lift area (m2) at a speed. */
export const bladeLiftM2 = (blade: BladeModel, speedMps: number): number => blade.fullLiftM2 * spin(blade, speedMps);

const turning = (blade: BladeModel, speedMps: number): number => {
	if (speedMps < STOP_SHARE * blade.startMps) return 0;
	return 1 - ((ONSET_SHARE * blade.startMps) / speedMps) ** 2;
};

/** Turns per second at a speed; 0 below the stop speed. */
export function turnHz(blade: BladeModel, speedMps: number): number {
	const advance = ADVANCE / Math.tan(blade.angleRad);
	return ((advance * speedMps) / (2 * Math.PI * blade.midRadiusM)) * Math.sqrt(turning(blade, speedMps));
}

/** Amplitude (N) of the rotating side force, the thump. */
export const thumpN = (blade: BladeModel, speedMps: number): number =>
	0.5 * (0.5 * WATER_KGM3 * speedMps ** 2 * blade.areaM2 * blade.sine ** 2) * turning(blade, speedMps);

/** Speed at the rear blade over that at the turning front one (actuator disc, half-developed wake). */
export function wakeRatio(front: BladeModel, rear: BladeModel): number {
	const loading = Math.min(0.9, front.fullDragM2 / (Math.PI * front.tipRadiusM ** 2));
	const induction = (1 - Math.sqrt(1 - loading)) / 2;
	return 1 - 1.5 * induction * Math.min(1, (front.tipRadiusM / rear.tipRadiusM) ** 2);
}

/** The slowest speed at which a blade keeps turning over that at which it starts. */
export const KEEP_SHARE = STOP_SHARE;
