import { BLADE_SIZES } from '$lib/core/catalogue/bladeSizes';
import { HOOK_SIZES } from '$lib/core/catalogue/hooks';
import { layoutOf, LAYOUTS, type Layout } from '$lib/core/catalogue/layouts';
import { BUZZ_DIAMETERS_MM, LINES, METAL_FINISHES, REELS, RODS, WEIGHTS_OZ, WIRES_IN } from '$lib/core/catalogue/parts';
import { completeFit, type Fit } from '$lib/core/build/fit';
import type { Slot } from '$lib/core/build/partsOf';
import { kindFor, withLayout, withOwn, withRig } from '$lib/core/build/start';
import { lineText, ouncesText } from '$lib/core/naming/describe';
import { OWN_SLOTS, type OwnSlot } from '$lib/core/schema/words';
import type { Build, OwnUse } from '$lib/core/schema/build';
import type { Blade, Rig } from '$lib/core/schema/rig';
import type { PartRecord } from '$lib/core/records/rigSchemas';
import * as words from '$lib/core/schema/words';
import { spoken } from '$lib/core/naming/spoken';

/** An own part as the list has it, on the server or still waiting on this device. */
export interface OwnEntry {
	readonly id: string;
	readonly version: number;
	readonly record: PartRecord;
	readonly usedBy: readonly string[];
}

/** A rig's use of an own part: one that still waits on this device will be its first version. */
export const useOf = ({ id, version, record }: OwnEntry): OwnUse => ({
	id,
	version: Math.max(1, version),
	part: record.part
});

export interface Option {
	readonly value: string;
	readonly text: string;
}

interface Choice {
	readonly kind: 'choice';
	readonly label: string;
	readonly value: string;
	readonly options: readonly Option[];
	readonly set: (value: string) => Build;
}

interface Figure {
	readonly kind: 'figure';
	readonly label: string;
	readonly unit: 'mm' | 'deg' | 'lb' | 'in' | 'mps' | 'count';
	readonly value: number;
	readonly low: number;
	readonly high: number;
	readonly step: number;
	readonly set: (value: number) => Build;
}

export type Control = Choice | Figure;

/** One row of the bench: a part, what can be chosen about it, and finer figures behind it. */
export interface Row {
	readonly slot: Slot | 'retrieve' | 'extras';
	readonly title: string;
	readonly controls: readonly Control[];
	readonly finer: readonly Control[];
}

const textOf = (value: string): string => spoken(value);
const plain = (values: readonly string[], text: (value: string) => string = textOf): Option[] =>
	values.map((value) => ({ value, text: text(value) }));

/** Options with the present value among them, even where the bench would not offer it. */
const including = (options: readonly Option[], value: string, text = value): Option[] =>
	options.some((option) => option.value === value) ? [...options] : [{ value, text }, ...options];

function choice(label: string, value: string, options: readonly Option[], set: (value: string) => Build): Choice {
	return { kind: 'choice', label, value, options: including(options, value, textOf(value)), set };
}

const figure = (
	label: string,
	unit: Figure['unit'],
	value: number,
	[low, high, step]: readonly [number, number, number],
	set: (value: number) => Build
): Figure => ({ kind: 'figure', label, unit, value, low, high, step, set });

/** Puts the angler's own parts of a slot before the table's choices. */
function withOwnOptions(build: Build, slot: OwnSlot, own: readonly OwnEntry[], base: Choice): Choice {
	const kind = kindFor(build.rig.family, slot);
	const entries = own.filter(({ record }) => record.part.kind === kind);
	const used = build.own[slot];
	const options = entries.map(({ id, record }) => ({ value: `own:${id}`, text: record.part.name }));
	const all =
		used && !entries.some(({ id }) => id === used.id) ? [{ value: `own:${used.id}`, text: used.part.name }] : [];
	return {
		...base,
		value: used ? `own:${used.id}` : base.value,
		options: [...base.options, ...options, ...all],
		set: (value) => {
			const entry = entries.find(({ id }) => value === `own:${id}`);
			if (!entry) return value.startsWith('own:') ? build : base.set(value);
			return withOwn(build, slot, useOf(entry));
		}
	};
}

interface Maker {
	readonly build: Build;
	readonly rig: Rig;
	readonly fit: Fit;
	readonly own: readonly OwnEntry[];
}

