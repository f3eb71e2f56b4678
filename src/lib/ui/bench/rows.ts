import { isOneOf } from '$lib/core/foundation/basics/typed';
import { feetText } from '$lib/core/foundation/basics/units';
import { HOOK_SIZES } from '$lib/core/foundation/catalogue/hooks';
import { layoutOf, LAYOUTS, type Layout } from '$lib/core/foundation/catalogue/layouts';
import { LINES, REELS, RODS, WEIGHTS_OZ, WIRES_IN } from '$lib/core/foundation/catalogue/parts';
import { kindFor, withLayout, withRig } from '$lib/core/rig/build/start';
import { lineText, ouncesText } from '$lib/core/foundation/labels/describe';
import { spoken } from '$lib/core/foundation/labels/spoken';
import type { PartRecord } from '$lib/core/records/rigSchemas';
import type { Build } from '$lib/core/foundation/schema/build';
import { FAMILY_KEYS, shapesOf } from '$lib/core/foundation/schema/families';
import type { Rig } from '$lib/core/foundation/schema/rig';
import * as words from '$lib/core/foundation/schema/words';
import { OWN_SLOTS, type OwnSlot } from '$lib/core/foundation/schema/words';
import { bladeRow } from './bladeRows';
import {
	choice,
	either,
	entryChoice,
	figure,
	fitFigure,
	fitted,
	makerOf,
	withOwnOptions,
	type Control,
	type Maker,
	type OwnEntry,
	type Row
} from './controls';
import { extrasRow, skirtRow, trailerRow } from './dressRows';

function headRow(maker: Maker): Row {
	const { build, rig } = maker;
	const weight = choice<number>(
		maker,
		'Weight',
		rig.weightOz,
		WEIGHTS_OZ,
		(value) => withRig(build, { weightOz: value }, 'head'),
		(value) => `${ouncesText(value)} oz`
	);
	const material = choice(maker, 'Material', rig.headMaterial, words.HEAD_MATERIALS, (value) =>
		withRig(build, { headMaterial: value }, 'head')
	);
	const shape = choice(maker, 'Shape', rig.headShape, shapesOf(rig.family), (value) =>
		withRig(build, { headShape: value })
	);
	const hasBody = isOneOf(FAMILY_KEYS.body, rig.family);
	const body =
		hasBody && choice(maker, 'Body', rig.body ?? 'full', words.BODIES, (value) => withRig(build, { body: value }));
	return {
		slot: 'head',
		title: 'Head',
		controls: [withOwnOptions(maker, 'head', weight), material, shape],
		finer: body ? [body] : []
	};
}

function hookRow(maker: Maker): Row {
	const { build, rig } = maker;
	const set = (patch: Partial<Rig['hook']>, slot?: OwnSlot): Build =>
		withRig(build, { hook: { ...rig.hook, ...patch } }, slot);
	const size = choice<string>(
		maker,
		'Size',
		rig.hook.size,
		HOOK_SIZES,
		(value) => set({ size: value }, 'hook'),
		String
	);
	const gauge = choice(maker, 'Gauge', rig.hook.gauge, words.HOOK_GAUGES, (value) => set({ gauge: value }));
	const shank = choice(
		maker,
		'Shank',
		rig.hook.shank,
		words.HOOK_SHANKS,
		(value) => set({ shank: value }, 'hook'),
		(value) => `${value} shank`
	);
	const style = choice(maker, 'Style', rig.hook.style ?? 'single', words.HOOK_STYLES, (value) => set({ style: value }));
	return {
		slot: 'hook',
		title: 'Hook',
		controls: [withOwnOptions(maker, 'hook', size), gauge, shank],
		finer:
			rig.family === 'spinnerbait' ? [style, fitFigure(maker, 'Gap opened', 'gapDeg', 'deg', [-20, 20, 1])] : [style]
	};
}

function armRow(maker: Maker): Row {
	const arm = either(maker, 'Arm', maker.rig.screwIn ?? false, ['molded in', 'screwed in'], (screwIn) =>
		withRig(maker.build, { screwIn })
	);
	const keepers = fitFigure(maker, 'Keeper wires', 'keepers', 'count', [1, 2, 1]);
	return { slot: 'wire', title: 'Blade arm', controls: [arm], finer: [keepers] };
}

const TIES = { open: 'open tie', closed: 'closed twist' } as const;

