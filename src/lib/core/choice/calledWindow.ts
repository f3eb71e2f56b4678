import { WEIGHTS_OZ } from '../catalogue/parts';
import { castWorks, type Cast, type CastWork } from '../physics/castWork';
import { USUAL_TIP_M } from '../matter/constants';
import { lineDiameterM, perTurnM } from '../physics/line';
import { assembleLure, type Lure } from '../physics/lure';
import { runningRig, runningWindow } from '../physics/window';
import type { Reading } from '../reading/complete';
import type { Rig } from '../schema/rig';
import type { CalledWindow } from '../schema/window';
import { bandOf } from './band';
import { LONGEST_S, workOf, type Work } from './fishingTime';

/** Rod tip (m) when it is held up. */
const TIP_UP_M = 2;
/** Share of the cast that is left when it is shortened. */
const SHORTER = 0.7;
/** A change is told when it wins at least this share of the retrieve. */
const WORTH_TELLING = 0.05;
const MORE_MAX = 2;
/** Line out (m) at which depth is told: the gate's distances. */
const TOLD_AT_M = [18, 14, 10] as const;

/** The countdown with which most of the retrieve works. */
function bestWork(lure: Lure, cast: Cast, work: Work): CastWork {
	const works = castWorks(lure, cast, work, LONGEST_S);
	return works.reduce((best, one) => (one.share > best.share ? one : best));
}

/** The same rig with a head one step lighter or heavier; `null` at the end of the catalogue. */
function withStep(rig: Rig, step: 1 | -1): Lure | null {
	const ounces = step < 0 ? WEIGHTS_OZ.findLast((oz) => oz < rig.weightOz) : WEIGHTS_OZ.find((oz) => oz > rig.weightOz);
	return ounces === undefined ? null : assembleLure(runningRig({ ...rig, weightOz: ounces }));
}

/** What would keep a rig among the fish for longer, the best first. */
function moreOf(rig: Rig, lure: Lure, cast: Cast, work: Work, own: CastWork, tipUp: CastWork) {
	const castM = cast.castM * SHORTER;
	const [lighter, heavier] = [withStep(rig, -1), withStep(rig, 1)];
	const shares = {
		'tip-up': tipUp.share,
		'shorter-cast': bestWork(lure, { ...cast, castM }, work).share,
		lighter: lighter ? bestWork(lighter, cast, work).share : 0,
		heavier: heavier ? bestWork(heavier, cast, work).share : 0
	} as const;
	const better = (Object.keys(shares) as (keyof typeof shares)[])
		.map((change) => ({ change, share: shares[change] }))
		.filter(({ share }) => share >= own.share + WORTH_TELLING);
	return better.sort((a, b) => b.share - a.share).slice(0, MORE_MAX);
}

/** How a rig works among the fish of a reading at its own pace, in the fast estimate itself. */
function workingBand(rig: Rig, lure: Lure, reading: Reading): CalledWindow['band'] {
	if (rig.family === 'buzzbait' || rig.retrieve.speedMps <= 0) return null;
	const work = workOf(reading, bandOf(reading, rig.family));
	const cast: Cast = {
		speedMps: rig.retrieve.speedMps,
		castM: reading.castM,
		tipM: USUAL_TIP_M,
		lineM: lineDiameterM(rig.line)
	};
	const own = bestWork(lure, cast, work);
	const tipUp = bestWork(lure, { ...cast, tipM: TIP_UP_M }, work);
	const at = (lineM: number): number | null => own.depthsM[Math.round(reading.castM - lineM)] ?? null;
	return {
		fromM: Math.max(0, work.fromM),
		toM: work.toM,
		countdownS: own.countdownS,
		share: own.share,
		shareTipUp: tipUp.share,
		depthsM: TOLD_AT_M.map(at),
		more: moreOf(rig, lure, cast, work, own, tipUp)
	};
}

/** The running window of a rig at its own retrieve, and how it works among the fish of a reading. */
export function calledWindow(rig: Rig, reading: Reading): CalledWindow {
	const { speedMps } = rig.retrieve;
	const { castM } = reading;
	const lure = assembleLure(runningRig(rig));
	return {
		...runningWindow({ rig, speedMps, castM }),
		band: workingBand(rig, lure, reading),
		turnsPerS: speedMps / perTurnM(rig.reel.inchesPerTurn, castM / 2, lineDiameterM(rig.line))
	};
}