const fitted = ({ build }: Maker, patch: Partial<Fit>): Build => ({ ...build, fit: { ...build.fit, ...patch } });
const fitFigure = (
	maker: Maker,
	label: string,
	key:
		| 'lowerArmMm'
		| 'upperArmMm'
		| 'riseDeg'
		| 'clevisMm'
		| 'beads'
		| 'offsetDeg'
		| 'kinkDeg'
		| 'gapDeg'
		| 'lipDeg'
		| 'trailerCutMm'
		| 'skirtMm'
		| 'keepers'
		| 'dragLb',
	unit: Figure['unit'],
	range: readonly [number, number, number]
): Figure => figure(label, unit, maker.fit[key], range, (value) => fitted(maker, { [key]: value }));

function headRow(maker: Maker): Row {
	const { build, rig, own } = maker;
	const weight = choice(
		'Weight',
		String(rig.weightOz),
		WEIGHTS_OZ.map((weightOz) => ({ value: String(weightOz), text: `${ouncesText(weightOz)} oz` })),
		(value) => withRig(build, { weightOz: Number(value) }, 'head')
	);
	const material = choice('Material', rig.headMaterial, plain(words.HEAD_MATERIALS), (value) =>
		withRig(build, { headMaterial: value as Rig['headMaterial'] }, 'head')
	);
	const shape = choice('Shape', rig.headShape, plain(words.HEAD_SHAPES), (value) =>
		withRig(build, { headShape: value as Rig['headShape'] })
	);
	const body =
		rig.body &&
		choice('Body', rig.body, plain(words.BODIES), (value) => withRig(build, { body: value as Rig['body'] }));
	return {
		slot: 'head',
		title: 'Head',
		controls: [withOwnOptions(build, 'head', own, weight), material, shape],
		finer: body ? [body] : []
	};
}

function hookRow(maker: Maker): Row {
	const { build, rig, own } = maker;
	const set = (patch: Partial<Rig['hook']>, slot?: OwnSlot): Build =>
		withRig(build, { hook: { ...rig.hook, ...patch } }, slot);
	const size = choice(
		'Size',
		rig.hook.size,
		plain(HOOK_SIZES, (value) => value),
		(value) => set({ size: value }, 'hook')
	);
	const gap = rig.family === 'spinnerbait' ? [fitFigure(maker, 'Gap opened', 'gapDeg', 'deg', [-20, 20, 1])] : [];
	return {
		slot: 'hook',
		title: 'Hook',
		controls: [
			withOwnOptions(build, 'hook', own, size),
			choice('Gauge', rig.hook.gauge, plain(words.HOOK_GAUGES), (value) =>
				set({ gauge: value as Rig['hook']['gauge'] })
			),
			choice(
				'Shank',
				rig.hook.shank,
				plain(words.HOOK_SHANKS, (value) => `${value} shank`),
				(value) => set({ shank: value as Rig['hook']['shank'] }, 'hook')
			)
		],
		finer: gap
	};
}

function wireRow(maker: Maker): Row[] {
	const { build, rig } = maker;
	if (rig.family === 'underspin') {
		const arms = [
			{ value: 'no', text: 'moulded in' },
			{ value: 'yes', text: 'screwed in' }
		];
		const arm = choice('Arm', rig.screwIn ? 'yes' : 'no', arms, (value) =>
			withRig(build, { screwIn: value === 'yes' })
		);
		return [
			{
				slot: 'wire',
				title: 'Blade arm',
				controls: [arm],
				finer: [fitFigure(maker, 'Keeper wires', 'keepers', 'count', [1, 2, 1])]
			}
		];
	}
	if (rig.wireIn === undefined) return [];
	const wire = choice(
		'Wire',
		String(rig.wireIn),
		WIRES_IN.map((wireIn) => ({ value: String(wireIn), text: `${wireIn.toFixed(3).slice(1)} in` })),
		(value) => withRig(build, { wireIn: Number(value) })
	);
	if (rig.family === 'buzzbait') {
		const beads = [
			{ value: 'no', text: 'no weed bead' },
			{ value: 'yes', text: 'weed bead' }
		];
		const bead = choice('Bead', maker.fit.weedBead ? 'yes' : 'no', beads, (value) =>
			fitted(maker, { weedBead: value === 'yes' })
		);
		return [{ slot: 'wire', title: 'Wire', controls: [wire, bead], finer: [] }];
	}
	const ties = [
		{ value: 'open', text: 'open tie' },
		{ value: 'closed', text: 'closed twist' }
	];
	return [
		{
			slot: 'wire',
			title: 'Wire',
			controls: [
				wire,
				fitFigure(maker, 'Upper arm', 'upperArmMm', 'mm', [30, 120, 1]),
				choice('Line tie', maker.fit.tie, ties, (value) => fitted(maker, { tie: value as Fit['tie'] }))
			],
			finer: [
				fitFigure(maker, 'Lower arm', 'lowerArmMm', 'mm', [15, 60, 0.5]),
				fitFigure(maker, 'Arm rises', 'riseDeg', 'deg', [5, 60, 1]),
				fitFigure(maker, 'Offset on purpose', 'offsetDeg', 'deg', [-25, 25, 1])
			]
		}
	];
}

