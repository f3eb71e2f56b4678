import { SPEEDS_MPS } from '../../foundation/catalogue/parts';
import {
	DRAG_MIDDLE,
	HALF_DENSITY,
	TIP_LIFT_M,
	USUAL_DISTANCE_M,
	USUAL_TIP_M
} from '../../foundation/constants/constants';
import { lineLiftShare } from '../../simulation/physics/depth';
import QuickLRU from 'quick-lru';
import { remembered } from '../../foundation/basics/remembered';
import type { Reading } from '../../water/reading/complete';
import type { Family } from '../../foundation/schema/words';
import { BandWindow, bandOf, type Band } from './band';
import type { Mask } from '../space/locks';
import type { Space } from '../space/part';
import { DRAG, LIFT, LINE, reachOf, ROLL_SHARE, WEIGHT, type Reach, type Sums } from './reach';
import { pullOf, runningOf, type RigDrag, type Running } from './running';

/** Why a lure does not run. */
export type Rejection = 'stalls' | 'rolls' | 'runs above the fish' | 'runs too deep' | 'sinks';

/** Whether lures run where the reading wants them at a catalog speed. */
interface Judge {
	/** Whether the rig's own speed decides; otherwise it is enough that some speed does it. */
	readonly atOwnSpeed: boolean;
	/** Whether anything at all runs at a speed. */
	open(speed: number): boolean;
	passes(speed: number, sums: Sums): boolean;
	/** Whether anything between two sums passes; never a wrong no. */
	mayPass(speed: number, low: Sums, high: Sums): boolean;
	/** Why a lure that does not pass does not. */
	lack(speed: number, sums: Sums): Rejection;
}

class UnderWater implements Judge {
	readonly atOwnSpeed = false;
	/** With the rod tip where it usually is, and raised. */
	readonly #windows: readonly [BandWindow, BandWindow];
	constructor(windows: readonly [BandWindow, BandWindow]) {
		this.#windows = windows;
	}

	open(speed: number): boolean {
		return this.#windows.some((window) => window.open(speed));
	}

	passes(speed: number, sums: Sums): boolean {
		const dragM2 = DRAG_MIDDLE * sums[DRAG]!;
		const pull = pullOf(sums[WEIGHT]!, dragM2, sums[LIFT]!, SPEEDS_MPS[speed]!);
		const lineShare = sums[LINE]! / dragM2;
		const [low, high] = this.#windows;
		return low.holds(speed, pull, lineShare) || high.holds(speed, pull, lineShare);
	}

	mayPass(speed: number, low: Sums, high: Sums): boolean {
		const speedMps = SPEEDS_MPS[speed]!;
		const leastN = pullOf(low[WEIGHT]!, 1, high[LIFT]!, speedMps);
		const mostN = pullOf(high[WEIGHT]!, 1, low[LIFT]!, speedMps);
		const [lowM2, highM2] = [DRAG_MIDDLE * low[DRAG]!, DRAG_MIDDLE * high[DRAG]!];
		const least = leastN / (leastN < 0 ? lowM2 : highM2);
		const most = mostN / (mostN < 0 ? highM2 : lowM2);
		const [leastShare, mostShare] = [low[LINE]! / highM2, high[LINE]! / lowM2];
		return this.#windows.some((window) => window.mayHold(speed, least, most, leastShare, mostShare));
	}

	lack(speed: number, sums: Sums): Rejection {
		const dragM2 = DRAG_MIDDLE * sums[DRAG]!;
		const least = this.#windows[0].leastPull(speed, sums[LINE]! / dragM2);
		const pull = pullOf(sums[WEIGHT]!, dragM2, sums[LIFT]!, SPEEDS_MPS[speed]!);
		return least === null || pull < least ? 'runs above the fish' : 'runs too deep';
	}
}

/** A surface lure must plane, the line helping at the usual distance. */
class OnTop implements Judge {
	readonly atOwnSpeed = true;
	readonly #share = lineLiftShare(USUAL_TIP_M, USUAL_DISTANCE_M);

