import { lineDiameterM } from '../physics/line';
import { USUAL_LINE } from '../physics/window';
import type { MeasuredParts } from '../physics/measured';
import type { TowInput } from '../schema/tow';
import { bowM } from './bow';
import { tow } from './tow';

/** Where one sits and what one casts: a boat over a bank that falls evenly. */
export interface ApproachInput {
	readonly rig: TowInput['rig'];
	/** Depth (m) under the boat, over .3. */
	readonly boatM: number;
	/** Fall of the bottom, m a metre, above 0. */
	readonly slope: number;
	/** Longest cast, m. */
	readonly castM: number;
	readonly tipM: number;
	readonly countdownS: number;
	readonly speedMps: number;
	/** How far over the bottom (m) the lure still counts as being in the zone. */
	readonly overM: number;
	/** Wind in m/s, and where it comes from in degrees from the line of the bank, as an angle of a cast is; `null` in a calm. */
	readonly wind: { readonly mps: number; readonly fromDeg: number } | null;
}

/** One way to cast there. */
export interface Approach {
	/** 0 along the bank, 90 square to it, 180 along it the other way. */
	readonly angleDeg: number;
	readonly castM: number;
	/** A whole cast, throw to the next throw, s. */
	readonly castS: number;
	readonly castsPerH: number;
	/** Metres of a cast within the zone, and of an hour. */
	readonly zoneM: number;
	readonly zoneMPerH: number;
	/** How far the wind bows the line in the air to the side, m. */
	readonly bowM: number;
}

/** Shallowest water that is cast into, m; speed of a lure in flight, m/s; and what a cast takes besides, s (section 8). */
const SHALLOWEST_M = 0.3;
const FLIGHT_MPS = 16;
const BESIDES_S = 7;
const SHORTEST_M = 4;
const SEGMENTS = 12;
/** The bed is told to the tow every so many metres. */
const BED_STEP_M = 1;

/** Angles that are looked at, degrees. */
export const APPROACH_DEG: readonly number[] = Array.from({ length: 13 }, (_, at) => at * 15);

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** Depth (m) of an even bank so far (m) along a cast at an angle. */
export const bankDepthM = ({ boatM, slope }: ApproachInput, angleDeg: number, xM: number): number =>
	Math.max(SHALLOWEST_M, boatM - slope * Math.sin(radians(angleDeg)) * xM);

/** The longest cast (m) at an angle that still ends in water. */
export function reachingM({ boatM, slope, castM }: ApproachInput, angleDeg: number): number {
	const fall = slope * Math.sin(radians(angleDeg));
	const room = fall > 1e-9 ? (boatM - SHALLOWEST_M) / fall : Infinity;
	return Math.max(SHORTEST_M, Math.min(castM, room));
}

/** Seconds wound, metres within the zone, and the tension in the middle of the cast. */
function wound(input: ApproachInput, angleDeg: number, castM: number, measured?: MeasuredParts) {
	const pointsM = Array.from({ length: Math.ceil(castM / BED_STEP_M) + 2 }, (_, at): [number, number] => {
		const xM = at * BED_STEP_M;
		return [xM, bankDepthM(input, angleDeg, xM)];
	});
	const { rig, tipM, countdownS, speedMps, overM } = input;
	const cast = tow({ rig, castM, tipM, countdownS, speedMps, bottom: { pointsM }, segments: SEGMENTS }, measured);
	const along = cast.samples.filter(({ tS }) => tS >= countdownS);
	let zoneM = 0;
	along.slice(1).forEach((sample, at) => {
		const isIn = bankDepthM(input, angleDeg, sample.xM) - sample.zM <= overM;
		if (isIn) zoneM += Math.abs(along[at]!.xM - sample.xM);
	});
	const middle = along[Math.floor(along.length / 2)];
	return { endS: cast.endS, zoneM, tensionN: middle?.tensionN ?? 0, depthM: middle?.zM ?? 0 };
}

/** Bow of the line in the air (m): from the tip to where a straight line to the lure enters the water. */
function bowed({ rig, tipM, wind }: ApproachInput, angleDeg: number, castM: number, tensionN: number, depthM: number) {
	if (!wind || tensionN <= 0) return 0;
	const across = wind.mps * Math.abs(Math.sin(radians(wind.fromDeg - angleDeg)));
	const inAirM = (castM / 2) * (tipM / Math.max(tipM, tipM + depthM));
	return bowM(across, inAirM, tensionN, lineDiameterM({ ...USUAL_LINE, ...rig.line }));
}

/**
 * How long each way of casting at a bank keeps a lure in the zone (running model, section 8): an even slope, each cast
 * simulated in still water; the wind bows the line in the air and does nothing else.
 *
 * @returns One for each of `APPROACH_DEG`, in their order.
 */
export function approaches(input: ApproachInput, measured?: MeasuredParts): Approach[] {
	const half = APPROACH_DEG.filter((angle) => angle <= 90).map((angle) => {
		const castM = reachingM(input, angle);
		return { castM, ...wound(input, angle, castM, measured) };
	});
	return APPROACH_DEG.map((angleDeg, at) => {
		const { castM, endS, zoneM, tensionN, depthM } = half[Math.min(at, APPROACH_DEG.length - 1 - at)]!;
		const castS = castM / FLIGHT_MPS + endS + BESIDES_S;
		const castsPerH = 3600 / castS;
		const bow = bowed(input, angleDeg, castM, tensionN, depthM);
		return { angleDeg, castM, castS, castsPerH, zoneM, zoneMPerH: zoneM * castsPerH, bowM: bow };
	});
}

/**
 * Casts that pass every lane of a strip of bank once.
 *
 * @param stretchM Length of the bank, m.
 * @param laneM Width (m) of water that one cast is seen from.
 */
export function castsToCover({ boatM, slope }: ApproachInput, castM: number, stretchM: number, laneM: number): number {
	const widthM = (boatM - SHALLOWEST_M) / slope;
	return Math.max(1, Math.ceil((stretchM * widthM) / (castM * laneM)));
}
