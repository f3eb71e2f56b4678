import { bladeSets, LAYOUTS, type BladeSet, type Layout } from '../../foundation/catalogue/layouts';
import {
	BUZZ_DIAMETERS_MM,
	LINES,
	METAL_FINISHES,
	REELS,
	RODS,
	SPEEDS_MPS,
	STYLE_SPEEDS,
	TRAILER_LENGTHS_IN,
	UNDERSPIN_SIZES,
	WEIGHTS_OZ,
	WIRES_IN
} from '../../foundation/catalogue/parts';
import {
	ACCENTS,
	BODIES,
	BUZZ_BLADES,
	HEAD_MATERIALS,
	HOOK_GAUGES,
	HOOK_SHANKS,
	JIG_BLADES,
	MOUNTS,
	NOISES,
	RETRIEVES,
	SKIRT_COLOURS,
	SKIRT_LENGTHS,
	SKIRT_MATERIALS,
	TEXTURES,
	THICKNESSES,
	TRAILER_HOOKS,
	TRAILER_KINDS,
	TURNING_STYLES
} from '../../foundation/schema/words';
import type { Family } from '../../foundation/schema/words';
import type { Facet } from '../../claims/claim';
import { shapesOf } from '../../foundation/schema/families';
import type { Locks } from '../../foundation/schema/rig';
import {
	buzzSizeFeatures,
	finishFeatures,
	lineFeatures,
	paceFeatures,
	reelFeatures,
	rodFeatures,
	sizeFeatures,
	styleFeatures,
	trailerFeatures,
	trailerLengthFeatures,
	wireFeatures
} from './features';
import { ADDED, word, type Features, type Link, type Part, type Space, type Variable } from './part';

/** A variable whose values are words; the first is the plainest. */
function words<T extends string>(
	id: string,
	values: readonly T[],
	facet: Facet | null,
	patch: (value: T) => Locks,
	plain: (index: number, value: T) => number = (index) => index
): Variable {
	const features = (value: T): Partial<Record<Facet, Features>> => (facet ? { [facet]: word(value) } : {});
	return {
		id,
		parts: values.map((value, index) => ({
			patch: patch(value),
			features: features(value),
			plain: plain(index, value)
		}))
	};
}

/** A variable whose values are things with features of one facet. */
function things<T>(
	id: string,
	values: readonly T[],
	facet: Facet,
	features: (value: T) => Features,
	patch: (value: T) => Locks
): Variable {
	return {
		id,
		parts: values.map((value, index) => ({
			patch: patch(value),
			features: { [facet]: features(value) },
			plain: index
		}))
	};
}

/** A variable that is decided last, for the lure that is chosen without it. */
const outfit = (variable: Variable): Variable => ({ ...variable, outfit: true });

const yesNo = (id: 'array' | 'screwIn'): Variable => ({
	id,
	parts: [false, true].map((on) => ({
		patch: { [id]: on },
		features: { [id]: word(on ? 'yes' : 'no') },
		plain: on ? ADDED : 0
	}))
});

/** Added things count, everything else about the variable is equally plain. */
const added = (_index: number, value: string): number => (value === 'none' ? 0 : ADDED);

/** Usual head weight, the plainest answer when nothing speaks. */
const USUAL_OZ = 0.5;
const USUAL_MPS = 0.9;

const weight: Variable = {
	id: 'weight',
	parts: WEIGHTS_OZ.map((weightOz) => ({
		patch: { weightOz },
		features: { weight: { words: {}, figure: weightOz } },
		plain: Math.abs(WEIGHTS_OZ.indexOf(weightOz) - WEIGHTS_OZ.indexOf(USUAL_OZ))
	}))
};

const speed = (from: number, to: number): Variable => ({
	id: 'speed',
	parts: SPEEDS_MPS.filter((speedMps) => speedMps >= from && speedMps <= to).map((speedMps) => ({
		patch: { retrieve: { speedMps } },
		features: { pace: paceFeatures(speedMps) },
		plain: Math.round(Math.abs(speedMps - USUAL_MPS) * 10)
	}))
});

const line = things('line', LINES, 'line', lineFeatures, (value) => ({ line: value }));
const rod: Variable = {
	id: 'rod',
	outfit: true,
	parts: RODS.map((value, index) => ({ patch: { rod: value }, features: rodFeatures(value), plain: index }))
};
const reel: Variable = {
	id: 'reel',
	outfit: true,
	parts: REELS.map((value, index) => ({ patch: { reel: value }, features: reelFeatures(value), plain: index }))
};
const wire = things('wire', WIRES_IN, 'wire', wireFeatures, (wireIn) => ({ wireIn }));
const headMaterial = words('headMaterial', HEAD_MATERIALS, 'head.material', (value) => ({ headMaterial: value }));
const headShape = (family: Family): Variable =>
	outfit(words('headShape', shapesOf(family), 'head.shape', (value) => ({ headShape: value })));
