import { isOneOf } from '../../foundation/basics/typed';
import { hooksAndPoints, withinHookRule } from '../../foundation/catalogue/hooks';
import { FAMILY_KEYS } from '../../foundation/schema/families';
import { without } from '../../foundation/basics/without';
import type { LocalRules } from '../../foundation/schema/reading';
import type { Locks } from '../../foundation/schema/rig';
import type { Tray, TrayPart } from '../../foundation/schema/tray';
import type { Family, HookStyle } from '../../foundation/schema/words';
import { narrowed, stands, Ties, type Choice, type Fee, type Owned, type Place, type Use } from './choice';
import type { Factor } from './factors';
import { SPACES } from './spaces';
import { agree, NearestKnown, type Mask, type NearestRows } from './locks';
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

/** What a loose part writes into a rig: a blade at the place that it is for, or at either. */
function patchesOf(item: TrayPart): Locks[] {
	const { part } = item;
	if (part === 'blade') {
		const places: readonly Place[] = item.position ? [item.position] : ['front', 'rear'];
		return places.map((position) => ({ blades: [{ ...without(item, 'part', 'count', 'wear', 'price'), position }] }));
	}
	const fields = without(item, 'part', 'count', 'wear', 'price');
	const own = part === 'head' || part === 'wire' || part === 'trailer-hook';
	return [own ? (fields as Locks) : { [part]: fields }];
}

/** Places of a space's blades. */
const positionsOf = ({ variables }: Space): Place[] =>
	variables.find(({ id }) => id === 'blades')!.parts[0]!.patch.blades!.map(({ position }) => position);

/** A piece that stands somewhere in a space, by what it writes there. */
interface Standing {
	readonly piece: Piece;
	readonly patch: Locks;
	readonly nearest: NearestRows;
}

/** What was found of a stock in spaces: the same for every reading. */
class StockKnown extends NearestKnown {
	readonly #standing = new Map<Space, Map<string, readonly Standing[]>>();

