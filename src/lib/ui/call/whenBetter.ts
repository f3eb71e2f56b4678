import type { CalledRig } from '$lib/core/foundation/schema/call';
import type { Family, Retrieve } from '$lib/core/foundation/schema/words';

/** When each family comes into its own, in one breath. */
const FAMILY_DAYS: Readonly<Record<Family, string>> = {
	spinnerbait: 'if wind, stain or thicker cover comes up',
	'bladed-jig': 'if it clears or calms, the fish are pressured, or they sit in pockets or on hard bottom',
	buzzbait: 'if the light fades and they come up over warm, shallow cover',
	underspin: 'if they follow open-water bait in cold or clear water'
};

/** How hard a blade beats, from flash to thump. */
const BEAT = { willow: 0, indiana: 1, colorado: 2, clear: 0, standard: 1, oversized: 2 } as const;
const HEIGHT: Readonly<Partial<Record<Retrieve, number>>> = {
	surface: 3,
	wake: 3,
	burn: 2,
	'burn-pause': 2,
	'slow-roll': -1,
	'lift-drop': -1
};
/** Retrieves nearer than this (m/s) are of one pace. */
const SAME_PACE_MPS = 0.15;

function beatOf({ rig }: CalledRig): number {
	const beats = rig.blades.map(({ style }) => BEAT[style as keyof typeof BEAT] ?? 1);
	return beats.reduce<number>((sum, beat) => sum + beat, 0) / beats.length;
}

/** The days on which the same family fished another way is the better choice. */
function otherWay(top: CalledRig, other: CalledRig): string[] {
	const days: string[] = [];
	const pace = other.rig.retrieve.speedMps - top.rig.retrieve.speedMps;
	const beat = beatOf(other) - beatOf(top);
	const height = (HEIGHT[other.rig.retrieve.style] ?? 0) - (HEIGHT[top.rig.retrieve.style] ?? 0);
	if (pace > SAME_PACE_MPS) days.push('they start chasing');
	if (pace < -SAME_PACE_MPS) days.push('they slow down or the water cools');
	if (height > 0) days.push('they move up');
	if (height < 0) days.push('they drop to the bottom or into weed');
	if (beat > 0) days.push('the water gets dirtier or darker');
	if (beat < 0) days.push('it clears');
	return days;
}

/** The one sentence that says when another call would be the better choice. */
export function whenBetter(top: CalledRig, other: CalledRig): string {
	if (other.rig.family !== top.rig.family) return `Better ${FAMILY_DAYS[other.rig.family]}.`;
	const [first, second] = otherWay(top, other);
	if (!first) return 'As good in another way: try it when this one stops getting bites.';
	return second ? `Better if ${first}, or ${second}.` : `Better if ${first}.`;
}

/** Points behind under which two calls are level, close and still worth a cast. */
const LEVEL = 0.25;
const CLOSE = 1;
const BEHIND = 2.5;

/** How far a call is behind the best, in words. */
export function behindWords(points: number): 'level' | 'close' | 'behind' | 'far behind' {
	if (points < LEVEL) return 'level';
	return points < CLOSE ? 'close' : points < BEHIND ? 'behind' : 'far behind';
}
