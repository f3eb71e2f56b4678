import type * as z from 'zod/mini';
import type { Failure, SetAside } from '../foundation/schema/failure';

/** How a field of a record lies in a column of its own. */
export type Column =
	| { readonly type: 'text'; readonly length: number }
	| { readonly type: 'instant' | 'integer' }
	| { readonly type: 'number'; readonly nullable?: boolean }
	| { readonly type: 'uuid'; readonly nullable?: boolean };

/** A record of any version, as it was stored or came in a file. */
export type RawRecord = Readonly<Record<string, unknown>>;

/** Everything that store, transfer and screens need to know about one kind of record. */
export interface RecordKind<S extends z.ZodMiniType = z.ZodMiniType> {
	/** The word in paths, files and changes. */
	readonly name: string;
	/** One of them, in a sentence. */
	readonly what: string;
	/** Table of the records; documents, of which an angler has one each, share a table. */
	readonly table: string;
	/** Whether an angler has just one, without a key of its own. */
	readonly single: boolean;
	readonly schema: S;
	/** Fields that are lifted out of the document, for order and references. */
	readonly columns: Readonly<Record<string, Column>>;
	/** Lists come newest first by this column. */
	readonly newest: string;
	/** Fields that name a record of another kind, by that kind's word. */
	readonly references: Readonly<Record<string, string>>;
	/** Whether it goes into the export file. What is only being worked on does not. */
	readonly transferred: boolean;
	/** Steps that read an older version, by the version they start from. */
	readonly upgrades: Readonly<Record<number, (older: RawRecord) => RawRecord>>;
	/** Takes out what is not known here, rather than refusing the whole. */
	readonly tolerate?: (raw: RawRecord) => { readonly record: RawRecord; readonly aside: readonly SetAside[] };
	/** Why a record that comes in is refused, though one that is stored like that is still read; `null` when it is not. */
	readonly refuseEntry?: (record: RawRecord) => Failure | null;
}

/** Words of the documents, of which an angler has one each. */
export const DOCUMENT_KIND_NAMES = ['desk', 'bench', 'stand', 'settings', 'day', 'tray', 'drills'] as const;
export type DocumentKindName = (typeof DOCUMENT_KIND_NAMES)[number];
