import type { TowInput, TowPhase } from '../../foundation/schema/tow';

/** What the hand does at a moment: how fast the reel takes line (m/s), and where the tip is beside its neutral place (m). */
export interface Hand {
	readonly reelMps: number;
	readonly tipX: number;
	readonly tipZ: number;
}

/** How long the tip takes for a pop, there and back, s: a flick of the wrist (assumed). */
const POP_S = 0.6;
const POP_PERIOD_S = 4;
const POP_M = 0.4;
/** A lift takes this share of its period; the tip goes this much towards the angler for its height. */
const LIFT_SHARE = 0.35;
const LIFT_PERIOD_S = 4;
const LIFT_M = 0.8;
const LIFT_BACK = 0.3;
/** The tip of a pop rises by this share of how far it goes back. */
const POP_UP = 0.4;
const BURN_ON_S = 2;
const BURN_OFF_S = 0.7;

const STILL: Hand = { reelMps: 0, tipX: 0, tipZ: 0 };

function popped(speedMps: number, inS: number, { periodS = POP_PERIOD_S, ampM = POP_M }: TowPhase): Hand {
	const at = inS % periodS;
	const wide = Math.min(POP_S, periodS);
	const back = at < wide ? ampM * Math.sin((Math.PI * at) / wide) ** 2 : 0;
	return { reelMps: speedMps, tipX: -back, tipZ: -POP_UP * back };
}

function lifted(speedMps: number, inS: number, { periodS = LIFT_PERIOD_S, ampM = LIFT_M }: TowPhase): Hand {
	const share = (inS % periodS) / periodS;
	const up =
		share < LIFT_SHARE
			? (1 - Math.cos((Math.PI * share) / LIFT_SHARE)) / 2
			: (1 + Math.cos((Math.PI * (share - LIFT_SHARE)) / (1 - LIFT_SHARE))) / 2;
	return { reelMps: share < LIFT_SHARE ? 0 : speedMps, tipX: -LIFT_BACK * ampM * up, tipZ: -ampM * up };
}

function handOf(phase: TowPhase, speedMps: number, inS: number): Hand {
	if (phase.kind === 'fall') return STILL;
	if (phase.kind === 'pop') return popped(speedMps, inS, phase);
	if (phase.kind === 'lift-drop') return lifted(speedMps, inS, phase);
	if (phase.kind === 'burn-pause') {
		const { onS = BURN_ON_S, offS = BURN_OFF_S } = phase;
		return inS % (onS + offS) < onS ? { ...STILL, reelMps: speedMps } : STILL;
	}
	return { ...STILL, reelMps: speedMps };
}

/**
 * The hand through the phases of a retrieve, one after the other.
 *
 * @param usualMps Speed (m/s) where no phase has said one yet.
 */
export class Handling {
	readonly #phases: readonly TowPhase[];
	readonly #speeds: readonly number[];
	#at = 0;
	#begunS = 0;

	constructor(phases: TowInput['phases'], usualMps: number) {
		this.#phases = phases ?? [{ kind: 'steady' }];
		let last = usualMps;
		this.#speeds = this.#phases.map(({ speedMps }) => (last = speedMps ?? last));
	}

	/** @param tS Time since the winding began. @param xM How far the lure is from the tip. */
	at(tS: number, xM: number): Hand {
		while (this.#at < this.#phases.length - 1 && this.#isOver(tS, xM)) {
			this.#begunS = tS;
			this.#at++;
		}
		return handOf(this.#phases[this.#at]!, this.#speeds[this.#at]!, tS - this.#begunS);
	}

	#isOver(tS: number, xM: number): boolean {
		const { forS, toM } = this.#phases[this.#at]!;
		return (forS !== undefined && tS - this.#begunS >= forS - 1e-9) || (toM !== undefined && xM <= toM);
	}
}
