import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { answerCall, call } from '../../core/choice/call';
import { callInputSchema } from '../../core/schema/call';
import {
	keptCallRecordSchema,
	readingRecordSchema,
	type KeptCallRecord,
	type ReadingRecord
} from '../../core/schema/records';
import { readingSchema } from '../../core/schema/reading';
import type { Database } from '../db/connection';
import { newAngler, useFreshDatabase } from '../testing';
import { houseRulesSchema } from '../../core/schema/house';
import { setPreference } from './preferences';
import { keptCalls, readings } from './stores';
import { exportRecords, importRecords, previewImport } from './transfer';

let database: Database;
let angler: string;

const WATER = { waterTemperatureC: 16.5, visibilityM: 0.9, bottomM: 2.4, wind: 'chop', sky: 'overcast' } as const;

const readingRecord = (name = 'Alder Bank'): ReadingRecord =>
	readingRecordSchema.parse({
		schemaVersion: 1,
		name,
		spotId: null,
		takenAt: '2026-05-09T06:40:00.000Z',
		reading: WATER
	});

function keptRecord(readingId: string | null = null): KeptCallRecord {
	const answer = answerCall({ reading: WATER });
	return keptCallRecordSchema.parse({
		schemaVersion: 1,
		name: 'First light',
		readingId,
		keptAt: '2026-05-09T06:50:00.000Z',
		claimBase: answer.claimBase,
		reading: WATER,
		stances: {},
		locks: {},
		chosen: 0,
		answer
	});
}

beforeAll(async () => {
	database = await useFreshDatabase();
	angler = await newAngler(database);
});
afterAll(() => database.sequelize.close());

describe('a stored reading', () => {
	it('comes back as it went in, at version 1', async () => {
		const id = randomUUID();
		await readings.put(angler, id, 0, readingRecord());
		expect(await readings.get(angler, id)).toEqual({ id, version: 1, record: readingRecord() });
	});

	it('goes up a version with each write, and a stale write is refused with the current record', async () => {
		const id = randomUUID();
		await readings.put(angler, id, 0, readingRecord());
		const second = await readings.put(angler, id, 1, readingRecord('Pad Bay'));
		expect(second.version).toBe(2);
		const stale = readings.put(angler, id, 1, readingRecord('Lost'));
		await expect(stale).rejects.toMatchObject({ status: 409, code: 'stale', detail: { current: second } });
		expect((await readings.get(angler, id)).record.name).toBe('Pad Bay');
	});

	it('is not made twice under one key', async () => {
		const id = randomUUID();
		const first = await readings.put(angler, id, 0, readingRecord());
		const again = readings.put(angler, id, 0, readingRecord('Other'));
		await expect(again).rejects.toMatchObject({ status: 409, detail: { current: first } });
	});

	it('is nobody else’s', async () => {
		const id = randomUUID();
		await readings.put(angler, id, 0, readingRecord());
		const stranger = await newAngler(database, 'Stranger');
		await expect(readings.get(stranger, id)).rejects.toMatchObject({ status: 404 });
		await expect(readings.put(stranger, id, 1, readingRecord())).rejects.toMatchObject({ status: 404 });
		await expect(readings.put(stranger, id, 0, readingRecord())).rejects.toMatchObject({ status: 404 });
		await expect(readings.remove(stranger, id)).rejects.toMatchObject({ status: 404 });
		expect(await readings.list(stranger)).toEqual([]);
	});

	it('is deleted softly and comes back by undo', async () => {
		const id = randomUUID();
		const stored = await readings.put(angler, id, 0, readingRecord());
		await readings.remove(angler, id);
		await expect(readings.get(angler, id)).rejects.toMatchObject({ status: 404 });
		await readings.remove(angler, id);
		expect(await readings.restore(angler, id)).toEqual(stored);
	});

	it('cannot be at a spot that the angler does not have', async () => {
		const record = { ...readingRecord(), spotId: randomUUID() };
		const write = readings.put(angler, randomUUID(), 0, record);
		await expect(write).rejects.toMatchObject({ status: 422, path: 'spotId' });
	});
});

