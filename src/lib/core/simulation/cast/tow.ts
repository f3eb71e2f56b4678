import { USUAL_COUNTDOWN_S, USUAL_TIP_M } from '../../foundation/constants/constants';
import { inchesPerTurnOf, perTurnM } from '../physics/line';
import { assembleLure } from '../physics/lure';
import type { MeasuredParts } from '../physics/measured';
import { runningRig, USUAL_LINE } from '../physics/window';
import { parseWith } from '../../foundation/schema/failure';
import { towInputSchema, type Tow, type TowInput, type TowSample, type Where } from '../../foundation/schema/tow';
import { bottomAt, type BottomAt } from './bottom';
import { Chain } from './chain';
import { lineSegmentOf } from './lineSegment';
import { Handling } from './hand';
import { weightOf } from './weight';

/** Segments of line and seconds a step: half a centimeter off finer ones (docs/TANK.md). */
const SEGMENTS = 20;
const STEP_S = 0.01;
const SAMPLE_S = 0.25;
/** A cast ends when this much line is left (m), or after this long (s). */
const LEFT_M = 3;
const LONGEST_S = 300;
/** A count is watched this closely (s), and for this long at most. */
const COUNT_SAMPLE_S = 0.05;
const COUNT_MAX_S = 120;
/** A free spool gives line until there is this much more than the straight way. */
const FREE_SLACK = 1.01;
/** Tension of the first second of winding is a start-up transient of the model, no peak. */
const TRANSIENT_S = 1;
/** Usual gear of a reel when none is named: a middle one. */
const USUAL_RATIO = 7.1;

/** Length wound per turn (m) with so much line out. */
function turnOf(rig: TowInput['rig'], diameterM: number): (lengthM: number) => number {
	const full = rig.reel?.inchesPerTurn ?? inchesPerTurnOf(rig.reel?.ratio ?? USUAL_RATIO);
	return (lengthM) => perTurnM(full, lengthM, diameterM);
}

/** What is counted while the lure is wound in. */
class Account {
	timeS = 0;
	inS = 0;
	metres = 0;
	inMetres = 0;
	readonly depths: { xM: number; zM: number | null }[];
	readonly covers: { fromM: number; toM: number; topM: number; clearM: number | null }[];
	readonly #band: TowInput['band'];

	constructor({ atM = [], covers = [], band }: TowInput) {
		this.depths = atM.map((xM) => ({ xM, zM: null }));
		this.covers = covers.map((cover) => ({ ...cover, clearM: null }));
		this.#band = band;
	}

