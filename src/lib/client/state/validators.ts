import { tableOf } from '$lib/core/foundation/basics/typed';
import { entrySchema, type Entry } from '$lib/core/foundation/schema/tally';
import { dayRecordSchema } from '$lib/core/records/daySchema';
import { DOCUMENT_KIND_NAMES, type DocumentKindName } from '$lib/core/records/kind';
import type { readRecord } from '$lib/core/records/read';
import { benchRecordSchema } from '$lib/core/records/rigSchemas';
import { deskRecordSchema, settingsRecordSchema, viewsRecordSchema } from '$lib/core/records/schemas';
import { entryRecordSchema, outingRecordSchema } from '$lib/core/records/tallySchemas';
import { drillsRecordSchema } from '$lib/core/records/drillsRecord';
import { trayRecordSchema } from '$lib/core/records/trayRecord';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import * as z from 'zod/mini';

type StoredKind = DocumentKindName | 'outings' | 'happenings';

const SCHEMAS: Readonly<Record<StoredKind, z.ZodMiniType>> = {
	desk: deskRecordSchema,
	bench: z.nullable(benchRecordSchema),
	stand: viewsRecordSchema,
	settings: settingsRecordSchema,
	day: dayRecordSchema,
	tray: trayRecordSchema,
	drills: drillsRecordSchema,
	outings: outingRecordSchema,
	happenings: entryRecordSchema
};

/** Reads older versions as the server and imports do. It is large, and loaded only where the device holds one. */
let readOlder: typeof readRecord | null = null;
const OLDER = new RegExp(`"schemaVersion":(?!${SCHEMA_VERSION}\\b)`);

/** Gets ready to read what was stored, where an earlier edition wrote some of it. */
export async function prepareFor(stored: unknown): Promise<void> {
	if (OLDER.test(JSON.stringify(stored) ?? '')) readOlder = (await import('$lib/core/records/read')).readRecord;
}

/** A stored record of any version in today's shape; `undefined` for what no version knows. */
export function readStored(kind: StoredKind, raw: unknown): unknown {
	const { success, data } = SCHEMAS[kind].safeParse(raw);
	if (success || !readOlder) return data;
	try {
		return readOlder(kind, raw).record;
	} catch {
		return undefined;
	}
}

/** Readers of what the device holds of each document. They come after the page, with the schemas that they need. */
export const READERS = tableOf(DOCUMENT_KIND_NAMES, (name) => (raw: unknown) => readStored(name, raw));

/** What happened as it is written down, with what was not said of it; in words what is wrong where it is nothing. */
export function wholeEntry(what: unknown): Entry | string {
	const { data, error } = entrySchema.safeParse(what);
	return data ?? error!.issues[0]!.message;
}
