import { BLADES_MAX } from '../foundation/schema/families';
import type { Family } from '../foundation/schema/words';

interface Bladed {
	readonly family: Family;
	readonly blades: readonly { readonly position: string }[];
}

const isBladed = (rig: unknown): rig is Bladed =>
	typeof rig === 'object' &&
	rig !== null &&
	Array.isArray((rig as Bladed).blades) &&
	Object.hasOwn(BLADES_MAX, (rig as Bladed).family);

/** A rig of the first version with the blades that its family can carry: that version let a jig wear two plates. */
function rigRepaired(rig: unknown): unknown {
	if (!isBladed(rig) || rig.blades.length <= BLADES_MAX[rig.family]) return rig;
	const rear = rig.blades.find(({ position }) => position === 'rear');
	return { ...rig, blades: rear ? [rear] : [] };
}

/** A build of the first version with a rig that holds. */
export function buildRepaired(build: unknown): unknown {
	if (typeof build !== 'object' || build === null) return build;
	return { ...build, rig: rigRepaired('rig' in build ? build.rig : undefined) };
}