	/**
	 * Those of some pieces that stand at a place of a space.
	 *
	 * @param name Tells the pieces from others of the stock.
	 */
	standing(space: Space, name: string, pieces: readonly Piece[], position: Place): readonly Standing[] {
		let known = this.#standing.get(space);
		if (!known) this.#standing.set(space, (known = new Map()));
		const key = `${name} ${position}`;
		let found = known.get(key);
		if (!found) known.set(key, (found = this.#look(space, pieces, position)));
		return found;
	}

	#look(space: Space, pieces: readonly Piece[], position: Place): Standing[] {
		return pieces.flatMap((piece) =>
			piece.patches.flatMap((patch): Standing[] => {
				if (patch.blades?.every((blade) => blade.position !== position)) return [];
				const nearest = this.in(space, patch);
				return nearest && nearest.off <= piece.off + BARELY ? [{ piece, patch, nearest }] : [];
			})
		);
	}
}

/** What bounds all choices alike. */
interface Bounding {
	readonly locks: Locks;
	readonly known: StockKnown;
	readonly feeOf: Fee;
	readonly rules: LocalRules;
}

/** What something owned may write into a rig, a blade at either place of a wire, and how near the catalog comes to it. */
interface Piece {
	readonly patches: readonly Locks[];
	readonly off: number;
	/** Its number in the tray; `null` for going bare. */
	readonly item: number | null;
}

/** A piece, its figures being those of the catalog that come nearest anywhere. */
function pieceOf(patches: readonly Locks[], item: number | null, known: NearestKnown): Piece {
	const offs = SPACES.flatMap((space) => patches.flatMap((patch) => known.in(space, patch)?.off ?? []));
	return { patches, off: Math.min(...offs), item };
}

const BARELY = 1e-9;

/**
 * What of some pieces a space can carry at a place under the locks. A piece that the catalog comes nearer to elsewhere is
 * not this space's: a small blade makes no rear one of a tandem because that has none smaller.
 */
function ownedIn(space: Space, name: string, pieces: readonly Piece[], position: Place, bounding: Bounding): Owned[] {
	const { locks, known, feeOf, rules } = bounding;
	const locked = Object.keys(locks).length > 0;
	const found: Owned[] = [];
	for (const { piece, patch, nearest } of known.standing(space, name, pieces, position)) {
		const use = piece.item === null ? null : { item: piece.item, place: position };
		const fee = use ? feeOf(use) : 0;
		if (fee < Infinity && withinHookRule(patch, rules) && (!locked || agree(patch, locks)))
			found.push({ patch, use, fee, ...nearest });
	}
	// Of two figures that the catalog does not tell apart the nearer one is tied on.
	return found.sort((a, b) => a.fee - b.fee || a.off - b.off);
}

/** What the loose parts of a kind leave to choose from in a space: for each blade of a wire by itself, else once. */
function choicesOf(space: Space, { part, bare }: Kind, loose: readonly Piece[], bounding: Bounding) {
	const pieces = bare ? [...loose, { patches: [bare], off: 0, item: null }] : loose;
	const places = part === 'blade' ? positionsOf(space) : (['rear'] as const);
	return places.map((position) => ownedIn(space, part, pieces, position, bounding));
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
	/** What of the tray a rig of the space is made of. */
	readonly uses: (assignment: ArrayLike<number>) => Use[];
	/** Number of the lure that it is, or of what is put together: alike in all spaces. */
	readonly base: number;
}

/** What is owned, finished lures apart from loose parts. */
export interface Stock {
	/** What can be begun from: nothing, where lures can be put together, and each lure as it is. */
	readonly bases: readonly Piece[];
	readonly of: ReadonlyMap<TrayPart['part'], readonly Piece[]>;
	readonly known: StockKnown;
	/** The style of its hooks that has most points. */
	readonly hookStyle: HookStyle;
}

/** The style with most points among the hooks of some pieces. */
function sharpest(pieces: readonly Piece[]): HookStyle {
	const styles = pieces.flatMap(({ patches }) => patches.map(({ hook }) => hook?.style ?? 'single'));
	const points = (style: HookStyle): number => hooksAndPoints({ hook: { style } }).points;
	return styles.reduce<HookStyle>((most, style) => (points(style) > points(most) ? style : most), 'single');
}

/** A tray in order. Lures without heads mean only those lures. */
export function stockOf(tray: Tray): Stock {
	const known = new StockKnown();
	const of = new Map<TrayPart['part'], Piece[]>();
	const lures: Piece[] = [];
	for (const [at, item] of tray.entries()) {
		if (item.count === 0) continue;
		if (item.part === 'lure') lures.push(pieceOf([item.rig], at, known));
		else of.set(item.part, [...(of.get(item.part) ?? []), pieceOf(patchesOf(item), at, known)]);
	}
	const nothing = lures.length === 0 || of.has('head') ? [pieceOf([{}], null, known)] : [];
	return { bases: [...nothing, ...lures], of, known, hookStyle: sharpest([...lures, ...(of.get('head') ?? [])]) };
}

const FREE: Fee = () => 0;

/**
 * What a tray leaves of a space: put together from loose parts, and by each finished lure. What a lure does not name is
 * bounded by the loose parts as in any rig.
 *
 * @param mask What locks and rules leave.
 * @param rules The local rules, which pieces have to keep by themselves.
 * @param feeOf What using a part costs; nothing by default.
 * @param knownTies Tables that other spaces were given under the same costs.
 */
export function boundsOf(
	space: Space,
	mask: Mask,
	locks: Locks,
	{ bases, of, known }: Stock,
	rules: LocalRules,
	feeOf: Fee = FREE,
	knownTies: Ties = new Ties()
): Bound[] {
	const bounding = { locks, known, feeOf, rules };
	const choices = KINDS.flatMap((kind) => {
		const pieces = of.get(kind.part);
		if (!pieces || !has(space.family, kind)) return [];
		const found = choicesOf(space, kind, pieces, bounding);
		return [{ kind, found, ties: found.flatMap((choice) => knownTies.of(space, kind.part, choice) ?? []) }];
	});
	const places = positionsOf(space).length;
	return bases.flatMap((piece, number) => {
		const base = piece.patches[0]!;
		const lure = ownedIn(space, `base ${number}`, [piece], 'rear', bounding);
		// The blades that a lure names are all that it has.
		if (lure.length === 0 || (base.blades && base.blades.length !== places)) return [];
		const bound = choices.filter(({ kind }) => kind.keys.every((key) => base[key] === undefined));
		const all: Choice[] = [lure, ...bound.flatMap(({ found }) => found)];
		const left = narrowed(mask, all);
		if (!left?.every((row) => row.includes(true))) return [];
		const ties = [knownTies.of(space, 'lure', lure) ?? [], ...bound.map((one) => one.ties)].flat();
		const made = (assignment: ArrayLike<number>): Owned[] =>
			all.map((choice) => choice.find((one) => stands(one, assignment))!);
		const owned = (assignment: ArrayLike<number>): Locks[] => made(assignment).map(({ patch }) => patch);
		const uses = (assignment: ArrayLike<number>): Use[] => made(assignment).flatMap(({ use }) => use ?? []);
		return [{ mask: left, ties, owned, uses, base: number }];
	});
}

/**
 * Whether a rig with a change can be made from loose parts that are owned: each kind of part that the change touches is
 * unlisted, left off, or there as the rig then has it.
 */
export function ownsChange(tray: Tray, changed: Locks, change: Locks): boolean {
	const there = tray.filter(({ count }) => count !== 0);
	return KINDS.every(({ part, keys, bare }) => {
		if (keys.every((key) => change[key] === undefined)) return true;
		const items = there.filter((item) => item.part === part);
		if (items.length === 0 || (bare && agree(bare, changed))) return true;
		const fits = (patch: Locks): boolean => agree(patch, changed);
		if (part !== 'blade') return items.some((item) => patchesOf(item).some(fits));
		return (changed.blades ?? []).every((blade) =>
			items.some((item) =>
				patchesOf(item).some(
					(patch) => agree(patch, { blades: [blade] }) && patch.blades![0]!.position === blade.position
				)
			)
		);
	});
}
