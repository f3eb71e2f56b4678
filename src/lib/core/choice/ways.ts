import type { Retrieve } from '../schema/words';
import type { Part, Space } from './part';

/**
 * Ways of fishing a family. Two calls of one family are told apart by how hard it beats, how fast and how high it is
 * wound, never by a quarter ounce.
 */
export interface Ways {
	/** Class of each part of the engine, and the classes that there are. */
	readonly beat: readonly number[];
	readonly beats: number;
	/** The way of each style of retrieve, speed and class of beat, in that order. */
	readonly keys: readonly (readonly (readonly string[])[])[];
}

/** Speeds (m/s) up to which a retrieve is slow and of middle pace: halfway between the craft's words. */
const PACES = [
	['slow', 0.75],
	['middle', 1.15],
	['fast', Infinity]
] as const;

const DEPTHS: Readonly<Record<Retrieve, string>> = {
	wake: 'top',
	surface: 'top',
	burn: 'high',
	'burn-pause': 'high',
	steady: 'through',
	deflect: 'through',
	'slow-roll': 'low',
	'lift-drop': 'fall'
};

/** What the blades of an engine say: one style of them, or two. */
function beatOf({ patch }: Part): string {
	const styles = new Set((patch.blades ?? []).map(({ style }) => style));
	return styles.size === 1 ? ([...styles][0] ?? 'one') : 'mixed';
}

const known = new Map<Space, Ways>();

function classesOf(space: Space): Ways {
	const parts = (id: string): readonly Part[] => space.variables.find((variable) => variable.id === id)!.parts;
	// Buzz blades differ in diameter here: too little to be another way of fishing one.
	const words = space.family === 'buzzbait' ? parts('diameter').map(() => 'one') : parts('blades').map(beatOf);
	const beats = [...new Set(words)];
	const pace = parts('speed').map((part) => PACES.find(([, upTo]) => part.patch.retrieve!.speedMps! <= upTo)![0]);
	const keys = parts('retrieve').map((style) =>
		pace.map((how) => beats.map((beat) => [space.family, beat, how, DEPTHS[style.patch.retrieve!.style!]].join()))
	);
	return { beat: words.map((word) => beats.indexOf(word)), beats: beats.length, keys };
}

/** The ways of fishing a space. */
export function waysOf(space: Space): Ways {
	let ways = known.get(space);
	if (!ways) known.set(space, (ways = classesOf(space)));
	return ways;
}
