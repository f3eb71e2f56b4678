import { targetOf } from '$lib/core/optics/targets';
import type { Named } from '$lib/core/optics/sight';
import type { Rig } from '$lib/core/schema/rig';

/** Something to look at by its kind and colour; nothing where it is not judged. */
export function look(kind: Named['kind'], colour: string, hammered = false): Named[] {
	const target = targetOf(kind, colour, hammered);
	return target ? [{ kind, colour, target }] : [];
}

/** What of a rig is looked at: its skirt, its trailer, and its rear blade, which is the larger one. */
export const partsOf = (rig: Rig): Named[] => [
	...look('skirt', rig.skirt.colour),
	...(rig.trailer ? look('trailer', rig.trailer.colour) : []),
	...rig.blades
		.filter(({ position }) => position === 'rear')
		.flatMap(({ finish, texture }) => look('blade', finish, texture === 'hammered'))
];