const trailerHook = words(
	'trailerHook',
	TRAILER_HOOKS,
	'trailerHook',
	(value) => ({ trailerHook: value }),
	(index) => index * ADDED
);
const GAUGES = ['standard', ...HOOK_GAUGES.filter((gauge) => gauge !== 'standard')] as const;
const hookGauge = outfit(words('hookGauge', GAUGES, 'hook.gauge', (gauge) => ({ hook: { gauge } })));
const hookShank = outfit(words('hookShank', HOOK_SHANKS, 'hook.shank', (shank) => ({ hook: { shank } })));

const everyone: readonly Variable[] = [weight, headMaterial, line, rod, reel, trailerHook, hookGauge, hookShank];

const styles = (surface: boolean): Variable =>
	words(
		'retrieve',
		RETRIEVES.filter((style) => (style === 'surface') === surface),
		'retrieve.style',
		(style) => ({ retrieve: { style } })
	);

const UNDER_WATER: readonly Variable[] = [styles(false), speed(SPEEDS_MPS[0]!, SPEEDS_MPS[SPEEDS_MPS.length - 1]!)];
const ON_TOP: readonly Variable[] = [styles(true), speed(...STYLE_SPEEDS.surface)];

/** Colors of a skirt; where a lure may go bare, whether it does is a question of its own. */
function skirtColour(bare: boolean): Variable {
	const colours = SKIRT_COLOURS.filter((colour) => bare || colour !== 'none');
	const worn = (colour: string): Part['features'] => (bare ? { skirt: word(colour === 'none' ? 'bare' : 'worn') } : {});
	return {
		id: 'skirtColour',
		parts: colours.map((colour, index) => ({
			patch: { skirt: { colour } },
			features: { colour: word(colour), ...worn(colour) },
			plain: index
		}))
	};
}

const skirt = (bare: boolean): Variable[] => [
	skirtColour(bare),
	words('skirtMaterial', SKIRT_MATERIALS, 'skirt.material', (material) => ({ skirt: { material } })),
	words('skirtLength', SKIRT_LENGTHS, 'skirt.length', (length) => ({ skirt: { length } })),
	words('accent', ACCENTS, 'skirt.accent', (accent) => ({ skirt: { accent } }), added)
];

/** Colors of soft plastics. */
const TRAILER_COLOURS = [
	'white',
	'pearl',
	'shad',
	'white-chartreuse',
	'chartreuse',
	'sunfish',
	'green-pumpkin',
	'brown-craw',
	'red-craw',
	'black',
	'black-blue',
	'purple'
] as const;

type TrailerKind = (typeof TRAILER_KINDS)[number];

/** A soft body's variables; with `bare` it may be left off, and then its other variables have no value. */
function trailer(kinds: readonly TrailerKind[], bare: boolean, facet: Facet | null): Variable[] {
	const orNone = <T>(values: readonly T[]): (T | null)[] => (bare ? [null, ...values] : [...values]);
	const absent: Locks = { trailer: null };
	const parts = <T>(
		values: readonly (T | null)[],
		patch: (value: T) => Locks,
		features: (value: T | null) => Part['features'],
		cost: number
	): Part[] =>
		values.map((value, index) => ({
			patch: value === null ? absent : patch(value),
			features: features(value),
			plain: value === null ? 0 : index + cost
		}));
	return [
		{
			id: 'trailerKind',
			parts: parts(
				orNone(kinds),
				(kind) => ({ trailer: { kind } }),
				(kind) => ({ 'trailer.kind': trailerFeatures(kind) }),
				ADDED
			)
		},
		{
			id: 'trailerLength',
			parts: parts(
				orNone(TRAILER_LENGTHS_IN),
				(lengthIn) => ({ trailer: { lengthIn } }),
				(lengthIn) => ({ 'trailer.length': trailerLengthFeatures(lengthIn) }),
				0
			)
		},
		{
			id: 'trailerColour',
			parts: parts(
				orNone(TRAILER_COLOURS),
				(colour) => ({ trailer: { colour } }),
				(colour) => (facet && colour ? { [facet]: word(colour) } : {}),
				0
			)
		},
		{
			id: 'trailerMount',
			parts: parts(
				orNone(MOUNTS),
				(mount) => ({ trailer: { mount } }),
				(mount) => (mount ? { 'trailer.mount': word(mount) } : {}),
				0
			)
		}
	];
}

