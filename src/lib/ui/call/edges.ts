/**
 * Small edges add up (the craft's WIR-07): the product of an assumed edge, and how large one day's luck is beside it.
 *
 * @param edge Times as many bites as without, 1.05 for 5 % more.
 * @param count How many such edges.
 * @param bites Bites of a usual day; their luck is taken as Poisson, so its share is one over the root.
 */
export function compound(edge: number, count: number, bites: number): { gain: number; luck: number } {
	return { gain: edge ** count, luck: bites > 0 ? 1 / Math.sqrt(bites) : Infinity };
}
