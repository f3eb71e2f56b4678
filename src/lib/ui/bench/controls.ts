import { completeFit, type Fit } from '$lib/core/rig/build/fit';
import type { Slot } from '$lib/core/rig/build/partsOf';
import { kindFor, withOwn } from '$lib/core/rig/build/start';
import { spoken } from '$lib/core/foundation/labels/spoken';
import type { PartRecord } from '$lib/core/records/rigSchemas';
import type { Build, OwnUse } from '$lib/core/foundation/schema/build';
import type { Rig } from '$lib/core/foundation/schema/rig';
import type { OwnSlot } from '$lib/core/foundation/schema/words';

/** An own part as the list has it, on the server or still waiting on this device. */
export interface OwnEntry {
	readonly id: string;
	readonly version: number;
	readonly record: PartRecord;
	readonly usedBy: readonly string[];
}

/** A rig's use of an own part: one that still not sent yet will be its first version. */
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

/** The build that rows are made of. */
export interface Maker {
	readonly build: Build;
	readonly rig: Rig;
	readonly fit: Fit;
	readonly own: readonly OwnEntry[];
}

export const makerOf = (build: Build, own: readonly OwnEntry[]): Maker => ({
	build,
	own,
	rig: build.rig,
	fit: completeFit(build)
});

const textOf = (value: string | number): string => spoken(String(value));

/**
 * A choice among the values of one of the rig's own lists. The present value is among them even where the bench would
 * not offer it; what is not among them changes nothing.
 */
export function choice<Value extends string | number>(
	{ build }: Pick<Maker, 'build'>,
	label: string,
	present: Value,
	values: readonly Value[],
	set: (value: Value) => Build,
	text: (value: Value) => string = textOf
): Choice {
	const all = values.includes(present) ? values : [present, ...values];
	return {
		kind: 'choice',
		label,
		value: String(present),
		options: all.map((value) => ({ value: String(value), text: text(value) })),
		set: (given) => {
			const found = all.find((value) => String(value) === given);
			return found === undefined ? build : set(found);
		}
	};
}

/** A choice between without and with. */
export const either = (
	maker: Maker,
	label: string,
	present: boolean,
	[without, having]: readonly [string, string],
	set: (has: boolean) => Build
): Choice =>
	choice(
		maker,
		label,
		present ? 'yes' : 'no',
		['no', 'yes'] as const,
		(value) => set(value === 'yes'),
		(value) => (value === 'yes' ? having : without)
	);

/** A choice among whole entries of a table, by their text. */
export const entryChoice = <Entry>(
	maker: Maker,
	label: string,
	present: Entry,
	entries: readonly Entry[],
	text: (entry: Entry) => string,
	set: (entry: Entry) => Build
): Choice => {
	const byText = new Map([present, ...entries].map((entry) => [text(entry), entry]));
	return choice(maker, label, text(present), entries.map(text), (value) => set(byText.get(value)!), String);
};

export const figure = (
	label: string,
	unit: Figure['unit'],
	value: number,
	[low, high, step]: readonly [number, number, number],
	set: (value: number) => Build
): Figure => ({ kind: 'figure', label, unit, value, low, high, step, set });

export const fitted = ({ build }: Maker, patch: Partial<Fit>): Build => ({ ...build, fit: { ...build.fit, ...patch } });

type FitFigure = { [Key in keyof Fit]: Fit[Key] extends number ? Key : never }[keyof Fit];

export const fitFigure = (
	maker: Maker,
	label: string,
	key: FitFigure,
	unit: Figure['unit'],
	range: readonly [number, number, number]
): Figure => figure(label, unit, maker.fit[key], range, (value) => fitted(maker, { [key]: value }));

/** Puts the angler's own parts of a slot after the table's choices. */
export function withOwnOptions({ build, own }: Maker, slot: OwnSlot, base: Choice): Choice {
	const kind = kindFor(build.rig.family, slot);
	const entries = own.filter(({ record }) => record.part.kind === kind);
	const used = build.own[slot];
	const options = entries.map(({ id, record }) => ({ value: `own:${id}`, text: record.part.name }));
	const gone =
		used && !entries.some(({ id }) => id === used.id) ? [{ value: `own:${used.id}`, text: used.part.name }] : [];
	return {
		...base,
		value: used ? `own:${used.id}` : base.value,
		options: [...base.options, ...options, ...gone],
		set: (value) => {
			const entry = entries.find(({ id }) => value === `own:${id}`);
			if (!entry) return value.startsWith('own:') ? build : base.set(value);
			return withOwn(build, slot, useOf(entry));
		}
	};
}
