import type { Reading } from '../reading/complete';
import { completeReading } from '../reading/complete';
import { InputFailure, parseWith } from '../schema/failure';
import {
	sightOfReadingSchema,
	sightOfWaterSchema,
	type Sight,
	type SightOfReading,
	type SightOfWater,
	type SightTarget
} from '../schema/sight';
import { FINISHES, FORAGE_KINDS, SKIRT_COLOURS } from '../schema/words';
import { atWork, flashOf, lookedAt, matchOf, pairSteps, VIEWS, type View } from './contrast';
import { sceneOf, type Scene } from './scene';
import { skyInputOf } from './ofReading';
import { targetOf, type Target, type TargetKind } from './targets';
import { swatchRgb, waterRgb } from './swatch';
import { waterOf } from './water';

/** The light where the fish of a reading are: in the middle of their band, unless another depth (m) is asked for. */
export function sceneOfReading(reading: Reading, depthM?: number): Scene {
	const water = waterOf(reading.stain, reading.visibilityM, 'lure');
	const middle = (reading.fishFromM + reading.fishToM) / 2;
	return sceneOf(water, skyInputOf(reading), depthM ?? middle, reading.bottomM);
}

/** Something looked at, with its name. */
export interface Named {
	readonly kind: TargetKind;
	readonly colour: string;
	readonly target: Target;
}

const named = (kind: TargetKind, colour: string, hammered = false): Named | null => {
	const target = targetOf(kind, colour, hammered);
	return target && { kind, colour, target };
};

/** Every skirt, finish and forage that is judged. */
export const everyTarget = (): Named[] =>
	[
		...SKIRT_COLOURS.map((colour) => named('skirt', colour)),
		...FINISHES.map((colour) => named('blade', colour)),
		...FORAGE_KINDS.map((colour) => named('forage', colour))
	].filter((one) => one !== null);

function asked(targets: readonly SightTarget[]): Named[] {
	return targets.map((one, index) => {
		const colour = one.kind === 'blade' ? (one.colour ?? one.finish ?? '') : one.colour;
		const found = named(one.kind, colour, one.kind === 'blade' && one.texture === 'hammered');
		if (found) return found;
		const message = `A ${one.kind} of “${colour}” is not judged.`;
		throw new InputFailure({ code: 'invalid', path: `targets.${index}`, message });
	});
}

const nameOf = ({ kind, colour }: Named) => ({ kind, colour });

/** The two that are best told from each other. */
function bestPair(all: readonly Named[], scene: Scene): Sight['pair'] {
	const shown = all.map((one) => ({ one, contrast: atWork(one.target, scene) }));
	let best: Sight['pair'] = null;
	for (const [at, a] of shown.entries()) {
		for (const b of shown.slice(at + 1)) {
			const steps = pairSteps(a.contrast, b.contrast, a.one.target.sizeM, scene);
			if (!best || steps > best.steps) best = { a: nameOf(a.one), b: nameOf(b.one), steps };
		}
	}
	return best;
}

type SeenTarget = Sight['targets'][number];

function matches(lures: readonly SeenTarget[], baits: readonly Named[], scene: Scene): Sight['match'] {
	return Object.fromEntries(
		baits.map(({ colour, target }) => {
			const bait = lookedAt(target, scene, 'side');
			const found = lures.map(({ kind, colour: own, side }) => ({
				kind,
				colour: own,
				match: matchOf(side, bait, scene.eye.cones)
			}));
			return [colour, found.sort((a, b) => b.match - a.match)];
		})
	);
}

function seen(one: Named, scene: Scene): Sight['targets'][number] {
	const views = Object.fromEntries(VIEWS.map((view) => [view, lookedAt(one.target, scene, view)])) as Record<
		View,
		Sight['targets'][number]['side']
	>;
	const flash = one.target.mirror ? { flash: flashOf(one.target, scene) } : {};
	return { ...nameOf(one), ...views, ...flash, rgb: swatchRgb(one.target, scene) };
}

/** How things show in a scene, to a bass and to a person. */
export function sightIn(scene: Scene, all: readonly Named[]): Sight {
	const targets = all.map((one) => seen(one, scene));
	const lures = all.filter(({ kind }) => kind !== 'forage');
	const given = all.filter(({ kind }) => kind === 'forage');
	const baits = given.length > 0 ? given : everyTarget().filter(({ kind }) => kind === 'forage');
	const ranked = (view: 'side' | 'below') =>
		targets
			.filter(({ kind }) => kind !== 'forage')
			.toSorted((a, b) => b[view].sightedM - a[view].sightedM)
			.map(({ kind, colour }) => ({ kind, colour }));
	return {
		lightLux: scene.eye.lux,
		coneWeight: scene.eye.cones,
		discM: scene.water.discM,
		lightLeft: scene.eye.share,
		waterRgb: waterRgb(scene),
		targets,
		ranking: { side: ranked('side'), below: ranked('below') },
		pair: bestPair(lures, scene),
		match: matches(
			targets.filter(({ kind }) => kind !== 'forage'),
			baits,
			scene
		),
		clamped: scene.water.clamped
	};
}

function ofWater({ water, sky, depthM, bottomM, targets }: SightOfWater): Sight {
	const scene = sceneOf(waterOf(water.stain, water.visibilityM, water.kind ?? 'lure'), sky, depthM, bottomM ?? null);
	return sightIn(scene, targets ? asked(targets) : everyTarget());
}

function ofReading({ reading, depthM, targets }: SightOfReading): Sight {
	return sightIn(sceneOfReading(completeReading(reading), depthM), targets ? asked(targets) : everyTarget());
}

/** `sight` on raw input: a water and a sky, or a reading; checks it, then answers. */
export function answerSight(input: unknown): Sight {
	const isReading = typeof input === 'object' && input !== null && 'reading' in input;
	return isReading ? ofReading(parseWith(sightOfReadingSchema, input)) : ofWater(parseWith(sightOfWaterSchema, input));
}
