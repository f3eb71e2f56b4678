import { rigSchema, type Locks, type Rig } from '../../foundation/schema/rig';
import type { Space } from './part';

type Tree = Record<string, unknown>;
type Blades = NonNullable<Locks['blades']>;

const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value);

function mergeBlades(onto: Blades, from: Blades): Blades {
	const merged = onto.map((blade) => ({ ...blade, ...from.find((other) => other.position === blade.position) }));
	const fresh = from.filter((blade) => !onto.some((other) => other.position === blade.position));
	return [...merged, ...fresh].sort((a, b) => a.position.localeCompare(b.position));
}

/** Later values win; what has been said to be absent stays absent. */
function merge(onto: Tree, from: Tree): Tree {
	const merged: Tree = { ...onto };
	for (const [key, value] of Object.entries(from)) {
		const present = merged[key];
		if (key === 'blades') merged.blades = mergeBlades((present as Blades | undefined) ?? [], value as Blades);
		else if (isTree(present) && isTree(value)) merged[key] = merge(present, value);
		else if (present !== null) merged[key] = value;
	}
	return merged;
}

/**
 * The rig that an assignment of a space's variables describes, with the fixed values standing in it to the letter. Every
 * assignment of every space is a rig: a test holds that, so that no ranking pays for it.
 */
export function assemble(space: Space, assignment: ArrayLike<number>, ...fixed: readonly Locks[]): Rig {
	const patches = space.variables.map((variable, at) => variable.parts[assignment[at]!]!.patch);
	return [...patches, ...fixed].reduce<Tree>((rig, patch) => merge(rig, patch), { ...space.base }) as Rig;
}

/** A body that is put on where none was: usual length, upright, in the skirt's color where there is one. */
function bodyFor({ skirt }: Rig): NonNullable<Rig['trailer']> {
	return {
		kind: 'split-tail',
		colour: skirt.colour === 'none' ? 'white' : skirt.colour,
		lengthIn: 3,
		mount: 'upright'
	};
}

/**
 * A rig with some of its values changed.
 *
 * @throws {z.ZodError} If the change makes no rig.
 */
export function changedRig(rig: Rig, change: Locks): Rig {
	const dressed = change.trailer && !rig.trailer ? { ...rig, trailer: bodyFor(rig) } : rig;
	const whole = change.trailer === null ? { ...dressed, trailer: null } : dressed;
	return rigSchema.parse(merge(whole as Tree, change));
}
