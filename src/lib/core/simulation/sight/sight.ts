import type { Reading } from '../../water/reading/complete';
import { completeReading } from '../../water/reading/complete';
import { InputFailure, parseWith } from '../../foundation/schema/failure';
import {
	sightOfReadingSchema,
	sightOfWaterSchema,
	type Sight,
	type SightOfReading,
	type SightOfWater,
	type SightTarget
} from '../../foundation/schema/sight';
import { FINISHES, FORAGE_KINDS, SKIRT_COLOURS } from '../../foundation/schema/words';
import { flashOf, lookedAt, lookOf, matchOf, pairSteps, radianceOf, Seeing, type Contrast } from './contrast';
import { sceneOf, type Scene } from './scene';
import { skyInputOf } from './ofReading';
import { targetOf, type Target, type TargetKind } from './targets';
import { lightRgb, waterRgb } from './swatch';
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
	/** What the angler calls it, where it is of their own. */
	readonly name?: string;
	readonly target: Target;
}

const named = (kind: TargetKind, colour: string, hammered = false): Named | null => {
	const target = targetOf(kind, colour, hammered);
	return target && { kind, colour, target };
};

const everyForage = (): Named[] => FORAGE_KINDS.map((colour) => named('forage', colour)).filter((one) => one !== null);

/** Every skirt, finish and forage that is judged. */
export const everyTarget = (): Named[] =>
	[
		...SKIRT_COLOURS.map((colour) => named('skirt', colour)),
		...FINISHES.map((colour) => named('blade', colour)),
		...everyForage()
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

const nameOf = ({ kind, colour }: Pick<Named, 'kind' | 'colour'>) => ({ kind, colour });

type SeenTarget = Sight['targets'][number];

/** Something as it is seen from every side, and as it stands out at the distance at which things are compared. */
interface Shown {
	readonly row: SeenTarget;
	readonly sizeM: number;
	readonly work: Contrast;
}

function shown(one: Named, scene: Scene): Shown {
	const { target } = one;
	const light = radianceOf(target, scene, 'side');
	const level = new Seeing(scene, 'side', light, target.sizeM);
	const row: SeenTarget = {
		kind: one.kind,
		colour: one.colour,
		side: lookOf(level),
		below: lookedAt(target, scene, 'below'),
		above: lookedAt(target, scene, 'above'),
		rgb: lightRgb(light, scene)
	};
	if (target.mirror) row.flash = flashOf(target, scene);
	return { row, sizeM: target.sizeM, work: level.atWork };
}

/** The two that are best told from each other. */
function bestPair(lures: readonly Shown[], scene: Scene): Sight['pair'] {
	let best: Sight['pair'] = null;
	for (const [at, a] of lures.entries()) {
		for (const b of lures.slice(at + 1)) {
			const steps = pairSteps(a.work, b.work, a.sizeM, scene);
			if (!best || steps > best.steps) best = { a: nameOf(a.row), b: nameOf(b.row), steps };
		}
	}
	return best;
}

/** How like each forage every lure is, the likest first. */
function matches(lures: readonly SeenTarget[], baits: readonly SeenTarget[], scene: Scene): Sight['match'] {
	return Object.fromEntries(
		baits.map((bait) => {
			const found = lures.map(({ kind, colour, side }) => ({
				kind,
				colour,
				match: matchOf(side, bait.side, scene.eye.cones)
			}));
			return [bait.colour, found.sort((a, b) => b.match - a.match)];
		})
	);
}

/** How things show in a scene, to a bass and to a person. */
export function sightIn(scene: Scene, all: readonly Named[]): Sight {
	const rows = all.map((one) => shown(one, scene));
	const lures = rows.filter(({ row }) => row.kind !== 'forage');
	const given = rows.filter(({ row }) => row.kind === 'forage');
	const baits = given.length > 0 ? given : everyForage().map((one) => shown(one, scene));
	const lureRows = lures.map(({ row }) => row);
	const ranked = (view: 'side' | 'below') =>
		lureRows.toSorted((a, b) => b[view].sightedM - a[view].sightedM).map(nameOf);
	return {
		lightLux: scene.eye.lux,
		coneWeight: scene.eye.cones,
		discM: scene.water.discM,
		lightLeft: scene.eye.share,
		waterRgb: waterRgb(scene),
		targets: rows.map(({ row }) => row),
		ranking: { side: ranked('side'), below: ranked('below') },
		pair: bestPair(lures, scene),
		match: matches(
			lureRows,
			baits.map(({ row }) => row),
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
