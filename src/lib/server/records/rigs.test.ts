import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { changedSince, rigRecordOf, usersOf } from '../../core/records/rigRecord';
import { startBuild, withOwn } from '../../core/rig/build/start';
import { SCHEMA_VERSION } from '../../core/records/version';
import type { PartRecord } from '../../core/records/rigSchemas';
import { FAMILIES } from '../../core/foundation/schema/words';
import type { Database } from '../db/connection';
import { newAngler, useFreshDatabase } from '../db/testing';
import { storeOf } from './store';

const rigs = storeOf('rigs');
const parts = storeOf('parts');
let database: Database;
let angler: string;

const spoon = (massG = 6.2): PartRecord => ({
	schemaVersion: SCHEMA_VERSION,
	part: { kind: 'blade', name: 'Spoon', form: 'colorado', lengthMm: 41, massG, price: 2 }
});

beforeAll(async () => {
	database = await useFreshDatabase();
});
afterAll(() => database.sequelize.close());

describe('a kept rig', () => {
	it.each(FAMILIES)('%s comes back with every part and its history', async (family) => {
		angler = await newAngler(database);
		const id = randomUUID();
		const record = rigRecordOf('One', startBuild(family), [{ kind: 'fish', at: '2026-05-09T06:40:00.000Z' }]);
		await rigs.put(angler, id, 0, record);
		expect(await rigs.get(angler, id)).toEqual({ id, version: 1, record });
		expect(record.parts.map(({ slot }) => slot)).toContain('head');
	});

	it('is nobody else’s', async () => {
		angler = await newAngler(database);
		const id = randomUUID();
		await rigs.put(angler, id, 0, rigRecordOf('Mine', startBuild('spinnerbait'), []));
		const other = await newAngler(database);
		await expect(rigs.get(other, id)).rejects.toMatchObject({ status: 404 });
		await expect(rigs.remove(other, id)).rejects.toMatchObject({ status: 404 });
		expect((await rigs.list(other)).items).toEqual([]);
	});

	it('keeps the own part that it was built from when the part changes and when it goes', async () => {
		angler = await newAngler(database);
		const part = randomUUID();
		await parts.put(angler, part, 0, spoon());
		const build = withOwn(startBuild('spinnerbait'), 'rear', { id: part, version: 1, part: spoon().part });
		const id = randomUUID();
		await rigs.put(angler, id, 0, rigRecordOf('Thumper', build, []));
		const kept = (await rigs.list(angler)).items;
		expect([usersOf(part, kept), usersOf(randomUUID(), kept)]).toEqual([['Thumper'], []]);
		await parts.put(angler, part, 1, spoon(7));
		await parts.remove(angler, part);
		expect((await parts.list(angler)).items).toEqual([]);
		const { record } = await rigs.get(angler, id);
		expect(record.build.own.rear).toEqual({ id: part, version: 1, part: spoon().part });
		expect(record.parts.find(({ slot }) => slot === 'rear')).toMatchObject({ version: 1, massG: 6.2, lengthMm: 41 });
		expect(changedSince(record)).toEqual([]);
	});

	it('tells which table figures changed since it was built', () => {
		const record = rigRecordOf('Old', startBuild('spinnerbait'), []);
		const old = record.parts.map((part) => (part.slot === 'rear' ? { ...part, version: 7, massG: 1 } : part));
		expect(changedSince({ ...record, parts: old })).toEqual(['willow blade 4.5']);
	});
});
