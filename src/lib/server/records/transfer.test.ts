import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { startBuild } from '../../core/rig/build/start';
import { rigRecordOf } from '../../core/records/rigRecord';
import { without } from '../../core/foundation/basics/without';
import { houseRulesSchema } from '../../core/claims/house';
import { SCHEMA_VERSION } from '../../core/records/version';
import type { Database } from '../db/connection';
import { newAngler, useFreshDatabase } from '../db/testing';
import { storeOf } from './store';
import { keptRecord, readingRecord, WATER, waterRecord } from './testing';
import type { ChartRecord } from '../../core/records/chartSchema';
import type { Transfer } from '../../core/records/transfer';
import { everyRecord } from './every';
import { exportedText, exportParts, importRecords, previewImport } from './transfer';

const NOW = new Date('2026-05-10T00:00:00Z');
let database: Database;

beforeAll(async () => {
	database = await useFreshDatabase();
});
afterAll(() => database.sequelize.close());

/** An angler with one record of every kind, each naming what it can name. */
async function furnished(): Promise<string> {
	const anglerId = await newAngler(database);
	const [water, spot, kept] = [randomUUID(), randomUUID(), randomUUID()];
	const place = { timeZone: 'Europe/Paris', place: 'lake', latitude: 44, longitude: 0.6 } as const;
	await storeOf('waters').put(anglerId, water, 0, { schemaVersion: SCHEMA_VERSION, name: 'Mere', ...place });
	const profile = [
		{ outM: 0, depthM: 0 },
		{ outM: 20, depthM: 3 }
	];
	await storeOf('spots').put(anglerId, spot, 0, {
		schemaVersion: SCHEMA_VERSION,
		waterId: water,
		name: 'Alder Bank',
		bankBearingDeg: 90,
		at: [0.601, 44.002],
		bankHeightM: 6,
		profile,
		cover: []
	});
	await storeOf('charts').put(anglerId, randomUUID(), 0, {
		schemaVersion: SCHEMA_VERSION,
		waterId: water,
		shores: [
			[
				[0.6, 44],
				[0.61, 44],
				[0.6, 44.01]
			]
		],
		growths: [
			{
				kind: 'weed',
				ring: [
					[0.6, 44.1],
					[0.61, 44.1],
					[0.61, 44.11]
				]
			}
		],
		soundings: [[[0.603, 44.003], 2.4]]
	});
	await storeOf('readings').put(anglerId, kept, 0, readingRecord({ spotId: spot }));
	await storeOf('kept-calls').put(anglerId, randomUUID(), 0, keptRecord(kept));
	await storeOf('rigs').put(anglerId, randomUUID(), 0, rigRecordOf('One', startBuild('buzzbait'), []));
	await storeOf('parts').put(anglerId, randomUUID(), 0, {
		schemaVersion: SCHEMA_VERSION,
		part: { kind: 'blade', name: 'Spoon', form: 'colorado', lengthMm: 41, massG: 6.2, price: 2 }
	});
	const outing = randomUUID();
	const { rig } = startBuild('spinnerbait');
	await storeOf('outings').put(anglerId, outing, 0, {
		schemaVersion: SCHEMA_VERSION,
		name: 'Alder Bank, dawn',
		startedAt: '2026-05-09T06:40:00.000Z',
		spotId: spot,
		reading: WATER,
		rig,
		deck: [],
		trial: null
	});
	await storeOf('happenings').put(anglerId, randomUUID(), 0, {
		schemaVersion: SCHEMA_VERSION,
		outingId: outing,
		at: '2026-05-09T06:41:00.000Z',
		order: 1,
		what: { kind: 'landed', hit: 'steady', hook: 'corner', set: 'sweep', lengthCm: 41.5, massKg: null }
	});
	const rule = { id: 'MY-01', strength: 2, when: { join: 'all', words: ['night'] }, because: 'Purple after dark.' };
	const houseRules = houseRulesSchema.parse([{ ...rule, prefers: { colour: { purple: 1 } } }]);
	const stand = { schemaVersion: SCHEMA_VERSION, stances: { WIRE: 'heavy' }, houseRules } as const;
	await storeOf('stand').put(anglerId, 'stand', 0, stand);
	await storeOf('settings').put(anglerId, 'settings', 0, {
		schemaVersion: SCHEMA_VERSION,
		units: 'imperial',
		shortcuts: false
	});
	return anglerId;
}

