import { BANDS, blank, leftOf, type Spectrum } from './bands';
import { rgbOf, type Rgb } from './colour';
import { backdropOf, behindOf } from './backdrop';
import { radianceOf } from './contrast';
import type { Scene } from './scene';
import type { Target } from './targets';
import type { Water } from './water';

/** A swatch is looked at from this far, m: a foot. */
const SWATCH_M = 0.3048;

/** The water itself, looked at level. */
export const waterRgb = (scene: Scene): Rgb => rgbOf(behindOf(scene, 'side'), scene);

/** Share of a swatch's own light that is left where it is looked at from; every swatch of a water asks for it. */
const reaching = new WeakMap<Water, Spectrum>();

function reachesOf(water: Water): Spectrum {
	const made = reaching.get(water) ?? leftOf(water.attenuates, SWATCH_M);
	reaching.set(water, made);
	return made;
}

/** Something in the water that gives so much light, looked at level. */
export function lightRgb(radiance: Spectrum, scene: Scene): Rgb {
	const { behind } = backdropOf(scene, 'side');
	const reaches = reachesOf(scene.water);
	const seen = blank();
	for (let at = 0; at < BANDS; at++) seen[at] = behind[at]! + (radiance[at]! - behind[at]!) * reaches[at]!;
	return rgbOf(seen, scene);
}

/** Something in the water, looked at level. */
export const swatchRgb = (target: Target, scene: Scene): Rgb => lightRgb(radianceOf(target, scene, 'side'), scene);
