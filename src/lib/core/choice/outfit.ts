import { cellOf, complete, eliminate, type Factor } from './factors';
import type { Judgement } from './judgements';
import type { Mask } from './locks';
import type { Space } from './part';
import type { FitTable } from './tables';
import { worthOf } from './worth';

/** Score in thousandths, then points of the outfit in thousandths, then plainness, in one number. */
const OUTFIT_UNIT = 4096;
const SCORE_UNIT = OUTFIT_UNIT * 2 ** 18;

/** The part of a table that the outfit still decides, everything else being as assigned. */
function sliceOf(table: FitTable, worth: readonly number[], space: Space, assignment: Int32Array): Factor {
	const sizes = space.variables.map(({ parts }) => parts.length);
	const variables = table.variables.filter((at) => space.variables[at]!.outfit);
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
		values[cell] = worth[table.cells[cellOf(table.variables, sizes, trial)]!]!;
	}
	return { variables, table: values };
}

/**
 * Decides what a lure hangs on, for the lure that is assigned: what the score asks for first (a rule of the angler's own
 * may speak of a rod), then the most points among outfit claims, then the plainest.
 */
export function decideOutfit(space: Space, mask: Mask, judgements: readonly Judgement[], assignment: Int32Array): void {
	const open = [...space.variables.keys()].filter((at) => space.variables[at]!.outfit);
	const sizes = space.variables.map(({ parts }) => parts.length);
	const touching = judgements.filter(({ table }) => table.variables.some((at) => space.variables[at]!.outfit));
	const factors = touching.map((judgement) => {
		const { table, tier } = judgement;
		const worth = table.opinions.map((opinion) => {
			const { earned, counts } = worthOf(judgement, opinion);
			return tier === 'outfit' ? earned * OUTFIT_UNIT : counts * SCORE_UNIT;
		});
		return sliceOf(table, worth, space, assignment);
	});
	const own = open.map((at) => ({
		variables: [at],
		table: Float64Array.from(space.variables[at]!.parts, ({ plain }, value) => (mask[at]![value] ? -plain : -Infinity))
	}));
	complete(eliminate([...factors, ...own], sizes, open).buckets, sizes, assignment);
}
