import { STYLES_OF, type BladeStyle } from '$lib/core/foundation/schema/families';
import { BLADE_SIZES } from '$lib/core/foundation/catalogue/bladeSizes';
import { BUZZ_DIAMETERS_MM, METAL_FINISHES } from '$lib/core/foundation/catalogue/parts';
import { withRig } from '$lib/core/rig/build/start';
import { spoken } from '$lib/core/foundation/labels/spoken';
import type { Build } from '$lib/core/foundation/schema/build';
import type { Blade, Rig } from '$lib/core/foundation/schema/rig';
import * as words from '$lib/core/foundation/schema/words';
import type { OwnSlot } from '$lib/core/foundation/schema/words';
import { choice, fitFigure, withOwnOptions, type Control, type Maker, type Row } from './controls';

type SetBlade = (patch: Partial<Blade>, slot?: OwnSlot) => Build;

const WING_WORDS: Readonly<Partial<Record<BladeStyle, string>>> = {
	'prop-2': 'two wings',
	'prop-3': 'three wings',
	'prop-4': 'four wings'
};

function styleControl(maker: Maker, blade: Blade, set: SetBlade): Control {
	/** Clear plastic is a style and a finish in one. */
	const finishFor = (style: BladeStyle): Blade['finish'] => {
		if (style === 'clear') return 'clear';
		return blade.finish === 'clear' ? 'nickel' : blade.finish;
	};
	const style = choice(
		maker,
		'Style',
		blade.style,
		STYLES_OF[maker.rig.family],
		(value) => set({ style: value, finish: finishFor(value) }, blade.position),
		(value) => WING_WORDS[value] ?? spoken(value)
	);
	return withOwnOptions(maker, blade.position, style);
}

/** Size of a blade where its kind has one: a trade number, or a buzz blade's diameter. */
function sizeControls(maker: Maker, blade: Blade, set: SetBlade): Control[] {
	const { family } = maker.rig;
	if (family === 'bladed-jig') return [];
	const take = (size: number): Build => set({ size }, blade.position);
	if (family === 'buzzbait') {
		const diameters = BUZZ_DIAMETERS_MM.toSorted((a, b) => a - b);
		return [choice<number>(maker, 'Diameter', blade.size, diameters, take, (size) => `${size} mm`)];
	}
	const turning = words.TURNING_STYLES.find((style) => style === blade.style);
	const sizes = (turning ? BLADE_SIZES[turning] : []).map(({ size }) => size).toSorted((a, b) => a - b);
	return [choice(maker, 'Size', blade.size, sizes, take, (size) => `size ${size}`)];
}

function finerOf(maker: Maker, blade: Blade, set: SetBlade): Control[] {
	const { build, rig } = maker;
	if (rig.noise) return [choice(maker, 'Noise', rig.noise, words.NOISES, (value) => withRig(build, { noise: value }))];
	if (rig.family === 'bladed-jig') return [fitFigure(maker, 'Lip bent down', 'lipDeg', 'deg', [0, 30, 1])];
	const about = [
		choice(maker, 'Texture', blade.texture, words.TEXTURES, (value) => set({ texture: value })),
		choice(maker, 'Thickness', blade.thickness, words.THICKNESSES, (value) => set({ thickness: value }))
	];
	if (blade.position === 'rear') return about;
	return [
		...about,
		fitFigure(maker, 'Clevis from tie', 'clevisMm', 'mm', [8, 100, 1]),
		fitFigure(maker, 'Beads', 'beads', 'count', [1, 6, 1])
	];
}

function titleOf({ family, blades }: Rig, position: Blade['position']): string {
	if (family === 'bladed-jig') return 'Plate';
	if (blades.length === 1) return 'Blade';
	return position === 'front' ? 'Front blade' : 'Rear blade';
}

/** The row of the blade at a position; none where the rig has no such blade. */
export function bladeRow(maker: Maker, position: Blade['position']): Row[] {
	const { build, rig } = maker;
	const blade = rig.blades.find((candidate) => candidate.position === position);
	if (!blade) return [];
	const set: SetBlade = (patch, slot) =>
		withRig(
			build,
			{ blades: rig.blades.map((present) => (present.position === position ? { ...present, ...patch } : present)) },
			slot
		);
	const finishes: readonly Blade['finish'][] = blade.style === 'clear' ? ['clear'] : METAL_FINISHES;
	const finish = choice(maker, 'Finish', blade.finish, finishes, (value) => set({ finish: value }));
	return [
		{
			slot: position,
			title: titleOf(rig, position),
			controls: [styleControl(maker, blade, set), ...sizeControls(maker, blade, set), finish],
			finer: finerOf(maker, blade, set)
		}
	];
}
