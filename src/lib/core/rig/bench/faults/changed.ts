import type { Rig } from '../../../foundation/schema/rig';

/** Facets of a rig that are told apart when asking what was changed. */
const FACETS: Readonly<Record<string, (rig: Rig) => unknown>> = {
	family: ({ family }) => family,
	weight: ({ weightOz }) => weightOz,
	head: ({ headMaterial, headShape, body }) => [headMaterial, headShape, body],
	wire: ({ wireIn }) => wireIn,
	'front blade': ({ blades }) => blades.filter(({ position }) => position === 'front'),
	'rear blade': ({ blades }) => blades.filter(({ position }) => position === 'rear'),
	extras: ({ array, screwIn, noise }) => [array, screwIn, noise],
	hook: ({ hook }) => hook,
	skirt: ({ skirt }) => skirt,
	trailer: ({ trailer }) => trailer,
	'trailer hook': ({ trailerHook }) => trailerHook,
	line: ({ line }) => line,
	rod: ({ rod }) => rod,
	reel: ({ reel }) => reel,
	retrieve: ({ retrieve }) => retrieve
};

/** Names of the facets in which two rigs differ. */
export const changedFacets = (before: Rig, after: Rig): string[] =>
	Object.entries(FACETS)
		.filter(([, facet]) => JSON.stringify(facet(before)) !== JSON.stringify(facet(after)))
		.map(([name]) => name);

/** What an outcome taught: nothing when more than one thing was changed, or none. */
export function learned(changed: readonly string[]): string {
	if (changed.length > 1) return `Nothing was learned: ${changed.join(' and ')} were changed at once.`;
	return changed.length === 1
		? `Only the ${changed[0]} was changed, so this counts.`
		: 'Nothing on the rig was changed; what you did is your own to judge.';
}