const exportRecords = async (anglerId: string, now: Date): Promise<Transfer> =>
	JSON.parse((await everyRecord(exportedText(anglerId, now))).join('')) as Transfer;

const travelled = (file: unknown): unknown => JSON.parse(JSON.stringify(file));
const noChange = { added: 0, changed: 0, same: 0 };

describe('a file of everything kept', () => {
	it('restores into another account whole, waters and spots too, while the first still has its own', async () => {
		const file = await exportRecords(await furnished(), NOW);
		const to = await newAngler(database);
		const planned = await previewImport(to, travelled(file));
		for (const change of Object.values(planned.records)) expect(change).toEqual({ added: 1, changed: 0, same: 0 });
		expect(planned).toMatchObject({ replaced: ['stand', 'settings'], aside: [] });
		await importRecords(to, travelled(file));
		expect(await exportRecords(to, NOW)).toEqual(file);
		const twice = await importRecords(to, travelled(file));
		for (const change of Object.values(twice.records)) expect(change).toEqual({ added: 0, changed: 0, same: 1 });
		expect(twice.replaced).toEqual([]);
	});

	it('brings back what was deleted, and what was changed since', async () => {
		const anglerId = await furnished();
		const file = await exportRecords(anglerId, NOW);
		const [rig] = file.rigs;
		await storeOf('rigs').remove(anglerId, rig!.id);
		const [part] = file.parts;
		await storeOf('parts').put(anglerId, part!.id, 1, {
			...part!.record,
			part: { ...part!.record.part, massG: 9 }
		});
		const plan = await importRecords(anglerId, travelled(file));
		expect(plan.records).toMatchObject({ rigs: { added: 1 }, parts: { changed: 1 }, readings: { same: 1 } });
		expect((await storeOf('rigs').get(anglerId, rig!.id)).record).toEqual(rig!.record);
		expect((await storeOf('parts').get(anglerId, part!.id)).record).toEqual(part!.record);
	});

	it('holds every record, however many there are', async () => {
		const anglerId = await newAngler(database);
		const rows = Array.from({ length: 450 }, (_, at) => ({
			id: randomUUID(),
			anglerId,
			version: 1,
			name: `Reading ${at}`,
			spotId: null,
			takenAt: new Date(NOW.getTime() + at),
			document: { schemaVersion: SCHEMA_VERSION, reading: WATER }
		}));
		await database.models.records.readings.bulkCreate(rows as never);
		const { readings } = await exportRecords(anglerId, NOW);
		expect(new Set(readings.map(({ id }) => id)).size).toBe(rows.length);
	});

	it('names a reading that is gone: the call comes in without it, and that is said', async () => {
		const to = await newAngler(database);
		const lost = { id: randomUUID(), version: 1, record: keptRecord(randomUUID()) };
		const file = { kind: 'lucernal-records', schemaVersion: SCHEMA_VERSION, exportedAt: NOW.toISOString() };
		const plan = await importRecords(to, { ...file, 'kept-calls': [lost] });
		expect(plan.aside).toMatchObject([{ path: 'kept-calls.0.record.readingId' }]);
		expect((await storeOf('kept-calls').get(to, lost.id)).record).toEqual({ ...lost.record, readingId: null });
	});
});