const finishes = (rig: Rig): readonly string[] => (rig.blades[0]!.style === 'clear' ? ['clear'] : METAL_FINISHES);

function stylesOf(rig: Rig): readonly string[] {
	if (rig.family === 'bladed-jig') return words.JIG_BLADES;
	if (rig.family === 'buzzbait') return words.BUZZ_BLADES;
	return words.TURNING_STYLES;
}

const PROP_WORDS: Readonly<Record<string, string>> = {
	'prop-2': 'two wings',
	'prop-3': 'three wings',
	'prop-4': 'four wings'
};

/** Size of a blade where its kind has one: a trade number, or a buzz blade's diameter. */
function sizeControl(maker: Maker, blade: Blade, set: (patch: Partial<Blade>) => Build): Choice[] {
	const { rig } = maker;
	if (rig.family === 'bladed-jig') return [];
	const buzz = rig.family === 'buzzbait';
	const sizes = buzz ? [...BUZZ_DIAMETERS_MM] : BLADE_SIZES[blade.style as words.TurningStyle].map(({ size }) => size);
	const options = [...sizes]
		.sort((a, b) => a - b)
		.map((size) => ({ value: String(size), text: buzz ? `${size} mm` : `size ${size}` }));
	return [choice(buzz ? 'Diameter' : 'Size', String(blade.size), options, (value) => set({ size: Number(value) }))];
}

function bladeRow(maker: Maker, position: 'front' | 'rear'): Row[] {
	const { build, rig, own } = maker;
	const blade = rig.blades.find((candidate) => candidate.position === position);
	if (!blade) return [];
	const replaced = (patch: Partial<Blade>): Rig['blades'] =>
		rig.blades.map((present) => (present.position === position ? { ...present, ...patch } : present));
	const set = (patch: Partial<Blade>, slot?: OwnSlot): Build => withRig(build, { blades: replaced(patch) }, slot);
	const style = choice(
		'Style',
		blade.style,
		plain(stylesOf(rig), (value) => PROP_WORDS[value] ?? spoken(value)),
		(value) => {
			const finish = value === 'clear' ? 'clear' : blade.finish === 'clear' ? 'nickel' : blade.finish;
			return set({ style: value as Blade['style'], finish }, position);
		}
	);
	const finish = choice('Finish', blade.finish, plain(finishes(rig)), (value) =>
		set({ finish: value as Blade['finish'] })
	);
	const turning = rig.family === 'spinnerbait' || rig.family === 'underspin';
	const finer = turning
		? [
				choice('Texture', blade.texture, plain(words.TEXTURES), (value) => set({ texture: value as Blade['texture'] })),
				choice('Thickness', blade.thickness, plain(words.THICKNESSES), (value) =>
					set({ thickness: value as Blade['thickness'] })
				),
				...(position === 'front'
					? [
							fitFigure(maker, 'Clevis from tie', 'clevisMm', 'mm', [8, 100, 1]),
							fitFigure(maker, 'Beads', 'beads', 'count', [1, 6, 1])
						]
					: [])
			]
		: rig.noise
			? [choice('Noise', rig.noise, plain(words.NOISES), (value) => withRig(build, { noise: value as Rig['noise'] }))]
			: [fitFigure(maker, 'Lip bent down', 'lipDeg', 'deg', [0, 30, 1])];
	const title =
		rig.family === 'bladed-jig'
			? 'Plate'
			: rig.blades.length === 1
				? 'Blade'
				: position === 'front'
					? 'Front blade'
					: 'Rear blade';
	const size = sizeControl(maker, blade, (patch) => set(patch, position));
	return [{ slot: position, title, controls: [withOwnOptions(build, position, own, style), ...size, finish], finer }];
}

