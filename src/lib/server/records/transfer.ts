import { dequal } from 'dequal';
import { col, fn, type FindAttributeOptions, type Transaction } from 'sequelize';
import { tableOf } from '../../core/foundation/basics/typed';
import type { DocumentKindName } from '../../core/records/kind';
import {
	KINDS,
	LISTED_KIND_NAMES,
	type ListedKindName,
	referencesOf,
	type NamedKind,
	type RecordOf
} from '../../core/records/kinds';
import {
	CARRIED,
	readTransfer,
	type Change,
	type Exported,
	type ImportPlan,
	type ReadTransfer,
	type Transfer
} from '../../core/records/transfer';
import type { SetAside } from '../../core/foundation/schema/failure';
import { SCHEMA_VERSION } from '../../core/records/version';
import { database } from '../db/connection';
import { inTransaction } from '../db/transaction';
import { HttpFailure } from '../http/failures';
import { storeOf } from './store';
import { waitForTurn } from './writes';

/** How large (bytes) one file of an export is: an import takes 64 MB. */
const PART_BYTES = 40 * 1024 * 1024;
/** What the parts of an export overlap (bytes): what is deleted between two downloads moves the border a little. */
const OVERLAP_BYTES = 256 * 1024;
/** What a record takes in a file beside its document: its key, version and columns, bytes. */
const ROW_BYTES = 400;

/** How many files everything of an angler takes, each small enough to be brought in again. */
export async function exportParts(anglerId: string, partBytes = PART_BYTES): Promise<number> {
	const { models } = database();
	let bytes = 0;
	for (const name of LISTED_KIND_NAMES) {
		const measured = [
			[fn('COUNT', col('id')), 'rows'],
			[fn('SUM', fn('LENGTH', col('document'))), 'bytes']
		] satisfies FindAttributeOptions;
		const row = await models.records[name].findOne({ where: { anglerId }, attributes: measured });
		bytes += Number(row?.get('rows') ?? 0) * ROW_BYTES + Number(row?.get('bytes') ?? 0);
	}
	return Math.max(1, Math.ceil(bytes / partBytes));
}

/** Which file of several is written. */
interface Part {
	readonly part: number;
	readonly parts: number;
}

/**
 * Everything that an angler has kept, or one part of it, as the text of a file, piece by piece: it is never whole in
 * memory. References lead to records of the same part or of an earlier one.
 */
export async function* exportedText(
	anglerId: string,
	now: Date,
	{ part, parts }: Part = { part: 1, parts: 1 },
	partBytes = PART_BYTES
): AsyncGenerator<string> {
	const head = { kind: 'lucernal-records', schemaVersion: SCHEMA_VERSION, exportedAt: now.toISOString() };
	yield JSON.stringify(parts > 1 ? { ...head, section: part, sections: parts } : head).slice(0, -1);
	const [from, to] = [(part - 1) * partBytes - OVERLAP_BYTES, part === parts ? Infinity : part * partBytes];
	let written = 0;
	for (const name of LISTED_KIND_NAMES) {
		yield `,\n${JSON.stringify(name)}:[`;
		let between = '\n';
		for await (const stored of storeOf(name).byKey(anglerId)) {
			if (written >= to) break;
			const text = JSON.stringify(stored);
			written += text.length;
			if (written <= from) continue;
			yield between + text;
			between = ',\n';
		}
		yield ']';
	}
	// Sides and settings are in the last part: they are few, and whoever brought in all parts has them once.
	for (const name of part === parts ? CARRIED : []) {
		const stored = await storeOf(name).find(anglerId);
		if (stored) yield `,\n${JSON.stringify(name)}:${JSON.stringify(stored.record)}`;
	}
	yield '}\n';
}

type Step = 'added' | 'changed' | 'same';

interface Planned<R> {
	readonly step: Step;
	readonly seen: number;
	readonly item: Exported<R>;
}

function countSteps(planned: readonly { readonly step: Step }[]): Change {
	const count = (step: Step): number => planned.filter((entry) => entry.step === step).length;
	return { added: count('added'), changed: count('changed'), same: count('same') };
}

interface Plans {
	readonly records: { readonly [N in ListedKindName]: readonly Planned<RecordOf<N>>[] };
	readonly documents: readonly (readonly [DocumentKindName, unknown])[];
	readonly aside: readonly SetAside[];
}

/** Keys that the angler has or the file brings, by kind. */
async function knownKeys(anglerId: string, file: Transfer, transaction?: Transaction) {
	const entries: (readonly [ListedKindName, Set<string>])[] = [];
	for (const name of LISTED_KIND_NAMES) {
		const own = await storeOf(name).versions(anglerId, transaction);
		entries.push([name, new Set([...own.keys(), ...file[name].map(({ id }) => id)])]);
	}
	return Object.fromEntries(entries);
}

