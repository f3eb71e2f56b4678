import { mapThree } from '../../foundation/basics/typed';
import { BANDS, BASE, daylight, spectrum, type Spectrum } from './bands';
import { eyeAt } from './eye';
import { levelAt, placesAt } from './field';
import { skyOf, type SkyInput } from './sky';
import { SRGB, type Matrix, type Three } from './srgb';
import { diffuseLoss, type Water } from './water';

/** Bradford's cone response and back (docs/SIGHT.md). */
const BRADFORD: Matrix = [
	[0.8951, 0.2664, -0.1614],
	[-0.7502, 1.7135, 0.0367],
	[0.0389, -0.0685, 1.0296]
];
const BACK: Matrix = [
	[0.9869929, -0.1470543, 0.1599627],
	[0.4323053, 0.5183603, 0.0492912],
	[-0.0085287, 0.0400428, 0.9684867]
];
const dot = (row: Three, of: Three): number => row[0] * of[0] + row[1] * of[1] + row[2] * of[2];
const times = ([first, second, third]: Matrix, of: Three): Three => [dot(first, of), dot(second, of), dot(third, of)];
const D65 = times(BRADFORD, [0.95047, 1, 1.08883]);
/** How far the eye of a person gets used to the water's color, and within what limits (assumed). */
const USED = 0.3;
const [LEAST_GAIN, MOST_GAIN] = [0.4, 2.5];
/** How much darker a picture of the deep is than of the surface (assumed). */
const DEEP = 0.15;
const LIT = 0.9;
/** What the eye of a person makes of a photon of each band: the observer's tables are of energy. */
const PER_PHOTON = mapThree(['x', 'y', 'z'] as const, (key) => spectrum((at, nm) => BASE[key][at]! / nm));
const xyz = (photons: Spectrum): Three =>
	mapThree(PER_PHOTON, (row) => {
		let sum = 0;
		for (let at = 0; at < BANDS; at++) sum += row[at]! * photons[at]!;
		return sum;
	});

const curve = (value: number): number => (value <= 0.0031308 ? 12.92 * value : 1.055 * value ** (1 / 2.4) - 0.055);

export type Rgb = [number, number, number];

/** What a person down there is used to: the light that comes down, what a dull ball shows of it, and how much is left. */
export interface Seen {
	readonly field: { readonly es: Spectrum };
	readonly here: Spectrum;
	readonly eye: { readonly share: number };
}

/** Linear channels as a screen shows them, what is too bright mixed towards gray of the same lightness. */
function shown(linear: Three, lightness: number): Rgb {
	const grey = Math.min(1, Math.max(0, lightness));
	const most = Math.max(...linear);
	// As much gray as brings the largest back to 1.
	const share = most <= 1 ? 0 : most > grey ? (most - 1) / (most - grey) : 1;
	return mapThree(linear, (value) => {
		const held = Math.min(1, value + share * (grey - value));
		return Math.round(255 * curve(held));
	});
}

/** Gain of each of Bradford's cones that a person down there is used to, over the lightness of white there. */
const gains = new WeakMap<Seen, Three>();

function gainOf(scene: Seen): Three {
	const known = gains.get(scene);
	if (known) return known;
	const { field, here } = scene;
	const white = xyz(spectrum((at) => (here[at]! * field.es[at]!) / Math.PI));
	const cones = times(
		BRADFORD,
		mapThree(white, (value) => value / white[1])
	);
	const made = mapThree(cones, (cone, at) => {
		const gain = cone > 1e-6 ? Math.min(MOST_GAIN, Math.max(LEAST_GAIN, D65[at] / cone)) : MOST_GAIN;
		return (1 - USED + USED * gain) / white[1];
	});
	gains.set(scene, made);
	return made;
}

/** Color (sRGB, 0 to 255) in which a person down there would see a light of these photons. */
export function rgbOf(photons: Spectrum, scene: Seen): Rgb {
	const gain = gainOf(scene);
	const adapted = mapThree(times(BRADFORD, xyz(photons)), (value, at) => value * gain[at]);
	const light = LIT * Math.max(DEEP, scene.eye.share ** DEEP);
	const [x, y, z] = mapThree(times(BACK, adapted), (value) => value * light);
	return shown(
		mapThree(times(SRGB, [x, y, z]), (value) => Math.max(0, value)),
		y
	);
}

/** Color of something in a person's hand by day: what it throws back of daylight, as photons of its own. */
export function inHandRgb(reflects: Spectrum): Rgb {
	const [x, y, z] = mapThree(xyz(spectrum((at, nm) => reflects[at]! * DAY[at]! * nm)), (value) => value / WHITE[1]);
	return shown(
		mapThree(times(SRGB, [x, y, z]), (value) => Math.max(0, value)),
		y
	);
}
const DAY = daylight(6504);
const WHITE = xyz(spectrum((at, nm) => DAY[at]! * nm));

/** Colors of the water itself, looked at level, at some depths (m) under a sky. */
export function waterColours(water: Water, skyInput: SkyInput, depthsM: readonly number[]): Rgb[] {
	const sky = skyOf(skyInput);
	const loss = diffuseLoss(water, sky.perCosine);
	return depthsM.map((depthM) => {
		const here = spectrum((at) => sky.photons[at]! * sky.through * Math.exp(-loss[at]! * depthM));
		const field = levelAt(sky, placesAt(water, loss, depthM));
		const behind = spectrum((at) => field.lh[at]! * here[at]!);
		return rgbOf(behind, { field, here, eye: eyeAt(sky.lux, sky.photons, here) });
	});
}
