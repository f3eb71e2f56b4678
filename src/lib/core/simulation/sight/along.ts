import { BANDS, spectrum, sumOf } from './bands';
import { levelAt, placesAt } from './field';
import { diffuseLoss, LOWERED, SEEN_BY_DAY, SKYLIGHT_PER_COSINE, waterOf, type Water } from './water';
import type { Reading } from '../../water/reading/complete';

/** A hand's depth under the surface, m: where the lure and the eye are. */
const HAND_M = 0.1;
/** Under a sky without a beam: the side of the boat in shade, as where a lure is lowered. */
const SHADE = { beam: 0, beamCosine: 1 } as const;
/** Nothing is looked for beyond this, m: pure water ends sooner. */
const FARTHEST_M = 200;
const HALVINGS = 50;
/** So near, as a share, one of two depths is the other. */
const FINE = 1e-6;

/**
 * How far (m) a person whose eye, or camera, is in the water sees a white lure along the surface, a hand deep: its
 * contrast with the level water behind it falls with all that the way takes (optics model, sections 1 and 3).
 */
export function seenAlongM(water: Water): number {
	const places = placesAt(water, diffuseLoss(water, SKYLIGHT_PER_COSINE), HAND_M);
	const { es, lh } = levelAt(SHADE, places);
	const { white, lost } = LOWERED.lure;
	const over = spectrum((at) => SEEN_BY_DAY[at]! * ((white / Math.PI) * es[at]! - lh[at]!));
	const behind = sumOf((at) => SEEN_BY_DAY[at]! * lh[at]!);
	let [near, far] = [0, FARTHEST_M];
	for (let round = 0; round < HALVINGS; round++) {
		const middle = (near + far) / 2;
		let left = 0;
		for (let at = 0; at < BANDS; at++) left += over[at]! * Math.exp(-water.attenuates[at]! * middle);
		if (left > lost * behind) near = middle;
		else far = middle;
	}
	return near;
}

/** Between these depths, m, a lure that is lowered is looked for. */
const SHALLOWEST_M = 0.01;
const DEEPEST_M = 60;

/**
 * How far down (m) a white lure is seen in the water of a stain in which it is seen so far along the surface.
 *
 * @param alongM Distance (m, over 0) at which a camera or an eye in the water loses it, a hand deep.
 * @returns 60 m or more than any water of the stain lets through where none is as clear.
 */
export function seenDownM(stain: Reading['stain'], alongM: number): number {
	let [near, far] = [Math.log(SHALLOWEST_M), Math.log(DEEPEST_M)];
	for (let round = 0; round < HALVINGS && far - near > FINE; round++) {
		const middle = (near + far) / 2;
		if (seenAlongM(waterOf(stain, Math.exp(middle), 'lure')) < alongM) near = middle;
		else far = middle;
	}
	return Math.exp(far);
}
