import type { Finish, SkirtColour } from '$lib/core/foundation/schema/words';
import type { Shape } from '$lib/core/rig/drawing/shape';

type Tones = readonly [string, string, string];

/** Three tones (mid, high, low) of every finish, plastic and metal that a drawing can name; by daylight. */
const TONES: Readonly<Record<string, Tones> & Record<Finish | SkirtColour, Tones>> = {
	nickel: ['#b9c2c6', '#f6f9f9', '#6f7b80'],
	gold: ['#d3a02c', '#fbe7a4', '#8a5f10'],
	copper: ['#b8663a', '#f0b48c', '#74381a'],
	white: ['#e9e9e2', '#ffffff', '#b3b3a8'],
	black: ['#2b2c2c', '#6a6d6d', '#121313'],
	chartreuse: ['#c5d62f', '#edf6a0', '#84931a'],
	'green-pumpkin': ['#5d6330', '#8f9352', '#3a3f1c'],
	clear: ['#cfe0e0', '#ffffff', '#9db4b4'],
	steel: ['#c5cbcb', '#ffffff', '#7a8283'],
	hook: ['#6d7474', '#d8dddd', '#343838'],
	red: ['#c43f36', '#f29a90', '#7c1f18'],
	pearl: ['#e6e2d8', '#fffdf6', '#b6ae9d'],
	shad: ['#c9ccc4', '#f7f8f4', '#868f8a'],
	'white-chartreuse': ['#e7ecc4', '#ffffff', '#b4c33a'],
	orange: ['#dc7a24', '#f8bd84', '#8f4a0e'],
	sunfish: ['#75782f', '#d28b36', '#454a1e'],
	perch: ['#66752f', '#cfa142', '#37441d'],
	watermelon: ['#5f7d45', '#93ab72', '#38502a'],
	'brown-craw': ['#7a4f2a', '#b58452', '#472b14'],
	'red-craw': ['#9a3426', '#d5705a', '#5a1b12'],
	'black-blue': ['#1d2740', '#4262a4', '#0e1322'],
	purple: ['#4a2a63', '#8257a6', '#2a1539'],
	none: ['#c9ccc4', '#f7f8f4', '#868f8a']
};

const PLAIN: Readonly<Record<string, string>> = {
	ink: 'var(--ink)',
	paper: 'var(--paper)',
	edge: '#14150f',
	mark: 'var(--amber-ink)',
	'eye.ring': '#e6b93c',
	'eye.pupil': '#15130d'
};

/** Share of white and of black in the light and the dark tone of a color that is no material of the table. */
const [LIGHTER, DARKER] = [0.45, 0.4];

const channelsOf = (hex: string): number[] => [1, 3, 5].map((from) => Number.parseInt(hex.slice(from, from + 2), 16));

/** A share of one color laid over another; both written like #c5d62f. */
export function mixedHex(under: string, over: string, share: number): string {
	const above = channelsOf(over);
	const channels = channelsOf(under).map((value, at) => Math.round(value + (above[at]! - value) * share));
	return `#${channels.map((value) => value.toString(16).padStart(2, '0')).join('')}`;
}

const tonesOf = (material: string): readonly [string, string, string] =>
	material.startsWith('#')
		? [material, mixedHex(material, '#ffffff', LIGHTER), mixedHex(material, '#000000', DARKER)]
		: (TONES[material] ?? TONES.steel!);

/** The color of a drawing's token on the page: `ink` follows the theme, materials have their own. */
export function colourOf(token: string | undefined): string {
	if (token === undefined) return 'none';
	const plain = PLAIN[token];
	if (plain) return plain;
	const [material, tone] = token.split('.') as [string, string];
	const [mid, high, low] = tonesOf(material);
	return { mid, high, low }[tone] ?? mid;
}

/** The color of a stroke, with the shadow that lies over it. */
export const strokeColour = ({ stroke, shade }: Pick<Shape, 'stroke' | 'shade'>): string =>
	shade === undefined ? colourOf(stroke) : mixedHex(colourOf(stroke), PLAIN.edge!, shade);
