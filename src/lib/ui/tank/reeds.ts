import { soundedM } from '$lib/core/water/places/profile';
import type { Soundings } from '$lib/core/simulation/cast/soundings';

/** What stands along a bank so that the wind opens lanes in it. */
export type Fringe = 'stems' | 'pads';
/** Deepest water (m) that each stands in, the broadest fringe (m) that is drawn of it, and how far (m) apart (assumed). */
const FRINGES: Readonly<Record<Fringe, { readonly toM: number; readonly broadestM: number; readonly apartM: number }>> =
	{
		stems: { toM: 1.2, broadestM: 9, apartM: 0.8 },
		pads: { toM: 1.8, broadestM: 14, apartM: 1.1 }
	};
/** A lane so broad, every so many meters across the wind (assumed, to show which way they run). */
const LANE_M = 1.6;
const EVERY_M = 6;

/** A place on the plan: along the bank from its middle, and out from the bank, m. */
export interface Stem {
	readonly alongM: number;
	readonly outM: number;
}

/** How far out (m) from the bank it stands. */
export function fringeM(what: Fringe, profile: Soundings): number {
	const { toM, broadestM } = FRINGES[what];
	const STEP_M = 0.25;
	let outM = 0;
	while (outM < broadestM && soundedM(profile, outM + STEP_M) <= toM) outM += STEP_M;
	return outM;
}

/** Whether a place lies in a lane: wind lays reeds and pads apart along its own way. One lane runs through the bank's middle. */
export function isInLane({ alongM, outM }: Stem, windDeg: number): boolean {
	const turned = (windDeg * Math.PI) / 180;
	const across = alongM * Math.sin(turned) - outM * Math.cos(turned);
	const off = across - EVERY_M * Math.round(across / EVERY_M);
	return Math.abs(off) < LANE_M / 2;
}

/**
 * Stems of a fringe of reeds, or leaves of one of pads, with its lanes left open.
 *
 * @param halfM Half of the bank that is drawn, m.
 * @param windDeg Where the wind comes from, as an angle of a cast; `null` for a calm, which opens none.
 */
export function stemsOf(what: Fringe, profile: Soundings, halfM: number, windDeg: number | null): Stem[] {
	const { apartM } = FRINGES[what];
	const stems: Stem[] = [];
	const fringe = fringeM(what, profile);
	for (let row = 0; (row + 0.5) * apartM <= fringe; row++) {
		const outM = (row + 0.5) * apartM;
		// Every other row stands in the gaps of the one before.
		for (let alongM = -halfM + (row % 2) * (apartM / 2); alongM <= halfM; alongM += apartM) {
			const stem = { alongM, outM };
			if (windDeg === null || !isInLane(stem, windDeg)) stems.push(stem);
		}
	}
	return stems;
}
