import { BAND_NM, BANDS, spectrum, sumOf, type Spectrum } from './bands';
import { BRIGHTNESS, EYE } from './eye';
import type { Scene } from './scene';
import { WATER_INDEX } from './sky';
import type { Target } from './targets';

/** From where something is looked at: level, from under it, from over it. */
export const VIEWS = ['side', 'below', 'above'] as const;
export type View = (typeof VIEWS)[number];

/** What lies behind it, what lights the half that is seen and the half that is not, and how the background changes. */
const LOOKS = {
	side: { behind: 'lh', front: 'es', back: 'es', slope: 0 },
	below: { behind: 'lz', front: 'eb', back: 'ea', slope: 1 },
	above: { behind: 'lu', front: 'ea', back: 'eb', slope: -1 }
} as const;

/** How something differs from what is behind it, for the eye of a bass. */
export interface Contrast {
	/** Brightness over that of the water behind, less one. */
	readonly contrast: number;
	/** Difference of hue, natural logs of red over green. */
	readonly hue: number;
}

/** Least step of hue that is told in good light: the unit in which colours are counted. */
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
	if (mirror) return spectrum((at) => reflects[at]! * field.l0[at]! * here[at]!);
	const { front, back } = LOOKS[view];
	const taken = glow ? sumOf((at) => glow.takes[at]! * field[front][at]! * here[at]! * BAND_NM) : 0;
	return spectrum(
		(at) =>
			((reflects[at]! * field[front][at]! + passes[at]! * field[back][at]!) * here[at]! +
				(glow ? glow.gives[at]! * taken : 0)) /
			Math.PI
	);
}

/** Brightness of the water behind, as it is seen from somewhere at a target's depth. */
export const behindOf = ({ field, here }: Scene, view: View): Spectrum =>
	spectrum((at) => field[LOOKS[view].behind][at]! * here[at]!);

/** How something is seen from some way off, worked out for many distances. */
export class Seeing {
	readonly #scene: Scene;
	readonly #slope: number;
	readonly #excess: Spectrum;
	readonly #behind: Spectrum;
	readonly #sizeM: number;
	readonly #view: View;

	constructor(scene: Scene, view: View, radiance: Spectrum, sizeM: number) {
		this.#scene = scene;
		this.#view = view;
		this.#slope = LOOKS[view].slope;
		this.#behind = behindOf(scene, view);
		this.#excess = spectrum((at) => radiance[at]! - this.#behind[at]!);
		this.#sizeM = sizeM;
	}

	/** @param rangeM How far off it is, m. */
	at(rangeM: number): Contrast {
		const { water, loss, eye } = this.#scene;
		const sums = [0, 0, 0, 0, 0, 0] as [number, number, number, number, number, number];
		for (let at = 0; at < BANDS; at++) {
			const seen = this.#excess[at]! * Math.exp(-water.attenuates[at]! * rangeM);
			const behind = this.#behind[at]! * (this.#slope === 0 ? 1 : Math.exp(-this.#slope * loss[at]! * rangeM));
			sums[0] += EYE.green[at]! * seen;
			sums[1] += EYE.green[at]! * behind;
			sums[2] += EYE.red[at]! * seen;
			sums[3] += EYE.red[at]! * behind;
			sums[4] += EYE.rod[at]! * seen;
			sums[5] += EYE.rod[at]! * behind;
		}
		const [green, red, rod] = [sums[0] / sums[1], sums[2] / sums[3], sums[4] / sums[5]];
		return {
			contrast: (eye.cones * (green + 2 * red)) / 3 + (1 - eye.cones) * rod,
			hue: Math.log(Math.max(DARKEST, 1 + red) / Math.max(DARKEST, 1 + green))
		};
	}

