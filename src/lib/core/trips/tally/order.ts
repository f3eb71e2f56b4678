import type { Entry } from '../../foundation/schema/tally';

/** Something that happened, with when and in which place of the outing's order. */
export interface OrderedEntry {
	readonly id: string;
	/** UTC. It says how long, never what came first. */
	readonly at: string;
	/** One more than whatever its writer knew of: what came after something seen comes after it. */
	readonly order: number;
	readonly what: Entry;
}

/** What happened in its order: by the writer's place, and where two devices took the same, by key. Every device has the same one. */
export const inOrder = (happened: readonly OrderedEntry[]): OrderedEntry[] =>
	happened.toSorted((a, b) => a.order - b.order || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));

/** The place in the order that the next entry takes. */
export const nextOrder = (happened: readonly OrderedEntry[]): number =>
	happened.reduce((last, { order }) => Math.max(last, order), 0) + 1;