function skirtRow(maker: Maker): Row {
	const { build, rig, own } = maker;
	const { skirt } = rig;
	const set = (patch: Partial<Rig['skirt']>, slot?: OwnSlot): Build =>
		withRig(build, { skirt: { ...skirt, ...patch } }, slot);
	const colour = choice(
		'Colour',
		skirt.colour,
		plain(words.SKIRT_COLOURS, (value) => (value === 'none' ? 'no skirt' : spoken(value))),
		(value) => set({ colour: value as Rig['skirt']['colour'] })
	);
	if (skirt.colour === 'none') return { slot: 'skirt', title: 'Skirt', controls: [colour], finer: [] };
	const material = choice('Material', skirt.material, plain(words.SKIRT_MATERIALS), (value) =>
		set({ material: value as Rig['skirt']['material'] }, 'skirt')
	);
	return {
		slot: 'skirt',
		title: 'Skirt',
		controls: [
			colour,
			withOwnOptions(build, 'skirt', own, material),
			choice(
				'Length',
				skirt.length,
				plain(words.SKIRT_LENGTHS, (value) => (value === 'standard' ? 'usual' : value)),
				(value) => set({ length: value as Rig['skirt']['length'] }, 'skirt')
			)
		],
		finer: [
			choice(
				'Accent',
				skirt.accent,
				plain(words.ACCENTS, (value) => (value === 'none' ? 'no accent' : value)),
				(value) => set({ accent: value as Rig['skirt']['accent'] })
			),
			fitFigure(maker, 'Cut to', 'skirtMm', 'mm', [10, 90, 1])
		]
	};
}

const FIRST_TRAILER = { colour: 'white', lengthIn: 3, mount: 'upright' } as const;
const LENGTHS_IN = ['2', '2.5', '3', '3.5', '4', '4.5', '5'];

function trailerRow(maker: Maker): Row {
	const { build, rig, own } = maker;
	const { trailer } = rig;
	const title = rig.family === 'underspin' ? 'Soft body' : 'Trailer';
	const kinds = [{ value: 'none', text: 'none' }, ...plain(words.TRAILER_KINDS)];
	const kind = choice('Kind', trailer?.kind ?? 'none', kinds, (value) =>
		withRig(
			build,
			{
				trailer:
					value === 'none' ? null : { ...FIRST_TRAILER, ...trailer, kind: value as NonNullable<Rig['trailer']>['kind'] }
			},
			'trailer'
		)
	);
	const first = withOwnOptions(build, 'trailer', own, kind);
	if (!trailer) return { slot: 'trailer', title, controls: [first], finer: [] };
	const set = (patch: Partial<NonNullable<Rig['trailer']>>, slot?: OwnSlot): Build =>
		withRig(build, { trailer: { ...trailer, ...patch } }, slot);
	const colours = words.SKIRT_COLOURS.filter((colour) => colour !== 'none');
	return {
		slot: 'trailer',
		title,
		controls: [
			first,
			choice(
				'Length',
				String(trailer.lengthIn),
				plain(LENGTHS_IN, (value) => `${value} in`),
				(value) => set({ lengthIn: Number(value) }, 'trailer')
			),
			choice('Colour', trailer.colour, plain(colours), (value) => set({ colour: value as Rig['skirt']['colour'] }))
		],
		finer: [
			choice('Mount', trailer.mount, plain(words.MOUNTS), (value) => set({ mount: value as 'upright' | 'crosswise' })),
			fitFigure(maker, 'Cut off', 'trailerCutMm', 'mm', [0, 80, 1]),
			fitFigure(maker, 'Crooked by', 'kinkDeg', 'deg', [0, 30, 1])
		]
	};
}

const SECOND_HOOK: Readonly<Record<string, string>> = {
	none: 'no trailer hook',
	free: 'hook swings free',
	stiff: 'hook stiff'
};

function extrasRow({ build, rig }: Maker): Row {
	const hook = choice(
		'Trailer hook',
		rig.trailerHook,
		plain(words.TRAILER_HOOKS, (value) => SECOND_HOOK[value]!),
		(value) => withRig(build, { trailerHook: value as Rig['trailerHook'] })
	);
	const arrays = [
		{ value: 'no', text: 'no array' },
		{ value: 'yes', text: 'clip-on array' }
	];
	const array =
		rig.array === undefined
			? []
			: [choice('Array', rig.array ? 'yes' : 'no', arrays, (value) => withRig(build, { array: value === 'yes' }))];
	return { slot: 'extras', title: 'Extras', controls: [hook, ...array], finer: [] };
}

