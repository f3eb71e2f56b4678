import { keysOf } from '../../foundation/basics/typed';
import { without } from '../../foundation/basics/without';
import { WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import { DRAG_MOST, TIP_LIFT_M, USUAL_TIP_M } from '../../foundation/constants/constants';
import { castWorks } from '../../simulation/physics/castWork';
import { lineDiameterM, perTurnM } from '../../simulation/physics/line';
import { assembleLure } from '../../simulation/physics/lure';
import type { MeasuredParts } from '../../simulation/physics/measured';
import { leanDeg, LEANS_DEG } from '../../simulation/physics/roll';
import { runningRig, runningWindow } from '../../simulation/physics/window';
import type { Reading } from '../../water/reading/complete';
import type { Rig } from '../../foundation/schema/rig';
import {
	type BetterCast,
	type CastChange,
	type Run,
	type RunCast,
	type Running,
	type RunState
} from '../../foundation/schema/run';
import type { Tow, TowInput } from '../../foundation/schema/tow';
import type { CalledWindow } from '../../foundation/schema/window';
import { groundOf, throwOf } from '../../simulation/cast/ground';
import { levelWater, type Soundings } from '../../simulation/cast/soundings';
import { tow, towedDepthM } from '../../simulation/cast/tow';
import { bandOf, snagging } from './band';
import { LONGEST_S, workOf } from './fishingTime';

/** A depth or a change needs no finer line and step than this: a few centimeters. */
const COARSE_SEGMENTS = 8;
const COARSE_STEP_S = 0.02;
/** Rod tip (m) when it is held up, and what that must win of the retrieve to be told. */
export const TIP_UP_M = USUAL_TIP_M + TIP_LIFT_M;
const TIP_WINS = 0.1;
/** Share of the cast that is left when it is shortened. */
const SHORTER = 0.7;
/** A change is told when it wins at least this share of the retrieve. */
const WORTH_TELLING = 0.05;
const BETTER_MAX = 2;
/** A surface lure works in the top of the water, m. */
const ON_TOP_M = 0.1;
/** It is told to drag bottom from this share of the meters wound on, and to be outside of the zone from this share. */
const DRAGS_SHARE = 0.15;
const OUTSIDE_SHARE = 0.1;
/** Slowest winding that is simulated, m/s. */
const SLOWEST_MPS = 0.05;

/** How a cast differs from the one that is told, and what is known of the water and the lure. */
export interface RunOptions {
	/** What the spot's bed was sounded; level water where nobody did. */
	readonly soundings?: Soundings | undefined;
	readonly measured?: MeasuredParts | undefined;
	readonly tipM?: number | undefined;
	readonly countdownS?: number | undefined;
}

/** Depths (m) between which a rig's family works on a reading: among the fish, or on top. */
export function zoneOf(reading: Reading, family: Rig['family']): RunCast['band'] {
	if (family === 'buzzbait') return { fromM: 0, toM: ON_TOP_M };
	const { fromM, toM } = workOf(reading, bandOf(reading, family));
	return { fromM: Math.max(0, fromM), toM };
}

/** Where the tip is held and how long is counted (s, whole: nobody counts halves). */
type Hold = Pick<RunCast, 'tipM' | 'countdownS'>;

/** The tip and the countdown with which most of the retrieve works, by the fast estimate; the tip low where it hardly matters. */
function bestHold(rig: Rig, reading: Reading, cast: Omit<RunCast, keyof Hold>, options: RunOptions): Hold {
	const { tipM: heldM, measured } = options;
	if (rig.family === 'buzzbait') return { tipM: heldM ?? USUAL_TIP_M, countdownS: 0 };
	const work = workOf(reading, bandOf(reading, rig.family));
	const lure = assembleLure(runningRig(rig, measured));
	const lineM = lineDiameterM(rig.line);
	const holdAt = (tipM: number): Hold & { share: number } => {
		const works = castWorks(lure, { ...cast, tipM, lineM }, work, LONGEST_S);
		const { countdownS, share } = works.reduce((best, one) => (one.share > best.share ? one : best));
		return { tipM, countdownS: Math.round(countdownS), share };
	};
	const low = holdAt(heldM ?? USUAL_TIP_M);
	const high = heldM === undefined && low.share < 1 - TIP_WINS ? holdAt(TIP_UP_M) : low;
	return high.share > low.share + TIP_WINS ? high : low;
}

/**
 * The cast that is told of a rig on a reading: how far, from where, over what, counted down how long.
 *
 * Every screen, the plan and the command line take it from here, so that the same rig on the same water is one cast.
 */
export function castOf(rig: Rig, reading: Reading, options: RunOptions = {}): RunCast {
	const soundings = options.soundings ?? levelWater(reading.bottomM);
	const thrown = throwOf(reading, soundings);
	const cast = {
		castM: thrown.castM,
		speedMps: Math.max(SLOWEST_MPS, rig.retrieve.speedMps),
		...groundOf(thrown, soundings, reading.bottomM, snagging(reading, rig.family)),
		band: zoneOf(reading, rig.family)
	};
	const { tipM, countdownS } = bestHold(rig, reading, cast, options);
	return { ...cast, tipM, countdownS: options.countdownS ?? countdownS };
}

/** What becomes of a rig at its speed, but for the bottom. */
function stateOf(rig: Rig, castM: number, measured?: MeasuredParts): { state: RunState; leanDeg: number | null } {
	const speedMps = Math.max(SLOWEST_MPS, rig.retrieve.speedMps);
	const { keepMps, rollMps, surface } = runningWindow({ rig, speedMps, castM }, measured);
	const lean = rollMps === null ? null : leanDeg(rollMps, speedMps);
	const told = (state: RunState) => ({ state, leanDeg: lean });
	if (speedMps < keepMps) return told('stalls');
	if (rollMps !== null && speedMps >= rollMps) return told('rolls');
	if (surface && speedMps < surface.planeMps) return told('sinks');
	return told(lean !== null && lean > LEANS_DEG ? 'leans' : 'runs');
}

/** Metres wound above a depth, below another, and on the bottom, and all of them. */
function metresOf({ samples }: Tow, { fromM, toM }: RunCast['band']) {
	const metres = { above: 0, below: 0, bottom: 0, all: 0 };
	for (const [at, { xM, zM, where }] of samples.entries()) {
		const next = samples[at + 1];
		if (!next || where === 'sinking') continue;
		const step = Math.abs(next.xM - xM);
		metres.all += step;
		if (where === 'bottom') metres.bottom += step;
		if (zM < fromM) metres.above += step;
		else if (zM > toM) metres.below += step;
	}
	return metres;
}

/** Depth (m) in the middle of the cast, or at its end where the lure is nearer from the start. */
const middleM = ({ depths, samples }: Tow): number => depths[0]!.zM ?? samples.at(-1)!.zM;

/**
 * How deep a rig runs along a cast, how much of the retrieve is in the strike zone, and whether it stalls, leans, rolls or
 * drags bottom: the one answer to that. The ranking uses a faster estimate; what is shown comes from here.
 *
 * @param rig A whole rig; its own retrieve is what is fished.
 */
export function runOf(rig: Rig, reading: Reading, options: RunOptions = {}): Run {
	const cast = castOf(rig, reading, options);
	const { measured } = options;
	const input: TowInput = { rig, ...cast, atM: [cast.castM / 2] };
	const modeled = tow(input, measured);
	const deep = middleM(modeled);
	const slowed = {
		...input,
		covers: [],
		segments: COARSE_SEGMENTS,
		stepS: COARSE_STEP_S,
		calibration: { dragMul: DRAG_MOST }
	};
	// A depth that was measured is not told as a range.
	const shallow = measured?.factors ? deep : (towedDepthM(slowed, cast.castM / 2, measured) ?? deep);
	const metres = metresOf(modeled, cast.band);
	const { state, leanDeg } = stateOf(rig, cast.castM, measured);
	const onBottom = metres.bottom / (metres.all || 1);
	const inZone = modeled.band?.distanceShare ?? 0;
	return {
		fromM: Math.min(deep, shallow),
		toM: Math.max(deep, shallow),
		inZone,
		outside: 1 - inZone < OUTSIDE_SHARE ? null : metres.above > metres.below ? 'above' : 'below',
		onBottom,
		state: state === 'runs' && onBottom > DRAGS_SHARE ? 'drags' : state,
		leanDeg,
		cast
	};
}

/** A rig with a head one step lighter or heavier; `null` at the end of the catalog. */
function withStep(rig: Rig, step: 1 | -1): Rig | null {
	const oz = step < 0 ? WEIGHTS_OZ.findLast((one) => one < rig.weightOz) : WEIGHTS_OZ.find((one) => one > rig.weightOz);
	return oz === undefined ? null : { ...rig, weightOz: oz };
}

/** What would keep a rig in the zone for longer than its run does, the best first, simulated alike. */
export function betterCasts(rig: Rig, reading: Reading, run: Run, options: RunOptions = {}): BetterCast[] {
	if (rig.family === 'buzzbait') return [];
	const shareOf = (other: Rig | null, changed: Reading = reading, tipM?: number): number => {
		if (!other || !['runs', 'drags'].includes(stateOf(other, run.cast.castM).state)) return 0;
		// Another head is not the one that was measured.
		const own = options.measured && other !== rig ? without(options.measured, 'head') : options.measured;
		const cast = castOf(other, changed, { ...options, measured: own, tipM });
		return tow({ rig: other, ...cast, segments: COARSE_SEGMENTS, stepS: COARSE_STEP_S }, own).band?.distanceShare ?? 0;
	};
	const shares: Record<CastChange, number> = {
		'tip-up': shareOf(rig, reading, TIP_UP_M),
		'shorter-cast': shareOf(rig, { ...reading, castM: reading.castM * SHORTER }),
		lighter: shareOf(withStep(rig, -1)),
		heavier: shareOf(withStep(rig, 1))
	};
	return keysOf(shares)
		.map((change) => ({ change, inZone: shares[change] }))
		.filter(({ inZone }) => inZone >= run.inZone + WORTH_TELLING)
		.sort((a, b) => b.inZone - a.inZone)
		.slice(0, BETTER_MAX);
}

/** The running window of a rig at its own retrieve on a reading. */
export function calledWindow(rig: Rig, reading: Reading, measured?: MeasuredParts): CalledWindow {
	const { speedMps } = rig.retrieve;
	const { castM } = reading;
	return {
		...runningWindow({ rig, speedMps, castM }, measured),
		turnsPerS: speedMps / perTurnM(rig.reel.inchesPerTurn, castM / 2, lineDiameterM(rig.line))
	};
}

/** Everything that is told of how a rig runs on a reading. */
export function runningOn(rig: Rig, reading: Reading, options: RunOptions = {}): Running {
	const run = runOf(rig, reading, options);
	return { window: calledWindow(rig, reading, options.measured), run, better: betterCasts(rig, reading, run, options) };
}