describe('a file of the first version', () => {
	const first = { kind: 'lucernal-records', schemaVersion: 1, exportedAt: '2026-05-10T00:00:00Z' };
	const version1 = (record: object): object => ({ ...record, schemaVersion: 1 });

	it('is read with the place and time that its calls did not have, and its impossible blades left off', async () => {
		const to = await newAngler(database);
		const call = without(without(keptRecord(), 'spotId'), 'takenAt');
		const jig = rigRecordOf('Two plates', startBuild('bladed-jig'), []);
		const [plate] = jig.build.rig.blades;
		const blades = [plate, { ...plate, position: 'front' }];
		const twice = { ...jig, build: { ...jig.build, rig: { ...jig.build.rig, blades } } };
		const item = (record: object) => ({ id: randomUUID(), version: 3, record: version1(record) });
		const plan = await importRecords(to, {
			...first,
			readings: [item(readingRecord())],
			keptCalls: [item(call)],
			rigs: [item(twice)],
			stand: version1({ stances: { WIRE: 'heavy', MOONS: 'full' }, houseRules: [] })
		});
		expect(plan.records).toMatchObject({ readings: { added: 1 }, 'kept-calls': { added: 1 }, rigs: { added: 1 } });
		expect(plan.aside.map(({ path }) => path)).toEqual(['stand.stances.MOONS']);
		const [kept] = (await storeOf('kept-calls').list(to)).items;
		expect(kept!.record).toMatchObject({ schemaVersion: SCHEMA_VERSION, spotId: null, takenAt: call.keptAt });
		const [rig] = (await storeOf('rigs').list(to)).items;
		expect(rig!.record.build.rig.blades).toEqual([plate]);
	});

	it('without rigs and parts leaves the angler’s own alone', async () => {
		const anglerId = await furnished();
		const plan = await importRecords(anglerId, { ...first, readings: [], keptCalls: [] });
		expect(plan.records).toMatchObject({ rigs: noChange, parts: noChange });
		expect((await storeOf('rigs').list(anglerId)).items).toHaveLength(1);
	});
});

describe('a file that is refused', () => {
	const file = { kind: 'lucernal-records', schemaVersion: SCHEMA_VERSION, exportedAt: '2026-05-10T00:00:00Z' };

	it('is so by the path to what is wrong, and brings nothing in', async () => {
		const to = await newAngler(database);
		const good = { id: randomUUID(), version: 1, record: readingRecord() };
		const bad = { ...good, id: randomUUID(), record: { ...readingRecord(), takenAt: 'yesterday' } };
		const refused = importRecords(to, { ...file, readings: [good, bad] });
		await expect(refused).rejects.toMatchObject({ failure: { path: 'readings.1.record.takenAt' } });
		expect((await storeOf('readings').list(to)).items).toEqual([]);
	});

	it('half way is taken back whole', async () => {
		const to = await newAngler(database);
		const good = { id: randomUUID(), version: 1, record: readingRecord() };
		const spot = {
			schemaVersion: SCHEMA_VERSION,
			waterId: randomUUID(),
			name: 'Nowhere',
			bankBearingDeg: 0,
			cover: []
		};
		const profile = [
			{ outM: 0, depthM: 0 },
			{ outM: 9, depthM: 2 }
		];
		const astray = { id: randomUUID(), version: 1, record: { ...spot, profile } };
		const refused = importRecords(to, { ...file, readings: [good], spots: [astray] });
		await expect(refused).rejects.toMatchObject({ path: 'spots.0.record.waterId' });
		expect((await storeOf('readings').list(to)).items).toEqual([]);
	});

	it('of another kind, of a later edition or with an unknown list says so', async () => {
		const to = await newAngler(database);
		await expect(importRecords(to, { hello: 1 })).rejects.toMatchObject({ failure: { path: 'kind' } });
		await expect(importRecords(to, { ...file, boats: [] })).rejects.toMatchObject({ failure: { path: 'boats' } });
		const later = { id: randomUUID(), version: 1, record: { ...readingRecord(), schemaVersion: 99 } };
		await expect(importRecords(to, { ...file, readings: [later] })).rejects.toMatchObject({
			failure: { code: 'newer-version', path: 'readings.0.record.schemaVersion' }
		});
	});
});

