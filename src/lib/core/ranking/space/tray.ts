import { isOneOf } from '../../foundation/basics/typed';
import { FAMILY_KEYS } from '../../foundation/schema/families';
import { without } from '../../foundation/basics/without';
import type { Locks } from '../../foundation/schema/rig';
import type { Tray, TrayPart } from '../../foundation/schema/tray';
import type { Family } from '../../foundation/schema/words';
import type { Factor } from './factors';
import { SPACES } from './spaces';
import { agree, nearestIn, NearestKnown, type Mask } from './locks';
import type { Space } from './part';

/** A part of the rig that the tray may list: which keys of a rig are its own, and what going without it looks like. */
interface Kind {
	readonly part: Exclude<TrayPart['part'], 'lure'>;
	readonly keys: readonly (keyof Locks)[];
	readonly bare?: Locks;
}

const KINDS: readonly Kind[] = [
	{ part: 'head', keys: ['weightOz', 'headMaterial', 'headShape', 'hook', 'body'] },
	{ part: 'blade', keys: ['blades'] },
	{ part: 'wire', keys: ['wireIn'] },
	{ part: 'skirt', keys: ['skirt'], bare: { skirt: { colour: 'none' } } },
	{ part: 'trailer', keys: ['trailer'], bare: { trailer: null } },
	{ part: 'trailer-hook', keys: ['trailerHook'], bare: { trailerHook: 'none' } },
	{ part: 'line', keys: ['line'] },
	{ part: 'rod', keys: ['rod'] },
	{ part: 'reel', keys: ['reel'] }
];

type Position = NonNullable<Locks['blades']>[number]['position'];

/** What a loose part writes into a rig: a blade at the place that it is for, or at either. */
function patchesOf(item: TrayPart): Locks[] {
	const { part } = item;
	if (part === 'blade') {
		const places: readonly Position[] = item.position ? [item.position] : ['front', 'rear'];
		return places.map((position) => ({ blades: [{ ...without(item, 'part', 'count', 'wear'), position }] }));
	}
	const fields = without(item, 'part', 'count', 'wear');
	const own = part === 'head' || part === 'wire' || part === 'trailer-hook';
	return [own ? (fields as Locks) : { [part]: fields }];
}

/** Something owned that a space can carry: which of its parts that may be, by variable, and how far its figures lie off. */
interface Owned {
	readonly patch: Locks;
	readonly rows: ReadonlyMap<number, readonly boolean[]>;
	readonly off: number;
}

/** Places of a space's blades. */
const positionsOf = ({ variables }: Space): Position[] =>
	variables.find(({ id }) => id === 'blades')!.parts[0]!.patch.blades!.map(({ position }) => position);

/** Parts of one kind, one of which a rig must carry. */
type Choice = readonly Owned[];

/** What something owned may write into a rig, a blade at either place of a wire, and how near the catalog comes to it. */
interface Piece {
	readonly patches: readonly Locks[];
	readonly off: number;
}

/** A piece, its figures being those of the catalog that come nearest anywhere. */
function pieceOf(patches: readonly Locks[], known: NearestKnown): Piece {
	const offs = SPACES.flatMap((space) => patches.flatMap((patch) => nearestIn(space, patch, known)?.off ?? []));
	return { patches, off: Math.min(...offs) };
}

const BARELY = 1e-9;

/**
 * What of some pieces a space can carry at a place under the locks. A piece that the catalog comes nearer to elsewhere is
 * not this space's: a small blade makes no rear one of a tandem because that has none smaller.
 */
function ownedIn(
	space: Space,
	pieces: readonly Piece[],
	position: Position,
	locks: Locks,
	known: NearestKnown
): Owned[] {
	const found = pieces.flatMap(({ patches, off }) =>
		patches.flatMap((patch): Owned[] => {
			if (patch.blades?.every((blade) => blade.position !== position) || !agree(patch, locks)) return [];
			const nearest = nearestIn(space, patch, known);
			return nearest && nearest.off <= off + BARELY ? [{ patch, ...nearest }] : [];
		})
	);
	// Of two figures that the catalog does not tell apart the nearer one is tied on.
	return found.sort((a, b) => a.off - b.off);
}

/** What the loose parts of a kind leave to choose from in a space: for each blade of a wire by itself, else once. */
function choicesOf(space: Space, { part, bare }: Kind, loose: readonly Piece[], locks: Locks, known: NearestKnown) {
	const pieces = bare ? [...loose, { patches: [bare], off: 0 }] : loose;
	const places = part === 'blade' ? positionsOf(space) : (['rear'] as const);
	return places.map((position) => ownedIn(space, pieces, position, locks, known));
}