function wireRows(maker: Maker): Row[] {
	const { build, rig, fit } = maker;
	if (rig.family === 'underspin') return [armRow(maker)];
	if (rig.wireIn === undefined) return [];
	const wire = choice<number>(
		maker,
		'Wire',
		rig.wireIn,
		WIRES_IN,
		(value) => withRig(build, { wireIn: value }),
		(value) => `${value.toFixed(3).slice(1)} in`
	);
	if (rig.family === 'buzzbait') {
		const bead = either(maker, 'Bead', fit.weedBead, ['no weed bead', 'weed bead'], (weedBead) =>
			fitted(maker, { weedBead })
		);
		return [{ slot: 'wire', title: 'Wire', controls: [wire, bead], finer: [] }];
	}
	const tie = choice(
		maker,
		'Line tie',
		fit.tie,
		['open', 'closed'] as const,
		(value) => fitted(maker, { tie: value }),
		(value) => TIES[value]
	);
	const finer = [
		fitFigure(maker, 'Lower arm', 'lowerArmMm', 'mm', [15, 60, 0.5]),
		fitFigure(maker, 'Arm rises', 'riseDeg', 'deg', [5, 60, 1]),
		fitFigure(maker, 'Offset on purpose', 'offsetDeg', 'deg', [-25, 25, 1])
	];
	const upper = fitFigure(maker, 'Upper arm', 'upperArmMm', 'mm', [30, 120, 1]);
	return [{ slot: 'wire', title: 'Wire', controls: [wire, upper, tie], finer }];
}

const rodText = ({ lengthIn, power, action, material }: Rig['rod']): string =>
	`${feetText(lengthIn)} ${spoken(power)}, ${action}, ${material}`;
const reelText = ({ ratio, inchesPerTurn, kind }: Rig['reel']): string =>
	`${ratio}:1 ${kind}, ${inchesPerTurn} in a turn`;

const JOINS = { direct: 'tied direct', snap: 'with a snap' } as const;

function tackleRows(maker: Maker): Row[] {
	const { build, rig, fit } = maker;
	const line = entryChoice(maker, 'Line', rig.line, LINES, lineText, (entry) => withRig(build, { line: entry }));
	const join = choice(
		maker,
		'Joined',
		fit.join,
		['direct', 'snap'] as const,
		(value) => fitted(maker, { join: value }),
		(value) => JOINS[value]
	);
	const rod = entryChoice(maker, 'Rod', rig.rod, RODS, rodText, (entry) => withRig(build, { rod: entry }));
	const reel = entryChoice(maker, 'Reel', rig.reel, REELS, reelText, (entry) => withRig(build, { reel: entry }));
	const drag = fitFigure(maker, 'Drag', 'dragLb', 'lb', [1, 25, 0.5]);
	return [
		{ slot: 'line', title: 'Line', controls: [line, join], finer: [] },
		{ slot: 'rod', title: 'Rod', controls: [rod], finer: [] },
		{ slot: 'reel', title: 'Reel', controls: [reel, drag], finer: [] }
	];
}

function retrieveRow(maker: Maker): Row {
	const { build, rig } = maker;
	const set = (patch: Partial<Rig['retrieve']>): Build => withRig(build, { retrieve: { ...rig.retrieve, ...patch } });
	const style = choice(maker, 'Style', rig.retrieve.style, words.RETRIEVES, (value) => set({ style: value }));
	const speed = figure('Speed', 'mps', rig.retrieve.speedMps, [0.2, 3, 0.1], (speedMps) => set({ speedMps }));
	return { slot: 'retrieve', title: 'Retrieve', controls: [style, speed], finer: [] };
}

/** Every row of a build in assembly order. */
export function rowsOf(build: Build, own: readonly OwnEntry[]): Row[] {
	const maker = makerOf(build, own);
	return [
		headRow(maker),
		hookRow(maker),
		...wireRows(maker),
		...bladeRow(maker, 'front'),
		...bladeRow(maker, 'rear'),
		skirtRow(maker),
		trailerRow(maker),
		extrasRow(maker),
		...tackleRows(maker),
		retrieveRow(maker)
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
	const { rig } = build;
	if (rig.family !== 'spinnerbait') return null;
	const set = (layout: Layout): Build => withLayout(build, layout);
	return choice({ build }, 'Layout', layoutOf(rig.blades), LAYOUTS, set, (layout) => LAYOUT_TEXT[layout]);
}

/** Slots that take an own part of a kind in a family. */
export const slotsFor = (build: Build, kind: PartRecord['part']['kind']): OwnSlot[] =>
	OWN_SLOTS.filter((slot) => kindFor(build.rig.family, slot) === kind).filter(
		(slot) => slot !== 'front' || build.rig.blades.length > 1
	);