	/** A step of the winding from one place to the next. */
	count(dt: number, fromX: number, fromZ: number, toX: number, toZ: number): void {
		for (const depth of this.depths) {
			if (depth.zM !== null || toX > depth.xM || fromX < depth.xM) continue;
			const share = fromX === toX ? 0 : (fromX - depth.xM) / (fromX - toX);
			depth.zM = fromZ + share * (toZ - fromZ);
		}
		for (const cover of this.covers) {
			if (toX < cover.fromM || toX > cover.toM) continue;
			cover.clearM = Math.min(cover.clearM ?? Infinity, Math.max(0, cover.topM - toZ));
		}
		const metres = Math.abs(fromX - toX);
		this.timeS += dt;
		this.metres += metres;
		if (!this.#band || toZ < this.#band.fromM || toZ > this.#band.toM) return;
		this.inS += dt;
		this.inMetres += metres;
	}

	get band(): Tow['band'] {
		if (!this.#band) return undefined;
		const share = (part: number, whole: number): number => (whole > 0 ? part / whole : 0);
		return {
			timeShare: share(this.inS, this.timeS),
			distanceShare: share(this.inMetres, this.metres),
			metres: this.inMetres
		};
	}
}

function whereOf(chain: Chain, winding: boolean, { covers = [] }: TowInput): Where {
	const { lureX: xM, lureZ: zM } = chain;
	if (covers.some(({ fromM, toM, topM }) => xM >= fromM && xM <= toM && zM >= topM)) return 'cover';
	if (chain.contact !== 'none') return chain.contact;
	return winding ? 'running' : 'sinking';
}

/** A cast under way: the line, the hand, and what was seen so far. */
class Cast {
	readonly samples: TowSample[] = [];
	readonly account: Account;
	turns = 0;
	peakTensionN = 0;
	tS = 0;
	readonly #chain: Chain;
	readonly #input: TowInput;
	readonly #handling: Handling;
	readonly #perTurnM: (lengthM: number) => number;
	/** Turns of the handle a second, unless a phase says a speed of its own. */
	readonly #turnsPerS: number | undefined;
	#nextSampleS = 0;

	constructor(input: TowInput, bedAt: BottomAt, measured?: MeasuredParts) {
		const { rig, castM, tipM = USUAL_TIP_M, segments = SEGMENTS } = input;
		const cord = lineSegmentOf({ ...USUAL_LINE, ...rig.line });
		const factors = input.calibration ?? measured?.factors;
		const weight = weightOf(assembleLure(runningRig(rig, factors ? { ...measured, factors } : measured)));
		this.#input = input;
		this.#chain = new Chain(cord, weight, bedAt, castM, tipM, segments);
		this.#perTurnM = turnOf(rig, cord.diameterM);
		this.account = new Account(input);
		const ownSpeed = input.phases?.some(({ speedMps }) => speedMps !== undefined) ?? false;
		this.#turnsPerS = ownSpeed ? undefined : input.turnsPerS;
		const usualMps = input.speedMps ?? 1;
		this.#handling = new Handling(input.phases, usualMps);
	}

	/** Speed (m/s) at which the reel takes line now: turns stand over the speed that a phase would have. */
	#reelMps(reelMps: number): number {
		const turnsPerS = this.#turnsPerS;
		return turnsPerS === undefined || reelMps === 0 ? reelMps : turnsPerS * this.#perTurnM(this.#chain.lengthM);
	}

	#look(winding: boolean): void {
		if (this.tS < this.#nextSampleS - 1e-9) return;
		this.#nextSampleS += this.#input.sampleS ?? SAMPLE_S;
		const { lureX: xM, lureZ: zM, lureMps: speedMps } = this.#chain;
		const where = whereOf(this.#chain, winding, this.#input);
		this.samples.push({ tS: this.tS, xM, zM, tensionN: this.#chain.tipTensionN, speedMps, where });
	}

	/** Lets it sink for the countdown, or until it is as deep as `toM`. */
	sink(toM = Infinity): void {
		const { countdownS = USUAL_COUNTDOWN_S, payout = 'tight', stepS = STEP_S } = this.#input;
		const chain = this.#chain;
		while (this.tS < countdownS - 1e-9) {
			this.#look(false);
			const dt = Math.min(stepS, countdownS - this.tS);
			const given = payout === 'free' ? Math.max(0, FREE_SLACK * chain.straightM - chain.lengthM) : 0;
			chain.step(dt, -given / dt, 0, 0);
			this.tS += dt;
			if (chain.lureZ < toM) continue;
			this.#nextSampleS = 0;
			this.#look(false);
			break;
		}
	}

	/** Winds until the line is in, or until the lure is nearer than `untilM` to the tip. */
	wind(untilM = 0): void {
		const { stepS = STEP_S } = this.#input;
		const chain = this.#chain;
		let winding = 0;
		while (chain.lengthM > LEFT_M && this.tS < LONGEST_S && chain.lureX > untilM) {
			this.#look(true);
			const { reelMps, tipX, tipZ } = this.#handling.at(winding, chain.lureX);
			const out = this.#reelMps(reelMps);
			const { lureX, lureZ } = chain;
			this.turns += (out * stepS) / this.#perTurnM(chain.lengthM);
			chain.step(stepS, out, tipX, tipZ);
			this.tS += stepS;
			winding += stepS;
			this.account.count(stepS, lureX, lureZ, chain.lureX, chain.lureZ);
			if (winding > TRANSIENT_S) this.peakTensionN = Math.max(this.peakTensionN, chain.tipTensionN);
		}
		this.#nextSampleS = 0;
		this.#look(true);
	}
}

/**
 * One cast simulated (docs/TANK.md): where the lure goes, how deep it is, how long it works in the band, what
 * it meets, and the tension at the tip. Coefficients are assumed, for still fresh water, 0.2 to 3 m/s; without pitch of the
 * lure, line vibration, current or the rod's flex.
 *
 * @param measured The angler's own parts, which stand over the tables.
 */
export function tow(input: TowInput, measured?: MeasuredParts): Tow {
	const cast = new Cast(input, bottomAt(input.bottom), measured);
	cast.sink();
	cast.wind();
	const { band, depths, covers } = cast.account;
	return {
		endS: cast.tS,
		turns: cast.turns,
		depths,
		samples: cast.samples,
		...(band ? { band } : {}),
		covers,
		peakTensionN: cast.peakTensionN
	};
}

/** Depth (m) at a distance from the tip (m); `null` where the lure does not come by there. */
export function towedDepthM(input: TowInput, atM: number, measured?: MeasuredParts): number | null {
	const cast = new Cast({ ...input, atM: [atM], sampleS: LONGEST_S }, bottomAt(input.bottom), measured);
	cast.sink();
	cast.wind(atM);
	return cast.account.depths[0]!.zM;
}

/** Seconds until a lure on a tight (or free) line has sunk to a depth (m) after the splash; `null` when it never does. */
export function countToS(input: TowInput, toM: number, measured?: MeasuredParts): number | null {
	const watched: TowInput = { ...input, countdownS: COUNT_MAX_S, sampleS: COUNT_SAMPLE_S };
	const cast = new Cast(watched, bottomAt(undefined), measured);
	cast.sink(toM);
	const [before, after] = cast.samples.slice(-2);
	if (!before || !after || after.zM < toM) return null;
	return before.tS + ((toM - before.zM) / (after.zM - before.zM)) * (after.tS - before.tS);
}

/** `tow` on raw input: checks it, then answers. */
export const answerTow = (input: unknown): Tow => tow(parseWith(towInputSchema, input));
