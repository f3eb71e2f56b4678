import type { TowInput } from '$lib/core/foundation/schema/tow';

/** What a hand can do in the tank. */
export const HANDS = ['steady', 'burn-pause', 'pop', 'lift-drop', 'stop-and-fall'] as const;
export type HandName = (typeof HANDS)[number];

/** Winding, letting fall, winding on, four times in one cast (s). */
const WOUND_S = 3;
const FALLS_S = 1.5;
const FALLS = 4;

const stopAndFall: NonNullable<TowInput['phases']> = [
	...Array.from({ length: FALLS }, () => [
		{ kind: 'steady' as const, forS: WOUND_S },
		{ kind: 'fall' as const, forS: FALLS_S }
	]).flat(),
	{ kind: 'steady' }
];

/** What each hand does, as phases of the tow. */
export const PHASES: Readonly<Record<HandName, NonNullable<TowInput['phases']>>> = {
	steady: [{ kind: 'steady' }],
	'burn-pause': [{ kind: 'burn-pause' }],
	pop: [{ kind: 'pop' }],
	'lift-drop': [{ kind: 'lift-drop' }],
	'stop-and-fall': stopAndFall
};
