import { isOneOf } from '../../core/foundation/basics/typed';
import { dequal } from 'dequal';
import Papa from 'papaparse';
import { SCHEMA_VERSION } from '../../core/records/version';
import { without } from '../../core/foundation/basics/without';
import { readEntry } from '../../core/records/read';
import { uuid } from '../../core/records/schemas';
import type { EntryRecord, OutingRecord } from '../../core/records/tallySchemas';
import { InputFailure } from '../../core/foundation/schema/failure';
import { inTransaction } from '../db/transaction';
import { parseJson } from '../http/body';
import { HttpFailure } from '../http/failures';
import { everyRecord } from './every';
import { storeOf, type Stored } from './store';

/** Columns of the file: what most happenings have in cells of their own, everything else as JSON in the last. */
const COLUMNS = [
	'outing',
	'id',
	'at',
	'order',
	'kind',
	'count',
	'seconds',
	'hit',
	'hook',
	'lengthCm',
	'massKg',
	'text',
	'more'
];
const OWN_CELLS = ['count', 'seconds', 'hit', 'hook', 'lengthCm', 'massKg', 'text'] as const;
const NUMBERS: readonly string[] = ['count', 'seconds', 'lengthCm', 'massKg'];
/** The kind of a row that is an outing itself. */
const OUTING = 'outing';

type Row = Record<string, string>;
/** Most columns and lines that are read: an account holds no more. */
const FIELDS_MAX = 100;
const LINES_MAX = 100_000;

