import { isIn, keysOf, entriesOf } from '../foundation/basics/typed';
import {
	deskRecordSchema,
	savedCallRecordSchema,
	readingRecordSchema,
	settingsRecordSchema,
	spotRecordSchema,
	viewsRecordSchema,
	waterRecordSchema
} from './schemas';
import { benchRecordSchema, partRecordSchema, rigRecordSchema } from './rigSchemas';
import { chartRecordSchema } from './chartSchema';
import { dayRecordSchema } from './daySchema';
import { drillsRecordSchema } from './drillsRecord';
import { trayRecordSchema } from './trayRecord';
import { entryRecordSchema, outingRecordSchema } from './tallySchemas';
import { without } from '../foundation/basics/without';
import { isTimeZone } from '../foundation/basics/zone';
import { buildRepaired } from './repair';
import { tolerantViews } from './views';
import * as z from 'zod/mini';
import type { Failure } from '../foundation/schema/failure';
import type { Column, DocumentKindName, RawRecord, RecordKind } from './kind';

const NAME: Column = { type: 'text', length: 120 };
const second = (older: RawRecord): RawRecord => ({ ...older, schemaVersion: 2 });

/** A water whose clock no platform knows would stop every page that shows a time. */
function zoneRefusal({ timeZone }: RawRecord): Failure | null {
	if (isTimeZone(String(timeZone))) return null;
	const message = `The time zone ${String(timeZone)} is not known. Write it like Europe/Paris.`;
	return { code: 'invalid', path: 'timeZone', message };
}

/** What most kinds have in common. */
const USUAL = {
	single: false,
	newest: 'updatedAt',
	columns: {},
	references: {},
	transferred: true,
	upgrades: { 1: second }
} as const;

/** A document of which an angler has one. */
const document = { ...USUAL, table: 'preference', single: true, transferred: false } as const;

/**
 * Every kind of record, in an order in which references lead to kinds before: a new one is a schema, an entry here, and a
 * migration for its table.
 */
export const KINDS = {
	waters: {
		...USUAL,
		name: 'waters',
		what: 'water',
		table: 'water',
		schema: waterRecordSchema,
		columns: {
			name: NAME,
			timeZone: { type: 'text', length: 64 },
			place: { type: 'text', length: 16 },
			latitude: { type: 'number', nullable: true },
			longitude: { type: 'number', nullable: true }
		},
		refuseEntry: zoneRefusal
	},
	spots: {
		...USUAL,
		name: 'spots',
		what: 'spot',
		table: 'spot',
		schema: spotRecordSchema,
		columns: { waterId: { type: 'uuid' }, name: NAME, bankBearingDeg: { type: 'number', nullable: true } },
		references: { waterId: 'waters' }
	},
	charts: {
		...USUAL,
		name: 'charts',
		what: 'chart',
		table: 'chart',
		schema: chartRecordSchema,
		columns: { waterId: { type: 'uuid' } },
		references: { waterId: 'waters' }
	},
	readings: {
		...USUAL,
		name: 'readings',
		what: 'reading',
		table: 'reading',
		schema: readingRecordSchema,
		newest: 'takenAt',
		columns: { name: NAME, spotId: { type: 'uuid', nullable: true }, takenAt: { type: 'instant' } },
		references: { spotId: 'spots' }
	},
	'kept-calls': {
		...USUAL,
		name: 'kept-calls',
		what: 'saved call',
		table: 'kept_call',
		schema: savedCallRecordSchema,
		newest: 'keptAt',
		columns: {
			name: NAME,
			readingId: { type: 'uuid', nullable: true },
			keptAt: { type: 'instant' },
			claimBase: { type: 'integer' }
		},
		references: { readingId: 'readings', spotId: 'spots' },
		upgrades: { 1: (older) => ({ spotId: null, takenAt: older.keptAt, ...second(older) }) }
	},
	parts: { ...USUAL, name: 'parts', what: 'part', table: 'part', schema: partRecordSchema },
	rigs: {
		...USUAL,
		name: 'rigs',
		what: 'rig',
		table: 'rig',
		schema: rigRecordSchema,
		columns: { name: NAME },
		upgrades: { 1: (older) => ({ ...second(older), build: buildRepaired(older.build) }) }
	},
	outings: {
		...USUAL,
		name: 'outings',
		what: 'outing',
		table: 'outing',
		schema: outingRecordSchema,
		newest: 'startedAt',
		columns: { name: NAME, spotId: { type: 'uuid', nullable: true }, startedAt: { type: 'instant' } },
		references: { spotId: 'spots' }
	},
	happenings: {
		...USUAL,
		name: 'happenings',
		what: 'happening',
		table: 'happening',
		schema: entryRecordSchema,
		newest: 'at',
		columns: { outingId: { type: 'uuid' }, at: { type: 'instant' } },
		references: { outingId: 'outings' }
	},
	desk: {
		...document,
		name: 'desk',
		what: 'current reading',
		schema: deskRecordSchema,
		upgrades: {
			// The current rig has become a document of its own.
			1: (older) => second(without(without(older, 'rig'), 'updatedAt'))
		}
	},
	bench: {
		...document,
		name: 'bench',
		what: 'current rig',
		schema: z.nullable(benchRecordSchema),
		upgrades: {
			1: (older) => ({ ...second(without(older, 'updatedAt')), build: buildRepaired(older.build) })
		}
	},
	stand: {
		...document,
		name: 'stand',
		what: 'stand',
		schema: viewsRecordSchema,
		transferred: true,
		tolerate: tolerantViews
	},
	settings: { ...document, name: 'settings', what: 'settings', schema: settingsRecordSchema, transferred: true },
	day: { ...document, name: 'day', what: 'day', schema: dayRecordSchema },
	tray: { ...document, name: 'tray', what: 'tray', schema: trayRecordSchema, transferred: true },
	drills: { ...document, name: 'drills', what: 'drills', schema: drillsRecordSchema, transferred: true }
} as const satisfies Readonly<Record<string, RecordKind>>;

export type RecordKindName = keyof typeof KINDS;
/** Kinds of which an angler has many. */
export type ListedKindName = Exclude<RecordKindName, DocumentKindName>;
/** Whether a word names a kind. */
export const isKind = (word: unknown): word is RecordKindName => isIn(KINDS, word);
/** Whether a word names a kind of which an angler has many. */
export const isListed = (word: unknown): word is ListedKindName => isKind(word) && !KINDS[word].single;
export const LISTED_KIND_NAMES = keysOf(KINDS).filter(isListed);

/** Everything that is known of a kind, with its word. */
export type NamedKind = RecordKind & { readonly name: RecordKindName };

/** The record of a kind, as it is held now. */
export type RecordOf<N extends RecordKindName> = z.output<(typeof KINDS)[N]['schema']>;

/** Fields of a kind that name records of others, with whose. */
export const referencesOf = (name: RecordKindName): [string, RecordKindName][] =>
	entriesOf<string, RecordKindName>(KINDS[name].references);

/** The kind of a word; `null` for a word that names none. */
export const kindOf = (word: string): NamedKind | null => (isKind(word) ? KINDS[word] : null);
