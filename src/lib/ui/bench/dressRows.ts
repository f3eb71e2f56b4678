import { bodyColourOf, tailColourOf, toned } from '$lib/core/foundation/catalogue/trailerColour';
import { withRig } from '$lib/core/rig/build/start';
import { spoken } from '$lib/core/foundation/labels/spoken';
import type { Build } from '$lib/core/foundation/schema/build';
import type { Rig } from '$lib/core/foundation/schema/rig';
import * as words from '$lib/core/foundation/schema/words';
import type { OwnSlot } from '$lib/core/foundation/schema/words';
import { choice, either, fitFigure, withOwnOptions, type Maker, type Row } from './controls';

export function skirtRow(maker: Maker): Row {
	const { build, rig } = maker;
	const { skirt } = rig;
	const set = (patch: Partial<Rig['skirt']>, slot?: OwnSlot): Build =>
		withRig(build, { skirt: { ...skirt, ...patch } }, slot);
	const colour = choice(
		maker,
		'Color',
		skirt.colour,
		words.SKIRT_COLOURS,
		(value) => set({ colour: value }, build.own.skirt?.part.colour ? 'skirt' : undefined),
		(value) => (value === 'none' ? 'no skirt' : spoken(value))
	);
	if (skirt.colour === 'none') return { slot: 'skirt', title: 'Skirt', controls: [colour], finer: [] };
	const material = choice(maker, 'Material', skirt.material, words.SKIRT_MATERIALS, (value) =>
		set({ material: value }, 'skirt')
	);
	const length = choice(
		maker,
		'Length',
		skirt.length,
		words.SKIRT_LENGTHS,
		(value) => set({ length: value }, 'skirt'),
		(value) => (value === 'standard' ? 'usual' : value)
	);
	const accent = choice(
		maker,
		'Accent',
		skirt.accent,
		words.ACCENTS,
		(value) => set({ accent: value }),
		(value) => (value === 'none' ? 'no accent' : value)
	);
	return {
		slot: 'skirt',
		title: 'Skirt',
		controls: [colour, withOwnOptions(maker, 'skirt', material), length],
		finer: [accent, fitFigure(maker, 'Cut to', 'skirtMm', 'mm', [10, 90, 1])]
	};
}

const FIRST_TRAILER = { colour: 'white', lengthIn: 3, mount: 'upright' } as const;
const LENGTHS_IN = [2, 2.5, 3, 3.5, 4, 4.5, 5] as const;
const COLOURS = words.SKIRT_COLOURS.filter((colour) => colour !== 'none');

export function trailerRow(maker: Maker): Row {
	const { build, rig } = maker;
	const { trailer } = rig;
	const title = rig.family === 'underspin' ? 'Soft body' : 'Trailer';
	const kind = choice(maker, 'Kind', trailer?.kind ?? 'none', ['none', ...words.TRAILER_KINDS] as const, (value) =>
		withRig(build, { trailer: value === 'none' ? null : { ...FIRST_TRAILER, ...trailer, kind: value } }, 'trailer')
	);
	const first = withOwnOptions(maker, 'trailer', kind);
	if (!trailer) return { slot: 'trailer', title, controls: [first], finer: [] };
	const set = (patch: Partial<NonNullable<Rig['trailer']>>, slot?: OwnSlot): Build =>
		withRig(build, { trailer: { ...trailer, ...patch } }, slot);
	const length = choice<number>(
		maker,
		'Length',
		trailer.lengthIn,
		LENGTHS_IN,
		(value) => set({ lengthIn: value }, 'trailer'),
		(value) => `${value} in`
	);
	const tail = tailColourOf(trailer.colour);
	return {
		slot: 'trailer',
		title,
		controls: [
			first,
			length,
			choice(maker, 'Color', bodyColourOf(trailer.colour), COLOURS, (value) =>
				set({ colour: toned(value, tail) }, build.own.trailer?.part.colour ? 'trailer' : undefined)
			)
		],
		finer: [
			choice(maker, 'Tail', tail, COLOURS, (value) => set({ colour: toned(bodyColourOf(trailer.colour), value) })),
			choice(maker, 'Mount', trailer.mount, words.MOUNTS, (value) => set({ mount: value })),
			fitFigure(maker, 'Cut off', 'trailerCutMm', 'mm', [0, 80, 1]),
			fitFigure(maker, 'Crooked by', 'kinkDeg', 'deg', [0, 30, 1])
		]
	};
}

const SECOND_HOOK: Readonly<Record<Rig['trailerHook'], string>> = {
	none: 'no trailer hook',
	free: 'hook swings free',
	stiff: 'hook stiff'
};

export function extrasRow(maker: Maker): Row {
	const { build, rig } = maker;
	const hook = choice(
		maker,
		'Trailer hook',
		rig.trailerHook,
		words.TRAILER_HOOKS,
		(value) => withRig(build, { trailerHook: value }),
		(value) => SECOND_HOOK[value]
	);
	const array = either(maker, 'Array', rig.array ?? false, ['no array', 'clip-on array'], (has) =>
		withRig(build, { array: has })
	);
	return { slot: 'extras', title: 'Extras', controls: rig.array === undefined ? [hook] : [hook, array], finer: [] };
}
