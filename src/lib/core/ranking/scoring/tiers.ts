import type { Tier } from '../../claims/claim';

/** One over what a point of each tier counts for: a family's as it is, a lure's a quarter, finish a fiftieth. */
const DIVISOR = { family: 1, lure: 4, finish: 50 } as const;

/** Half up, as the craft rounds. */
const halfUp = (value: number): number => Math.floor(value + 0.5);

/**
 * What a claim adds to a score, in thousandths of a point. A family's claim counts as it is; the others count by how far
 * they fall short of the most that they could have given; what a lure hangs on counts nothing.
 *
 * @param earned Thousandths that the rig earned.
 * @param possible Thousandths that the best rig of its family would have earned.
 * @param fair What shortfalls of its family are multiplied by (`fairnessOf`).
 */
export function countsOf(tier: Tier, earned: number, possible: number, fair = 1): number {
	if (tier === 'outfit') return 0;
	return tier === 'family' ? earned : halfUp((fair * (earned - possible)) / DIVISOR[tier]);
}

/** Points that are asked of a lure's build on an ordinary reading: about the middle of the families (measured). */
const ASKED = 45;

/**
 * What a family's shortfalls are multiplied by. More is said of a spinnerbait than of an underspin, so it falls short of
 * more: what is given up counts as a share of what was asked.
 *
 * @param asked Points that the claims about the family's build ask for on this reading.
 */
export const fairnessOf = (asked: number): number => ASKED / Math.max(1, asked);
