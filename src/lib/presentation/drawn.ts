/** How deep (m) a section of a bottom (m) is drawn: the bed must show. */
const BED_SHARE = 1.22;
const SHALLOWEST_M = 0.8;
export const drawnM = (bottomM: number): number => Math.max(bottomM * BED_SHARE, SHALLOWEST_M);

/** A stop of the water's gradient. */
export interface Stop {
	readonly offset: number;
	readonly colour: string;
}
