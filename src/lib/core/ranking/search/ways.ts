import type { Retrieve } from '../../foundation/schema/words';
import type { Part, Space } from '../space/part';

/** How a rig is fished: how hard its blades beat, how high it is wound and how fast (m/s). */
export interface Way {
	readonly beat: string;
	readonly height: string;
	readonly speedMps: number;
}

/** Two paces are another way of fishing a rig from this much on (m/s): about half of a word's span, as in slow or fast. */
const APART_MPS = 0.3;

/**
 * Whether two rigs of one family are fished in different ways: never for a quarter ounce, a color or one step of pace.
 */
export const areApart = (a: Way, b: Way): boolean =>
	a.beat !== b.beat || a.height !== b.height || Math.abs(a.speedMps - b.speedMps) >= APART_MPS - 1e-9;

/** Where a style is fished. What is wound without a stop runs as deep as its pace lets it, by whichever name. */
const HEIGHTS: Readonly<Record<Retrieve, string>> = {
	wake: 'top',
	surface: 'top',
	burn: 'high',
	'burn-pause': 'high',
	steady: 'through',
	deflect: 'through',
	'slow-roll': 'through',
	'lift-drop': 'fall'
};

/** What the blades of an engine say: one style of them, or two. */
function beatOf({ patch }: Part): string {
	const styles = new Set((patch.blades ?? []).map(({ style }) => style));
	return styles.size === 1 ? ([...styles][0] ?? 'one') : 'mixed';
}

/** Ways of fishing a space. */
export interface Ways {
	/** Class of each part of the engine, and the classes that there are. */
	readonly beat: readonly number[];
	readonly beats: readonly string[];
	/** The way of a class of beat with a style of retrieve at a speed. */
	readonly way: (beat: number, style: number, speed: number) => Way;
}

const known = new Map<Space, Ways>();

function waysFrom(space: Space): Ways {
	const parts = (id: string): readonly Part[] => space.variables.find((variable) => variable.id === id)!.parts;
	// Buzz blades differ in diameter here: too little to be another way of fishing one.
	const words = space.family === 'buzzbait' ? parts('diameter').map(() => 'one') : parts('blades').map(beatOf);
	const beats = [...new Set(words)];
	const heights = parts('retrieve').map(({ patch }) => HEIGHTS[patch.retrieve!.style!]);
	const speeds = parts('speed').map(({ patch }) => patch.retrieve!.speedMps!);
	return {
		beat: words.map((word) => beats.indexOf(word)),
		beats,
		way: (beat, style, speed) => ({ beat: beats[beat]!, height: heights[style]!, speedMps: speeds[speed]! })
	};
}

/** The ways of fishing a space. */
export function waysOf(space: Space): Ways {
	let ways = known.get(space);
	if (!ways) known.set(space, (ways = waysFrom(space)));
	return ways;
}
