import { isIn, isOneOf } from '../../foundation/basics/typed';
import type { ForageKind, SkirtColour } from '../../foundation/schema/words';
import { BAND_NM, spectrum, sumOf, type Spectrum } from './bands';

/** Something looked at: what it throws back, lets through and glows, per band; a mirror tumbles. */
export interface Target {
	readonly reflects: Spectrum;
	readonly passes: Spectrum;
	readonly mirror: boolean;
	/** What it glows with (1/nm), and how much of each band it takes for it; `null` where it does not glow. */
	readonly glow: { readonly gives: Spectrum; readonly takes: Spectrum } | null;
	/** How wide it is, m. */
	readonly sizeM: number;
	/** Spread (rad) of the facets that flash in the sun: 0 for what is dull. */
	readonly facets: number;
}

/** A color as steps and humps over a base (docs/SIGHT.md; generic shapes, assumed). */
interface Recipe {
	readonly base: number;
	/** Height, wavelength nm and width nm of each step up towards the red. */
	readonly steps?: readonly (readonly [number, number, number])[];
	/** Height, wavelength nm and width nm of each hump. */
	readonly humps?: readonly (readonly [number, number, number])[];
	/** How much light comes through. */
	readonly through?: number;
	/** Yield, then wavelength and width (nm) of what it takes and of what it gives. */
	readonly glow?: readonly [number, readonly [number, number], readonly [number, number]];
}

/** Skirts made of strands of others; every other skirt needs a recipe below, or this does not compile. */
type MixedSkirt = 'white-chartreuse' | 'black-blue' | 'perch';
type PlainSkirt = Exclude<SkirtColour, MixedSkirt | 'none'>;

const RECIPES = {
	white: { base: 0.3, steps: [[0.56, 408, 6]], through: 0.1 },
	pearl: { base: 0.28, steps: [[0.36, 408, 8]], humps: [[0.05, 450, 40]], through: 0.22 },
	chartreuse: { base: 0.06, steps: [[0.66, 500, 8]], through: 0.15, glow: [0.45, [455, 32], [518, 17]] },
	yellow: { base: 0.06, steps: [[0.68, 510, 10]], through: 0.12 },
	shad: { base: 0.26, humps: [[0.03, 470, 60]], through: 0.05 },
	sunfish: {
		base: 0.08,
		steps: [[0.09, 600, 18]],
		humps: [
			[0.07, 470, 28],
			[0.06, 560, 35]
		],
		through: 0.04
	},
	'green-pumpkin': { base: 0.05, steps: [[0.04, 625, 25]], humps: [[0.05, 560, 45]], through: 0.05 },
	watermelon: { base: 0.05, steps: [[0.06, 685, 10]], humps: [[0.11, 545, 36]], through: 0.07 },
	'brown-craw': { base: 0.045, steps: [[0.15, 600, 32]], through: 0.03 },
	'red-craw': { base: 0.04, steps: [[0.36, 607, 12]], through: 0.04 },
	red: { base: 0.04, steps: [[0.58, 612, 10]], through: 0.06 },
	orange: { base: 0.05, steps: [[0.62, 578, 11]], through: 0.08 },
	purple: { base: 0.035, steps: [[0.11, 645, 18]], humps: [[0.08, 435, 30]], through: 0.03 },
	blue: { base: 0.05, humps: [[0.33, 455, 36]], through: 0.06 },
	black: { base: 0.035 },
	'bait-shad': { base: 0.24, steps: [[0.05, 520, 50]], humps: [[0.04, 470, 60]] },
	'bait-sunfish': {
		base: 0.08,
		steps: [[0.1, 600, 25]],
		humps: [
			[0.05, 470, 30],
			[0.06, 560, 35]
		]
	},
	'bait-crayfish': { base: 0.05, steps: [[0.13, 600, 35]] },
	'bait-shiner': { base: 0.14, steps: [[0.24, 525, 35]] },
	'bait-goby': { base: 0.09, steps: [[0.11, 570, 60]] },
	nickel: { base: 0.5, steps: [[0.16, 560, 70]] },
	silver: { base: 0.88, steps: [[0.07, 430, 25]] },
	gold: { base: 0.39, steps: [[0.49, 518, 16]] },
	copper: {
		base: 0.44,
		steps: [
			[0.09, 500, 40],
			[0.36, 580, 12]
		]
	}
} as const satisfies Readonly<Record<string, Recipe> & Record<PlainSkirt, Recipe>>;
type Name = keyof typeof RECIPES;

/** Colors that are strands of others, by area. */
const MIXES: Readonly<Record<MixedSkirt, readonly (readonly [Name, number])[]>> = {
	'white-chartreuse': [
		['chartreuse', 0.5],
		['white', 0.5]
	],
	'black-blue': [
		['black', 0.75],
		['blue', 0.25]
	],
	perch: [
		['sunfish', 0.55],
		['yellow', 0.3],
		['black', 0.15]
	]
};