	open(): boolean {
		return true;
	}

	#planes(speed: number, weightN: number, dragM2: number, liftM2: number): boolean {
		return weightN <= HALF_DENSITY * SPEEDS_MPS[speed]! ** 2 * (liftM2 + this.#share * dragM2);
	}

	passes(speed: number, sums: Sums): boolean {
		return this.#planes(speed, sums[WEIGHT]!, sums[DRAG]!, sums[LIFT]!);
	}

	mayPass(speed: number, low: Sums, high: Sums): boolean {
		return this.#planes(speed, low[WEIGHT]!, high[DRAG]!, high[LIFT]!);
	}

	lack(): Rejection {
		return 'sinks';
	}
}

function addPart(to: Sums, from: Sums, adds: RigDrag | null, part: number): void {
	to[WEIGHT] = from[WEIGHT]! + (adds ? adds.weightN[part]! : 0);
	to[DRAG] = from[DRAG]! + (adds ? adds.dragM2[part]! : 0);
	to[LIFT] = from[LIFT]! + (adds ? adds.liftM2[part]! : 0);
	to[LINE] = from[LINE]! + (adds ? adds.lineM[part]! : 0);
}

/** For each speed part all, the nearest first: what one speed cannot do its neighbor mostly can. */
const NEAR_FIRST: readonly (readonly number[])[] = SPEEDS_MPS.map((_speed, own) =>
	[...SPEEDS_MPS.keys()].sort((a, b) => Math.abs(a - own) - Math.abs(b - own))
);

/** The gate of one space on one reading: which rigs run where the fish are. */
export class Gate {
	readonly running: Running;
	/** Variables in the order in which the gate wants them chosen, after weight, style, speed and engine. */
	readonly order: readonly number[];
	readonly #judge: Judge;
	readonly #reach: Reach;
	/** What has been chosen adds up to, before each place of the order and after the last. */
	readonly #chosen: readonly Sums[];
	readonly #low: Sums = new Float64Array(4);
	readonly #high: Sums = new Float64Array(4);

	constructor(space: Space, mask: Mask, judge: Judge) {
		this.running = runningOf(space);
		this.#judge = judge;
		const { rest, material, base } = this.running;
		this.order = [...rest.map(({ variable }) => variable), material];
		this.#reach = reachOf(this.running, mask);
		this.#chosen = [base, ...this.order].map(() => Float64Array.of(base.weightN, base.dragM2, base.liftM2, 0));
	}

