import { assembleLure } from '../physics/lure';
import { sinkMps } from '../physics/depth';
import type { Factors, MeasuredParts } from '../physics/measured';
import { runningRig } from '../physics/window';
import type { Measure } from '../../foundation/schema/calibration';
import type { TowInput } from '../../foundation/schema/tow';
import { leastSquares, type Solution } from './leastSquares';
import { countToS, towedDepthM } from './tow';

/** How a rig runs, fitted to what was measured. */
export interface Fitted {
	readonly dragMul: number;
	readonly liftMul: number;
	/** One standard deviation of the factors, as a share of them; `null` where lift was not fitted. */
	readonly dragOff: number;
	readonly liftOff: number | null;
	/** Correlation of the two, and the condition number of what was measured alone; `null` likewise. */
	readonly correlation: number | null;
	readonly condition: number | null;
	/** For each measurement what the fitted model says instead: s of a fall or count, m of depth at a tick. */
	readonly says: readonly number[];
}

/** A measurement that cannot be, and why. */
export interface Refused {
	readonly at: number;
	readonly why: string;
}

/** Scatter of a timed fall (share) and of a tick's depth (m), and of what is known beforehand (docs/TANK.md). */
const TIME_OFF = 0.05;
const DEPTH_OFF_M = 0.1;
const PRIOR_OFF = [0.25, 0.5] as const;
/** Factors beyond which a measurement is taken for a mistake. */
const DRAG_RANGE = [0.3, 3] as const;
const LIFT_RANGE = [0.1, 5] as const;
/** Two ticks are at clearly different speeds from this ratio on, and tell lift from drag up to this condition; assumed. */
const SPEED_RATIO = 1.4;
const CONDITION_MAX = 100;
const SEGMENTS = 12;

const castOf = (rig: TowInput['rig'], measure: Exclude<Measure, { kind: 'fall' }>): TowInput => ({
	rig,
	castM: measure.castM,
	tipM: measure.tipM,
	segments: SEGMENTS,
	...(measure.kind === 'tick'
		? { countdownS: measure.countdownS, speedMps: measure.speedMps }
		: { countdownS: 0, speedMps: 1 })
});

/** What the model says for a measurement: s of a fall or a count, m of depth at a tick. */
function saidOf(rig: TowInput['rig'], parts: MeasuredParts, measure: Measure, factors: Factors): number {
	const measured = { ...parts, factors };
	if (measure.kind === 'fall') return measure.toM / sinkMps(assembleLure(runningRig(rig, measured)));
	if (measure.kind === 'count') return countToS(castOf(rig, measure), measure.toM, measured) ?? Infinity;
	return towedDepthM(castOf(rig, measure), measure.atM, measured) ?? 0;
}

const lies = (value: number, a: number, b: number): boolean => value >= Math.min(a, b) && value <= Math.max(a, b);

/** Why a measurement cannot be, or `null`. */
function wrongWith(rig: TowInput['rig'], parts: MeasuredParts, measure: Measure): string | null {
	if (measure.kind !== 'fall' && measure.toM + measure.tipM >= measure.castM)
		return 'The cast is too short to be that deep.';
	if (measure.kind === 'tick' && measure.atM >= measure.castM)
		return 'The bottom contact is farther out than the cast.';
	const say = (dragMul: number, liftMul: number): number => saidOf(rig, parts, measure, { dragMul, liftMul });
	const [least, most] = [say(DRAG_RANGE[0], LIFT_RANGE[0]), say(DRAG_RANGE[1], LIFT_RANGE[1])];
	const usual = say(1, 1);
	if (measure.kind === 'tick') {
		if (lies(measure.toM, least + DEPTH_OFF_M, most - DEPTH_OFF_M)) return null;
		return `The model puts it ${usual.toFixed(1)} m deep there; no rig like this runs at ${measure.toM} m.`;
	}
	if (lies(measure.seconds, least, most)) return null;
	return `${measure.toM} m in ${measure.seconds} s: the model says ${usual.toFixed(1)} s, and no lure of this weight can do it in ${measure.seconds < usual ? 'less than' : 'more than'} ${(measure.seconds < usual ? Math.min(least, most) : Math.max(least, most)).toFixed(1)} s.`;
}

/** Those of the measurements that cannot be. */
export const refusedOf = (rig: TowInput['rig'], parts: MeasuredParts, measures: readonly Measure[]): Refused[] =>
	measures.flatMap((measure, at) => {
		const why = wrongWith(rig, parts, measure);
		return why === null ? [] : [{ at, why }];
	});

/** Whether ticks can tell lift from drag: at least two, at clearly different speeds. */
function mayTellLift(measures: readonly Measure[]): boolean {
	const speeds = measures.flatMap((measure) => (measure.kind === 'tick' ? [measure.speedMps] : []));
	return speeds.length >= 2 && Math.max(...speeds) >= SPEED_RATIO * Math.min(...speeds);
}

function solve(
	rig: TowInput['rig'],
	parts: MeasuredParts,
	measures: readonly Measure[],
	unknowns: 1 | 2
): Solution | null {
	const residuals = (logs: readonly number[]): number[] => {
		const factors = { dragMul: Math.exp(logs[0]!), liftMul: Math.exp(logs[1] ?? 0) };
		return measures.map((measure) => {
			const said = saidOf(rig, parts, measure, factors);
			return measure.kind === 'tick' ? (said - measure.toM) / DEPTH_OFF_M : (said / measure.seconds - 1) / TIME_OFF;
		});
	};
	return leastSquares(residuals, PRIOR_OFF.slice(0, unknowns));
}

/** What came of a set of measurements: those that cannot be, and what the others fit; nothing is fitted while one is refused. */
export interface Calibrated {
	readonly refused: readonly Refused[];
	readonly fitted: Fitted | null;
}

/** Looks at every measurement, then fits them. */
export function calibrated(rig: TowInput['rig'], parts: MeasuredParts, measures: readonly Measure[]): Calibrated {
	const refused = refusedOf(rig, parts, measures);
	const fitted = refused.length === 0 && measures.length > 0 ? calibrate(rig, parts, measures) : null;
	return { refused, fitted };
}

/**
 * Fits a rig's drag, and its lift where the measurements tell it apart, by least squares with weak priors around the tables
 * (docs/TANK.md).
 *
 * @param parts The rig's measured parts, without factors.
 * @param measures At least one, none of them refused by `refusedOf`.
 */
export function calibrate(rig: TowInput['rig'], parts: MeasuredParts, measures: readonly Measure[]): Fitted | null {
	const both = mayTellLift(measures) ? solve(rig, parts, measures, 2) : null;
	const identified = both !== null && both.condition <= CONDITION_MAX;
	const found = identified ? both : solve(rig, parts, measures, 1);
	if (!found) return null;
	const [dragMul, liftMul] = [Math.exp(found.at[0]!), Math.exp(found.at[1] ?? 0)];
	return {
		dragMul,
		liftMul,
		dragOff: found.off[0]!,
		liftOff: identified ? found.off[1]! : null,
		correlation: identified ? found.correlation : null,
		condition: both?.condition ?? null,
		says: measures.map((measure) => saidOf(rig, parts, measure, { dragMul, liftMul }))
	};
}