const DARKEST = 0.005;
const BRIGHTEST = 0.98;
const LURE_M = 0.06;
const BLADE_M = 0.035;
/** Spread of a smooth and of a hammered blade's facets, rad (assumed). */
const SMOOTH = 0.05;
const HAMMERED = 0.14;

function reflectance({ base, steps = [], humps = [] }: Recipe): Spectrum {
	return spectrum((_, nm) => {
		const up = steps.reduce((sum, [high, at, wide]) => sum + high / (1 + Math.exp(-(nm - at) / wide)), 0);
		const hump = humps.reduce((sum, [high, at, wide]) => sum + high * Math.exp(-0.5 * ((nm - at) / wide) ** 2), 0);
		return Math.min(BRIGHTEST, Math.max(DARKEST, base + up + hump));
	});
}

function glowOf({ glow }: Recipe): Target['glow'] {
	if (!glow) return null;
	const [yields, [takesAt, takesWide], [givesAt, givesWide]] = glow;
	const raw = spectrum((_, nm) => Math.exp(-0.5 * ((nm - givesAt) / givesWide) ** 2));
	const whole = sumOf((at) => raw[at]! * BAND_NM);
	return {
		gives: raw.map((value) => value / whole),
		takes: spectrum((_, nm) => yields * Math.exp(-0.5 * ((nm - takesAt) / takesWide) ** 2))
	};
}

/** Something dull of a lure's size that throws so much back and lets a share of its brightest band through. */
export function ofReflectance(given: Spectrum, through: number): Target {
	const reflects = given.map((value) => Math.min(BRIGHTEST, Math.max(DARKEST, value)));
	const most = Math.max(...reflects);
	const passes = reflects.map((value) => (through * value) / most);
	return { reflects, passes, mirror: false, glow: null, sizeM: LURE_M, facets: 0 };
}

const dull = (recipe: Recipe): Target => ({
	...ofReflectance(reflectance(recipe), recipe.through ?? 0),
	glow: glowOf(recipe)
});

/** Strands beside each other: what they throw back and glow by their share of the area. */
export function mixed(strands: readonly (readonly [Target, number])[]): Target {
	const mean = (of: (target: Target) => Spectrum): Spectrum =>
		spectrum((at) => strands.reduce((sum, [target, share]) => sum + share * of(target)[at]!, 0));
	const glowing = strands.filter(([target]) => target.glow !== null);
	return {
		...strands[0]![0],
		reflects: mean(({ reflects }) => reflects),
		passes: mean(({ passes }) => passes),
		// One dye is known that glows: what it gives is the same in every strand.
		glow: glowing[0]
			? {
					gives: glowing[0][0].glow!.gives,
					takes: spectrum((at) => glowing.reduce((sum, [target, share]) => sum + share * target.glow!.takes[at]!, 0))
				}
			: null
	};
}

const dullOf = (name: string): Target | null => {
	if (isIn(MIXES, name)) return mixed(MIXES[name].map(([strand, share]) => [dull(RECIPES[strand]), share]));
	return isIn(RECIPES, name) ? dull(RECIPES[name]) : null;
};

/** Forage by the contract's kinds; fry is taken as shad, at half contrast it is not modeled. */
const FORAGE: Readonly<Record<ForageKind, string>> = {
	'silver-baitfish': 'bait-shad',
	fry: 'bait-shad',
	sunfish: 'bait-sunfish',
	crayfish: 'bait-crayfish',
	'golden-shiner': 'bait-shiner',
	'bottom-fish': 'bait-goby',
	perch: 'perch'
};
const METALS = ['nickel', 'silver', 'gold', 'copper'] as const;

export const TARGET_KINDS = ['skirt', 'trailer', 'blade', 'forage'] as const;
export type TargetKind = (typeof TARGET_KINDS)[number];

function bladeOf(finish: string, hammered: boolean): Target | null {
	if (isOneOf(METALS, finish)) {
		const reflects = reflectance(RECIPES[finish]);
		const none = spectrum(() => 0);
		return { reflects, passes: none, mirror: true, glow: null, sizeM: BLADE_M, facets: hammered ? HAMMERED : SMOOTH };
	}
	const paint = dullOf(finish);
	return paint && { ...paint, passes: spectrum(() => 0), sizeM: BLADE_M };
}

/**
 * Something looked at by its kind and color (a blade's finish); `null` for what is not judged, as clear plastic or no skirt.
 *
 * @param hammered Whether a metal blade is hammered: its flashes are wider and weaker.
 */
export function targetOf(kind: TargetKind, colour: string, hammered = false): Target | null {
	if (kind === 'blade') return bladeOf(colour, hammered);
	if (kind !== 'forage') return dullOf(colour);
	const target = isIn(FORAGE, colour) ? dullOf(FORAGE[colour]) : null;
	return target && { ...target, passes: spectrum(() => 0) };
}