/** A cell that no spreadsheet takes for a formula: one that begins like one, or like a guard, is guarded. */
export const guarded = (cell: string): string => (/^['=+\-@\t\r]/.test(cell) ? `'${cell}` : cell);
/** The cell as it was before it was guarded. */
export const unguarded = (cell: string): string => (cell.startsWith("'") ? cell.slice(1) : cell);

const sealed = (row: Row): Row => Object.fromEntries(Object.entries(row).map(([key, cell]) => [key, guarded(cell)]));

function rowOfHappening({ id, record: { outingId, at, order, what } }: Stored<EntryRecord>): Row {
	const { kind, ...rest } = what;
	const cells: Row = {};
	const more: Record<string, unknown> = {};
	for (const [key, value] of Object.entries(rest)) {
		if (isOneOf(OWN_CELLS, key)) cells[key] = value === null ? '' : String(value);
		else more[key] = value;
	}
	if (Object.keys(more).length > 0) cells.more = JSON.stringify(more);
	return sealed({ outing: outingId, id, at, order: String(order), kind, ...cells });
}

function rowOfOuting({ id, record }: Stored<OutingRecord>): Row {
	const { name, startedAt, ...more } = without(record, 'schemaVersion');
	return sealed({ outing: id, id, at: startedAt, order: '0', kind: OUTING, text: name, more: JSON.stringify(more) });
}

/** Times as they are written sort as text. */
const ascending = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** All outings and what happened on them as a file: outings first, then what happened, each in the order of its time. */
export async function tallyCsv(anglerId: string): Promise<string> {
	const outings = (await everyRecord(storeOf('outings').byKey(anglerId))).sort((a, b) =>
		ascending(a.record.startedAt, b.record.startedAt)
	);
	const happenings = (await everyRecord(storeOf('happenings').byKey(anglerId))).sort(
		(a, b) => ascending(a.record.at, b.record.at) || a.record.order - b.record.order
	);
	const rows = [...outings.map(rowOfOuting), ...happenings.map(rowOfHappening)];
	return Papa.unparse({ fields: COLUMNS, data: rows.map((row) => COLUMNS.map((column) => row[column] ?? '')) });
}

interface Line<R> {
	readonly line: number;
	readonly id: string;
	readonly record: R;
}

interface Read {
	readonly outings: Line<OutingRecord>[];
	readonly happenings: Line<EntryRecord>[];
}

function refuse(line: number, why: string): never {
	throw new HttpFailure(422, 'invalid', `Line ${line}: ${why}`, String(line));
}

function moreOf(cell: string, line: number): object {
	if (cell === '') return {};
	let more: unknown;
	try {
		more = parseJson(cell);
	} catch {
		return refuse(line, 'the column “more” is not JSON.');
	}
	if (typeof more !== 'object' || more === null || Array.isArray(more)) {
		return refuse(line, 'the column “more” is not a JSON object.');
	}
	return more;
}

/** What a row says, checked like every other record. */
function readRow(row: Row, line: number, into: Read): void {
	const { outing = '', id: key = '', at = '', order = '', kind = '', more = '', text = '' } = row;
	const said = moreOf(more, line);
	const schemaVersion = SCHEMA_VERSION;
	const { data: id } = uuid.safeParse(key);
	if (id === undefined) return refuse(line, 'the key in the column “id” is no version 4 UUID.');
	try {
		if (kind === OUTING) {
			// What the row says in cells of its own stands over the last column.
			const raw = { ...said, schemaVersion, name: text, startedAt: at };
			into.outings.push({ line, id, record: readEntry('outings', raw).record });
			return;
		}
		const cells = OWN_CELLS.flatMap((key) => {
			const cell = row[key] ?? '';
			return cell === '' ? [] : [[key, NUMBERS.includes(key) ? Number(cell) : cell]];
		});
		const what = { ...said, kind, ...Object.fromEntries(cells) };
		const raw = { schemaVersion, outingId: outing, at, order: Number(order), what };
		into.happenings.push({ line, id, record: readEntry('happenings', raw).record });
	} catch (error) {
		if (!(error instanceof InputFailure)) throw error;
		const { path, message } = error.failure;
		refuse(line, path ? `${path}: ${message}` : message);
	}
}

/** Refuses two lines with one key that say different things; a line that stands there twice comes in once. */
function refuseTwice(lines: readonly Line<unknown>[]): void {
	const first = new Map<string, Line<unknown>>();
	for (const one of lines) {
		const before = first.get(one.id);
		if (before && !dequal(before.record, one.record)) {
			refuse(one.line, `the key ${one.id} stands in line ${before.line} too, with something else.`);
		}
		first.set(one.id, one);
	}
}

/** Refuses a file without the columns that every row needs, by its first line: it need not be read for that. */
function checkHeader(text: string): void {
	const fields = Papa.parse<string[]>(text, { preview: 1 }).data[0] ?? [];
	if (fields.length > FIELDS_MAX) refuse(1, `at most ${FIELDS_MAX} columns are read.`);
	const missing = ['outing', 'id', 'at', 'order', 'kind'].filter((column) => !fields.includes(column));
	if (missing.length > 0) refuse(1, `there is no column “${missing[0]}”.`);
}

/** Reads a file; nothing of it counts where one line is wrong. */
function readCsv(given: string): Read {
	const text = given.replace(/^\uFEFF/, '');
	checkHeader(text);
	const { data, errors } = Papa.parse<Row>(text, { header: true, skipEmptyLines: true, preview: LINES_MAX + 1 });
	const [first] = errors;
	if (first) refuse((first.row ?? 0) + 2, first.message);
	if (data.length > LINES_MAX) refuse(LINES_MAX + 2, `at most ${LINES_MAX} lines are read at once.`);
	const found: Read = { outings: [], happenings: [] };
	data.forEach((row, at) => {
		readRow(Object.fromEntries(Object.entries(row).map(([key, cell]) => [key, unguarded(cell)])), at + 2, found);
	});
	refuseTwice(found.outings);
	refuseTwice(found.happenings);
	return found;
}

/** Brings a file in: what is there already stays as it is. */
export async function importTallyCsv(anglerId: string, text: string): Promise<{ added: number; known: number }> {
	const { outings, happenings } = readCsv(text);
	return inTransaction(async (transaction) => {
		let [added, known] = [0, 0];
		const there = new Set([
			...(await storeOf('outings').versions(anglerId, transaction)).keys(),
			...outings.map(({ id }) => id)
		]);
		const lost = happenings.find(({ record }) => !there.has(record.outingId));
		if (lost) refuse(lost.line, 'its outing is neither in the file nor in your data.');
		for (const [name, items] of [
			['outings', outings],
			['happenings', happenings]
		] as const) {
			const seen = new Set((await storeOf(name).versions(anglerId, transaction)).keys());
			// A line that stands in the file twice comes in once.
			const fresh = items.filter(({ id }) => !seen.has(id) && seen.add(id));
			await storeOf(name).addAll(
				anglerId,
				fresh.map(({ id, record }) => ({ id, record })),
				transaction
			);
			added += fresh.length;
			known += items.length - fresh.length;
		}
		return { added, known };
	});
}
