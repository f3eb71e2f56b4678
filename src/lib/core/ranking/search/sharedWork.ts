import { Folds, type Factor } from '../space/factors';
import type { Judgement } from '../scoring/judgements';
import type { Mask } from '../space/locks';
import { sharedIn, type Space } from '../space/part';
import { SPACES } from '../space/spaces';
import { TIE } from '../space/tie';
import { addContribution } from '../scoring/tables';
import { countsFor } from '../scoring/worth';

/** Sums of tables by the variables they are over: fewer, larger steps for the elimination. */
class TableSums {
	readonly #byKey = new Map<string, Factor>();

	/** The running sum over some variables, begun at zero. */
	over(variables: readonly number[], cells: number, key = variables.join()): Float64Array {
		let sum = this.#byKey.get(key);
		if (!sum) this.#byKey.set(key, (sum = { variables, table: new Float64Array(cells) }));
		return sum.table;
	}

	add(judgement: Judgement): void {
		const { table, tier } = judgement;
		if (tier === 'outfit') return;
		const worth = table.opinions.map((opinion) => TIE * countsFor(judgement, opinion));
		addContribution(this.over(table.variables, table.cells.length, table.key), table, worth);
	}

	/** What is open of a variable, less how plain it is. What a lure hangs on breaks no tie between lures. */
	addOwn({ variables }: Space, mask: Mask, at: number): void {
		const { parts, outfit } = variables[at]!;
		const sum = this.over([at], parts.length);
		for (let value = 0; value < parts.length; value++) {
			sum[value]! += !mask[at]![value] ? -Infinity : outfit ? 0 : -parts[value]!.plain;
		}
	}

	factors(): Factor[] {
		return [...this.#byKey.values()];
	}
}

const shared = new Map<Space, readonly boolean[]>();

function sharedOf(space: Space): readonly boolean[] {
	let known = shared.get(space);
	if (!known) shared.set(space, (known = sharedIn(space, SPACES)));
	return known;
}

/**
 * What the spaces of one family have in common on one reading, worked out once: the sums of the tables that are the same
 * in all of them, and the removal of the variables that only those mention. All must be opened by the same locks.
 */
export class SharedWork {
	readonly folds = new Folds();
	#common: readonly Factor[] | null = null;

	/** The tables of a space: those of its family first, then its own. */
	factorsOf(space: Space, mask: Mask, judgements: readonly Judgement[]): Factor[] {
		this.#common ??= this.#sum(space, mask, judgements, true);
		return [...this.#common, ...this.#sum(space, mask, judgements, false)];
	}

	#sum(space: Space, mask: Mask, judgements: readonly Judgement[], common: boolean): Factor[] {
		const sums = new TableSums();
		for (const judgement of judgements) if (judgement.common === common) sums.add(judgement);
		sharedOf(space).forEach((isShared, at) => {
			if (isShared === common) sums.addOwn(space, mask, at);
		});
		return sums.factors();
	}
}
