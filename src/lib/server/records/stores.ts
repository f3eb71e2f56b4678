import type { Transaction } from 'sequelize';
import {
	keptCallRecordSchema,
	readingRecordSchema,
	SCHEMA_VERSION,
	type KeptCallRecord,
	type ReadingRecord
} from '../../core/schema/records';
import { partRecordSchema, rigRecordSchema, type PartRecord, type RigRecord } from '../../core/schema/rigRecords';
import type { KeptCall, PartRow, ReadingRow, RigRow } from '../db/models';
import { database } from '../db/connection';
import { HttpFailure } from '../failures';
import { Store } from './store';

const utc = (date: Date): string => date.toISOString();

async function ownSpot(anglerId: string, { spotId }: ReadingRecord, transaction?: Transaction): Promise<void> {
	if (spotId === null) return;
	const spot = await database().models.Spot.findOne({ where: { id: spotId, anglerId }, transaction });
	if (!spot) throw new HttpFailure(422, 'invalid', 'There is no such spot.', 'spotId');
}

/** Readings that an angler has kept. */
export const readings = new Store<ReadingRow, ReadingRecord>({
	what: 'reading',
	model: () => database().models.Reading,
	newest: 'takenAt',
	check: ownSpot,
	columns: ({ name, spotId, takenAt, reading }) => ({
		name,
		spotId,
		takenAt: new Date(takenAt),
		document: { schemaVersion: SCHEMA_VERSION, reading }
	}),
	record: ({ name, spotId, takenAt, document }) =>
		readingRecordSchema.parse({ ...(document as object), name, spotId, takenAt: utc(takenAt) })
});

async function ownReading(anglerId: string, { readingId }: KeptCallRecord, transaction?: Transaction): Promise<void> {
	if (readingId === null) return;
	const row = await database().models.Reading.findOne({
		where: { id: readingId, anglerId },
		paranoid: false,
		transaction
	});
	if (!row) throw new HttpFailure(422, 'invalid', 'There is no such reading.', 'readingId');
}

/** Calls that an angler has kept. */
export const keptCalls = new Store<KeptCall, KeptCallRecord>({
	what: 'kept call',
	model: () => database().models.KeptCall,
	newest: 'keptAt',
	check: ownReading,
	columns: ({ name, readingId, keptAt, claimBase, ...document }) => ({
		name,
		readingId,
		claimBase,
		keptAt: new Date(keptAt),
		document
	}),
	record: ({ name, readingId, keptAt, claimBase, document }) =>
		keptCallRecordSchema.parse({ ...(document as object), name, readingId, claimBase, keptAt: utc(keptAt) })
});

/** Rigs that an angler has kept, with every part and their history. */
export const rigs = new Store<RigRow, RigRecord>({
	what: 'rig',
	model: () => database().models.Rig,
	newest: 'updatedAt',
	columns: ({ name, ...document }) => ({ name, document }),
	record: ({ name, document }) => rigRecordSchema.parse({ ...(document as object), name })
});

/** Parts of the angler's own. */
export const parts = new Store<PartRow, PartRecord>({
	what: 'part',
	model: () => database().models.Part,
	newest: 'updatedAt',
	columns: (record) => ({ name: record.part.name, kind: record.part.kind, document: record }),
	record: ({ document }) => partRecordSchema.parse(document)
});