const isBare = (part: Part): boolean => part.patch.trailer === null;
const bothOrNeither = (a: Part, b: Part): boolean => isBare(a) === isBare(b);
const TRAILER_LINKS: readonly Link[] = ['trailerLength', 'trailerColour', 'trailerMount'].map((b) => ({
	a: 'trailerKind',
	b,
	allows: bothOrNeither
}));

/** A style of retrieve holds only between its speeds. */
const STYLE_LINK: Link = {
	a: 'retrieve',
	b: 'speed',
	allows: (style, pace) => {
		const [from, to] = STYLE_SPEEDS[style.patch.retrieve!.style!];
		const speedMps = pace.patch.retrieve!.speedMps!;
		return speedMps >= from && speedMps <= to;
	}
};

const TRAILERS_OF = {
	spinnerbait: TRAILER_KINDS.filter((kind) => kind !== 'flat-toad'),
	'bladed-jig': TRAILER_KINDS,
	buzzbait: ['flat-toad', 'craw', 'flat-craw', 'grub', 'split-tail', 'paddle-tail'],
	underspin: ['split-tail', 'paddle-tail', 'slim-swimmer', 'minnow', 'swimbait']
} as const;

/** A hook is single unless another is locked or owned. */
const SINGLE = { style: 'single' } as const;

type LockBlade = NonNullable<Locks['blades']>[number];
const rearBlade = (blade: Omit<LockBlade, 'position'>): Locks => ({ blades: [{ position: 'rear', ...blade }] });

/** Sizes of a set of blades: front (`null` without one) and rear. */
type Sizes = readonly [number | null, number];

/** Blades that a layout is usually sold with: what is called where claims leave the size open (assumed). */
const USUAL_SETS: Readonly<Record<Layout, Sizes>> = {
	single: [null, 4],
	'colorado-willow': [3, 4.5],
	'colorado-indiana': [3, 4.5],
	'indiana-willow': [3, 4.5],
	'double-colorado': [3, 4],
	'double-willow': [4, 5]
};
const USUAL_UNDERSPIN: Sizes = [null, 3];

/** Half sizes that a set is off the usual one, either way; of single blades the commoner style first. */
function plainness({ front, rear }: BladeSet, [small, large]: Sizes): number {
	const style = front ? 0 : TURNING_STYLES.indexOf(rear.style);
	const off = Math.abs(rear.size - large) + (front && small ? Math.abs(front.size - small) : 0);
	return style + Math.round(2 * off);
}

function bladeSetPart(layout: Layout, set: BladeSet, usual = USUAL_SETS[layout]): Part {
	const blades: LockBlade[] = [{ position: 'rear', ...set.rear }];
	if (set.front) blades.unshift({ position: 'front', ...set.front });
	const kinds: Record<string, number> = { [layout]: 1 };
	return {
		patch: { blades },
		features: {
			layout: { words: kinds },
			'blade.style': styleFeatures(set),
			'blade.size': sizeFeatures(set)
		},
		plain: plainness(set, usual)
	};
}

function finishPairs(tandem: boolean): Part[] {
	const ofRear = METAL_FINISHES.map((finish, index) => ({ finish, index }));
	return ofRear.flatMap((rear) =>
		(tandem ? ofRear : [null]).map((front) => {
			const blades: LockBlade[] = [{ position: 'rear', finish: rear.finish }];
			if (front) blades.unshift({ position: 'front', finish: front.finish });
			const worn = front ? [front.finish, rear.finish] : [rear.finish];
			return {
				patch: { blades },
				features: { 'blade.finish': finishFeatures(worn) },
				plain: rear.index + (front && front.finish !== rear.finish ? 8 + front.index : 0)
			};
		})
	);
}

/** Texture and thickness are chosen alike for every blade on the wire. */
function alike<T extends string>(
	id: 'texture' | 'thickness',
	facet: Facet,
	values: readonly T[],
	positions: readonly LockBlade['position'][]
): Variable {
	return words(id, values, facet, (value) => ({ blades: positions.map((position) => ({ position, [id]: value })) }));
}

