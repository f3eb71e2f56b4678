import { cellOf, type Factor } from './factors';
import type { Mask } from './locks';
import type { Space } from './part';

const indexOf = (space: Space, id: string): number => space.variables.findIndex((variable) => variable.id === id);

/** What of some variables stands together, by their values in an assignment. */
interface Tie {
	readonly variables: readonly number[];
	readonly stands: (assignment: ArrayLike<number>) => boolean;
}

function tiesOf(space: Space, ties: readonly Factor[]): Tie[] {
	const sizes = space.variables.map(({ parts }) => parts.length);
	const partAt = (at: number, assignment: ArrayLike<number>) => space.variables[at]!.parts[assignment[at]!]!;
	return [
		...space.links.map((link): Tie => {
			const [a, b] = [indexOf(space, link.a), indexOf(space, link.b)];
			return { variables: [a, b], stands: (now) => link.allows(partAt(a, now), partAt(b, now)) };
		}),
		...ties.map(({ variables, table }): Tie => ({
			variables,
			stands: (now) => table[cellOf(variables, sizes, now)]! === 0
		}))
	];
}

/** Variables that ties join, directly or by way of others, with those ties. */
interface Group {
	readonly variables: readonly number[];
	readonly ties: readonly Tie[];
}

/** A tie taken in: the groups that it touches become one with it. */
function joinedBy(groups: readonly Group[], tie: Tie): Group[] {
	const touched = groups.filter(({ variables }) => variables.some((at) => tie.variables.includes(at)));
	const variables = new Set([...touched.flatMap((group) => group.variables), ...tie.variables]);
	const one = { variables: [...variables], ties: [...touched.flatMap(({ ties }) => ties), tie] };
	return [...groups.filter((group) => !touched.includes(group)), one];
}

/** Ways to choose the variables of a group from the one at `place` on, those before it being chosen. */
function waysIn({ variables, ties }: Group, open: readonly (readonly number[])[], now: Int32Array, place = 0): number {
	const at = variables[place];
	if (at === undefined) return 1;
	const known = new Set(variables.slice(0, place + 1));
	const due = ties.filter((tie) => tie.variables.includes(at) && tie.variables.every((other) => known.has(other)));
	let ways = 0;
	for (const value of open[at]!) {
		now[at] = value;
		if (due.every(({ stands }) => stands(now))) ways += waysIn({ variables, ties }, open, now, place + 1);
	}
	return ways;
}

/** Counts of groups that links alone join, by what is open of them; so many are held. */
const counted = new Map<string, number>();
const COUNTS_HELD = 500;

function countGroup(space: Space, group: Group, open: readonly (readonly number[])[]): number {
	const key = [space.family, space.layout, ...group.variables.map((at) => `${at}:${open[at]!.join()}`)].join('|');
	let ways = counted.get(key);
	if (ways === undefined) {
		if (counted.size >= COUNTS_HELD) counted.clear();
		counted.set(key, (ways = waysIn(group, open, new Int32Array(open.length))));
	}
	return ways;
}

/** Groups that the links of a space make by themselves. */
const linked = new Map<Space, readonly Group[]>();

function groupsOf(space: Space, bound: readonly Factor[]): readonly Group[] {
	if (bound.length > 0) return tiesOf(space, bound).reduce<Group[]>(joinedBy, []);
	let groups = linked.get(space);
	if (!groups) linked.set(space, (groups = tiesOf(space, []).reduce<Group[]>(joinedBy, [])));
	return groups;
}

/**
 * Number of rigs that a mask, the links of a space and some ties leave: the counted product, what cannot stand together
 * taken out.
 *
 * @param bound Ties beside the space's own links, 0 where something stands.
 */
export function countRigs(space: Space, mask: Mask, bound: readonly Factor[] = []): number {
	const open = mask.map((row) => [...row.keys()].filter((value) => row[value]));
	const groups = groupsOf(space, bound);
	const tied = new Set(groups.flatMap(({ variables }) => variables));
	const free = open.reduce((total, values, at) => (tied.has(at) ? total : total * values.length), 1);
	return groups.reduce((total, group) => {
		const ways = bound.length > 0 ? waysIn(group, open, new Int32Array(open.length)) : countGroup(space, group, open);
		return total * ways;
	}, free);
}
