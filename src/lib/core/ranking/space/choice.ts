import type { Locks } from '../../foundation/schema/rig';
import type { Factor } from './factors';
import type { Mask } from './locks';
import type { Space } from './part';
import { TIE } from './tie';

/** Place of a blade; what is no blade counts as behind. */
export type Place = NonNullable<Locks['blades']>[number]['position'];

/** A part of the tray where a rig carries it: its number in the list, and for a blade its place. */
export interface Use {
	readonly item: number;
	readonly place: Place;
}

/** What using a part costs a rig (thousandths of a point, whole): 0 for what is owned, `Infinity` for what is not to be had. */
export type Fee = (use: Use) => number;

/** Something owned that a space can carry: which of its parts that may be, by variable, and how far its figures lie off. */
export interface Owned {
	readonly patch: Locks;
	readonly rows: ReadonlyMap<number, readonly boolean[]>;
	readonly off: number;
	/** `null` for going bare. */
	readonly use: Use | null;
	readonly fee: number;
}

/** Parts of one kind, one of which a rig must carry. */
export type Choice = readonly Owned[];

export const stands = ({ rows }: Owned, assignment: ArrayLike<number>): boolean =>
	[...rows].every(([at, row]) => row[assignment[at]!]);

/** Opens the cells of a table in which a part stands, at what it costs there at least. */
function admit(table: Float64Array, open: readonly (readonly boolean[])[], worth: number, place = 0, cell = 0): void {
	const row = open[place];
	if (!row) table[cell] = Math.max(table[cell]!, worth);
	else row.forEach((stands, value) => stands && admit(table, open, worth, place + 1, cell * row.length + value));
}

/** A choice as a table over the variables that tell its parts apart; `null` where the mask says it all. */
function tieOf(space: Space, choice: Choice): Factor | null {
	const apart = [...new Set(choice.flatMap(({ rows }) => [...rows.keys()]))].sort((a, b) => a - b);
	const free = choice.every(({ fee }) => fee === 0);
	if (free && (choice.length === 1 || apart.length < 2)) return null;
	// What stands in every rig of the space costs the same whatever its first variable is.
	const variables = apart.length > 0 ? apart : [0];
	const anyOf = variables.map((at) => space.variables[at]!.parts.map(() => true));
	const cells = anyOf.reduce((product, { length }) => product * length, 1);
	const table = new Float64Array(cells).fill(-Infinity);
	for (const { rows, fee } of choice) {
		const open = variables.map((at, place) => rows.get(at) ?? anyOf[place]!);
		admit(table, open, fee === 0 ? 0 : -fee * TIE);
	}
	return { variables, table };
}

/** Whether two choices are of the very same parts at the same cost. */
const same = (a: Choice, b: Choice): boolean =>
	a.length === b.length &&
	a.every(({ patch, fee, rows }, at) => {
		const other = b[at]!;
		return (
			patch === other.patch &&
			fee === other.fee &&
			rows.size === other.rows.size &&
			[...rows].every(([variable, row]) => other.rows.get(variable) === row)
		);
	});

/** Tables of choices that were made already: spaces that offer the same ones share them, and what is worked out of them. */
export class Ties {
	readonly #known = new Map<string, { readonly choice: Choice; readonly tie: Factor | null }[]>();

	/** The table of a choice of a kind. */
	of(space: Space, kind: string, choice: Choice): Factor | null {
		const key = `${space.family} ${kind}`;
		const known = this.#known.get(key) ?? [];
		const found = known.find((one) => same(one.choice, choice));
		if (found) return found.tie;
		const tie = tieOf(space, choice);
		this.#known.set(key, [...known, { choice, tie }]);
		return tie;
	}
}

/** What of each variable the parts of a choice are, by variable where that is not all of it. */
function rowsOf(choice: Choice): ReadonlyMap<number, readonly boolean[]> {
	const [first, ...others] = choice;
	const rows = new Map([...(first?.rows ?? [])].map(([at, row]) => [at, [...row]]));
	for (const { rows: more } of others) {
		for (const [at, row] of rows) {
			const other = more.get(at);
			if (!other) rows.delete(at);
			else other.forEach((open, value) => open && (row[value] = true));
		}
	}
	return rows;
}

/** A mask less what no part of some choices is; `null` where a choice is empty. */
export function narrowed(mask: Mask, choices: readonly Choice[]): Mask | null {
	if (choices.some(({ length }) => length === 0)) return null;
	const all = choices.map(rowsOf);
	return mask.map((row, at) => row.map((open, value) => open && all.every((rows) => rows.get(at)?.[value] ?? true)));
}
