import { layoutOf, LAYOUTS, type Layout } from '../../foundation/catalogue/layouts';
import type { Locks, Rig } from '../../foundation/schema/rig';
import {
	BUZZ_BLADES,
	FAMILIES,
	JIG_BLADES,
	SKIRT_COLOURS,
	TURNING_STYLES,
	type Family
} from '../../foundation/schema/words';
import type { Decision } from './decisionNames';

/** A value of each decision that was taken, as it is offered. */
export type Choices = Readonly<Partial<Record<Decision, string>>>;

/** Weights, speeds and colors that are offered beside the call's own. */
const OFFERED_OZ = [0.25, 0.375, 0.5, 0.75, 1];
const OFFERED_MPS = [0.4, 0.6, 0.8, 1, 1.3, 1.7];
const OFFERED_COLOURS = [
	'white',
	'white-chartreuse',
	'chartreuse',
	'sunfish',
	'green-pumpkin',
	'brown-craw',
	'black-blue'
];

type LockBlade = NonNullable<Locks['blades']>[number];
const rear = (style: LockBlade['style']): LockBlade[] => [{ position: 'rear', style }];
const styleOf = (name: string) => TURNING_STYLES.find((style) => style === name);

/** Blades by the name of their set: a layout, or a style alone. */
function bladesOf(family: Family, name: string): LockBlade[] {
	if (family === 'bladed-jig') return rear(JIG_BLADES.find((style) => style === name));
	if (family === 'buzzbait') return rear(BUZZ_BLADES.find((style) => style === name));
	const single = styleOf(name);
	if (single) return rear(single);
	const [front, back] = name.startsWith('double-') ? [name.slice(7), name.slice(7)] : name.split('-');
	return [{ position: 'front', style: styleOf(front!) }, ...rear(styleOf(back!))];
}

/** The name of a rig's set of blades. */
function bladesName({ family, blades }: Rig): string {
	const back = blades.find(({ position }) => position === 'rear')!;
	const layout: Layout = family === 'spinnerbait' ? layoutOf(blades) : 'single';
	return layout === 'single' ? back.style : layout;
}

/** The color that is decided: the skirt's, "none" for a bare one; of a lure without skirts the soft body's. */
const colourOf = ({ family, skirt, trailer }: Rig): string =>
	family === 'underspin' ? (trailer?.colour ?? 'none') : skirt.colour;

/** What a rig says to each decision. */
export const choicesIn = (rig: Rig): Required<Choices> => ({
	family: rig.family,
	blades: bladesName(rig),
	weight: String(rig.weightOz),
	colour: colourOf(rig),
	pace: String(rig.retrieve.speedMps)
});

const sorted = (values: readonly number[]): string[] => [...new Set(values)].sort((a, b) => a - b).map(String);

/** What may be chosen next, given what was chosen: the call's own value is always among it. */
export function optionsFor(decision: Decision, { family: chosen }: Choices, best: Rig): string[] {
	const family = FAMILIES.find((one) => one === chosen) ?? best.family;
	const own = choicesIn(best)[decision];
	const isCalled = family === best.family;
	switch (decision) {
		case 'family':
			return [...FAMILIES];
		case 'blades':
			if (family === 'bladed-jig') return [...JIG_BLADES];
			if (family === 'buzzbait') return [...BUZZ_BLADES];
			return family === 'underspin'
				? [...TURNING_STYLES]
				: [...TURNING_STYLES, ...LAYOUTS.filter((one) => one !== 'single')];
		case 'weight':
			return sorted([...OFFERED_OZ, ...(isCalled ? [Number(own)] : [])]);
		case 'pace':
			return sorted([...OFFERED_MPS, ...(isCalled ? [Number(own)] : [])]);
		case 'colour':
			return [...new Set([...OFFERED_COLOURS, ...(isCalled ? [own] : [])])];
	}
}

/** What choices fix of a rig: a lure, and how fast it is wound. */
export function fixedBy({ family: name, blades, weight, colour, pace }: Choices): { lure: Locks; retrieve: Locks } {
	const family = FAMILIES.find((one) => one === name);
	const worn = SKIRT_COLOURS.find((one) => one === colour);
	const dress: Locks = !worn
		? {}
		: family === 'underspin'
			? { trailer: { colour: worn } }
			: { skirt: { colour: worn } };
	return {
		lure: {
			...(family ? { family } : {}),
			...(family && blades ? { blades: bladesOf(family, blades) } : {}),
			...(weight ? { weightOz: Number(weight) } : {}),
			...dress
		},
		retrieve: pace ? { retrieve: { speedMps: Number(pace) } } : {}
	};
}
