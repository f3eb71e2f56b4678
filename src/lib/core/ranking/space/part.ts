import type { Facet, Fit } from '../../claims/claim';
import type { Locks } from '../../foundation/schema/rig';
import type { Family } from '../../foundation/schema/words';
import type { Layout } from '../../foundation/catalogue/layouts';

/** What a part has of a facet: shares of words, and for measured facets a figure with an optional kind before it. */
export interface Features {
	readonly words: Readonly<Record<string, number>>;
	readonly figure?: number;
	readonly kind?: string;
}

/** One value of a variable: what it writes into the rig, what claims can say about it, how much it adds to the rig. */
export interface Part {
	readonly patch: Locks;
	readonly features: Readonly<Partial<Record<Facet, Features>>>;
	/** Ties go to the smaller sum: 0 for the plainest value; things added to a rig count `ADDED`. */
	readonly plain: number;
}

/** A decision about the rig: its values exclude each other. */
export interface Variable {
	readonly id: string;
	readonly parts: readonly Part[];
	/** What a lure hangs on: decided last, for the lure that is chosen without it. */
	readonly outfit?: true;
}

/** Pairs of values that cannot stand together. */
export interface Link {
	readonly a: string;
	readonly b: string;
	readonly allows: (a: Part, b: Part) => boolean;
}

/** All rigs of one family and layout. */
export interface Space {
	readonly family: Family;
	readonly layout: Layout | null;
	/** Values that every rig of the space shares. */
	readonly base: Locks;
	readonly variables: readonly Variable[];
	readonly links: readonly Link[];
}

/** Which variables of a space every other space of its family has as well, the very same. */
export function sharedIn(space: Space, spaces: readonly Space[]): boolean[] {
	const kin = spaces.filter(({ family }) => family === space.family);
	return space.variables.map(
		(variable, at) => kin.length > 1 && kin.every((other) => other.variables[at] === variable)
	);
}

/** Rank of something added to the rig; larger than any sum of mere differences of value. */
export const ADDED = 64;

const RANGE = /^(?:([a-z]+) )?([\d.]+)(?:-([\d.]+))?$/;

function inRange(features: Features, key: string): boolean {
	const match = RANGE.exec(key);
	if (!match || features.figure === undefined) return false;
	const [, kind, low, high = low] = match;
	if (kind && kind !== features.kind) return false;
	return features.figure >= Number(low) - 1e-9 && features.figure <= Number(high) + 1e-9;
}

/** How well a part's features suit a fit, from -1 to 1: shares of the named words, or 1 inside a named range. */
export function fitOf(features: Features | undefined, fit: Fit): number {
	if (!features) return 0;
	let sum = 0;
	for (const key of Object.keys(fit)) {
		const share = features.words[key] ?? (inRange(features, key) ? 1 : 0);
		sum += share * fit[key]!;
	}
	return Math.min(1, Math.max(-1, sum));
}

/** Features of a facet whose value is a plain word. */
export const word = (name: string): Features => ({ words: { [name]: 1 } });
