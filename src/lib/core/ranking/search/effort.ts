import type { Claim } from '../../claims/claim';
import { scopesOf } from '../scoring/judgements';
import type { Space } from '../space/part';
import { removalOf } from './search';
import { SPACES } from '../space/spaces';
import { fitTable } from '../scoring/tables';

/**
 * Most table cells that one space may take to be searched exactly. The claim base alone takes at most about 50,000; a
 * million cells are some ten milliseconds and eight megabytes.
 */
const CELLS_MAX = 1_000_000;

const bitsOf = (variables: readonly number[]): number => variables.reduce((bits, at) => bits | (1 << at), 0);

const cellsOf = (bits: number, sizes: readonly number[]): number =>
	sizes.reduce((cells, size, at) => ((bits >> at) & 1 ? cells * size : cells), 1);

/** Table cells that it takes to remove every variable of a space, when its tables are over these variables (bit sets). */
function effortOf(space: Space, scopes: readonly number[]): number {
	const { order, sizes } = removalOf(space);
	let left = scopes;
	let cells = 0;
	for (const variable of order) {
		const touching = left.filter((bits) => (bits >> variable) & 1);
		const around = touching.reduce((all, bits) => all | bits, 1 << variable);
		cells += cellsOf(around, sizes);
		left = [...left.filter((bits) => !((bits >> variable) & 1)), around & ~(1 << variable)];
	}
	// What is never removed is looked up in one table.
	return (
		cells +
		cellsOf(
			left.reduce((all, bits) => all | bits, 0),
			sizes
		)
	);
}

const base = new Map<Space, readonly number[]>();

function baseOf(space: Space): readonly number[] {
	let known = base.get(space);
	if (!known) base.set(space, (known = [...removalOf(space).links, ...scopesOf(space)].map(bitsOf)));
	return known;
}

/** Counts what it takes to weigh rules of one's own exactly beside the claim base, one rule after the other. */
export class Effort {
	readonly #taken = new Map<Space, readonly number[]>();

	/** Takes a rule up, unless it ties more parts together than can be weighed. @returns Whether it was taken up. */
	take(claim: Claim): boolean {
		const fresh = new Map<Space, readonly number[]>();
		for (const space of SPACES) {
			const table = fitTable(space, claim);
			const scopes = this.#taken.get(space) ?? baseOf(space);
			const bits = table ? bitsOf(table.variables) : 0;
			// A table over what one of the others is over already costs nothing.
			if (scopes.some((other) => (other & bits) === bits)) continue;
			const more = [...scopes, bits];
			if (effortOf(space, more) > CELLS_MAX) return false;
			fresh.set(space, more);
		}
		for (const [space, scopes] of fresh) this.#taken.set(space, scopes);
		return true;
	}
}
