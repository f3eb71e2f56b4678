import { layoutOf } from '../catalogue/layouts';
import type { Blade, Rig } from '../schema/rig';

const FRACTIONS: Readonly<Record<string, string>> = {
	'0.125': '1/8',
	'0.1875': '3/16',
	'0.25': '1/4',
	'0.375': '3/8',
	'0.5': '1/2',
	'0.625': '5/8',
	'0.75': '3/4'
};

/** A trade weight in ounces as it is written on the packet: 1/2, 5/8, 1 1/4. */
export function ouncesText(weightOz: number): string {
	const whole = Math.floor(weightOz);
	const rest = weightOz - whole;
	if (rest === 0) return String(whole);
	const fraction = FRACTIONS[String(rest)];
	if (!fraction) return String(weightOz);
	return whole === 0 ? fraction : `${whole} ${fraction}`;
}

/** Skirts of two colors, which keep their hyphen: white-chartreuse. */
const TWO_COLORS: readonly string[] = ['white-chartreuse', 'black-blue'];

/** A name made of words: green-pumpkin reads green pumpkin. */
export function plainWords(name: string): string {
	const [body, tail] = name.split('/');
	if (tail) return `${plainWords(body!)} with a ${plainWords(tail)} tail`;
	return TWO_COLORS.includes(name) ? name : name.replaceAll('-', ' ');
}

const STYLE_WORDS: Readonly<Record<string, string>> = {
	colorado: 'Colorado',
	indiana: 'Indiana',
	willow: 'willow',
	standard: 'standard blade',
	oversized: 'oversized blade',
	clear: 'clear blade',
	'prop-2': 'two-winged blade',
	'prop-3': 'three-winged blade',
	'prop-4': 'four-winged blade'
};

/** What a style of blade is called. */
export const styleName = (style: Blade['style']): string => STYLE_WORDS[style]!;

/** Style and size of a blade: "willow 4.5", "two-winged blade 45 mm". */
export function bladeName({ style, size }: Pick<Blade, 'style' | 'size'>): string {
	const name = styleName(style);
	if (style.startsWith('prop')) return `${name} ${size} mm`;
	return ['standard', 'oversized', 'clear'].includes(style) ? name : `${name} ${size}`;
}

const FAMILY_WORDS: Readonly<Record<Rig['family'], string>> = {
	spinnerbait: 'Spinnerbait',
	'bladed-jig': 'Bladed jig',
	buzzbait: 'Buzzbait',
	underspin: 'Underspin'
};

const LAYOUT_WORDS = {
	single: 'Single',
	'colorado-willow': 'Tandem',
	'colorado-indiana': 'Tandem',
	'indiana-willow': 'Tandem',
	'double-colorado': 'Double Colorado',
	'double-willow': 'Double willow'
} as const;

/** What a rig is called at a glance: "Tandem spinnerbait", "Compact bladed jig". */
export function rigName(rig: Rig): string {
	if (rig.family === 'spinnerbait') return `${LAYOUT_WORDS[layoutOf(rig.blades)]} spinnerbait`;
	if (rig.family === 'bladed-jig' && rig.body === 'compact') return 'Compact bladed jig';
	return FAMILY_WORDS[rig.family];
}

/** Blades of a rig in order, front first. */
export const bladesText = (rig: Rig): string => rig.blades.map(bladeName).join(' + ');

/** Finishes of a rig's blades, once when they are alike. */
export const finishText = (rig: Rig): string =>
	[...new Set(rig.blades.map(({ finish }) => plainWords(finish)))].join(' and ');

/** The skirt by its color, "no skirt" for a bare head. */
export const skirtText = ({ skirt }: Rig): string =>
	skirt.colour === 'none' ? 'no skirt' : `${plainWords(skirt.colour)} skirt`;

/** Line as it is asked for: "17 lb fluorocarbon", "40 lb braid to 15 lb mono". */
export function lineText({ type, testLb, leader }: Rig['line']): string {
	return `${testLb} lb ${type}${leader ? ` to ${leader.testLb} lb ${leader.type}` : ''}`;
}

/** Trailer in words, "no trailer" for none. */
export const trailerText = ({ trailer }: Rig): string =>
	trailer ? `${plainWords(trailer.kind)} ${trailer.lengthIn} in, ${plainWords(trailer.colour)}` : 'no trailer';

/** Every part of a rig in one sentence, for those who do not see the drawing. */
export function describeRig(rig: Rig): string {
	const wire = rig.wireIn ? `, wire ${rig.wireIn} in` : '';
	const second = rig.trailerHook === 'none' ? 'no second hook' : 'a trailer hook';
	const extras = [rig.array ? 'a clip-on array' : '', rig.screwIn ? 'a screw-in blade arm' : ''].filter(Boolean);
	const parts = [
		`${ouncesText(rig.weightOz)} oz ${rig.headMaterial} head`,
		`${bladesText(rig)} in ${finishText(rig)}${wire}`,
		skirtText(rig),
		trailerText(rig),
		`${rig.hook.size} hook with ${second}`,
		...extras,
		`on ${lineText(rig.line)}`
	];
	return `${rigName(rig)}: ${parts.join(', ')}.`;
}
