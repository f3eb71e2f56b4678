import { isOneOf, entriesOf } from '../basics/typed';
import './english';
import * as z from 'zod/mini';
import { ALL_STYLES, BLADES_MAX, FAMILY_KEYS, LEFT_OUT, shapesOf, STYLES_OF } from './families';
import {
	ACCENTS,
	BODIES,
	FAMILIES,
	FINISHES,
	HEAD_MATERIALS,
	HEAD_SHAPES,
	HOOK_GAUGES,
	HOOK_SHANKS,
	HOOK_STYLES,
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
	TRAILER_KINDS
} from './words';
import type { Family } from './words';

const bladeShape = z.strictObject({
	position: z.enum(['front', 'rear']),
	style: z.enum(ALL_STYLES),
	size: z.number().check(z.minimum(0), z.maximum(120)),
	finish: z.enum(FINISHES),
	texture: z.enum(TEXTURES),
	thickness: z.enum(THICKNESSES)
});

const bladeSchema = z.extend(bladeShape, {
	texture: z._default(bladeShape.shape.texture, 'smooth'),
	thickness: z._default(bladeShape.shape.thickness, 'standard')
});

const hookSchema = z.strictObject({
	size: z.string().check(z.regex(/^([1-9]|1[0-2]|[1-9]\/0|1[0-2]\/0)$/, 'Write a hook size like 4/0 or 2.')),
	gauge: z.enum(HOOK_GAUGES),
	shank: z.enum(HOOK_SHANKS),
	/** Single when left out. */
	style: z.optional(z.enum(HOOK_STYLES))
});

const skirtSchema = z.strictObject({
	colour: z.enum(SKIRT_COLOURS),
	material: z.enum(SKIRT_MATERIALS),
	length: z.enum(SKIRT_LENGTHS),
	accent: z.enum(ACCENTS)
});

/** A soft body's color, or "A/B" for one with a dipped or contrasting tail. */
const trailerColourSchema = z.union([
	z.enum(SKIRT_COLOURS),
	z.templateLiteral([z.enum(SKIRT_COLOURS), '/', z.enum(SKIRT_COLOURS)])
]);
export type TrailerColour = z.output<typeof trailerColourSchema>;

const trailerSchema = z.strictObject({
	kind: z.enum(TRAILER_KINDS),
	colour: trailerColourSchema,
	lengthIn: z.number().check(z.minimum(0.5), z.maximum(10)),
	mount: z.enum(MOUNTS)
});

const leaderSchema = z.strictObject({
	type: z.enum(['fluorocarbon', 'mono']),
	testLb: z.number().check(z.minimum(2), z.maximum(100)),
	lengthIn: z.number().check(z.minimum(4), z.maximum(240))
});

const lineSchema = z.strictObject({
	type: z.enum(LINE_TYPES),
	testLb: z.number().check(z.minimum(2), z.maximum(100)),
	leader: z.nullable(leaderSchema)
});

const rodSchema = z.strictObject({
	lengthIn: z.number().check(z.minimum(48), z.maximum(120)),
	power: z.enum(ROD_POWERS),
	action: z.enum(ROD_ACTIONS),
	material: z.enum(ROD_MATERIALS)
});

const reelSchema = z.strictObject({
	ratio: z.number().check(z.minimum(3), z.maximum(12)),
	inchesPerTurn: z.number().check(z.minimum(8), z.maximum(60)),
	kind: z.enum(REEL_KINDS)
});

const retrieveSchema = z.strictObject({
	style: z.enum(RETRIEVES),
	speedMps: z.number().check(z.minimum(0), z.maximum(4))
});

const rigShape = z.strictObject({
	family: z.enum(FAMILIES),
	weightOz: z.number().check(z.minimum(0.03), z.maximum(4)),
	headMaterial: z.enum(HEAD_MATERIALS),
	headShape: z.enum(HEAD_SHAPES),
	body: z.optional(z.enum(BODIES)),
	blades: z.array(bladeSchema).check(z.minLength(1), z.maxLength(2)),
	wireIn: z.optional(z.number().check(z.minimum(0.02), z.maximum(0.07))),
	array: z.optional(z.boolean()),
	screwIn: z.optional(z.boolean()),
	noise: z.optional(z.enum(NOISES)),
	hook: hookSchema,
	skirt: skirtSchema,
	trailer: z.nullable(trailerSchema),
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
	return new Set(positions).size === positions.length ? null : 'Two blades can’t share a position.';
}

/** Everything tied on: lure with every part, line, rod, reel and how it is wound. */
export const rigSchema = rigShape.check(
	z.superRefine((rig, context) => {
		const refuse = (path: (string | number)[], message: string) => context.addIssue({ code: 'custom', path, message });
		for (const [key, families] of entriesOf(FAMILY_KEYS)) {
			const given = rig[key] !== undefined;
			const belongs = isOneOf(families, rig.family);
			if (given && !belongs) refuse([key], `A ${rig.family} has no ${key}.`);
			const optional = LEFT_OUT[key]?.includes(rig.family);
			if (!given && belongs && !optional) refuse([key], `A ${rig.family} needs ${key}.`);
		}
		if (!shapesOf(rig.family).includes(rig.headShape)) {
			refuse(['headShape'], `A ${rig.family} has no ${rig.headShape} head.`);
		}
		rig.blades.forEach((blade, index) => {
			if (!STYLES_OF[rig.family].includes(blade.style)) {
				refuse(['blades', index, 'style'], `A ${rig.family} can’t carry a ${blade.style} blade.`);
			}
		});
		const wrong = wrongPlaces(rig.family, rig.blades);
		if (wrong) refuse(['blades'], wrong);
	})
);

/** A rig of which only some values are fixed; blades are matched by their position. */
export const lockSchema = z.strictObject({
	...z.partial(rigShape).shape,
	blades: z.optional(z.array(z.required(z.partial(bladeShape), { position: true })).check(z.maxLength(2))),
	hook: z.optional(z.partial(hookSchema)),
	skirt: z.optional(z.partial(skirtSchema)),
	trailer: z.optional(z.nullable(z.partial(trailerSchema))),
	line: z.optional(z.partial(lineSchema)),
	rod: z.optional(z.partial(rodSchema)),
	reel: z.optional(z.partial(reelSchema)),
	retrieve: z.optional(z.partial(retrieveSchema))
});

/** A rig of which the parts that decide how it runs are given, and perhaps others. */
export const rigPartsSchema = z
	.strictObject({
		...lockSchema.shape,
		family: rigShape.shape.family,
		weightOz: rigShape.shape.weightOz,
		blades: z
			.array(z.required(z.partial(bladeShape), { position: true, style: true, size: true }))
			.check(z.minLength(1), z.maxLength(2))
	})
	.check(
		z.superRefine((rig, context) => {
			rig.blades.forEach(({ style }, index) => {
				if (STYLES_OF[rig.family].includes(style)) return;
				const message = `A ${rig.family} cannot carry a ${style} blade.`;
				context.addIssue({ code: 'custom', path: ['blades', index, 'style'], message });
			});
			const wrong = wrongPlaces(rig.family, rig.blades);
			if (wrong) context.addIssue({ code: 'custom', path: ['blades'], message: wrong });
		})
	);

export type Rig = z.output<typeof rigSchema>;
export type Blade = z.output<typeof bladeSchema>;
export type Line = Rig['line'];
export type Rod = Rig['rod'];
export type Reel = Rig['reel'];
export type Locks = z.output<typeof lockSchema>;
