import { DENSITY_KGM3 } from '../constants/constants';
import type { Family } from '../schema/words';

export type HeadForm = 'arrow' | 'ball' | 'fish' | 'buzz';

/** Length and height (mm) of a half-ounce lead head of each form (assumed, within 15 %). */
export const HALF_OUNCE_HEADS: Readonly<Record<HeadForm, readonly [number, number]>> = {
	arrow: [21, 11.8],
	ball: [14.5, 13.2],
	fish: [19.5, 15.4],
	buzz: [19, 10.5]
};

/** The form of head that a family carries. */
export const HEAD_FORM: Readonly<Record<Family, HeadForm>> = {
	spinnerbait: 'arrow',
	'bladed-jig': 'ball',
	buzzbait: 'buzz',
	underspin: 'fish'
};

/**
 * Length and height in mm of a head of this family, weight (oz) and material: it grows with the cube root of its volume.
 *
 * @param measuredMm Length that was measured, which stands over the form's; the height follows.
 */
export function headSize(
	family: Family,
	weightOz: number,
	material: 'lead' | 'tungsten' | 'bismuth',
	measuredMm?: number
): readonly [number, number] {
	const [length, height] = HALF_OUNCE_HEADS[HEAD_FORM[family]];
	const cube = Math.cbrt((weightOz / 0.5) * (DENSITY_KGM3.lead / DENSITY_KGM3[material]));
	const scale = measuredMm === undefined ? cube : measuredMm / length;
	return [length * scale, height * scale];
}
