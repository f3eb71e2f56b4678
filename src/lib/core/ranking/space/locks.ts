import { isOneOf, entriesOf } from '../../foundation/basics/typed';
import { bodyColourOf } from '../../foundation/catalogue/trailerColour';
import { withinHookRule } from '../../foundation/catalogue/hooks';
import { FAMILY_KEYS } from '../../foundation/schema/families';
import type { LocalRules } from '../../foundation/schema/reading';
import type { Locks } from '../../foundation/schema/rig';
import type { HookStyle } from '../../foundation/schema/words';
import type { Sense } from './limits';
import type { Part, Space, Variable } from './part';

type Tree = { readonly [key: string]: unknown };

const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value);

/** Blades as a tree by position, so that locks and patches meet on the same paths. */
function byPosition(patch: Locks): Tree {
	if (!patch.blades) return patch;
	const blades = Object.fromEntries(patch.blades.map(({ position, ...rest }) => [position, rest]));
	return { ...patch, blades };
}

/** A partial rig as the catalog can have it: its soft bodies are of one color. */
function inCatalog(patch: Locks): Tree {
	const { trailer } = patch;
	if (!trailer?.colour) return byPosition(patch);
	return byPosition({ ...patch, trailer: { ...trailer, colour: bodyColourOf(trailer.colour) } });
}

/** Sum of the distances between numbers on shared paths; `null` when a word, a flag or an absence disagrees. */
function distance(part: unknown, lock: unknown): number | null {
	if (part === undefined || lock === undefined) return 0;
	if (typeof part === 'number' && typeof lock === 'number') return Math.abs(part - lock);
	if (isTree(part) && isTree(lock)) {
		let sum = 0;
		for (const key of Object.keys(lock)) {
			const off = distance(part[key], lock[key]);
			if (off === null) return null;
			sum += off;
		}
		return sum;
	}
	return part === lock ? 0 : null;
}

/** Which parts of a variable can stand under a lock, and how far their figures lie off it. */
interface Nearest {
	readonly open: readonly boolean[];
	readonly off: number;
}

/**
 * Which parts of a variable can stand under a lock. A locked figure that the catalog does not carry keeps the
 * nearest part, so that it is judged as its neighbor.
 */
function nearestParts(parts: readonly Part[], lock: Tree): Nearest {
	const off = parts.map((part) => distance(byPosition(part.patch), lock));
	const nearest = Math.min(...off.filter((value): value is number => value !== null));
	return { open: off.map((value) => value !== null && value <= nearest + 1e-9), off: nearest };
}

/** Whether two partial rigs give what both name the same value. */
export const agree = (a: Locks, b: Locks): boolean => {
	const off = distance(byPosition(a), byPosition(b));
	return off !== null && off < 1e-9;
};

/** What takes parts away beside the locks: the local rule, and common sense about pace and weight. */
export type Limits = LocalRules & Partial<Sense> & { readonly hookStyle?: HookStyle | undefined };

/** Whether sense leaves a pace or a weight. */
function sensible(
	{ retrieve, weightOz }: Locks,
	{ fastestMps = Infinity, lightestOz = 0, heaviestOz = Infinity }: Limits
) {
	const pace = retrieve?.style === undefined ? (retrieve?.speedMps ?? 0) : 0;
	return pace <= fastestMps && (weightOz === undefined || (weightOz >= lightestOz && weightOz <= heaviestOz));
}

function allowedByRules(part: Part, rules: Limits): boolean {
	if (!sensible(part.patch, rules)) return false;
	if (rules.leadAllowed === false && part.patch.headMaterial === 'lead') return false;
	const { trailerHook } = part.patch;
	return trailerHook === undefined || withinHookRule({ trailerHook, hook: { style: rules.hookStyle } }, rules);
}

/** Whether a family has every key of a lock, and a layout every blade of it. */
function fits(space: Space, lock: Locks): boolean {
	if (lock.family !== undefined && lock.family !== space.family) return false;
	for (const [key, families] of entriesOf(FAMILY_KEYS)) {
		const locked = lock[key] !== undefined;
		if (locked && !isOneOf(families, space.family)) return false;
	}
	// A lure that is dressed by its body alone wears no skirt of a locked color: the gate judges it bare.
	const worn = lock.skirt?.colour;
	if (space.base.skirt?.colour === 'none' && worn !== undefined && worn !== 'none') return false;
	const front = lock.blades?.some((blade) => blade.position === 'front') ?? false;
	return !front || (space.family === 'spinnerbait' && space.layout !== 'single');
}

