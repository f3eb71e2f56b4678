/** How far a claim is about some parts (`given`, 0 to 1) and how well they suit it (`fit`, -1 to 1). */
export interface Opinion {
	readonly given: number;
	readonly fit: number;
}

/**
 * What a claim says about every value of the few variables it touches in a space, row-major. Most cells say the same few
 * things, so a cell holds the index of its opinion.
 */
export interface FitTable {
	readonly variables: readonly number[];
	/** The variables as one word. */
	readonly key: string;
	/** Whether `given` makes the claim speak as well ("or"), rather than only there ("and"). */
	readonly either: boolean;
	readonly opinions: readonly Opinion[];
	readonly cells: Uint16Array;
}

/** Points are kept in thousandths, so that sums are exact and a tie is a tie. */
export const MILLI = 1000;