	/** Whether an engine turns and stays upright at a catalog speed on a head of some weight and material. */
	#upright(speed: number, weight: number, engine: number, material: number): boolean {
		const { keepMps, rollMps } = this.running;
		const speedMps = SPEEDS_MPS[speed]!;
		return speedMps >= keepMps[engine]! && speedMps <= ROLL_SHARE * rollMps[weight]![engine]![material]!;
	}

	/** The same in any material that is open. */
	#mayStand(speed: number, weight: number, engine: number): boolean {
		const { keepMps } = this.running;
		const speedMps = SPEEDS_MPS[speed]!;
		return speedMps >= keepMps[engine]! && speedMps <= this.#reach.fastest[weight]![engine]!;
	}

	/** Whether a rig may stand at its own speed; never a wrong no. */
	mayStandAt(weight: number, own: number, engine: number): boolean {
		return this.#mayStand(this.running.speedAt[own]!, weight, engine);
	}

	/** Whether the own speed decides whether the band is held. */
	get atOwnSpeed(): boolean {
		return this.#judge.atOwnSpeed;
	}

	/** Whether what is chosen so far may still run, whatever is chosen from a place of the order on. */
	mayGoOn(weight: number, own: number, engine: number, place: number): boolean {
		const { speedAt, engines } = this.running;
		const chosen = this.#chosen[place]!;
		const { low, high } = this.#reach.ranges[weight]![place]!;
		const [least, most] = [this.#low, this.#high];
		for (const part of this.#judge.atOwnSpeed ? [own] : NEAR_FIRST[own]!) {
			const speed = speedAt[part]!;
			if (!this.#judge.open(speed) || !this.#mayStand(speed, weight, engine)) continue;
			addPart(least, chosen, engines[part]!, engine);
			most.set(least);
			for (let field = 0; field < 4; field++) {
				least[field]! += low[field]!;
				most[field]! += high[field]!;
			}
			if (this.#judge.mayPass(speed, least, most)) return true;
		}
		return false;
	}

	/** RigDrag what an assignment chooses at a place of the order to what was chosen before it. */
	choose(place: number, assignment: Int32Array): void {
		const { rest, bare, heads, weight } = this.running;
		const variable = this.order[place]!;
		const off = bare !== null && variable === bare.skirt && bare.parts[assignment[bare.variable]!]!;
		const adds = place < rest.length ? rest[place]! : heads[assignment[weight]!]!;
		addPart(this.#chosen[place + 1]!, this.#chosen[place]!, off ? null : adds, assignment[variable]!);
	}

	/** How many whole rigs did not stand at their own speed: another speed might have done for them. */
	leaned = 0;

	/** Whether a whole rig, all of it chosen, runs: it stands at its own speed, and holds the band at that or another. */
	passes(assignment: Int32Array): boolean {
		const { weight, speed, engine, material, speedAt, engines } = this.running;
		const [w, own, e, m] = [assignment[weight]!, assignment[speed]!, assignment[engine]!, assignment[material]!];
		if (!this.#upright(speedAt[own]!, w, e, m)) {
			this.leaned++;
			return false;
		}
		const chosen = this.#chosen[this.order.length]!;
		for (const part of this.#judge.atOwnSpeed ? [own] : NEAR_FIRST[own]!) {
			if (!this.#upright(speedAt[part]!, w, e, m)) continue;
			addPart(this.#low, chosen, engines[part]!, e);
			if (this.#judge.passes(speedAt[part]!, this.#low)) return true;
		}
		return false;
	}

	/** Whether a whole rig runs. */
	runs(assignment: Int32Array): boolean {
		this.order.forEach((_variable, place) => this.choose(place, assignment));
		return this.passes(assignment);
	}

	/** Why a whole rig that does not run does not. */
	lack(assignment: Int32Array): Rejection {
		const { weight, speed, engine, material, keepMps, speedAt, engines } = this.running;
		const [w, own, e, m] = [assignment[weight]!, assignment[speed]!, assignment[engine]!, assignment[material]!];
		if (SPEEDS_MPS[speedAt[own]!]! < keepMps[e]!) return 'stalls';
		if (!this.#upright(speedAt[own]!, w, e, m)) return 'rolls';
		this.order.forEach((_variable, place) => this.choose(place, assignment));
		addPart(this.#low, this.#chosen[this.order.length]!, engines[own]!, e);
		return this.#judge.lack(speedAt[own]!, this.#low);
	}
}

/** Windows by band: families, hours and readings of one water mostly ask the same of a path. */
const byBand = new QuickLRU<string, BandWindow>({ maxSize: 32 });

const windowOf = (band: Band): BandWindow =>
	remembered(byBand, `${band.fromM}/${band.toM}/${band.castM}`, () => new BandWindow(band));

/** The windows of a reading by family. */
export class Windows {
	readonly #reading: Reading;

	constructor(reading: Reading) {
		this.#reading = reading;
	}

	band(family: Family): Band {
		return bandOf(this.#reading, family);
	}

	/** With the rod tip where it usually is, and raised: the same paths, seen from a higher point. */
	of(family: Family): readonly [BandWindow, BandWindow] {
		const band = this.band(family);
		const { fromM, toM } = band;
		return [windowOf(band), windowOf({ ...band, fromM: fromM + TIP_LIFT_M, toM: toM + TIP_LIFT_M })];
	}

	/** The gate of a space under a mask. */
	gate(space: Space, mask: Mask): Gate {
		const judge = space.family === 'buzzbait' ? new OnTop() : new UnderWater(this.of(space.family));
		return new Gate(space, mask, judge);
	}
}
