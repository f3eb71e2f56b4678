import { BUZZ_BLADES, HEAD_SHAPES, JIG_BLADES, TURNING_STYLES, type Family, type HeadShape } from './words';

export const ALL_STYLES = [...TURNING_STYLES, ...JIG_BLADES, ...BUZZ_BLADES] as const;
export type BladeStyle = (typeof ALL_STYLES)[number];

/** Blade styles that each family can carry. */
export const STYLES_OF: Record<Family, readonly BladeStyle[]> = {
	spinnerbait: TURNING_STYLES,
	underspin: TURNING_STYLES,
	'bladed-jig': JIG_BLADES,
	buzzbait: BUZZ_BLADES
};

/** Most blades that each family carries: a front one needs the spinnerbait's upper arm. */
export const BLADES_MAX: Readonly<Record<Family, number>> = {
	spinnerbait: 2,
	underspin: 1,
	'bladed-jig': 1,
	buzzbait: 1
};

/** Keys that only some families have; every other key belongs to all four. */
export const FAMILY_KEYS = {
	wireIn: ['spinnerbait', 'buzzbait'],
	body: ['bladed-jig', 'spinnerbait'],
	noise: ['buzzbait'],
	array: ['spinnerbait'],
	screwIn: ['underspin']
} as const satisfies Record<string, readonly Family[]>;

/** Families that may leave a key out: rigs were written before spinnerbaits came with two bodies, and mean the full one. */
export const LEFT_OUT: Readonly<Partial<Record<keyof typeof FAMILY_KEYS, readonly Family[]>>> = {
	body: ['spinnerbait']
};

/** Head shapes that each family can have: a keel low along the shank needs a spinnerbait's wire above it. */
export const shapesOf = (family: Family): readonly HeadShape[] =>
	HEAD_SHAPES.filter((shape) => shape !== 'low-keel' || family === 'spinnerbait');
