import { BUZZ_MM, FITTINGS_MM } from '../../foundation/catalogue/fittings';
import type { Fit } from '../build/fit';
import { bend, lengthOf, type Move, type Point } from './path';

/** A bent wire: its schedule from the head's nose on, where each move ended, and what hangs on it. */
export interface PlacedWire {
	readonly moves: readonly Move[];
	readonly points: readonly Point[];
	readonly ends: readonly Point[];
	/** Where the line is tied. */
	readonly tie: Point;
	/** Where the blade's arm or shaft begins, and which way it runs, degrees clockwise from right. */
	readonly armStart: Point;
	readonly armDeg: number;
	/** Where it ends: the blade's eye, or the end of the shaft. */
	readonly end: Point;
	readonly lengthMm: number;
}

const ORIGIN: Point = { x: 0, y: 0 };
/** The lower arm leaves the nose this much up and to the left; the open tie turns it back. */
const LOWER_DEG = 210;
const TIE_TURN_DEG = 186;
const TWIST_DEG = 360;
const EYE_TURN_DEG = 395;
const BUZZ_LOWER_DEG = 205;

function geometry(moves: readonly Move[], startDeg: number, tieAt: number, armAt: number, endAt: number): PlacedWire {
	const { points, ends } = bend(ORIGIN, startDeg, moves);
	const [armStart, end] = [ends[armAt]!, ends[endAt]!];
	return {
		moves,
		points,
		ends,
		armStart,
		end,
		tie: ends[tieAt]!,
		armDeg: (Math.atan2(end.y - armStart.y, end.x - armStart.x) * 180) / Math.PI,
		lengthMm: lengthOf(points)
	};
}

/** The wire of a spinnerbait: lower arm, open or twisted line tie, upper arm, eye. */
export function placeSpinnerbaitWire({ lowerArmMm, upperArmMm, riseDeg, gapDeg, tie }: Fit): PlacedWire {
	const back = LOWER_DEG + TIE_TURN_DEG - 360 + riseDeg + gapDeg;
	const moves: Move[] = [
		{ run: lowerArmMm },
		{ right: tie === 'closed' ? TIE_TURN_DEG + TWIST_DEG : TIE_TURN_DEG, r: FITTINGS_MM.tieRadius },
		{ left: back, r: FITTINGS_MM.backRadius },
		{ run: upperArmMm },
		{ right: EYE_TURN_DEG, r: FITTINGS_MM.eyeRadius }
	];
	return geometry(moves, LOWER_DEG, 1, 2, 3);
}

/** The wire of a buzzbait: run, line tie, riser, and the shaft that the blade turns on. */
export function placeBuzzWire(diameterMm: number): PlacedWire {
	const moves: Move[] = [
		{ run: BUZZ_MM.lower },
		{ right: 70, r: 2.3 },
		{ run: Math.max(BUZZ_MM.leastRise, diameterMm * BUZZ_MM.riseOverDiameter) },
		{ right: 88, r: 2.5 },
		{ run: diameterMm * BUZZ_MM.lengthOverDiameter + BUZZ_MM.behind }
	];
	return geometry(moves, BUZZ_LOWER_DEG, 1, 3, 4);
}
