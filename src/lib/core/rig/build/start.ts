import { LINES, REELS, RODS } from '../../foundation/catalogue/parts';
import { bladeSets, type Layout } from '../../foundation/catalogue/layouts';
import type { Build, OwnKind, OwnUse } from '../../foundation/schema/build';
import type { OwnSlot } from '../../foundation/schema/words';
import type { Blade, Rig } from '../../foundation/schema/rig';
import type { BuzzBlade, Family, JigBlade, TurningStyle } from '../../foundation/schema/words';
import { MM_PER_IN, KG_PER_OZ } from '../../foundation/basics/units';
import { BLADE_SIZES } from '../../foundation/catalogue/bladeSizes';
import { without } from '../../foundation/basics/without';

const blade = (position: Blade['position'], style: Blade['style'], size: number): Blade => ({
	position,
	style,
	size,
	finish: 'nickel',
	texture: 'smooth',
	thickness: 'standard'
});

const COMMON = {
	headMaterial: 'lead',
	headShape: 'plain',
	hook: { size: '5/0', gauge: 'standard', shank: 'standard' },
	skirt: { colour: 'white', material: 'silicone', length: 'standard', accent: 'none' },
	trailer: null,
	trailerHook: 'none',
	line: LINES[0]!,
	rod: RODS[0]!,
	reel: REELS[0]!
} as const;

/** What each family begins with when it is built from nothing: an ordinary rig that runs. */
const STARTS: Readonly<Record<Family, Rig>> = {
	spinnerbait: {
		...COMMON,
		family: 'spinnerbait',
		weightOz: 0.5,
		wireIn: 0.035,
		array: false,
		blades: [blade('front', 'colorado', 3), blade('rear', 'willow', 4.5)],
		retrieve: { style: 'steady', speedMps: 0.9 }
	},
	'bladed-jig': {
		...COMMON,
		family: 'bladed-jig',
		weightOz: 0.5,
		body: 'full',
		blades: [blade('rear', 'standard', 0)],
		trailer: { kind: 'split-tail', colour: 'white', lengthIn: 3, mount: 'upright' },
		retrieve: { style: 'steady', speedMps: 0.8 }
	},
	buzzbait: {
		...COMMON,
		family: 'buzzbait',
		weightOz: 0.375,
		wireIn: 0.035,
		noise: 'quiet',
		blades: [blade('rear', 'prop-2', 45)],
		retrieve: { style: 'surface', speedMps: 1.1 }
	},
	underspin: {
		...COMMON,
		family: 'underspin',
		weightOz: 0.25,
		screwIn: false,
		blades: [blade('rear', 'willow', 3)],
		hook: { size: '4/0', gauge: 'light', shank: 'standard' },
		skirt: { ...COMMON.skirt, colour: 'none' },
		trailer: { kind: 'split-tail', colour: 'pearl', lengthIn: 4, mount: 'upright' },
		retrieve: { style: 'steady', speedMps: 0.8 }
	}
};

/** A build of a family from nothing. */
export const startBuild = (family: Family): Build => ({ rig: STARTS[family], fit: {}, own: {}, notes: '' });

/**
 * The build as another family: the family's own parts are those of its start, what both have (weight, hook, dress, line,
 * rod, reel, notes) carries over.
 */
export function withFamily(build: Build, family: Family): Build {
	if (build.rig.family === family) return build;
	const { weightOz, headMaterial, skirt, trailer, line, rod, reel } = build.rig;
	const start = STARTS[family];
	const bare = family === 'underspin';
	const rig: Rig = {
		...start,
		weightOz,
		headMaterial,
		line,
		rod,
		reel,
		skirt: bare ? start.skirt : skirt.colour === 'none' ? start.skirt : skirt,
		trailer: trailer ?? start.trailer
	};
	const { dragLb, join } = build.fit;
	const fit = { ...(dragLb === undefined ? {} : { dragLb }), ...(join === undefined ? {} : { join }) };
	const own = build.own.trailer ? { trailer: build.own.trailer } : {};
	return { rig, fit, own, notes: build.notes };
}

/** Whether two sets have the same blade in a place. */
function sameBlade(before: readonly Blade[], after: readonly Blade[], position: Blade['position']): boolean {
	const [a, b] = [before, after].map((blades) => blades.find((blade) => blade.position === position));
	return a?.style === b?.style && a?.size === b?.size && a !== undefined && b !== undefined;
}

