import {
	backdropOf,
	behindOf,
	LOOKS,
	NODES,
	RED_ROW,
	ROD_ROW,
	rowsOf,
	WORKING_SHARE,
	type Backdrop,
	type View
} from './backdrop';
import { BAND_NM, BANDS, blank, spectrum, sumOf, type Spectrum } from './bands';
import { BRIGHTNESS } from './eye';
import type { Scene } from './scene';
import { WATER_INDEX } from './sky';
import type { Target } from './targets';

/** How something differs from what is behind it, for the eye of a bass. */
export interface Contrast {
	/** Brightness over that of the water behind, less one. */
	readonly contrast: number;
	/** Difference of hue, natural logs of red over green. */
	readonly hue: number;
}

/** Least step of hue that is told in good light: the unit in which colors are counted. */
const HUE_STEP = 0.05 * Math.sqrt(3);
/** Nothing is darker than this share of what is behind it. */
const DARKEST = 0.05;
/** Something is bright or dark from this contrast on (assumed). */
const CLASS = 0.25;
/** What is smaller than this is told worse, rad (half a degree; assumed). */
const SMALL_RAD = (0.5 * Math.PI) / 180;

/** Brightness (photons per steradian) of a target at no distance, seen from somewhere. */
export function radianceOf(target: Target, { field, here }: Scene, view: View): Spectrum {
	const { reflects, passes, mirror, glow } = target;
	if (mirror) return mirrored(reflects, field.l0, here);
	const [front, back] = [field[LOOKS[view].front], field[LOOKS[view].back]];
	const light = blank();
	for (let at = 0; at < BANDS; at++) {
		light[at] = ((reflects[at]! * front[at]! + passes[at]! * back[at]!) * here[at]!) / Math.PI;
	}
	if (!glow) return light;
	const taken = sumOf((at) => glow.takes[at]! * front[at]! * here[at]! * BAND_NM);
	for (let at = 0; at < BANDS; at++) light[at]! += (glow.gives[at]! * taken) / Math.PI;
	return light;
}

/** What metal shows of a light around it (a share of what comes down there). */
function mirrored(reflects: Spectrum, around: Spectrum, here: Spectrum): Spectrum {
	const light = blank();
	for (let at = 0; at < BANDS; at++) light[at] = reflects[at]! * around[at]! * here[at]!;
	return light;
}

function less(light: Spectrum, behind: Spectrum): Spectrum {
	const excess = blank();
	for (let at = 0; at < BANDS; at++) excess[at] = light[at]! - behind[at]!;
	return excess;
}

/** What a receptor makes of an excess over the water behind. */
function weighed(weights: Float64Array, from: number, excess: Spectrum): number {
	let sum = 0;
	for (let at = 0; at < BANDS; at++) sum += weights[from + at]! * excess[at]!;
	return sum;
}

/** How something is seen from some way off, worked out for many distances. */
export class Seeing {
	readonly #scene: Scene;
	readonly #backdrop: Backdrop;
	readonly #excess: Spectrum;
	readonly #sizeM: number;
	readonly #view: View;

	constructor(scene: Scene, view: View, radiance: Spectrum, sizeM: number) {
		this.#scene = scene;
		this.#view = view;
		this.#backdrop = backdropOf(scene, view);
		this.#excess = less(radiance, this.#backdrop.behind);
		this.#sizeM = sizeM;
	}

	/** The contrast at no distance. */
	get near(): Contrast {
		return this.#by(this.#backdrop.weights, 0);
	}

	/** The contrast at the distance at which things are compared. */
	get atWork(): Contrast {
		return this.#by(this.#backdrop.work, 0);
	}

