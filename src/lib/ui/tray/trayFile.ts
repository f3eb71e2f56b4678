import { dequal } from 'dequal';
import Papa from 'papaparse';
import { partText } from '$lib/core/foundation/labels/partText';
import { trayPartSchema, type TrayPart } from '$lib/core/foundation/schema/tray';
import { CONDITIONS, PLACE_MAX, type TrayItem } from '$lib/core/records/trayRecord';

type Entry = Omit<TrayItem, 'id'>;
type Leaf = string | number | boolean | null;

/** Columns that stand first; those of the parts themselves follow as they are met. */
const FIRST = ['part', 'count', 'price', 'place', 'condition'];
/** Other words for a column, as a sheet of one's own may have them. */
const COLUMNS: Readonly<Record<string, string>> = {
	kind: 'kind',
	type: 'type',
	weight: 'weightOz',
	'weight oz': 'weightOz',
	metal: 'headMaterial',
	material: 'material',
	shape: 'headShape',
	color: 'colour',
	length: 'lengthIn',
	test: 'testLb',
	wire: 'wireIn',
	number: 'count',
	cost: 'price'
};

/** The values of an entry by their paths, "rig.blades.0.size". */
function leavesOf(value: unknown, path = ''): [string, Leaf][] {
	if (typeof value !== 'object' || value === null) return value === undefined ? [] : [[path, value as Leaf]];
	return Object.entries(value).flatMap(([key, inner]) => leavesOf(inner, path ? `${path}.${key}` : key));
}

/** A tray as CSV: a line for each entry, a column for each value. Read back it is the same. */
export function trayCsv(items: readonly TrayItem[]): string {
	const rows = items.map(({ part, place, condition }) =>
		Object.fromEntries([...leavesOf(part), ...leavesOf({ place, condition })])
	);
	const columns = [...new Set([...FIRST, ...rows.flatMap((row) => Object.keys(row))])];
	const data = rows.map((row) => columns.map((column) => (row[column] === null ? 'null' : (row[column] ?? ''))));
	return Papa.unparse({ fields: columns, data });
}

const FRACTION = /^(?:(\d+)[ -])?(\d+)\/(\d+)$/;

/** What a cell says: a figure, also as a fraction, yes or no, nothing, or a word. */
function valueOf(cell: string): Leaf {
	const fraction = FRACTION.exec(cell);
	if (fraction && Number(fraction[3]) > 0) return Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3]);
	if (/^-?\d*\.?\d+$/.test(cell)) return Number(cell);
	if (cell === 'true' || cell === 'false') return cell === 'true';
	return cell === 'null' ? null : cell;
}

type Tree = { [key: string]: unknown };

/** Puts a value at its path; a step that is a number is a place in a list. */
function put(tree: Tree, [key, ...rest]: readonly string[], value: Leaf): void {
	if (rest.length === 0) tree[key!] = value;
	else {
		tree[key!] ??= /^\d+$/.test(rest[0]!) ? [] : {};
		put(tree[key!] as Tree, rest, value);
	}
}

/** A word that reads like a figure, such as the hook size "2", stays the word it is where a figure is refused. */
function asWritten(tree: Tree, path: readonly PropertyKey[], cells: ReadonlyMap<string, string>): boolean {
	const cell = cells.get(path.join('.'));
	if (cell === undefined) return false;
	put(tree, path.map(String), cell);
	return true;
}

/** A part from the cells of a line, or what is wrong with them. */
function partOf(cells: ReadonlyMap<string, string>): TrayPart | string {
	const tree: Tree = {};
	for (const [path, cell] of cells) put(tree, path.split('.'), valueOf(cell));
	let read = trayPartSchema.safeParse(tree);
	for (const { path } of read.error?.issues ?? []) asWritten(tree, path, cells);
	read = trayPartSchema.safeParse(tree);
	if (read.success) return read.data;
	const [issue] = read.error.issues;
	const unknown = issue!.code === 'unrecognized_keys' ? `there is no ${issue!.keys.join(', ')} of this part` : null;
	const choices = issue!.code === 'invalid_value' ? `write ${issue!.values.join(', ')}` : issue!.message;
	return unknown ?? `${issue!.path.join('.') || 'part'}: ${choices}`;
}

function entryOf(row: Readonly<Record<string, string>>): Entry | string {
	const said = Object.entries(row).flatMap(([column, cell]): [string, string][] => {
		const text = typeof cell === 'string' ? cell.trim() : '';
		const name = column.trim();
		return text === '' ? [] : [[COLUMNS[name.toLowerCase()] ?? name, text]];
	});
	const { place, condition, ...rest } = Object.fromEntries(said);
	if (place && place.length > PLACE_MAX) return `place: at most ${PLACE_MAX} letters`;
	const state = CONDITIONS.find((one) => one === condition);
	if (condition && !state) return `condition: write ${CONDITIONS.join(', ')}`;
	const part = partOf(new Map(Object.entries(rest)));
	if (typeof part === 'string') return part;
	return { part, ...(place ? { place } : {}), ...(state ? { condition: state } : {}) };
}

/** What a file holds: entries that are new, how many are there already, and lines that are wrong, each with why. */
export interface TrayFile {
	readonly fresh: readonly Entry[];
	readonly known: number;
	readonly wrong: readonly string[];
}

/** Reads a tray from CSV, or from cells that were copied out of a spreadsheet. */
export function readTray(text: string, items: readonly TrayItem[]): TrayFile {
	const { data, meta } = Papa.parse<Record<string, string>>(text.trim(), { header: true, skipEmptyLines: true });
	const columns = (meta.fields ?? []).map((name) => name.trim());
	if (!columns.includes('part')) {
		return {
			fresh: [],
			known: 0,
			wrong: ['Line 1: the column “part” is missing: head, blade, wire, skirt and so on.']
		};
	}
	const there: Entry[] = items.map(({ part, place, condition }) => ({
		part,
		...(place ? { place } : {}),
		...(condition ? { condition } : {})
	}));
	const read = data.map(entryOf);
	const entries = read.filter((one) => typeof one !== 'string');
	const fresh = entries.filter((one) => !there.some((other) => dequal(other, one)));
	return {
		fresh,
		known: entries.length - fresh.length,
		wrong: read.flatMap((one, at) => (typeof one === 'string' ? [`Line ${at + 2}: ${one}.`] : []))
	};
}

/** Entries in a few words, for the preview. */
export const inWords = (entries: readonly Entry[]): string[] =>
	entries.map(({ part, place }) => `${part.count ?? 1} × ${partText(part)}${place ? `, ${place}` : ''}`);