/** What of a tree another one has a word for too. */
function shared(tree: unknown, other: unknown): unknown {
	if (!isTree(tree) || !isTree(other)) return tree;
	const both = Object.keys(tree).filter((key) => key in other);
	return Object.fromEntries(both.map((key) => [key, shared(tree[key], other[key])]));
}

/** Which parts of a space's variables a partial rig may be, by variable where that is not all of them, and how far off. */
export interface NearestRows {
	readonly rows: ReadonlyMap<number, readonly boolean[]>;
	/** How far its figures lie off the catalog's. */
	readonly off: number;
}

/** What was found of variables under parts of locks, so that what many ask alike is worked out once. */
export class NearestKnown {
	readonly #known = new Map<Variable, Map<string, Nearest>>();
	readonly #bySpace = new Map<Space, Map<Locks, NearestRows | null>>();

	/** `nearestIn` of a partial rig that is asked for again and again, by the very object. */
	in(space: Space, patch: Locks): NearestRows | null {
		let known = this.#bySpace.get(space);
		if (!known) this.#bySpace.set(space, (known = new Map()));
		let found = known.get(patch);
		if (found === undefined) known.set(patch, (found = nearestIn(space, patch, this)));
		return found;
	}

	of(variable: Variable, lock: Tree): Nearest {
		let known = this.#known.get(variable);
		if (!known) this.#known.set(variable, (known = new Map()));
		// The last part is never the absence of what the others are.
		const asked = shared(lock, byPosition(variable.parts.at(-1)!.patch)) as Tree;
		const key = JSON.stringify(asked);
		let found = known.get(key);
		if (!found) known.set(key, (found = nearestParts(variable.parts, asked)));
		return found;
	}
}

/** What a partial rig may be in a space; `null` where the space has no such rig. */
function nearestIn(space: Space, patch: Locks, known: NearestKnown): NearestRows | null {
	if (!fits(space, patch)) return null;
	const tree = inCatalog(patch);
	const rows = new Map<number, readonly boolean[]>();
	let total = 0;
	for (const [at, variable] of space.variables.entries()) {
		if (!Object.keys(variable.parts[0]!.patch).some((key) => key in tree)) continue;
		const { open, off } = known.of(variable, tree);
		if (!open.includes(true)) return null;
		if (open.includes(false)) rows.set(at, open);
		total += off;
	}
	return { rows, off: total };
}

/** For each variable of a space which of its parts may be used. */
export type Mask = readonly (readonly boolean[])[];

/** What a variable's row was found to be, so that spaces which share a variable share its row. */
export type Rows = Map<Variable, Row>;

/** Which parts of a variable may be used, and how many locks and rules took away. */
interface Row {
	readonly open: readonly boolean[];
	readonly locked: number;
	readonly forbidden: number;
}

function rowOf({ parts }: Variable, lock: Tree | null, rules: Limits): Row {
	const allowed = lock && nearestParts(parts, lock).open;
	let [locked, forbidden] = [0, 0];
	const open = parts.map((part, at) => {
		if (allowed && !allowed[at]) locked++;
		else if (!allowedByRules(part, rules)) forbidden++;
		else return true;
		return false;
	});
	return { open, locked, forbidden };
}

/** What locks and local rules leave of a space, and how many parts each took away. */
export interface Opening {
	readonly mask: Mask;
	readonly locked: number;
	readonly forbidden: number;
}

/** Who locks a pace or a weight has decided it: sense stands back. */
function freedBy({ retrieve, weightOz, hook }: Locks, limits: Limits): Limits {
	const pace = retrieve?.speedMps === undefined ? {} : { fastestMps: Infinity };
	const weight = weightOz === undefined ? {} : { lightestOz: 0, heaviestOz: Infinity };
	return { ...limits, ...pace, ...weight, hookStyle: hook?.style ?? limits.hookStyle };
}

/**
 * What locks and local rules leave of a space.
 *
 * @param rows Rows that were found already under the same locks and rules.
 * @returns `null` when nothing of the space is left.
 */
export function openingOf(space: Space, locks: Locks, rules: Limits, rows: Rows = new Map()): Opening | null {
	if (!fits(space, locks)) return null;
	const lock = Object.keys(locks).length > 0 ? inCatalog(locks) : null;
	const left = freedBy(locks, rules);
	const found = space.variables.map((variable) => {
		let row = rows.get(variable);
		if (!row) rows.set(variable, (row = rowOf(variable, lock, left)));
		return row;
	});
	const sum = (key: 'locked' | 'forbidden'): number => found.reduce((total, row) => total + row[key], 0);
	const mask = found.map(({ open }) => open);
	const some = mask.every((row) => row.includes(true));
	return some ? { mask, locked: sum('locked'), forbidden: sum('forbidden') } : null;
}
