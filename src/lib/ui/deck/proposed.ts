import type { Proposed } from '$lib/core/water/places/features';

/** What a proposed place is called, and its sign on the plan and in the list. */
export const PROPOSED_LOOKS: Readonly<Record<Proposed, { readonly name: string; readonly sign: string }>> = {
	drop: { name: 'Drop', sign: '▽' },
	point: { name: 'Point', sign: '◇' },
	ditch: { name: 'Ditch', sign: '≡' },
	bend: { name: 'Bend', sign: '↷' },
	arm: { name: 'Arm', sign: '⇔' },
	turn: { name: 'Weed turn', sign: '∿' },
	timber: { name: 'Timber edge', sign: '⌇' }
};
