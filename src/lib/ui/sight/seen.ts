import QuickLRU from 'quick-lru';
import { remembered } from '$lib/core/foundation/basics/remembered';
import type { Reading } from '$lib/core/water/reading/complete';
import type { View } from '$lib/core/simulation/sight/backdrop';
import { atWork, lookedAt, pairSteps, type Looked } from '$lib/core/simulation/sight/contrast';
import { inHandRgb, type Rgb } from '$lib/core/simulation/sight/colour';
import type { Scene } from '$lib/core/simulation/sight/scene';
import { everyTarget, sceneOfReading, type Named } from '$lib/core/simulation/sight/sight';
import { swatchRgb } from '$lib/core/simulation/sight/swatch';

/** Every skirt that is judged. */
export const SKIRTS: readonly Named[] = everyTarget().filter(({ kind }) => kind === 'skirt');

/** How far something is seen beside what is seen farthest: the model is no finer than this. */
export const REACHES = ['farthest', 'far', 'middling', 'short'] as const;
export type Reach = (typeof REACHES)[number];

/** Shares of the farthest distance from which each word holds. Assumed: the model's own uncertainty is larger than a step. */
const FROM: Readonly<Record<Reach, number>> = { farthest: 0.9, far: 0.7, middling: 0.45, short: 0 };

export const reachOf = (sightedM: number, farthestM: number): Reach =>
	farthestM <= 0 ? 'short' : REACHES.find((reach) => sightedM >= FROM[reach] * farthestM)!;

/** Something in a scene, as the screen shows it. */
export interface Shown {
	readonly id: string;
	readonly named: Named;
	readonly looked: Looked;
	readonly inHand: Rgb;
	readonly here: Rgb;
}

const idOf = ({ kind, colour, name }: Named): string => `${kind} ${name ?? colour}`;

const inHand = new WeakMap<Named['target'], Rgb>();

/** How something looks in the hand, whatever water is before it: worked out once. */
function inHandOf({ target }: Named): Rgb {
	const known = inHand.get(target) ?? inHandRgb(target.reflects);
	inHand.set(target, known);
	return known;
}

/** How many depths of a reading are remembered: what follows the hand later looks at where the swatches were before. */
const SCENES = 4;
let lately: { readonly reading: Reading; readonly scenes: QuickLRU<number, Scene> } | null = null;

/** The light at a depth (m) of a reading: the very same scene for what asks one after the other. */
export function sceneAt(reading: Reading, depthM: number): Scene {
	if (lately?.reading !== reading) lately = { reading, scenes: new QuickLRU({ maxSize: SCENES }) };
	return remembered(lately.scenes, depthM, () => sceneOfReading(reading, depthM));
}

const seen = new WeakMap<Scene, Map<View, WeakMap<Named, Shown>>>();

function rememberedIn(scene: Scene, view: View): WeakMap<Named, Shown> {
	const byView = seen.get(scene) ?? new Map<View, WeakMap<Named, Shown>>();
	seen.set(scene, byView);
	const byNamed = byView.get(view) ?? new WeakMap<Named, Shown>();
	byView.set(view, byNamed);
	return byNamed;
}

/** Things in a scene as they are shown; of a scene each is worked out once. */
export function shownIn(scene: Scene, named: readonly Named[], view: View): Shown[] {
	const remembered = rememberedIn(scene, view);
	return named.map((one) => {
		const shown = remembered.get(one) ?? {
			id: idOf(one),
			named: one,
			looked: lookedAt(one.target, scene, view),
			inHand: inHandOf(one),
			here: swatchRgb(one.target, scene)
		};
		remembered.set(one, shown);
		return shown;
	});
}

/** A stretch of the distances in which near ties stand level. */
export interface Level {
	readonly reach: Reach;
	readonly shown: readonly Shown[];
}

/** What is seen, in the words of how far; within a word bright ones before dark ones, then by name. */
export function levelsOf(shown: readonly Shown[]): Level[] {
	const farthestM = Math.max(0, ...shown.map(({ looked }) => looked.sightedM));
	const order = { bright: 0, dark: 1, blends: 2 } as const;
	return REACHES.map((reach) => ({
		reach,
		shown: shown
			.filter(({ looked }) => reachOf(looked.sightedM, farthestM) === reach)
			.toSorted((a, b) => order[a.looked.looks] - order[b.looked.looks] || a.id.localeCompare(b.id))
	})).filter(({ shown: held }) => held.length > 0);
}

/** Of some colors those that are told from a fixed one best, the best first, with the steps between them. */
export function besideBest(fixed: Named, others: readonly Named[], scene: Scene): { named: Named; steps: number }[] {
	const own = atWork(fixed.target, scene);
	return others
		.filter((one) => idOf(one) !== idOf(fixed))
		.map((named) => ({ named, steps: pairSteps(own, atWork(named.target, scene), fixed.target.sizeM, scene) }))
		.sort((a, b) => b.steps - a.steps);
}

export const css = ([r, g, b]: Rgb): string => `rgb(${r} ${g} ${b})`;
