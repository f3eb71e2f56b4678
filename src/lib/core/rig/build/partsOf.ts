import { completeFit } from './fit';
import { headId, hookId, makePart, PART_TABLE, type CataloguePart, type Figure } from './partTable';
import type { Build, OwnUse } from '../../foundation/schema/build';
import type { OwnSlot } from '../../foundation/schema/words';
import type { Blade, Rig } from '../../foundation/schema/rig';
import type { Family } from '../../foundation/schema/words';

/** Places that a part can take in a build, in words of the tackle. */
export type Slot =
	| 'head'
	| 'hook'
	| 'wire'
	| 'clevis'
	| 'beads'
	| 'front'
	| 'swivel'
	| 'rear'
	| 'clip'
	| 'rivet'
	| 'clacker'
	| 'keeper'
	| 'skirt'
	| 'trailer'
	| 'trailerHook'
	| 'tubing'
	| 'array'
	| 'arrayStop'
	| 'line'
	| 'leader'
	| 'rod'
	| 'reel';

const DRESS = ['skirt', 'trailer', 'trailerHook', 'tubing'] as const;
const TACKLE = ['line', 'leader', 'rod', 'reel'] as const;

/** Slots of each family in the order in which the parts go on. */
export const ASSEMBLY_ORDER: Readonly<Record<Family, readonly Slot[]>> = {
	spinnerbait: [
		'head',
		'hook',
		'wire',
		'clevis',
		'beads',
		'front',
		'swivel',
		'rear',
		...DRESS,
		'array',
		'arrayStop',
		...TACKLE
	],
	'bladed-jig': ['head', 'hook', 'rear', 'clip', ...DRESS, ...TACKLE],
	buzzbait: ['head', 'hook', 'wire', 'beads', 'rear', 'rivet', 'clacker', ...DRESS, ...TACKLE],
	underspin: ['head', 'hook', 'keeper', 'wire', 'swivel', 'rear', ...DRESS, ...TACKLE]
};

/** A part in its place. */
export interface PlacedPart {
	readonly slot: Slot;
	readonly part: CataloguePart;
	readonly count: number;
	/** The angler's own, with its stored key and version. */
	readonly own: OwnUse | null;
}

const measured = (value: number): Figure => ({ value, low: value, high: value, basis: 'standard' });

/** An own part as the table would hold it. */
function ownPart({ id, version, part }: OwnUse): CataloguePart {
	const figures = { lengthMm: measured(part.lengthMm), massG: measured(part.massG) };
	return { ...makePart(part.kind, '', part.name, part.price, figures), id, version };
}

/** The nearest row to a figure that the table does not hold (a wire or a weight between two rows). */
function nearest(prefix: string, value: number): string {
	const keys = [...PART_TABLE.keys()].filter((key) => key.startsWith(prefix));
	const off = (key: string): number => Math.abs(Number(key.slice(prefix.length)) - value);
	return keys.reduce((best, key) => (off(key) < off(best) ? key : best), keys[0]!);
}

const found = (id: string, prefix: string, value: number): string => (PART_TABLE.has(id) ? id : nearest(prefix, value));

function bladeId({ style, size }: Blade): string {
	if (style.startsWith('prop')) return found(`buzz-blade-${style}-${size}`, `buzz-blade-${style}-`, size);
	if (['standard', 'oversized', 'clear'].includes(style)) return `jig-blade-${style}`;
	return found(`blade-${style}-${size}`, `blade-${style}-`, size);
}

const headIdOf = ({ family, headMaterial, weightOz }: Rig): string =>
	found(headId(family, headMaterial, weightOz), `head-${family}-${headMaterial}-`, weightOz);

/** Key of the row that fits a slot of a rig, or `null` where the rig has no such part. */
const ROW_OF: Readonly<Record<Slot, (rig: Rig, weedBead: boolean) => string | null>> = {
	head: headIdOf,
	hook: ({ family, hook }) =>
		PART_TABLE.has(hookId(family, hook.size, hook.gauge, hook.shank))
			? hookId(family, hook.size, hook.gauge, hook.shank)
			: hookId(family, '5/0', hook.gauge, hook.shank),
	wire: (rig) => {
		if (rig.family === 'underspin') return rig.screwIn ? 'screw-in' : 'underspin-arm';
		return rig.wireIn === undefined ? null : found(`wire-${rig.wireIn}`, 'wire-', rig.wireIn);
	},
	clevis: (rig) => (rig.blades.length > 1 ? 'clevis' : null),
	beads: (rig, weedBead) => (rig.blades.length > 1 || weedBead ? 'bead' : null),
	front: (rig) => {
		const front = rig.blades.find(({ position }) => position === 'front');
		return front ? bladeId(front) : null;
	},
	swivel: () => 'swivel',
	rear: (rig) => bladeId(rig.blades.find(({ position }) => position === 'rear')!),
	clip: () => 'clip',
	rivet: () => 'rivet',
	clacker: (rig) => (rig.noise === 'clack' ? 'clacker' : null),
	keeper: () => 'keeper',
	skirt: ({ skirt }) => (skirt.colour === 'none' ? null : `skirt-${skirt.material}-${skirt.length}`),
	trailer: ({ trailer }) =>
		trailer && found(`trailer-${trailer.kind}-${trailer.lengthIn}`, `trailer-${trailer.kind}-`, trailer.lengthIn),
	trailerHook: (rig) => (rig.trailerHook === 'none' ? null : 'trailer-hook'),
	tubing: (rig) => (rig.trailerHook === 'none' ? null : 'tubing'),
	array: (rig) => (rig.array ? 'array' : null),
	arrayStop: (rig) => (rig.array ? 'array-stop' : null),
	line: ({ line }) => found(`line-${line.type}-${line.testLb}`, `line-${line.type}-`, line.testLb),
	leader: ({ line: { leader } }) =>
		leader && found(`leader-${leader.type}-${leader.testLb}`, `leader-${leader.type}-`, leader.testLb),
	rod: ({ rod }) => {
		const id = `rod-${rod.lengthIn}-${rod.power}-${rod.action}-${rod.material}`;
		return PART_TABLE.has(id) ? id : null;
	},
	reel: ({ reel }) => found(`reel-${reel.kind}-${reel.ratio}`, `reel-${reel.kind}-`, reel.ratio)
};

/** Every part of a build in assembly order, the angler's own standing over the table's. */
export function partsOf(build: Build): PlacedPart[] {
	const { rig, own } = build;
	const fit = completeFit(build);
	return ASSEMBLY_ORDER[rig.family].flatMap((slot): PlacedPart[] => {
		const use = own[slot as OwnSlot] ?? null;
		const id = ROW_OF[slot](rig, fit.weedBead);
		if (id === null && !use) return [];
		const part = use ? ownPart(use) : PART_TABLE.get(id!)!;
		const beads = rig.family === 'spinnerbait' ? fit.beads : 1;
		const count = slot === 'beads' ? beads : slot === 'keeper' ? fit.keepers : 1;
		return [{ slot, part, count, own: use }];
	});
}

/** Mass (g) of the lure: every part that hangs on the line. */
export const lureMassG = (build: Build): number =>
	partsOf(build).reduce((sum, { part, count }) => sum + count * (part.figures.massG?.value ?? 0), 0);