describe('a large account', () => {
	/** A chart of about 250 kB. */
	const chart = (waterId: string): ChartRecord => ({
		schemaVersion: SCHEMA_VERSION,
		waterId,
		shores: [],
		growths: [],
		soundings: Array.from({ length: 6000 }, (_, at): [[number, number], number] => [
			[0.6 + at / 1e6 + 1e-12, 44 + at / 1e6 + 1e-12],
			at / 100
		])
	});

	const PART_BYTES = 1024 * 1024;

	it('leaves in files that each come in again, and all of it is back', async () => {
		const [anglerId, other] = [await newAngler(database), await newAngler(database)];
		const water = randomUUID();
		await storeOf('waters').put(anglerId, water, 0, waterRecord());
		const charts = Array.from({ length: 12 }, () => ({ id: randomUUID(), record: chart(water) }));
		// A statement holds about a megabyte, however many rows there are: the database takes no packet of any size.
		const written = vi.spyOn(database.models.records.charts, 'bulkCreate');
		await database.sequelize.transaction((transaction) => storeOf('charts').addAll(anglerId, charts, transaction));
		const sizes = written.mock.calls.map(([rows]) => JSON.stringify(rows).length);
		expect(sizes.length).toBeGreaterThan(2);
		expect(Math.max(...sizes)).toBeLessThan(1.3 * 1024 * 1024);
		written.mockRestore();
		expect(await exportParts(anglerId)).toBe(1);
		const parts = await exportParts(anglerId, PART_BYTES);
		expect(parts).toBeGreaterThan(1);
		for (let part = 1; part <= parts; part++) {
			const text = (await everyRecord(exportedText(anglerId, NOW, { part, parts }, PART_BYTES))).join('');
			expect(text.length).toBeLessThan(2 * PART_BYTES);
			await importRecords(other, JSON.parse(text));
		}
		for (const name of ['waters', 'charts'] as const) {
			const ids = async (owner: string) =>
				[...(await storeOf(name).versions(owner)).keys()].toSorted((a, b) => a.localeCompare(b));
			expect(await ids(other)).toEqual(await ids(anglerId));
		}
	});
});

describe('imports at once', () => {
	const empty = { kind: 'lucernal-records', schemaVersion: SCHEMA_VERSION, exportedAt: NOW.toISOString() };
	const readings = (count: number, name: string) => ({
		...empty,
		readings: Array.from({ length: count }, () => ({ id: randomUUID(), version: 1, record: readingRecord({ name }) }))
	});

	it('by one angler and by six all come in, whole', async () => {
		const one = await newAngler(database);
		const six = await Promise.all([1, 2, 3, 4, 5, 6].map(() => newAngler(database)));
		const same = readings(20, 'The same file');
		const mine = [1, 2, 3, 4, 5].map(() => readings(20, 'One of five'));
		await Promise.all([...mine, same, same].map((file) => importRecords(one, file)));
		await Promise.all(six.map((angler) => importRecords(angler, same)));
		expect((await exportRecords(one, NOW)).readings).toHaveLength(120);
		for (const angler of six) expect((await exportRecords(angler, NOW)).readings).toHaveLength(20);
	});

	it('of ten thousand records leave none out, there and back', async () => {
		const [from, to] = [await newAngler(database), await newAngler(database)];
		const file = readings(10_000, 'One of many');
		expect((await importRecords(from, file)).records.readings.added).toBe(10_000);
		const back = await exportRecords(from, NOW);
		await importRecords(to, back);
		const again = await exportRecords(to, NOW);
		const byId = (a: { id: string }, b: { id: string }): number => (a.id < b.id ? -1 : 1);
		expect(again.readings.toSorted(byId)).toEqual(file.readings.toSorted(byId));
	});
});
