import { z } from 'zod';
import {
	ACCENTS,
	BODIES,
	BUZZ_BLADES,
	FAMILIES,
	FINISHES,
	HEAD_MATERIALS,
	HEAD_SHAPES,
	HOOK_GAUGES,
	HOOK_SHANKS,
	JIG_BLADES,
	LINE_TYPES,
	MOUNTS,
	NOISES,
	REEL_KINDS,
	RETRIEVES,
	ROD_ACTIONS,
	ROD_MATERIALS,
	ROD_POWERS,
	SKIRT_COLOURS,
	SKIRT_LENGTHS,
	SKIRT_MATERIALS,
	TEXTURES,
	THICKNESSES,
	TRAILER_HOOKS,
	TRAILER_KINDS,
	TURNING_STYLES
} from './words';
import type { Family } from './words';

const ALL_STYLES = [...TURNING_STYLES, ...JIG_BLADES, ...BUZZ_BLADES] as const;
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
	body: ['bladed-jig'],
	noise: ['buzzbait'],
	array: ['spinnerbait'],
	screwIn: ['underspin']
} as const satisfies Record<string, readonly Family[]>;

const bladeShape = z.strictObject({
	position: z.enum(['front', 'rear']),
	style: z.enum(ALL_STYLES),
	size: z.number().min(0).max(120),
	finish: z.enum(FINISHES),
	texture: z.enum(TEXTURES),
	thickness: z.enum(THICKNESSES)
});

const bladeSchema = bladeShape.extend({
	texture: bladeShape.shape.texture.default('smooth'),
	thickness: bladeShape.shape.thickness.default('standard')
});

const hookSchema = z.strictObject({
	size: z.string().regex(/^([1-9]|1[0-2]|[1-9]\/0|1[0-2]\/0)$/, 'A hook size is written like 4/0 or 2.'),
	gauge: z.enum(HOOK_GAUGES),
	shank: z.enum(HOOK_SHANKS)
});

const skirtSchema = z.strictObject({
	colour: z.enum(SKIRT_COLOURS),
	material: z.enum(SKIRT_MATERIALS),
	length: z.enum(SKIRT_LENGTHS),
	accent: z.enum(ACCENTS)
});

const trailerSchema = z.strictObject({
	kind: z.enum(TRAILER_KINDS),
	colour: z.enum(SKIRT_COLOURS),
	lengthIn: z.number().min(0.5).max(10),
	mount: z.enum(MOUNTS)
});

const leaderSchema = z.strictObject({
	type: z.enum(['fluorocarbon', 'mono']),
	testLb: z.number().min(2).max(100),
	lengthIn: z.number().min(4).max(240)
});

const lineSchema = z.strictObject({
	type: z.enum(LINE_TYPES),
	testLb: z.number().min(2).max(100),
	leader: leaderSchema.nullable()
});

const rodSchema = z.strictObject({
	lengthIn: z.number().min(48).max(120),
	power: z.enum(ROD_POWERS),
	action: z.enum(ROD_ACTIONS),
	material: z.enum(ROD_MATERIALS)
});

const reelSchema = z.strictObject({
	ratio: z.number().min(3).max(12),
	inchesPerTurn: z.number().min(8).max(60),
	kind: z.enum(REEL_KINDS)
});

const retrieveSchema = z.strictObject({
	style: z.enum(RETRIEVES),
	speedMps: z.number().min(0).max(4)
});

const rigShape = z.strictObject({
	family: z.enum(FAMILIES),
	weightOz: z.number().min(0.03).max(4),
	headMaterial: z.enum(HEAD_MATERIALS),
	headShape: z.enum(HEAD_SHAPES),
	body: z.enum(BODIES).optional(),
	blades: z.array(bladeSchema).min(1).max(2),
	wireIn: z.number().min(0.02).max(0.07).optional(),
	array: z.boolean().optional(),
	screwIn: z.boolean().optional(),
	noise: z.enum(NOISES).optional(),
	hook: hookSchema,
	skirt: skirtSchema,
	trailer: trailerSchema.nullable(),
	trailerHook: z.enum(TRAILER_HOOKS),
	line: lineSchema,
	rod: rodSchema,
	reel: reelSchema,
	retrieve: retrieveSchema
});

/** What is wrong with the places of a rig's blades, or `null`. */
function wrongPlaces(family: Family, blades: readonly { readonly position: 'front' | 'rear' }[]): string | null {
	if (blades.length > BLADES_MAX[family]) return `A ${family} carries one blade.`;
	const positions = blades.map(({ position }) => position);
	if (!positions.includes('rear')) return 'A single blade is the rear one.';
	return new Set(positions).size === positions.length ? null : 'Two blades cannot share a place.';
}

/** Everything tied on: lure with every part, line, rod, reel and how it is wound. */
export const rigSchema = rigShape.superRefine((rig, context) => {
	const refuse = (path: (string | number)[], message: string) => context.addIssue({ code: 'custom', path, message });
	for (const [key, families] of Object.entries(FAMILY_KEYS)) {
		const given = rig[key as keyof typeof FAMILY_KEYS] !== undefined;
		const belongs = (families as readonly Family[]).includes(rig.family);
		if (given && !belongs) refuse([key], `A ${rig.family} has no ${key}.`);
		if (!given && belongs) refuse([key], `A ${rig.family} needs ${key}.`);
	}
	rig.blades.forEach((blade, index) => {
		if (!STYLES_OF[rig.family].includes(blade.style)) {
			refuse(['blades', index, 'style'], `A ${rig.family} cannot carry a ${blade.style} blade.`);
		}
	});
	const wrong = wrongPlaces(rig.family, rig.blades);
	if (wrong) refuse(['blades'], wrong);
});

/** A rig of which only some values are fixed; blades are matched by their position. */
export const lockSchema = z.strictObject({
	...rigShape.partial().shape,
	blades: z
		.array(bladeShape.partial().required({ position: true }))
		.max(2)
		.optional(),
	hook: hookSchema.partial().optional(),
	skirt: skirtSchema.partial().optional(),
	trailer: trailerSchema.partial().nullable().optional(),
	line: lineSchema.partial().optional(),
	rod: rodSchema.partial().optional(),
	reel: reelSchema.partial().optional(),
	retrieve: retrieveSchema.partial().optional()
});

/** A rig of which the parts that decide how it runs are given, and perhaps others. */
export const rigPartsSchema = z
	.strictObject({
		...lockSchema.shape,
		family: rigShape.shape.family,
		weightOz: rigShape.shape.weightOz,
		blades: z
			.array(bladeShape.partial().required({ position: true, style: true, size: true }))
			.min(1)
			.max(2)
	})
	.superRefine((rig, context) => {
		rig.blades.forEach(({ style }, index) => {
			if (STYLES_OF[rig.family].includes(style)) return;
			const message = `A ${rig.family} cannot carry a ${style} blade.`;
			context.addIssue({ code: 'custom', path: ['blades', index, 'style'], message });
		});
		const wrong = wrongPlaces(rig.family, rig.blades);
		if (wrong) context.addIssue({ code: 'custom', path: ['blades'], message: wrong });
	});

export type Rig = z.output<typeof rigSchema>;
export type Blade = z.output<typeof bladeSchema>;
export type Line = Rig['line'];
export type Rod = Rig['rod'];
export type Reel = Rig['reel'];
export type Locks = z.output<typeof lockSchema>;