/** A record whose references lead somewhere: one that may be left open is, where what it names is gone for good. */
function anchored<R extends object>(
	kind: NamedKind,
	at: number,
	record: R,
	keys: Record<string, Set<string>>,
	aside: SetAside[]
): R {
	const open: Record<string, null> = {};
	const fields = new Map<string, unknown>(Object.entries(record));
	for (const [field, target] of referencesOf(kind.name)) {
		const id = fields.get(field);
		if (typeof id !== 'string' || keys[target]!.has(id)) continue;
		const path = `${kind.name}.${at}.record.${field}`;
		const why = `There is no such ${KINDS[target].what} in your account or in the file. If the export has several parts, import the earlier ones first.`;
		const column = kind.columns[field];
		if (column?.type === 'uuid' && !column.nullable) throw new HttpFailure(422, 'invalid', why, path);
		aside.push({ path, why });
		open[field] = null;
	}
	return { ...record, ...open };
}

async function plans(
	anglerId: string,
	{ file, aside: unknown }: ReadTransfer,
	transaction?: Transaction
): Promise<Plans> {
	const keys = await knownKeys(anglerId, file, transaction);
	const aside = [...unknown];
	const records: Record<string, unknown> = {};
	const plan = async <N extends ListedKindName>(name: N): Promise<void> => {
		const present = new Map<string, Exported<RecordOf<N>>>();
		for await (const stored of storeOf(name).byKey(anglerId, { transaction })) present.set(stored.id, stored);
		const listed = file[name] as readonly Exported<RecordOf<N>>[];
		records[name] = listed.map((given, at): Planned<RecordOf<N>> => {
			const item = { ...given, record: anchored(KINDS[name], at, given.record, keys, aside) };
			const own = present.get(item.id);
			if (!own) return { step: 'added', seen: 0, item };
			return { step: dequal(own.record, item.record) ? 'same' : 'changed', seen: own.version, item };
		});
	};
	for (const name of LISTED_KIND_NAMES) await plan(name);
	const documents: [DocumentKindName, unknown][] = [];
	for (const name of CARRIED) {
		const given = file[name];
		if (given === undefined) continue;
		const own = await storeOf(name).find(anglerId, transaction);
		if (!dequal(own?.record, given)) documents.push([name, given]);
	}
	return { records: records as Plans['records'], documents, aside };
}

const told = ({ records, documents, aside }: Plans): ImportPlan => ({
	records: tableOf(LISTED_KIND_NAMES, (name) => countSteps(records[name])),
	replaced: documents.map(([name]) => name),
	aside
});

/**
 * What a file would change, without changing it.
 *
 * @throws {InputFailure} With the path to the first thing wrong in the file.
 */
export async function previewImport(anglerId: string, file: unknown): Promise<ImportPlan> {
	return told(await plans(anglerId, readTransfer(file)));
}

async function bringIn<N extends ListedKindName>(
	anglerId: string,
	name: N,
	entries: readonly Planned<RecordOf<N>>[],
	transaction: Transaction
): Promise<void> {
	const store = storeOf(name);
	const known = await store.versions(anglerId, transaction);
	const fresh = entries.filter(({ item }) => !known.has(item.id));
	await store.addAll(
		anglerId,
		fresh.map(({ item }) => item),
		transaction
	);
	for (const { step, seen, item } of entries) {
		if (step === 'same' || !known.has(item.id)) continue;
		const own = known.get(item.id);
		const back = own?.gone ? await store.restore(anglerId, item.id, { transaction }) : null;
		await store.put(anglerId, item.id, back?.version ?? seen, item.record, { transaction });
	}
}

/**
 * Brings a file in, wholly or not at all. Records that are the same are left alone; those deleted here come back.
 *
 * @throws {InputFailure} With the path to the first thing wrong in the file; then nothing was changed.
 */
export async function importRecords(anglerId: string, file: unknown): Promise<ImportPlan> {
	const read = readTransfer(file);
	return inTransaction(async (transaction) => {
		// What is there is looked at in the same turn in which it is changed.
		await waitForTurn(anglerId, transaction);
		const planned = await plans(anglerId, read, transaction);
		for (const name of LISTED_KIND_NAMES) await bringIn(anglerId, name, planned.records[name], transaction);
		for (const [name, document] of planned.documents) {
			await storeOf(name).replace(anglerId, document as never, transaction);
		}
		return told(planned);
	});
}
