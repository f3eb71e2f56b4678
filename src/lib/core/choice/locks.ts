import type { LocalRules } from '../schema/reading';
import { FAMILY_KEYS, type Locks } from '../schema/rig';
import type { Family } from '../schema/words';
import type { Part, Space } from './part';

type Tree = { readonly [key: string]: unknown };

const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value);

/** Blades as a tree by position, so that locks and patches meet on the same paths. */
function byPosition(patch: Locks): Tree {
	if (!patch.blades) return patch;
	const blades = Object.fromEntries(patch.blades.map(({ position, ...rest }) => [position, rest]));
	return { ...patch, blades };
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

/**
 * Which parts of a variable can stand under a lock. A locked figure that the catalogue does not carry keeps the
 * nearest part, so that it is judged as its neighbour.
 */
function allowedByLock(parts: readonly Part[], lock: Tree): boolean[] {
	const off = parts.map((part) => distance(byPosition(part.patch), lock));
	const nearest = Math.min(...off.filter((value): value is number => value !== null));
	return off.map((value) => value !== null && value <= nearest + 1e-9);
}

function allowedByRules(part: Part, rules: LocalRules): boolean {
	if (rules.leadAllowed === false && part.patch.headMaterial === 'lead') return false;
	const hook = part.patch.trailerHook;
	if (hook === undefined) return true;
	// Every lure here carries one single hook; a trailer hook is a second hook with a second point.
	const count = hook === 'none' ? 1 : 2;
	return count <= (rules.hooksMax ?? Infinity) && count <= (rules.pointsMax ?? Infinity);
}

/** Whether a family has every key of a lock, and a layout every blade of it. */
function fits(space: Space, lock: Locks): boolean {
	if (lock.family !== undefined && lock.family !== space.family) return false;
	for (const [key, families] of Object.entries(FAMILY_KEYS)) {
		const locked = lock[key as keyof typeof FAMILY_KEYS] !== undefined;
		if (locked && !(families as readonly Family[]).includes(space.family)) return false;
	}
	const front = lock.blades?.some((blade) => blade.position === 'front') ?? false;
	return !front || (space.family === 'spinnerbait' && space.layout !== 'single');
}

/** For each variable of a space which of its parts may be used. */
export type Mask = readonly (readonly boolean[])[];

/** What locks and local rules leave of a space, and how many parts each took away. */
export interface Opening {
	readonly mask: Mask;
	readonly locked: number;
	readonly forbidden: number;
}

/**
 * What locks and local rules leave of a space.
 *
 * @returns `null` when nothing of the space is left.
 */
export function openingOf(space: Space, locks: Locks, rules: LocalRules): Opening | null {
	if (!fits(space, locks)) return null;
	const lock = Object.keys(locks).length > 0 ? byPosition(locks) : null;
	let [locked, forbidden] = [0, 0];
	const mask = space.variables.map(({ parts }) => {
		const open = lock && allowedByLock(parts, lock);
		return parts.map((part, at) => {
			if (open && !open[at]) locked++;
			else if (!allowedByRules(part, rules)) forbidden++;
			else return true;
			return false;
		});
	});
	return mask.every((row) => row.includes(true)) ? { mask, locked, forbidden } : null;
}