const SINGLE_METAL: readonly Variable[] = metalOf(false);
const TANDEM_METAL: readonly Variable[] = metalOf(true);
/** Everything about a spinnerbait but its blades: one set of variables for all layouts, so that their work is shared. */
const SPINNERBAIT_REST: readonly Variable[] = [
	wire,
	yesNo('array'),
	...skirt(false),
	...trailer(TRAILERS_OF.spinnerbait, true, null),
	...UNDER_WATER,
	outfit(words('body', BODIES, 'body', (body) => ({ body }))),
	headShape('spinnerbait'),
	...everyone
];

/** Finish, texture and thickness of the blades on one wire. */
function metalOf(tandem: boolean): Variable[] {
	const positions: LockBlade['position'][] = tandem ? ['front', 'rear'] : ['rear'];
	return [
		{ id: 'finish', parts: finishPairs(tandem) },
		alike('texture', 'blade.texture', TEXTURES, positions),
		alike('thickness', 'blade.thickness', THICKNESSES, positions)
	];
}

function spinnerbait(layout: Layout): Space {
	return {
		family: 'spinnerbait',
		layout,
		base: { family: 'spinnerbait', hook: SINGLE },
		variables: [
			{ id: 'blades', parts: bladeSets(layout).map((set) => bladeSetPart(layout, set)) },
			...(layout === 'single' ? SINGLE_METAL : TANDEM_METAL),
			...SPINNERBAIT_REST
		],
		links: [STYLE_LINK, ...TRAILER_LINKS]
	};
}

const bladedJig: Space = {
	family: 'bladed-jig',
	layout: null,
	base: {
		family: 'bladed-jig',
		hook: SINGLE,
		...rearBlade({ size: 1, texture: 'smooth', thickness: 'standard' })
	},
	variables: [
		words('blades', JIG_BLADES, 'blade.style', (style) => rearBlade({ style })),
		words('finish', [...METAL_FINISHES, 'clear' as const], 'blade.finish', (finish) => rearBlade({ finish })),
		words('body', BODIES, 'body', (body) => ({ body })),
		...skirt(false),
		...trailer(TRAILERS_OF['bladed-jig'], true, null),
		...UNDER_WATER,
		headShape('bladed-jig'),
		...everyone
	],
	links: [
		STYLE_LINK,
		...TRAILER_LINKS,
		{
			a: 'blades',
			b: 'finish',
			allows: (blade, finish) =>
				(blade.patch.blades![0]!.style === 'clear') === (finish.patch.blades![0]!.finish === 'clear')
		}
	]
};

const buzzbait: Space = {
	family: 'buzzbait',
	layout: null,
	base: {
		family: 'buzzbait',
		hook: SINGLE,
		...rearBlade({ texture: 'smooth', thickness: 'standard' })
	},
	variables: [
		words('blades', BUZZ_BLADES, 'blade.style', (style) => rearBlade({ style })),
		things('diameter', BUZZ_DIAMETERS_MM, 'blade.size', buzzSizeFeatures, (size) => rearBlade({ size })),
		words('finish', METAL_FINISHES, 'blade.finish', (finish) => rearBlade({ finish })),
		words('noise', NOISES, 'noise', (noise) => ({ noise })),
		wire,
		...skirt(true),
		...trailer(TRAILERS_OF.buzzbait, true, 'trailer.colour'),
		...ON_TOP,
		headShape('buzzbait'),
		...everyone
	],
	links: [STYLE_LINK, ...TRAILER_LINKS]
};

const underspinSets = TURNING_STYLES.flatMap((style) =>
	UNDERSPIN_SIZES.map((size): BladeSet => ({ front: null, rear: { style, size } }))
);

const underspin: Space = {
	family: 'underspin',
	layout: null,
	base: {
		family: 'underspin',
		hook: SINGLE,
		skirt: { colour: 'none', material: 'silicone', length: 'standard', accent: 'none' },
		...rearBlade({ texture: 'smooth', thickness: 'standard' })
	},
	variables: [
		{
			id: 'blades',
			parts: underspinSets.map((set) => bladeSetPart('single', set, USUAL_UNDERSPIN))
		},
		{ id: 'finish', parts: finishPairs(false) },
		outfit(yesNo('screwIn')),
		...trailer(TRAILERS_OF.underspin, false, 'colour'),
		...UNDER_WATER,
		headShape('underspin'),
		...everyone
	],
	links: [STYLE_LINK, ...TRAILER_LINKS]
};

/** Every space of rigs: one for each layout of a spinnerbait, one for each other family. */
export const SPACES: readonly Space[] = [...LAYOUTS.map(spinnerbait), bladedJig, buzzbait, underspin];
