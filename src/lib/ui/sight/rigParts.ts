import { bodyColourOf } from '$lib/core/foundation/catalogue/trailerColour';
import { ownTarget } from '$lib/core/simulation/sight/ownColour';
import type { Named } from '$lib/core/simulation/sight/sight';
import { targetOf } from '$lib/core/simulation/sight/targets';
import type { Build, OwnUse } from '$lib/core/foundation/schema/build';
import type { Rig } from '$lib/core/foundation/schema/rig';

/** Something to look at by its kind and color; nothing where it is not judged. */
export function look(kind: Named['kind'], colour: string, hammered = false): Named[] {
	const target = targetOf(kind, colour, hammered);
	return target ? [{ kind, colour, target }] : [];
}

/** A part of the angler's own by the color that it was given; nothing where it has none of its own. */
export function lookOwn(kind: Named['kind'], part: OwnUse['part'] | undefined): Named[] {
	if (!part?.colour) return [];
	return [{ kind, colour: part.colour.countsAs, name: part.name, target: ownTarget(part.colour) }];
}

const first = (own: Named[], table: Named[]): Named[] => (own.length > 0 ? own : table);

/** What of a rig is looked at: its skirt, its trailer, and its rear blade, which is the larger one. */
export const partsOf = (rig: Rig, own: Build['own'] = {}): Named[] => [
	...first(lookOwn('skirt', own.skirt?.part), look('skirt', rig.skirt.colour)),
	...(rig.trailer
		? first(lookOwn('trailer', own.trailer?.part), look('trailer', bodyColourOf(rig.trailer.colour)))
		: []),
	...rig.blades
		.filter(({ position }) => position === 'rear')
		.flatMap(({ finish, texture }) => look('blade', finish, texture === 'hammered'))
];
