import { without } from '$lib/core/foundation/basics/without';
import type { Rig } from '$lib/core/foundation/schema/rig';
import type { TrayPart } from '$lib/core/foundation/schema/tray';

/** A rig as one finished lure: what is tied on, without line, rod, reel and how it is wound. */
export const lureOf = (rig: Rig): TrayPart => ({
	part: 'lure',
	rig: without(rig, 'line', 'rod', 'reel', 'retrieve')
});

/** The loose parts that a rig is made of. */
export function partsIn(rig: Rig): TrayPart[] {
	const { weightOz, headMaterial, headShape, blades, wireIn, skirt, trailer, trailerHook } = rig;
	return [
		{ part: 'head', weightOz, headMaterial, headShape },
		...blades.map(({ style, size, finish, texture }): TrayPart => ({ part: 'blade', style, size, finish, texture })),
		...(wireIn === undefined ? [] : [{ part: 'wire' as const, wireIn }]),
		...(skirt.colour === 'none' ? [] : [{ part: 'skirt' as const, colour: skirt.colour, material: skirt.material }]),
		...(trailer
			? [{ part: 'trailer' as const, kind: trailer.kind, colour: trailer.colour, lengthIn: trailer.lengthIn }]
			: []),
		...(trailerHook === 'none' ? [] : [{ part: 'trailer-hook' as const, trailerHook }])
	];
}