	/** How many times over the least that is told: by brightness, and by hue; seen from 1 on. */
	over(rangeM: number): { readonly brightness: number; readonly hue: number } {
		const { eye } = this.#scene;
		const { contrast, hue } = this.at(rangeM);
		const small = 1 + (rangeM / (this.#sizeM / SMALL_RAD)) ** 2;
		return {
			brightness: Math.abs(contrast) / (eye.leastContrast * small),
			hue: eye.cones < 0.02 ? 0 : (eye.cones * Math.abs(hue)) / (eye.leastHue * small)
		};
	}

	/** Farthest (m) that it is seen by brightness, by hue, and at all. */
	get sighted(): { readonly brightnessM: number; readonly hueM: number; readonly farthestM: number } {
		const step = this.#stepM;
		const nodes = Array.from({ length: NODES }, (_, at) => this.over(at * step));
		const brightnessM = farthest(nodes.map(({ brightness }) => brightness)) * step;
		const hueM = farthest(nodes.map(({ hue }) => hue)) * step;
		return { brightnessM, hueM, farthestM: this.#capped(Math.max(brightnessM, hueM)) };
	}

	get #stepM(): number {
		const { attenuates } = this.#scene.water;
		const least = Math.min(...attenuates.slice(VISIBLE_FROM, VISIBLE_TO + 1));
		return ((9 / least) * (this.#view === 'below' ? 1.5 : 1)) / (NODES - 1);
	}

	/** Nothing is looked at from above the surface or from under the bottom. */
	#capped(farthestM: number): number {
		const { depthM, bottomM } = this.#scene;
		if (this.#view === 'above') return Math.min(farthestM, depthM);
		if (this.#view === 'below' && bottomM !== null) return Math.min(farthestM, Math.max(0, bottomM - depthM));
		return farthestM;
	}
}

/** Distances that are looked at, and the bands (450 to 650 nm) by which they are spread. */
const NODES = 33;
const VISIBLE_FROM = 5;
const VISIBLE_TO = 25;

/** Where a row of ratios, by distance, last comes down through 1, in steps; between two of them by their logs. */
function farthest(ratios: readonly number[]): number {
	const last = ratios.findLastIndex((ratio) => ratio >= 1);
	if (last < 0) return 0;
	const [inside, outside] = [ratios[last]!, ratios[last + 1]];
	if (outside === undefined) return last;
	if (outside <= 0) return last;
	return last + Math.log(inside) / (Math.log(inside) - Math.log(outside));
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

/** A target from one side, in a scene. */
export function lookedAt(target: Target, scene: Scene, view: View): Looked {
	const seeing = new Seeing(scene, view, radianceOf(target, scene, view), target.sizeM);
	const { contrast, hue } = seeing.at(0);
	const looks = contrast > CLASS ? 'bright' : contrast < -CLASS ? 'dark' : 'blends';
	return { contrast, colourSteps: hue / HUE_STEP, sightedM: seeing.sighted.farthestM, looks };
}

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
	const window = spectrum((at) => target.reflects[at]! * field.lw[at]! * here[at]!);
	const seeing = new Seeing(scene, 'side', window, target.sizeM);
	const solid = 2 * Math.PI * (2 * target.facets) ** 2;
	const part = target.facets > HAMMERED_FROM ? HAMMERED_LOSS : SMOOTH_LOSS;
	const sun = spectrum((at) => {
		const left = Math.exp((-(water.absorbs[at]! + part * water.backscatters[at]!) * depthM) / sky.beamCosine);
		return (target.reflects[at]! * (sky.beam / sky.beamCosine) * under[at]! * left) / solid;
	});
	const behind = behindOf(scene, 'side');
	const bright = (light: Spectrum): number => sumOf((at) => BRIGHTNESS[at]! * light[at]!);
	return {
		contrast: seeing.at(0).contrast,
		sightedM: seeing.sighted.farthestM,
		share: WINDOW_SHARE,
		sunContrast: bright(sun) / bright(behind),
		sunShare: sky.beam > 0 ? solid / (4 * Math.PI) : 0
	};
}

/** Distance (m) at which things are compared: a share of what is seen (assumed). */
const WORKING_SHARE = 0.4;

/** A target as it is seen from a working distance. */
export function atWork(target: Target, scene: Scene): Contrast {
	const rangeM = WORKING_SHARE * scene.water.discM;
	return new Seeing(scene, 'side', radianceOf(target, scene, 'side'), target.sizeM).at(rangeM);
}

/** How well two colours (of a size in m) are told from each other at a working distance; under 1 they are not. */
export function pairSteps(first: Contrast, second: Contrast, sizeM: number, scene: Scene): number {
	const rangeM = WORKING_SHARE * scene.water.discM;
	const { leastContrast, leastHue, cones } = scene.eye;
	const small = 1 + (rangeM / (sizeM / SMALL_RAD / 2)) ** 2;
	return Math.hypot(
		(first.contrast - second.contrast) / (leastContrast * small),
		(cones * (first.hue - second.hue)) / (leastHue * small)
	);
}

/** How like a forage something is from the side, 0 to 1 (assumed), for an eye that sees so far by cones. */
export function matchOf(own: Looked, bait: Looked, cones: number): number {
	const lit = ({ contrast }: Looked): number => Math.log(Math.max(DARKEST, 1 + contrast));
	const brightness = (lit(own) - lit(bait)) / 0.35;
	const hue = (cones * (own.colourSteps - bait.colourSteps)) / 4;
	return Math.exp(-0.5 * (brightness ** 2 + hue ** 2));
}