	/** The contrast by what each receptor makes of each band, which begins somewhere in a row of weights. */
	#by(weights: Float64Array, from: number): Contrast {
		const { cones } = this.#scene.eye;
		const green = weighed(weights, from, this.#excess);
		const red = weighed(weights, from + RED_ROW, this.#excess);
		const rod = weighed(weights, from + ROD_ROW, this.#excess);
		return {
			contrast: (cones * (green + 2 * red)) / 3 + (1 - cones) * rod,
			hue: Math.log(Math.max(DARKEST, 1 + red) / Math.max(DARKEST, 1 + green))
		};
	}

	/**
	 * The first node from afar at which it could be seen at all, and one more: were every band's excess to pull one way, no
	 * receptor would have more than this of it.
	 */
	get #from(): number {
		const { cones, leastContrast, leastHue } = this.#scene.eye;
		const { weights, reach } = this.#backdrop;
		let most = 0;
		for (const row of [0, RED_ROW, ROD_ROW]) {
			let sum = 0;
			for (let at = 0; at < BANDS; at++) sum += Math.abs(weights[row + at]! * this.#excess[at]!);
			if (sum > most) most = sum;
		}
		// Hue is at most the log of (1 + most) / (1 - most), twice the inverse hyperbolic tangent.
		const least = Math.min(leastContrast, Math.tanh(leastHue / (2 * cones)));
		let node = NODES - 1;
		while (node > 0 && most * reach[node]! < least) node--;
		return Math.min(NODES - 1, node + 1);
	}

	/** Farthest (m) that it is seen, by brightness or by hue: looked for from afar. */
	get farthestM(): number {
		const { eye } = this.#scene;
		const { stepM, weights } = this.#backdrop;
		// How many times over the least that is told it was one node farther off; seen from 1 on.
		let [fainter, paler] = [1, 1];
		for (let node = this.#from; node >= 0; node--) {
			const { contrast, hue } = this.#by(weights, rowsOf(node));
			const small = 1 + ((node * stepM) / (this.#sizeM / SMALL_RAD)) ** 2;
			const brightness = Math.abs(contrast) / (eye.leastContrast * small);
			const hues = eye.cones < LEAST_CONES ? 0 : (eye.cones * Math.abs(hue)) / (eye.leastHue * small);
			if (brightness >= 1 || hues >= 1) {
				const beyond = node === NODES - 1 ? 0 : Math.max(beyondOf(brightness, fainter), beyondOf(hues, paler));
				return this.#capped((node + beyond) * stepM);
			}
			[fainter, paler] = [brightness, hues];
		}
		return 0;
	}

	/** Nothing is looked at from above the surface or from under the bottom. */
	#capped(farthestM: number): number {
		const { depthM, bottomM } = this.#scene;
		if (this.#view === 'above') return Math.min(farthestM, depthM);
		if (this.#view === 'below' && bottomM !== null) return Math.min(farthestM, Math.max(0, bottomM - depthM));
		return farthestM;
	}
}

/** By so few cones (share) no hue is told. */
const LEAST_CONES = 0.02;

/** How far on the way to the next node (share) a ratio comes down through 1, by the logs of both; 0 where it is under 1. */
function beyondOf(here: number, next: number): number {
	if (here < 1 || next <= 0) return 0;
	return Math.log(here) / (Math.log(here) - Math.log(next));
}

export const LOOKS_LIKE = ['bright', 'dark', 'blends'] as const;

/** How something looks from somewhere. */
export interface Looked {
	readonly contrast: number;
	/** Steps of hue from the water behind it; above zero redder. */
	readonly colourSteps: number;
	readonly sightedM: number;
	readonly looks: (typeof LOOKS_LIKE)[number];
}

/** How something looks that is seen so. */
export function lookOf(seeing: Seeing): Looked {
	const { contrast, hue } = seeing.near;
	const looks = contrast > CLASS ? 'bright' : contrast < -CLASS ? 'dark' : 'blends';
	return { contrast, colourSteps: hue / HUE_STEP, sightedM: seeing.farthestM, looks };
}

/** A target from one side, in a scene. */
export const lookedAt = (target: Target, scene: Scene, view: View): Looked =>
	lookOf(new Seeing(scene, view, radianceOf(target, scene, view), target.sizeM));

/** How a metal blade flashes: the bright window overhead in it, and the sun on a facet. */
export interface Flash {
	readonly contrast: number;
	readonly sightedM: number;
	/** Share of the time that it shows the window. */
	readonly share: number;
	/** Contrast of the sun's own flash from the side, and its share of the time; zero without a sun. */
	readonly sunContrast: number;
	readonly sunShare: number;
}

const WINDOW_SHARE = (1 - Math.sqrt(1 - 1 / WATER_INDEX ** 2)) / 2;
/** How much of the scattering takes from the sun's flash, smooth and hammered (assumed). */
const SMOOTH_LOSS = 0.5;
const HAMMERED_LOSS = 0.35;
const HAMMERED_FROM = 0.1;

export function flashOf(target: Target, scene: Scene): Flash {
	const { field, here, under, sky, water, depthM } = scene;
	const window = mirrored(target.reflects, field.lw, here);
	const seeing = new Seeing(scene, 'side', window, target.sizeM);
	const solid = 2 * Math.PI * (2 * target.facets) ** 2;
	const loss = target.facets > HAMMERED_FROM ? HAMMERED_LOSS : SMOOTH_LOSS;
	const sun = spectrum((at) => {
		const left = Math.exp((-(water.absorbs[at]! + loss * water.backscatters[at]!) * depthM) / sky.beamCosine);
		return (target.reflects[at]! * (sky.beam / sky.beamCosine) * under[at]! * left) / solid;
	});
	const behind = behindOf(scene, 'side');
	const bright = (light: Spectrum): number => sumOf((at) => BRIGHTNESS[at]! * light[at]!);
	return {
		contrast: seeing.near.contrast,
		sightedM: seeing.farthestM,
		share: WINDOW_SHARE,
		sunContrast: bright(sun) / bright(behind),
		sunShare: sky.beam > 0 ? solid / (4 * Math.PI) : 0
	};
}

/** A target as it is seen from a working distance. */
export function atWork(target: Target, scene: Scene): Contrast {
	return new Seeing(scene, 'side', radianceOf(target, scene, 'side'), target.sizeM).atWork;
}

/** How well two colors (of a size in m) are told from each other at a working distance; under 1 they are not. */
export function pairSteps(first: Contrast, second: Contrast, sizeM: number, scene: Scene): number {
	const rangeM = WORKING_SHARE * scene.water.discM;
	const { leastContrast, leastHue, cones } = scene.eye;
	const small = 1 + (rangeM / (sizeM / SMALL_RAD / 2)) ** 2;
	const brightness = (first.contrast - second.contrast) / (leastContrast * small);
	const hue = (cones * (first.hue - second.hue)) / (leastHue * small);
	return Math.sqrt(brightness ** 2 + hue ** 2);
}

/** How like a forage something is from the side, 0 to 1 (assumed), for an eye that sees so far by cones. */
export function matchOf(own: Looked, bait: Looked, cones: number): number {
	const lit = ({ contrast }: Looked): number => Math.log(Math.max(DARKEST, 1 + contrast));
	const brightness = (lit(own) - lit(bait)) / 0.35;
	const hue = (cones * (own.colourSteps - bait.colourSteps)) / 4;
	return Math.exp(-0.5 * (brightness ** 2 + hue ** 2));
}
