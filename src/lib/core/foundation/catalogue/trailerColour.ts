import type { TrailerColour } from '../schema/rig';
import type { SkirtColour } from '../schema/words';

/** Color of a soft body: of "A/B", a body with a dipped or contrasting tail, the first. */
export const bodyColourOf = (colour: TrailerColour): SkirtColour => colour.split('/')[0] as SkirtColour;

/** Color of a soft body's tail. */
export const tailColourOf = (colour: TrailerColour): SkirtColour => colour.split('/').at(-1) as SkirtColour;

/** The color of a soft body with a tail, which may be of the same color. */
export const toned = (body: SkirtColour, tail: SkirtColour): TrailerColour =>
	body === tail ? body : `${body}/${tail}`;