/** The build with a spinnerbait's other layout; blades that the layout keeps stay, the others are its middle sizes. */
export function withLayout(build: Build, layout: Layout): Build {
	const sets = bladeSets(layout);
	const rear = build.rig.blades.find(({ position }) => position === 'rear')!;
	const fitting = sets.filter((set) => set.rear.style === rear.style && set.rear.size === rear.size);
	const set = fitting[Math.floor(fitting.length / 2)] ?? sets[Math.floor(sets.length / 2)]!;
	const front = build.rig.blades.find(({ position }) => position === 'front') ?? rear;
	const placed = (position: Blade['position'], from: Blade, part: { style: TurningStyle; size: number }): Blade => ({
		...from,
		...part,
		position
	});
	const blades = [
		...(set.front ? [placed('front', front, set.front)] : []),
		placed('rear', rear, layout === 'single' && rear.style in BLADE_SIZES ? (rear as typeof set.rear) : set.rear)
	];
	// A part of one's own stays only where its blade does: its figures are not those of another one.
	const own = (['front', 'rear'] as const).reduce(
		(left, position) => (sameBlade(build.rig.blades, blades, position) ? left : without(left, position)),
		build.own
	);
	return { ...build, rig: { ...build.rig, blades }, fit: without(build.fit, 'clevisMm'), own };
}

/** Kinds of own parts that a slot of a rig takes. */
export function kindFor(family: Family, slot: OwnSlot): OwnKind {
	if (slot !== 'front' && slot !== 'rear') return slot;
	if (family === 'bladed-jig') return 'jig-blade';
	return family === 'buzzbait' ? 'buzz-blade' : 'blade';
}

/** The trade size whose length is nearest to a measured one. */
function nearestSize(style: TurningStyle, lengthMm: number): number {
	const off = (mm: number): number => Math.abs(mm - lengthMm);
	return BLADE_SIZES[style].reduce((best, row) => (off(row.lengthMm) < off(best.lengthMm) ? row : best)).size;
}

const hundredths = (value: number): number => Math.round(value * 100) / 100;

/** What an own part says about the rig itself, beside its measured length and mass. */
function ownRig(rig: Rig, slot: OwnSlot, { form, lengthMm, massG, colour }: OwnUse['part']): Rig {
	const dyed = colour ? { colour: colour.countsAs } : {};
	if (slot === 'head') {
		const weightOz = Math.min(4, Math.max(0.03, hundredths(massG / 1000 / KG_PER_OZ)));
		return { ...rig, weightOz, headMaterial: form as Rig['headMaterial'] };
	}
	if (slot === 'hook') return { ...rig, hook: { ...rig.hook, gauge: form as Rig['hook']['gauge'] } };
	if (slot === 'skirt') {
		return { ...rig, skirt: { ...rig.skirt, material: form as Rig['skirt']['material'], ...dyed } };
	}
	if (slot === 'trailer') {
		const before = rig.trailer ?? { colour: 'white', mount: 'upright' };
		const lengthIn = Math.min(10, Math.max(0.5, hundredths(lengthMm / MM_PER_IN)));
		return { ...rig, trailer: { ...before, kind: form, lengthIn, ...dyed } as NonNullable<Rig['trailer']> };
	}
	const blades = rig.blades.map((present): Blade => {
		if (present.position !== slot) return present;
		const turning = rig.family === 'spinnerbait' || rig.family === 'underspin';
		const style = form as TurningStyle | JigBlade | BuzzBlade;
		const size = turning
			? nearestSize(style as TurningStyle, lengthMm)
			: rig.family === 'buzzbait'
				? lengthMm
				: present.size;
		return { ...present, style, size };
	});
	return { ...rig, blades };
}

/** The build with a part of the angler's own in a slot; its version stays with the build. */
export const withOwn = (build: Build, slot: OwnSlot, use: OwnUse): Build => ({
	...build,
	rig: ownRig(build.rig, slot, use.part),
	own: { ...build.own, [slot]: use }
});

/** The build with the table's part back in a slot. */
export const withoutOwn = (build: Build, slot: OwnSlot): Build => ({ ...build, own: without(build.own, slot) });

/** The build with some of its rig changed; an own part gives way where its own facet is chosen anew. */
export function withRig(build: Build, patch: Partial<Rig>, slot?: OwnSlot): Build {
	const own = slot ? without(build.own, slot) : build.own;
	return { ...build, rig: { ...build.rig, ...patch }, own };
}
