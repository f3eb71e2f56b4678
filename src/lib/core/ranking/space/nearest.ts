import { layoutOf } from '../../foundation/catalogue/layouts';
import { bodyColourOf } from '../../foundation/catalogue/trailerColour';
import type { Locks, Rig } from '../../foundation/schema/rig';
import type { Space } from './part';
import { SPACES } from './spaces';

/** A word that differs weighs more than any difference of figures. */
const OTHER_WORD = 1000;

type Leaf = number | string | boolean | null;

/** The values of a rig or a part by their paths; blades by their place. */
function leavesOf(value: unknown, path: string, found: Map<string, Leaf>): Map<string, Leaf> {
	if (path === 'blades') {
		for (const { position, ...blade } of value as { position: string }[]) leavesOf(blade, `blades.${position}`, found);
	} else if (typeof value === 'object' && value !== null) {
		for (const [key, inner] of Object.entries(value)) leavesOf(inner, path ? `${path}.${key}` : key, found);
	} else if (value !== undefined) found.set(path, value as Leaf);
	return found;
}

/** Paths on which a part differs from a rig, each with by how much. */
function differences(patch: Locks, rig: ReadonlyMap<string, Leaf>): [string, number][] {
	return [...leavesOf(patch, '', new Map())].flatMap(([path, wanted]): [string, number][] => {
		// A soft body that is left off stands for all of its values.
		const has = rig.get(path) ?? (wanted === null ? null : undefined);
		const worn = wanted === null && [...rig.keys()].some((key) => key.startsWith(`${path}.`));
		if (!worn && has === wanted) return [];
		return [[path, typeof has === 'number' && typeof wanted === 'number' ? Math.abs(has - wanted) : OTHER_WORD]];
	});
}

/** A rig as the catalog has it: its space, the nearest part of every variable, and where that is not the rig's own. */
export interface Judged {
	readonly space: Space;
	readonly assignment: Int32Array;
	readonly nearest: readonly string[];
}

/** The catalog's rig that is nearest to some rig, variable by variable. */
export function nearestTo(rig: Rig): Judged {
	const layout = rig.family === 'spinnerbait' ? layoutOf(rig.blades) : null;
	const space = SPACES.find((one) => one.family === rig.family && one.layout === layout)!;
	const leaves = leavesOf(rig, '', new Map());
	const nearest = new Set<string>();
	if (rig.family === 'spinnerbait' && rig.body === undefined) leaves.set('body', 'full');
	const tailed = rig.trailer?.colour.includes('/');
	if (tailed) leaves.set('trailer.colour', bodyColourOf(rig.trailer!.colour));
	const assignment = Int32Array.from(space.variables, ({ parts }) => {
		const off = parts.map(({ patch }) => differences(patch, leaves));
		const sums = off.map((list) => list.reduce((sum, [, by]) => sum + by, 0));
		const best = sums.indexOf(Math.min(...sums));
		off[best]!.forEach(([path]) => nearest.add(path));
		return best;
	});
	// The catalog has soft bodies of one color: a contrasting tail is judged as its body.
	if (tailed) nearest.add('trailer.colour');
	return { space, assignment, nearest: [...nearest] };
}
