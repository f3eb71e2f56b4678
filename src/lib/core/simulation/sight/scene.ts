import { spectrum, type Spectrum } from './bands';
import { eyeAt, type EyeState } from './eye';
import { fieldAt, type Field } from './around';
import { placesAt } from './field';
import { skyOf, type Sky, type SkyInput } from './sky';
import { diffuseLoss, type Water } from './water';

/** A place in a water under a sky: the light there, and the eye of a bass in it. */
export interface Scene {
	readonly water: Water;
	readonly sky: Sky;
	readonly depthM: number;
	/** Depth (m) of the bottom, where that is known. */
	readonly bottomM: number | null;
	/** How fast light from above is lost, 1/m, and the light that comes down just under the surface and here. */
	readonly loss: Spectrum;
	readonly under: Spectrum;
	readonly here: Spectrum;
	readonly field: Field;
	readonly eye: EyeState;
}

/** The light at a depth (m) of a water under a sky. */
export function sceneOf(water: Water, skyInput: SkyInput, depthM: number, bottomM: number | null = null): Scene {
	const sky = skyOf(skyInput);
	const loss = diffuseLoss(water, sky.perCosine);
	const under = spectrum((at) => sky.photons[at]! * sky.through);
	const here = spectrum((at) => under[at]! * Math.exp(-loss[at]! * depthM));
	return {
		water,
		sky,
		depthM,
		bottomM,
		loss,
		under,
		here,
		field: fieldAt(sky, placesAt(water, loss, depthM)),
		eye: eyeAt(sky.lux, sky.photons, here)
	};
}
