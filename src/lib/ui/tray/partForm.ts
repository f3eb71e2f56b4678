import { bladeSets } from '$lib/core/foundation/catalogue/layouts';
import {
	BUZZ_DIAMETERS_MM,
	LINES,
	METAL_FINISHES,
	REELS,
	TRAILER_LENGTHS_IN,
	WEIGHTS_OZ,
	WIRES_IN
} from '$lib/core/foundation/catalogue/parts';
import { ouncesText, styleName } from '$lib/core/foundation/labels/describe';
import { spoken } from '$lib/core/foundation/labels/spoken';
import { PART_KINDS, type PartKind, type TrayPart } from '$lib/core/foundation/schema/tray';
import {
	BUZZ_BLADES,
	HEAD_MATERIALS,
	HEAD_SHAPES,
	JIG_BLADES,
	LINE_TYPES,
	REEL_KINDS,
	ROD_ACTIONS,
	ROD_POWERS,
	SKIRT_COLOURS,
	SKIRT_MATERIALS,
	TEXTURES,
	TRAILER_HOOKS,
	TRAILER_KINDS,
	TURNING_STYLES
} from '$lib/core/foundation/schema/words';
import { without } from '$lib/core/foundation/basics/without';

/** Kinds that are entered by their fields; a finished lure is added from a rig. */
export type FieldKind = Exclude<PartKind, 'lure'>;
export const FIELD_KINDS = PART_KINDS.filter((kind): kind is FieldKind => kind !== 'lure');

type Value = string | number;
/** What a part is entered by: the values of its fields. */
export type Values = Readonly<Record<string, Value>>;

/** A field of a part: what may stand there, the usual first. */
export interface PartField {
	readonly key: string;
	readonly label: string;
	readonly options: (values: Values) => readonly Value[];
	readonly text: (value: Value) => string;
}

const field = (
	key: string,
	label: string,
	options: readonly Value[] | ((values: Values) => readonly Value[]),
	text: (value: Value) => string = (value) => spoken(String(value))
): PartField => ({ key, label, options: typeof options === 'function' ? options : () => options, text });

const unit = (name: string) => (value: Value) => `${value} ${name}`;
const ounces = (value: Value): string => `${ouncesText(Number(value))} oz`;
const COLOURS = SKIRT_COLOURS.filter((colour) => colour !== 'none');
const SIZES: readonly { readonly style: string; readonly size: number }[] = bladeSets('single').map(({ rear }) => rear);

/** Sizes that a style of blade comes in; none where it has but one. */
function sizesOf({ style }: Values): readonly Value[] {
	if (String(style).startsWith('prop')) return BUZZ_DIAMETERS_MM;
	return [...new Set(SIZES.filter((one) => one.style === style).map(({ size }) => size))].sort((a, b) => a - b);
}

const STYLES = [...TURNING_STYLES, ...JIG_BLADES, ...BUZZ_BLADES];
const spokenStyle = (text: string): string => {
	const style = STYLES.find((one) => one === text);
	return style ? styleName(style) : text;
};
const finishesOf = ({ style }: Values): readonly Value[] => (style === 'clear' ? ['clear'] : METAL_FINISHES);
const ROD_LENGTHS_IN = [78, 80, 82, 84, 86, 88, 90];

/** The fields of each kind. A field without options is left out. */
export const PART_FIELDS: Readonly<Record<FieldKind, readonly PartField[]>> = {
	head: [
		field('weightOz', 'Weight', [0.375, ...WEIGHTS_OZ.filter((oz) => oz !== 0.375)], ounces),
		field('headMaterial', 'Metal', HEAD_MATERIALS),
		field('headShape', 'Shape', HEAD_SHAPES)
	],
	blade: [
		field('style', 'Style', STYLES, (value) => spokenStyle(String(value))),
		field('size', 'Size', sizesOf),
		field('finish', 'Finish', finishesOf),
		field('texture', 'Texture', ({ style }) => (SIZES.some((one) => one.style === style) ? TEXTURES : []))
	],
	wire: [field('wireIn', 'Wire', [0.035, ...WIRES_IN.filter((wire) => wire !== 0.035)], unit('in'))],
	skirt: [field('colour', 'Color', COLOURS), field('material', 'Material', SKIRT_MATERIALS)],
	trailer: [
		field('kind', 'Kind', TRAILER_KINDS),
		field('colour', 'Color', COLOURS),
		field('lengthIn', 'Length', TRAILER_LENGTHS_IN, unit('in'))
	],
	'trailer-hook': [
		field(
			'trailerHook',
			'Kind',
			TRAILER_HOOKS.filter((hook) => hook !== 'none')
		)
	],
	line: [
		field('type', 'Line', LINE_TYPES),
		field(
			'testLb',
			'Test',
			({ type }) =>
				[...new Set(LINES.filter((line) => line.type === type).map(({ testLb }) => testLb))].sort((a, b) => a - b),
			unit('lb')
		)
	],
	rod: [
		field('lengthIn', 'Length', ROD_LENGTHS_IN, unit('in')),
		field('power', 'Power', ROD_POWERS),
		field('action', 'Action', ROD_ACTIONS)
	],
	reel: [
		field('kind', 'Kind', REEL_KINDS),
		field(
			'ratio',
			'Ratio',
			({ kind }) => REELS.filter((reel) => reel.kind === kind).map(({ ratio }) => ratio),
			(value) => `${value}:1`
		)
	]
};

/** The fields of a kind with what stands in each: what was chosen, or the first of what may stand there. */
export function fieldsFor(kind: FieldKind, chosen: Values) {
	let values: Values = {};
	return PART_FIELDS[kind].flatMap(({ key, label, options, text }) => {
		const open = options(values);
		if (open.length === 0) return [];
		const held = chosen[key];
		const value = held !== undefined && open.includes(held) ? held : open[0]!;
		values = { ...values, [key]: value };
		return [{ key, label, text, options: open, value }];
	});
}

/** The part that is entered. */
export const partFrom = (kind: FieldKind, chosen: Values): TrayPart =>
	// Every value comes from the options of its field.
	({ part: kind, ...Object.fromEntries(fieldsFor(kind, chosen).map(({ key, value }) => [key, value])) }) as TrayPart;

/** A part without how many there are and what one costs: what it is. */
export const kindOfPart = (part: TrayPart): string => JSON.stringify(without(part, 'count', 'price', 'wear'));
