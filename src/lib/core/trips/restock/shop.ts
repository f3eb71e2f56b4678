import { bladeSets } from '../../foundation/catalogue/layouts';
import { METAL_FINISHES, WEIGHTS_OZ, WIRES_IN } from '../../foundation/catalogue/parts';
import type { Tray, TrayPart } from '../../foundation/schema/tray';
import { BUZZ_BLADES, JIG_BLADES, SKIRT_COLOURS, TRAILER_HOOKS, TRAILER_KINDS } from '../../foundation/schema/words';

/** Colors in which soft bodies are sold everywhere. */
const BODY_COLOURS = ['white', 'green-pumpkin', 'black', 'chartreuse', 'pearl'] as const;

const heads = (): TrayPart[] =>
	(['lead', 'tungsten'] as const).flatMap((headMaterial) =>
		WEIGHTS_OZ.map((weightOz) => ({ part: 'head', weightOz, headMaterial, headShape: 'plain' }))
	);

const turning = (): TrayPart[] =>
	bladeSets('single').flatMap(({ rear: { style, size } }) =>
		METAL_FINISHES.map((finish) => ({ part: 'blade', style, size, finish, texture: 'smooth', thickness: 'standard' }))
	);

const jigAndBuzz = (): TrayPart[] =>
	[...JIG_BLADES.filter((style) => style !== 'clear'), ...BUZZ_BLADES].flatMap((style) =>
		METAL_FINISHES.map((finish) => ({ part: 'blade', style, finish }))
	);

const skirts = (): TrayPart[] =>
	SKIRT_COLOURS.filter((colour) => colour !== 'none').map((colour) => ({
		part: 'skirt',
		colour,
		material: 'silicone',
		length: 'standard',
		accent: 'none'
	}));

const trailers = (): TrayPart[] =>
	TRAILER_KINDS.flatMap((kind) => BODY_COLOURS.map((colour) => ({ part: 'trailer', kind, colour })));

/** Parts that tackle shops carry: each kind in its usual make, in every weight, size and color. */
export const shopParts = (): Tray => [
	...heads(),
	...turning(),
	...jigAndBuzz(),
	{ part: 'blade', style: 'clear', finish: 'clear' },
	...WIRES_IN.map((wireIn): TrayPart => ({ part: 'wire', wireIn })),
	...skirts(),
	...trailers(),
	...TRAILER_HOOKS.filter((hook) => hook !== 'none').map((trailerHook): TrayPart => ({
		part: 'trailer-hook',
		trailerHook
	}))
];