/** Whether a family has a kind of part at all. */
function has(family: Family, { part }: Kind): boolean {
	return part !== 'wire' || isOneOf(FAMILY_KEYS.wireIn, family);
}

/** What of a space the parts that are owned leave. */
export interface Bound {
	readonly mask: Mask;
	/** Parts that are only owned together, as tables of what can stand. */
	readonly ties: readonly Factor[];
	/** What is owned, as it is owned, in a rig of the space: over the catalog's nearest. */
	readonly owned: (assignment: ArrayLike<number>) => Locks[];
	/** Number of the lure that it is, or of what is put together: alike in all spaces. */
	readonly base: number;
}

const stands = ({ rows }: Owned, assignment: ArrayLike<number>): boolean =>
	[...rows].every(([at, row]) => row[assignment[at]!]);

/** Opens the cells of a table in which a part stands. */
function admit(table: Float64Array, open: readonly (readonly boolean[])[], place = 0, cell = 0): void {
	const row = open[place];
	if (!row) table[cell] = 0;
	else row.forEach((stands, value) => stands && admit(table, open, place + 1, cell * row.length + value));
}

/** A choice as a table over the variables that tell its parts apart; `null` where the mask says it all. */
function tieOf(space: Space, choice: Choice): Factor | null {
	const variables = [...new Set(choice.flatMap(({ rows }) => [...rows.keys()]))].sort((a, b) => a - b);
	if (choice.length === 1 || variables.length < 2) return null;
	const anyOf = variables.map((at) => space.variables[at]!.parts.map(() => true));
	const cells = anyOf.reduce((product, { length }) => product * length, 1);
	const table = new Float64Array(cells).fill(-Infinity);
	for (const { rows } of choice) {
		const open = variables.map((at, place) => rows.get(at) ?? anyOf[place]!);
		admit(table, open);
	}
	return { variables, table };
}

/** A mask less what no part of some choices is. */
function narrowed(mask: Mask, choices: readonly Choice[]): Mask {
	return choices.reduce<Mask>(
		(left, choice) =>
			left.map((row, at) => row.map((open, value) => open && choice.some(({ rows }) => rows.get(at)?.[value] ?? true))),
		mask
	);
}

/** What is owned, finished lures apart from loose parts. */
export interface Stock {
	/** What can be begun from: nothing, where lures can be put together, and each lure as it is. */
	readonly bases: readonly Piece[];
	readonly of: ReadonlyMap<TrayPart['part'], readonly Piece[]>;
	readonly known: NearestKnown;
}

/** A tray in order. Lures without heads mean only those lures. */
export function stockOf(tray: Tray): Stock {
	const there = tray.filter(({ count }) => count !== 0);
	const known = new NearestKnown();
	const of = new Map<TrayPart['part'], Piece[]>();
	const lures: Locks[] = [];
	for (const item of there) {
		if (item.part === 'lure') lures.push(item.rig);
		else of.set(item.part, [...(of.get(item.part) ?? []), pieceOf(patchesOf(item), known)]);
	}
	const nothing: Locks[] = lures.length === 0 || of.has('head') ? [{}] : [];
	return { bases: [...nothing, ...lures].map((base) => pieceOf([base], known)), of, known };
}

/**
 * What a tray leaves of a space: put together from loose parts, and by each finished lure. What a lure does not name is
 * bounded by the loose parts as in any rig.
 *
 * @param mask What locks and rules leave.
 */
export function boundsOf(space: Space, mask: Mask, locks: Locks, { bases, of, known }: Stock): Bound[] {
	const choices = KINDS.flatMap((kind) => {
		const pieces = of.get(kind.part);
		if (!pieces || !has(space.family, kind)) return [];
		return [{ kind, found: choicesOf(space, kind, pieces, locks, known) }];
	});
	const places = positionsOf(space).length;
	return bases.flatMap((piece, number) => {
		const base = piece.patches[0]!;
		const lure = ownedIn(space, [piece], 'rear', locks, known);
		// The blades that a lure names are all that it has.
		if (lure.length === 0 || (base.blades && base.blades.length !== places)) return [];
		const bound = choices.filter(({ kind }) => kind.keys.every((key) => base[key] === undefined));
		const all: Choice[] = [lure, ...bound.flatMap(({ found }) => found)];
		const left = narrowed(mask, all);
		if (!left.every((row) => row.includes(true))) return [];
		const ties = all.flatMap((choice) => tieOf(space, choice) ?? []);
		const owned = (assignment: ArrayLike<number>): Locks[] =>
			all.map((choice) => choice.find((one) => stands(one, assignment))!.patch);
		return [{ mask: left, ties, owned, base: number }];
	});
}
