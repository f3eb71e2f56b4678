import { InputFailure } from '$lib/core/foundation/schema/failure';
import { entrySchema, type Entry } from '$lib/core/foundation/schema/tally';
import { DOCUMENT_KIND_NAMES, type DocumentKindName } from '$lib/core/records/kind';
import type { RecordKindName } from '$lib/core/records/kinds';
import { readRecord } from '$lib/core/records/read';

/** A stored record of any version in today's shape; `undefined` for what no version knows. */
export function readStored(kind: RecordKindName, raw: unknown): unknown {
	try {
		return readRecord(kind, raw).record;
	} catch (error) {
		if (error instanceof InputFailure) return undefined;
		throw error;
	}
}

/** Readers of what the device holds of each document. They come after the page, with the schemas that they need. */
export const READERS = Object.fromEntries(
	DOCUMENT_KIND_NAMES.map((name) => [name, (raw: unknown) => readStored(name, raw)])
) as Readonly<Record<DocumentKindName, (raw: unknown) => unknown>>;

/** What happened as it is written down, with what was not said of it; in words what is wrong where it is nothing. */
export function wholeEntry(what: unknown): Entry | string {
	const { data, error } = entrySchema.safeParse(what);
	return data ?? error!.issues[0]!.message;
}