/** A choice among whole entries of a table, by their text. */
function entryChoice<T>(
	label: string,
	present: T,
	entries: readonly T[],
	text: (entry: T) => string,
	set: (entry: T) => Build
): Choice {
	const all = entries.some((entry) => text(entry) === text(present)) ? entries : [present, ...entries];
	return {
		kind: 'choice',
		label,
		value: text(present),
		options: all.map((entry) => ({ value: text(entry), text: text(entry) })),
		set: (value) => set(all.find((entry) => text(entry) === value)!)
	};
}

const feetText = (lengthIn: number): string => `${Math.floor(lengthIn / 12)}'${Math.round(lengthIn % 12)}"`;
const rodText = ({ lengthIn, power, action, material }: Rig['rod']): string =>
	`${feetText(lengthIn)} ${spoken(power)}, ${action}, ${material}`;
const reelText = ({ ratio, inchesPerTurn, kind }: Rig['reel']): string =>
	`${ratio}:1 ${kind}, ${inchesPerTurn} in a turn`;

function tackleRows(maker: Maker): Row[] {
	const { build, rig, fit } = maker;
	const joins = [
		{ value: 'direct', text: 'tied direct' },
		{ value: 'snap', text: 'with a snap' }
	];
	return [
		{
			slot: 'line',
			title: 'Line',
			controls: [
				entryChoice('Line', rig.line, LINES, lineText, (line) => withRig(build, { line })),
				choice('Joined', fit.join, joins, (value) => fitted(maker, { join: value as Fit['join'] }))
			],
			finer: []
		},
		{
			slot: 'rod',
			title: 'Rod',
			controls: [entryChoice('Rod', rig.rod, RODS, rodText, (rod) => withRig(build, { rod }))],
			finer: []
		},
		{
			slot: 'reel',
			title: 'Reel',
			controls: [
				entryChoice('Reel', rig.reel, REELS, reelText, (reel) => withRig(build, { reel })),
				fitFigure(maker, 'Drag', 'dragLb', 'lb', [1, 25, 0.5])
			],
			finer: []
		},
		{
			slot: 'retrieve',
			title: 'Retrieve',
			controls: [
				choice('Style', rig.retrieve.style, plain(words.RETRIEVES), (value) =>
					withRig(build, { retrieve: { ...rig.retrieve, style: value as Rig['retrieve']['style'] } })
				),
				figure('Speed', 'mps', rig.retrieve.speedMps, [0.2, 3, 0.1], (speedMps) =>
					withRig(build, { retrieve: { ...rig.retrieve, speedMps } })
				)
			],
			finer: []
		}
	];
}

/** Every row of a build in assembly order. */
export function rowsOf(build: Build, own: readonly OwnEntry[]): Row[] {
	const maker: Maker = { build, own, rig: build.rig, fit: completeFit(build) };
	return [
		headRow(maker),
		hookRow(maker),
		...wireRow(maker),
		...bladeRow(maker, 'front'),
		...bladeRow(maker, 'rear'),
		skirtRow(maker),
		trailerRow(maker),
		extrasRow(maker),
		...tackleRows(maker)
	];
}

const LAYOUT_TEXT: Readonly<Record<Layout, string>> = {
	single: 'single',
	'colorado-willow': 'Colorado, willow',
	'colorado-indiana': 'Colorado, Indiana',
	'indiana-willow': 'Indiana, willow',
	'double-colorado': 'double Colorado',
	'double-willow': 'double willow'
};

/** The layout of a spinnerbait's blades as a choice; `null` for the other families. */
export function layoutChoice(build: Build): Control | null {
	if (build.rig.family !== 'spinnerbait') return null;
	return choice(
		'Layout',
		layoutOf(build.rig.blades),
		plain(LAYOUTS, (value) => LAYOUT_TEXT[value as Layout]),
		(value) => withLayout(build, value as Layout)
	);
}

/** Slots that take an own part of a kind in a family. */
export const slotsFor = (build: Build, kind: PartRecord['part']['kind']): OwnSlot[] =>
	OWN_SLOTS.filter((slot) => kindFor(build.rig.family, slot) === kind).filter(
		(slot) => slot !== 'front' || build.rig.blades.length > 1
	);
