import { lineDiameterM } from '../physics/line';
import { USUAL_LINE } from '../physics/window';
import type { MeasuredParts } from '../physics/measured';
import type { TowInput } from '../../foundation/schema/tow';
import { lineBowM } from './lineBow';
import { groundOf, reachingM } from './ground';
import { type Soundings } from './soundings';
import { tow } from './tow';

/** Where one sits and what one casts: a boat off a bank. */
export interface ApproachInput {
	readonly rig: TowInput['rig'];
	/** Depths out from the bank, as deep at their end as the reading says (m), and how far out (m) the boat lies. */
	readonly soundings: Soundings;
	readonly bottomM: number;
	readonly outM: number;
	/** Longest cast, m. */
	readonly castM: number;
	readonly tipM: number;
	readonly countdownS: number;
	readonly speedMps: number;
	/** Depths (m) between which the lure is in the strike zone. */
	readonly band: NonNullable<TowInput['band']>;
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
	/** Metres of a cast within the zone, what share of those wound (0 to 1) that is, and meters of an hour. */
	readonly zoneM: number;
	readonly inZone: number;
	readonly zoneMPerH: number;
	/** How far the wind bows the line in the air to the side, m. */
	readonly lineBowM: number;
}

/** Speed of a lure in flight, m/s; and what a cast takes besides, s. */
const FLIGHT_MPS = 16;
const BESIDES_S = 7;

/** Angles that are looked at, degrees. */
export const APPROACH_DEG: readonly number[] = Array.from({ length: 13 }, (_, at) => at * 15);

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** Water to which an even bank falls off, a meter and a sounding at a time: where nobody sounded. */
export function evenBank(bottomM: number, reachM: number): Soundings {
	const last = Math.max(2, Math.round(reachM));
	return Array.from({ length: last + 1 }, (_, outM) => ({ outM, depthM: (bottomM * outM) / last }));
}

/** How a cast at an angle runs: seconds, meters in the zone, and tension and depth in the middle of it. */
function wound(input: ApproachInput, angleDeg: number, castM: number, measured?: MeasuredParts) {
	const { rig, soundings, bottomM, outM, tipM, countdownS, speedMps, band } = input;
	const sine = Math.sin(radians(angleDeg));
	// The bed of a cast square to the bank is the very one that the call's cast runs over.
	const from = { tipOutM: outM, towardsBank: true, castM };
	const { bottom } = groundOf(from, soundings, bottomM, [], sine);
	const cast = tow({ rig, castM, tipM, countdownS, speedMps, bottom, band }, measured);
	const along = cast.samples.filter(({ tS }) => tS >= countdownS);
	const middle = along[Math.floor(along.length / 2)];
	const { metres, distanceShare } = cast.band!;
	return {
		endS: cast.endS,
		zoneM: metres,
		inZone: distanceShare,
		tensionN: middle?.tensionN ?? 0,
		depthM: middle?.zM ?? 0
	};
}

/** Bow of the line in the air (m): from the tip to where a straight line to the lure enters the water. */
function bowed({ rig, tipM, wind }: ApproachInput, angleDeg: number, castM: number, tensionN: number, depthM: number) {
	if (!wind || tensionN <= 0) return 0;
	const across = wind.mps * Math.abs(Math.sin(radians(wind.fromDeg - angleDeg)));
	const inAirM = (castM / 2) * (tipM / Math.max(tipM, tipM + depthM));
	return lineBowM(across, inAirM, tensionN, lineDiameterM({ ...USUAL_LINE, ...rig.line }));
}

/**
 * How long each way of casting at a bank keeps a lure in the zone (docs/TANK.md): each cast
 * simulated in still water over the bed that was sounded; the wind bows the line in the air and does nothing else.
 *
 * @returns One for each of `APPROACH_DEG`, in their order.
 */
export function approaches(input: ApproachInput, measured?: MeasuredParts): Approach[] {
	const half = APPROACH_DEG.filter((angle) => angle <= 90).map((angle) => {
		const castM = reachingM(input, input.castM, Math.sin(radians(angle)));
		return { castM, ...wound(input, angle, castM, measured) };
	});
	return APPROACH_DEG.map((angleDeg, at) => {
		const { castM, endS, zoneM, inZone, tensionN, depthM } = half[Math.min(at, APPROACH_DEG.length - 1 - at)]!;
		const castS = castM / FLIGHT_MPS + endS + BESIDES_S;
		const castsPerH = 3600 / castS;
		const bow = bowed(input, angleDeg, castM, tensionN, depthM);
		return { angleDeg, castM, castS, castsPerH, zoneM, inZone, zoneMPerH: zoneM * castsPerH, lineBowM: bow };
	});
}

/**
 * Casts that pass every lane of a strip of bank once, from the bank out to the boat.
 *
 * @param stretchM Length of the bank, m.
 * @param laneM Width (m) of water that one cast is seen from.
 */
export const castsToCover = ({ outM }: ApproachInput, castM: number, stretchM: number, laneM: number): number =>
	Math.max(1, Math.ceil((stretchM * outM) / (castM * laneM)));
