import * as z from 'zod/mini';
import { without } from '../foundation/basics/without';
import { SCHEMA_VERSION } from './version';
import { InputFailure, parseWith, type SetAside } from '../foundation/schema/failure';
import { instant } from '../foundation/schema/instant';
import { uuid } from './schemas';
import { DOCUMENT_KIND_NAMES, type DocumentKindName } from './kind';
import { isListed, KINDS, LISTED_KIND_NAMES, type ListedKindName, type RecordKindName, type RecordOf } from './kinds';
import { newerVersion, readEntry } from './read';

/** Most records of one kind in a file. */
const RECORDS_MAX = 50_000;

/** Documents that a file carries. */
export const CARRIED = DOCUMENT_KIND_NAMES.filter((name) => KINDS[name].transferred);

const exported = <T extends z.ZodMiniType>(record: T) =>
	z.strictObject({ id: uuid, version: z.int().check(z.minimum(1)), record });

const lists = Object.fromEntries(
	LISTED_KIND_NAMES.map((name) => [
		name,
		z._default(z.array(exported(KINDS[name].schema)).check(z.maxLength(RECORDS_MAX)), [])
	])
);
const documents = Object.fromEntries(CARRIED.map((name) => [name, z.optional(KINDS[name].schema)]));

/** Which file this is where everything needs several, and how many there are. */
const SECTION = {
	section: z.optional(z.int().check(z.minimum(1))),
	sections: z.optional(z.int().check(z.minimum(1)))
} as const;

/** A file of everything that an angler keeps, as it is written now: for its JSON Schema. */
export const transferSchema = z.strictObject({
	kind: z.literal('lucernal-records'),
	schemaVersion: z.literal(SCHEMA_VERSION),
	exportedAt: instant,
	...SECTION,
	...lists,
	...documents
});

/** One record of a file. */
export interface Exported<R> {
	readonly id: string;
	readonly version: number;
	readonly record: R;
}

export type Transfer = {
	readonly kind: 'lucernal-records';
	readonly schemaVersion: number;
	readonly exportedAt: string;
} & {
	readonly [N in ListedKindName]: readonly Exported<RecordOf<N>>[];
} & { readonly [N in DocumentKindName]?: RecordOf<N> };

/** The first version called the kept calls by another word. */
const OLDER_WORDS: Readonly<Record<string, string>> = { keptCalls: 'kept-calls' };

const KIND = 'lucernal-records';
const FOREIGN = 'This is not a file that was exported here.';
const head = z.looseObject({
	kind: z.literal(KIND, { error: FOREIGN }),
	schemaVersion: z.int().check(z.minimum(1)),
	exportedAt: instant,
	...SECTION
});
const HEAD_KEYS: readonly string[] = ['kind', 'schemaVersion', 'exportedAt', 'section', 'sections'];
/** Most letters of a key that a refusal repeats. */
const SHOWN_MAX = 40;
const entry = z.strictObject({ id: uuid, version: z.int().check(z.minimum(1)), record: z.unknown() });
const entries = z.array(entry).check(z.maxLength(RECORDS_MAX));

/** Runs something whose refusals are about a part of the file. */
function within<T>(path: readonly (string | number)[], run: () => T): T {
	try {
		return run();
	} catch (error) {
		if (!(error instanceof InputFailure)) throw error;
		throw path.reduceRight<InputFailure>((failure, segment) => failure.under(segment), error);
	}
}

const isKnown = (name: string): boolean => [...LISTED_KIND_NAMES, ...CARRIED].some((known) => known === name);

/** Refuses keys that no file has, before anything else is looked at: there may be a million of them. */
function refuseStrangers(raw: unknown): void {
	if (typeof raw !== 'object' || raw === null || Array.isArray(raw)) return;
	if (!('kind' in raw) || raw.kind !== KIND) {
		throw new InputFailure({ code: 'invalid', path: 'kind', message: FOREIGN });
	}
	for (const word in raw) {
		if (HEAD_KEYS.includes(word) || isKnown(OLDER_WORDS[word] ?? word)) continue;
		const path = word.slice(0, SHOWN_MAX) || '""';
		throw new InputFailure({ code: 'unknown-key', path, message: `The key ${path} is not known here.` });
	}
}

/** Refuses a list in which two entries share a key: which of them counts nobody could say. */
function refuseTwice(list: readonly { readonly id: string }[]): void {
	const first = new Map<string, number>();
	for (const [at, { id }] of list.entries()) {
		const before = first.get(id);
		if (before !== undefined) {
			const message = `The key ${id} appears twice: in entries ${before} and ${at}, counted from 0.`;
			throw new InputFailure({ code: 'invalid', path: `${at}.id`, message });
		}
		first.set(id, at);
	}
}

/** A file of records as it is held now, and what of it was set aside. */
export interface ReadTransfer {
	readonly file: Transfer;
	readonly aside: readonly SetAside[];
}

/**
 * Reads a file of any version.
 *
 * @throws {InputFailure} With the path to the first thing wrong in the file.
 */
export function readTransfer(raw: unknown): ReadTransfer {
	refuseStrangers(raw);
	const { kind, schemaVersion, exportedAt, ...rest } = parseWith(head, raw);
	const given = without(rest, 'section', 'sections');
	if (schemaVersion > SCHEMA_VERSION) throw new InputFailure(newerVersion('schemaVersion'));
	const named = Object.entries(given).map(([word, value]) => ({ word, name: OLDER_WORDS[word] ?? word, value }));
	const aside: SetAside[] = [];
	const read = <N extends RecordKindName>(
		name: N,
		record: unknown,
		path: readonly (string | number)[]
	): RecordOf<N> => {
		const found = within(path, () => readEntry(name, record));
		aside.push(...found.aside.map(({ path: under, why }) => ({ path: [...path, under].join('.'), why })));
		return found.record;
	};
	const file: Record<string, unknown> = { kind, schemaVersion: SCHEMA_VERSION, exportedAt };
	for (const name of LISTED_KIND_NAMES) file[name] = [];
	for (const { word, name, value } of named) {
		if (isListed(name)) {
			const list = within([word], () => parseWith(entries, value));
			within([word], () => refuseTwice(list));
			file[name] = list.map((item, at) => ({
				...item,
				record: read(name, item.record, [word, at, 'record'])
			}));
		} else {
			file[name] = read(name as DocumentKindName, value, [word]);
		}
	}
	return { file: file as Transfer, aside };
}

/** What an import would do to one kind of record. */
export interface Change {
	readonly added: number;
	readonly changed: number;
	readonly same: number;
}

export interface ImportPlan {
	readonly records: Readonly<Record<ListedKindName, Change>>;
	/** Documents that the file replaces, such as the angler's views and own rules. */
	readonly replaced: readonly DocumentKindName[];
	/** What of the file is not known here and would be left out. */
	readonly aside: readonly SetAside[];
}