describe('a kept call', () => {
	it('replays to the identical answer', async () => {
		const id = randomUUID();
		await keptCalls.put(angler, id, 0, keptRecord());
		const { record } = await keptCalls.get(angler, id);
		const { reading, stances, locks } = record;
		expect(call(callInputSchema.parse({ reading, stances, locks }))).toEqual(record.answer);
	});

	it('outlives the reading it came from', async () => {
		const readingId = randomUUID();
		const id = randomUUID();
		await readings.put(angler, readingId, 0, readingRecord());
		await keptCalls.put(angler, id, 0, keptRecord(readingId));
		await readings.remove(angler, readingId);
		expect((await keptCalls.get(angler, id)).record.reading).toEqual(readingSchema.parse(WATER));
	});
});

describe('a file of records', () => {
	it('goes out, into an empty account, and out again unchanged', async () => {
		const from = await newAngler(database);
		const to = await newAngler(database);
		const readingId = randomUUID();
		await readings.put(from, readingId, 0, readingRecord());
		await readings.put(from, readingId, 1, readingRecord('Twice'));
		await keptCalls.put(from, randomUUID(), 0, keptRecord(readingId));
		const rule = { id: 'MY-01', strength: 2, when: { join: 'all', words: ['night'] }, because: 'Purple after dark.' };
		const houseRules = houseRulesSchema.parse([{ ...rule, prefers: { colour: { purple: 1 } } }]);
		await setPreference(from, 'stand', { schemaVersion: 1, stances: { WIRE: 'heavy' }, houseRules });
		const file = await exportRecords(from, new Date('2026-05-10T00:00:00Z'));
		await database.models.Reading.destroy({ where: { anglerId: from }, force: true });
		await database.models.KeptCall.destroy({ where: { anglerId: from }, force: true });
		expect(await previewImport(to, file)).toEqual({
			readings: { added: 1, changed: 0, same: 0 },
			keptCalls: { added: 1, changed: 0, same: 0 },
			rigs: { added: 0, changed: 0, same: 0 },
			parts: { added: 0, changed: 0, same: 0 },
			stand: true
		});
		await importRecords(to, JSON.parse(JSON.stringify(file)));
		const again = await exportRecords(to, new Date('2026-05-10T00:00:00Z'));
		expect(again.readings.map(({ record }) => record)).toEqual(file.readings.map(({ record }) => record));
		expect(again.keptCalls.map(({ record }) => record)).toEqual(file.keptCalls.map(({ record }) => record));
		expect(again.stand).toEqual(file.stand);
		const twice = await importRecords(to, again);
		expect(twice).toMatchObject({ readings: { added: 0, changed: 0, same: 1 }, stand: false });
	});

	it('that is broken anywhere is refused by its path and brings nothing in', async () => {
		const to = await newAngler(database);
		const good = { id: randomUUID(), version: 1, record: readingRecord() };
		const bad = { ...good, id: randomUUID(), record: { ...readingRecord(), takenAt: 'yesterday' } };
		const file = { kind: 'lucernal-records', schemaVersion: 1, exportedAt: '2026-05-10T00:00:00Z', keptCalls: [] };
		const refused = importRecords(to, { ...file, readings: [good, bad] });
		await expect(refused).rejects.toMatchObject({ failure: { path: 'readings.1.record.takenAt' } });
		expect(await readings.list(to)).toEqual([]);
	});

	it('that fails half way is taken back whole', async () => {
		const to = await newAngler(database);
		const good = { id: randomUUID(), version: 1, record: readingRecord() };
		const astray = { id: randomUUID(), version: 1, record: { ...readingRecord(), spotId: randomUUID() } };
		const file = { kind: 'lucernal-records', schemaVersion: 1, exportedAt: '2026-05-10T00:00:00Z', keptCalls: [] };
		await expect(importRecords(to, { ...file, readings: [good, astray] })).rejects.toMatchObject({ path: 'spotId' });
		expect(await readings.list(to)).toEqual([]);
	});
});
