import { spectrum, type Spectrum } from './bands';
import { rgbOf, type Rgb } from './colour';
import { behindOf } from './backdrop';
import { radianceOf } from './contrast';
import type { Scene } from './scene';
import type { Target } from './targets';

/** A swatch is looked at from this far, m: a foot. */
const SWATCH_M = 0.3048;

/** The water itself, looked at level. */
export const waterRgb = (scene: Scene): Rgb => rgbOf(behindOf(scene, 'side'), scene);

/** Something in the water that gives so much light, looked at level from some way off (m). */
export function lightRgb(radiance: Spectrum, scene: Scene, rangeM = SWATCH_M): Rgb {
	const behind = behindOf(scene, 'side');
	const { attenuates } = scene.water;
	return rgbOf(
		spectrum((at) => behind[at]! + (radiance[at]! - behind[at]!) * Math.exp(-attenuates[at]! * rangeM)),
		scene
	);
}

/** Something in the water, looked at level from some way off (m). */
export const swatchRgb = (target: Target, scene: Scene, rangeM = SWATCH_M): Rgb =>
	lightRgb(radianceOf(target, scene, 'side'), scene, rangeM);
