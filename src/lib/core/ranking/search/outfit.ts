import { cellOf, complete, eliminate, type Factor } from '../space/factors';
import type { Judgement } from '../scoring/judgements';
import type { Space } from '../space/part';
import type { SpaceSearch } from './search';
import { worthOf } from '../scoring/worth';

/** Score in thousandths, then points of the outfit in thousandths, then plainness, in one number. */
const OUTFIT_UNIT = 4096;
const SCORE_UNIT = OUTFIT_UNIT * 2 ** 18;

/**
 * The part of a table that the outfit still decides, everything else being as assigned.
 *
 * @param worthAt What each cell of the table is worth.
 */
function sliceOf(
	over: readonly number[],
	worthAt: (cell: number) => number,
	space: Space,
	assignment: Int32Array
): Factor {
	const sizes = space.variables.map(({ parts }) => parts.length);
	const variables = over.filter((at) => space.variables[at]!.outfit);
	const trial = assignment.slice();
	const cells = variables.reduce((count, at) => count * sizes[at]!, 1);
	const values = new Float64Array(cells);
	for (let cell = 0; cell < cells; cell++) {
		let rest = cell;
		for (let place = variables.length - 1; place >= 0; place--) {
			const at = variables[place]!;
			trial[at] = rest % sizes[at]!;
			rest = Math.floor(rest / sizes[at]!);
		}
		values[cell] = worthAt(cellOf(over, sizes, trial));
	}
	return { variables, table: values };
}

/**
 * Decides what a lure hangs on, for the lure that is assigned: what the score asks for first (a rule of the angler's own
 * may speak of a rod), then the most points among outfit claims, then the plainest.
 */
export function decideOutfit(
	{ space, mask, ties }: Pick<SpaceSearch, 'space' | 'mask' | 'ties'>,
	judgements: readonly Judgement[],
	assignment: Int32Array
): void {
	const open = [...space.variables.keys()].filter((at) => space.variables[at]!.outfit);
	const sizes = space.variables.map(({ parts }) => parts.length);
	const ofOutfit = ({ variables }: { readonly variables: readonly number[] }): boolean =>
		variables.some((at) => space.variables[at]!.outfit);
	const touching = judgements.filter(({ table }) => ofOutfit(table));
	const factors = touching.map((judgement) => {
		const { table, tier } = judgement;
		const worth = table.opinions.map((opinion) => {
			const { earned, counts } = worthOf(judgement, opinion);
			return tier === 'outfit' ? earned * OUTFIT_UNIT : counts * SCORE_UNIT;
		});
		return sliceOf(table.variables, (cell) => worth[table.cells[cell]!]!, space, assignment);
	});
	const own = open.map((at) => ({
		variables: [at],
		table: Float64Array.from(space.variables[at]!.parts, ({ plain }, value) => (mask[at]![value] ? -plain : -Infinity))
	}));
	const tied = ties
		.filter(ofOutfit)
		.map(({ variables, table }) => sliceOf(variables, (cell) => table[cell]!, space, assignment));
	complete(eliminate([...factors, ...own, ...tied], sizes, open).buckets, sizes, assignment);
}
