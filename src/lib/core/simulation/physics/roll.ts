import { DENSITY_KGM3, GRAVITY_MPS2, KEEL_LEVER_M, TRAILERS, WATER_KGM3 } from '../../foundation/constants/constants';
import type { BladeModel } from './blade';
import { buoyancy, type Lure } from './lure';

/** What of a lure decides when it rolls. */
export type Balanced = Pick<Lure, 'engine' | 'headKg' | 'keelKg'> & {
	readonly rig: Pick<Lure['rig'], 'family' | 'trailer' | 'lowKeel'>;
};

/** A lure that leans this far has rolled (assumed limit). */
const LIMIT_SINE = Math.sin(Math.PI / 3);
/** Arm's rise above the keel's line, and the front blade's share of its lever. */
const ARM_RISE = Math.sin((35 * Math.PI) / 180);
const FRONT_LEVER = 0.55;
/** Side force of a turning blade over its area, and how much two blades undo each other (assumed). */
const SIDE = 0.148;
const OPPOSED = 0.38;
const TRAILER_LEVER_M = 0.03;

const sideArea = ({ areaM2, sine }: BladeModel): number => areaM2 * sine ** 2;

/** What upsets a lure (m3, times dynamic pressure) and what rights it (N m). */
interface Balance {
	readonly upset: number;
	readonly righting: number;
}

function spinnerbait({ engine, keelKg, rig }: Balanced, armM: number, kinkRad: number): Balance {
	if (engine.kind !== 'blades') throw new RangeError('A spinnerbait carries turning blades.');
	const rise = armM * ARM_RISE;
	const { front, rear, wake } = engine;
	const back = wake ** 2 * sideArea(rear) * rise;
	const ahead = front ? sideArea(front) * FRONT_LEVER * rise : 0;
	const together = Math.sqrt(ahead ** 2 + back ** 2 - 2 * OPPOSED * ahead * back);
	const crooked = (TRAILERS[rig.trailer].dragCm2 / 1e4) * Math.sin(kinkRad) * TRAILER_LEVER_M;
	const brass = buoyancy(DENSITY_KGM3.brass);
	const top = brass * (rear.massKg * rise + (front ? front.massKg * FRONT_LEVER * rise : 0));
	const leverM = KEEL_LEVER_M[rig.lowKeel ? 'low' : 'usual'];
	return { upset: SIDE * (front ? together : back) + crooked, righting: GRAVITY_MPS2 * (keelKg * leverM - top) };
}

function underspin({ engine, headKg }: Balanced): Balance {
	if (engine.kind !== 'blades') throw new RangeError('An underspin carries a turning blade.');
	const blades = engine.rear.massKg * buoyancy(DENSITY_KGM3.brass);
	return { upset: SIDE * sideArea(engine.rear) * 0.025, righting: GRAVITY_MPS2 * (headKg * 0.012 + blades * 0.025) };
}

function balance(lure: Balanced, armM: number, kinkRad: number): Balance {
	const { engine, keelKg, headKg } = lure;
	if (engine.kind === 'propeller') {
		const top = engine.massKg * buoyancy(DENSITY_KGM3.aluminium) * 0.022;
		return { upset: 0.1 * engine.discM2 * 0.022, righting: GRAVITY_MPS2 * (keelKg * 0.026 - top) };
	}
	if (engine.kind === 'plate') {
		const upset = 0.03 * engine.areaM2 * engine.plate.cf * 0.012;
		return { upset, righting: GRAVITY_MPS2 * headKg * 0.018 };
	}
	return lure.rig.family === 'underspin' ? underspin(lure) : spinnerbait(lure, armM, kinkRad);
}

/**
 * Speed (m/s) at which a lure leans 60 degrees (docs/TANK.md).
 *
 * @param armM Length of the blade arm, m.
 * @param kinkRad How crooked the trailer sits, rad.
 * @returns 0 when it cannot stand at all, `null` when nothing upsets it.
 */
export function rollMps(lure: Balanced, armM: number, kinkRad = 0): number | null {
	const { upset, righting } = balance(lure, armM, kinkRad);
	if (righting <= 0) return 0;
	if (upset <= 0) return null;
	return Math.sqrt((LIMIT_SINE * righting) / (0.5 * WATER_KGM3 * upset));
}

/** How far (degrees) a lure leans at a speed, by the speed (m/s) at which it rolls; as far as the limit from there on. */
export function leanDeg(rollsMps: number, speedMps: number): number {
	const sine = rollsMps <= 0 ? LIMIT_SINE : LIMIT_SINE * Math.min(1, (speedMps / rollsMps) ** 2);
	return (Math.asin(sine) * 180) / Math.PI;
}

/** From this lean (degrees) on a lure tracks and hooks badly: nobody is told to wind so fast (assumed). */
export const LEANS_DEG = 30;

/** The fastest winding (m/s) at which a lure leans no further than `LEANS_DEG`, by the speed (m/s) at which it rolls. */
export const upToMps = (rollsMps: number | null): number =>
	rollsMps === null ? Infinity : rollsMps * Math.sqrt(Math.sin((LEANS_DEG * Math.PI) / 180) / LIMIT_SINE);
