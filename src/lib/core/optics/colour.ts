import { BASE, NM, spectrum, sumOf, type Spectrum } from './bands';
import { behindOf, radianceOf } from './contrast';
import type { Scene } from './scene';
import type { Target } from './targets';

type Three = readonly [number, number, number];
type Matrix = readonly [Three, Three, Three];

/** Bradford's cone response and back, and linear sRGB from XYZ (optics model, section 6). */
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
const SRGB: Matrix = [
	[3.2404542, -1.5371385, -0.4985314],
	[-0.969266, 1.8760108, 0.041556],
	[0.0556434, -0.2040259, 1.0572252]
];
const times = (matrix: Matrix, [a, b, c]: Three): Three =>
	matrix.map((row) => row[0] * a + row[1] * b + row[2] * c) as unknown as Three;
const D65 = times(BRADFORD, [0.95047, 1, 1.08883]);
/** How far the eye of a person gets used to the water's colour, and within what limits (assumed). */
const USED = 0.3;
const [LEAST_GAIN, MOST_GAIN] = [0.4, 2.5];
/** How much darker a picture of the deep is than of the surface (assumed). */
const DEEP = 0.15;
const LIT = 0.9;
/** A swatch is looked at from this far, m: a foot. */
export const SWATCH_M = 0.3048;

const xyz = (photons: Spectrum): Three =>
	(['x', 'y', 'z'] as const).map((key) => sumOf((at) => (BASE[key][at]! * photons[at]!) / NM[at]!)) as unknown as Three;

const curve = (value: number): number => (value <= 0.0031308 ? 12.92 * value : 1.055 * value ** (1 / 2.4) - 0.055);

/** Colour (sRGB, 0 to 255) in which a person down there would see a light of these photons. */
export function rgbOf(photons: Spectrum, { field, here, eye }: Scene): [number, number, number] {
	const white = xyz(spectrum((at) => (here[at]! * field.es[at]!) / Math.PI));
	const scaled = (three: Three): Three => three.map((value) => value / white[1]) as unknown as Three;
	const seen = times(BRADFORD, scaled(xyz(photons)));
	const whiteCones = times(BRADFORD, scaled(white));
	const adapted = seen.map((value, at) => {
		const cone = whiteCones[at]!;
		const gain = cone > 1e-6 ? Math.min(MOST_GAIN, Math.max(LEAST_GAIN, D65[at]! / cone)) : MOST_GAIN;
		return value * (1 - USED + USED * gain);
	}) as unknown as Three;
	const light = LIT * Math.max(DEEP, eye.share ** DEEP);
	const [x, y, z] = times(BACK, adapted).map((value) => value * light) as unknown as Three;
	const grey = Math.min(1, Math.max(0, y));
	let linear = times(SRGB, [x, y, z]).map((value) => Math.max(0, value));
	const most = Math.max(...linear);
	if (most > 1) {
		// As much grey as brings the largest back to 1.
		const share = most > grey ? (most - 1) / (most - grey) : 1;
		linear = linear.map((value) => Math.min(1, value + share * (grey - value)));
	}
	return linear.map((value) => Math.round(255 * curve(value))) as [number, number, number];
}

/** The water itself, looked at level. */
export const waterRgb = (scene: Scene): [number, number, number] => rgbOf(behindOf(scene, 'side'), scene);

/** Something in the water, looked at level from some way off (m). */
export function swatchRgb(target: Target, scene: Scene, rangeM = SWATCH_M): [number, number, number] {
	const behind = behindOf(scene, 'side');
	const radiance = radianceOf(target, scene, 'side');
	const { attenuates } = scene.water;
	return rgbOf(
		spectrum((at) => behind[at]! + (radiance[at]! - behind[at]!) * Math.exp(-attenuates[at]! * rangeM)),
		scene
	);
}
