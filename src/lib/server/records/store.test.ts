import { randomUUID } from 'node:crypto';
import { QueryTypes, type WhereOptions } from 'sequelize';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { call } from '../../core/ranking/answer/call';
import { callInputSchema } from '../../core/foundation/schema/call';
import { SCHEMA_VERSION } from '../../core/records/version';
import type { Database } from '../db/connection';
import { newAngler, useFreshDatabase } from '../db/testing';
import { asHttpFailure } from '../http/failures';
import { Store, storeOf } from './store';
import { damagedRecords } from './damaged';
import { listWaters } from './places';
import { keptRecord, readingRecord, WATER, waterRecord } from './testing';
import { changesSince } from './writes';

const readings = storeOf('readings');
const keptCalls = storeOf('kept-calls');
let database: Database;
let angler: string;

beforeAll(async () => {
	database = await useFreshDatabase();
	angler = await newAngler(database);
});
afterAll(() => database.sequelize.close());

describe('a record that is being written by something long', () => {
	it('is told to be busy for now, and nothing of what waited is half in', async () => {
		const own = await newAngler(database);
		const id = randomUUID();
		const long = await database.sequelize.transaction();
		await database.models.Angler.findByPk(own, { transaction: long, lock: true });
		try {
			const error = await readings.put(own, id, 0, readingRecord()).catch((given: unknown) => given);
			expect(asHttpFailure(error, 'test')).toMatchObject({ status: 503, code: 'busy', retryAfterS: 2 });
		} finally {
			await long.rollback();
		}
		await expect(readings.get(own, id)).rejects.toMatchObject({ status: 404 });
		await readings.put(own, id, 0, readingRecord());
		expect((await readings.get(own, id)).version).toBe(1);
	});
});

describe('a stored reading', () => {
	it('comes back as it went in, at version 1', async () => {
		const id = randomUUID();
		await readings.put(angler, id, 0, readingRecord());
		expect(await readings.get(angler, id)).toEqual({ id, version: 1, record: readingRecord() });
	});

	it('goes up a version with each write, and a stale write is refused with the current record', async () => {
		const id = randomUUID();
		await readings.put(angler, id, 0, readingRecord());
		const second = await readings.put(angler, id, 1, readingRecord({ name: 'Pad Bay' }));
		expect(second.version).toBe(2);
		const stale = readings.put(angler, id, 1, readingRecord({ name: 'Lost' }));
		await expect(stale).rejects.toMatchObject({ status: 409, code: 'stale', detail: { current: second } });
		expect((await readings.get(angler, id)).record.name).toBe('Pad Bay');
	});

	it('is not made twice under one key', async () => {
		const id = randomUUID();
		const first = await readings.put(angler, id, 0, readingRecord());
		const again = readings.put(angler, id, 0, readingRecord({ name: 'Other' }));
		await expect(again).rejects.toMatchObject({ status: 409, detail: { current: first } });
	});

	it('written again just as it is, as by a retry, stays as it is', async () => {
		const id = randomUUID();
		await readings.put(angler, id, 0, readingRecord());
		expect(await readings.put(angler, id, 0, readingRecord())).toMatchObject({ version: 1 });
		await readings.put(angler, id, 1, readingRecord({ name: 'Pad Bay' }));
		expect(await readings.put(angler, id, 1, readingRecord({ name: 'Pad Bay' }))).toMatchObject({ version: 2 });
	});

	it('is not deleted by somebody who saw an older one', async () => {
		const id = randomUUID();
		await readings.put(angler, id, 0, readingRecord());
		const second = await readings.put(angler, id, 1, readingRecord({ name: 'Pad Bay' }));
		const stale = readings.remove(angler, id, { seen: 1 });
		await expect(stale).rejects.toMatchObject({ status: 409, detail: { current: second } });
		expect(await readings.remove(angler, id, { seen: 2 })).toBe(3);
		// A second time changes nothing, whatever was seen.
		expect(await readings.remove(angler, id, { seen: 2 })).toBe(3);
	});

	it('is nobody else’s', async () => {
		const id = randomUUID();
		await readings.put(angler, id, 0, readingRecord());
		const stranger = await newAngler(database, 'Stranger');
		await expect(readings.get(stranger, id)).rejects.toMatchObject({ status: 404 });
		await expect(readings.put(stranger, id, 1, readingRecord())).rejects.toMatchObject({ status: 404 });
		await expect(readings.remove(stranger, id)).rejects.toMatchObject({ status: 404 });
		expect((await readings.list(stranger)).items).toEqual([]);
		// Keys are an angler's own: the same one in another account is another record.
		expect(await readings.put(stranger, id, 0, readingRecord({ name: 'Theirs' }))).toMatchObject({ version: 1 });
		expect((await readings.get(angler, id)).record.name).toBe('Alder Bank');
	});

	it('is deleted softly and comes back by undo', async () => {
		const id = randomUUID();
		const stored = await readings.put(angler, id, 0, readingRecord());
		await readings.remove(angler, id);
		await expect(readings.get(angler, id)).rejects.toMatchObject({ status: 404 });
		await readings.remove(angler, id);
		expect(await readings.restore(angler, id)).toEqual({ ...stored, version: 3 });
	});

	it('cannot be at a spot that the angler does not have', async () => {
		const record = readingRecord({ spotId: randomUUID() });
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
		expect((await keptCalls.get(angler, id)).record.reading).toEqual(WATER);
	});
});

describe('a write’s key', () => {
	it('is good for one write: used for another record or another content it is refused, and nothing is lost unsaid', async () => {
		const [owner, id, key] = [await newAngler(database), randomUUID(), randomUUID()];
		const written = { key, digest: 'a'.repeat(64) };
		await readings.put(owner, id, 0, readingRecord(), written);
		expect(await readings.put(owner, id, 0, readingRecord(), written)).toMatchObject({ version: 1 });
		const reused = { status: 409, code: 'key-reused', path: 'idempotency-key' };
		await expect(readings.put(owner, randomUUID(), 0, readingRecord(), written)).rejects.toMatchObject(reused);
		const other = readings.put(owner, id, 1, readingRecord({ name: 'B' }), { key, digest: 'b'.repeat(64) });
		await expect(other).rejects.toMatchObject(reused);
		await expect(readings.remove(owner, id, { key, digest: 'c'.repeat(64) })).rejects.toMatchObject(reused);
	});
});

describe('an account that is full', () => {
	const bytesOf = async (owner: string) =>
		Number((await database.models.RecordUsage.findOne({ where: { anglerId: owner, kind: 'readings' } }))?.bytes ?? 0);

	it('knows how many bytes it holds, as the database has them', async () => {
		const owner = await newAngler(database);
		const ids = [randomUUID(), randomUUID()];
		for (const id of ids) await readings.put(owner, id, 0, readingRecord());
		await readings.put(owner, ids[0]!, 1, readingRecord({ name: 'Longer, but that is a column' }));
		await readings.remove(owner, ids[1]!);
		const [row] = await database.sequelize.query<{ bytes: string }>(
			`SELECT SUM(LENGTH(document)) AS bytes FROM reading WHERE angler_id = '${owner}'`,
			{ type: QueryTypes.SELECT }
		);
		expect(await bytesOf(owner)).toBe(Number(row!.bytes));
	});

	it('refuses more with what it holds, until what was deleted a day ago makes room', async () => {
		const owner = await newAngler(database);
		const id = randomUUID();
		await readings.put(owner, id, 0, readingRecord());
		await database.models.RecordUsage.update({ bytes: 2 ** 40 }, { where: { anglerId: owner } });
		// What was counted wrongly is measured before anybody is refused.
		expect(await readings.put(owner, randomUUID(), 0, readingRecord())).toMatchObject({ version: 1 });
		const large = { ...waterRecord(), name: 'W' };
		const waters = storeOf('waters');
		await database.sequelize.query(
			`INSERT INTO water (angler_id, id, version, name, time_zone, place, latitude, longitude, document, created_at, updated_at)
			VALUES ('${owner}', '${id}', 1, 'Large', 'UTC', 'lake', 0, 0, CONCAT('"', REPEAT('x', 1048576), '"'), NOW(3), NOW(3))`
		);
		await database.models.RecordUsage.upsert({ anglerId: owner, kind: 'waters', bytes: 1048578 });
		const refused = waters.put(owner, randomUUID(), 0, large);
		await expect(refused).rejects.toMatchObject({
			status: 422,
			code: 'full',
			message: expect.stringContaining('1 MB')
		});
		await database.sequelize.query(`UPDATE water SET deleted_at = NOW(3) - INTERVAL 2 DAY WHERE id = '${id}'`);
		expect(await waters.put(owner, randomUUID(), 0, large)).toMatchObject({ version: 1 });
	});
});

describe('a record that is damaged', () => {
	it('is named with the others of its kind, exported as it is, and deleted', async () => {
		const owner = await newAngler(database);
		const id = randomUUID();
		await storeOf('waters').put(owner, id, 0, waterRecord());
		await storeOf('settings').put(owner, 'settings', 0, {
			schemaVersion: SCHEMA_VERSION,
			units: 'metric',
			shortcuts: true
		});
		await database.models.records.waters.update(
			{ document: { schemaVersion: -1e300 } },
			{ where: { anglerId: owner } }
		);
		await database.models.Preference.update({ document: 'nonsense' }, { where: { anglerId: owner } });
		expect(await listWaters(owner)).toEqual([]);
		const found = await damagedRecords(owner);
		expect(found).toMatchObject([
			{ kind: 'settings', id: 'settings', what: 'settings' },
			{ kind: 'waters', id, what: 'water', why: expect.stringContaining('schemaVersion') }
		]);
		expect(await storeOf('waters').raw(owner, id)).toMatchObject({
			id,
			version: 1,
			raw: { name: 'W', schemaVersion: -1e300 }
		});
		await storeOf('waters').remove(owner, id);
		await storeOf('settings').remove(owner, 'settings');
		expect(await damagedRecords(owner)).toEqual([]);
		// The place of the document is free for the next one.
		const fresh = { schemaVersion: SCHEMA_VERSION, units: 'imperial', shortcuts: true } as const;
		expect(await storeOf('settings').put(owner, 'settings', 0, fresh)).toMatchObject({ version: 1 });
	});

	it('with a time zone that no clock knows is shown in UTC, with what is stored', async () => {
		const owner = await newAngler(database);
		await storeOf('waters').put(owner, randomUUID(), 0, waterRecord());
		await database.models.records.waters.update({ timeZone: 'Mars/Olympus' } as never, { where: { anglerId: owner } });
		expect(await listWaters(owner)).toMatchObject([{ timeZone: 'UTC', unknownZone: 'Mars/Olympus' }]);
		expect(await damagedRecords(owner)).toEqual([]);
	});
});

describe('a list of records', () => {
	async function namesByPages(owner: string, limit: number): Promise<string[]> {
		const names: string[] = [];
		let after: string | null = null;
		do {
			const page: Awaited<ReturnType<typeof readings.list>> = await readings.list(owner, {
				limit,
				...(after ? { after } : {})
			});
			names.push(...page.items.map(({ record }) => record.name));
			after = page.next;
		} while (after !== null);
		return names;
	}

	it('comes in pages, newest first, each record once', async () => {
		const owner = await newAngler(database);
		const days = [3, 1, 2, 2, 5];
		for (const day of days) {
			const record = { ...readingRecord({ name: `Day ${day}` }), takenAt: `2026-05-0${day}T06:40:00.000Z` };
			await readings.put(owner, randomUUID(), 0, record);
		}
		expect(await namesByPages(owner, 2)).toEqual(['Day 5', 'Day 3', 'Day 2', 'Day 2', 'Day 1']);
	});

	it('comes in pages without a gap where several were taken within one second', async () => {
		const owner = await newAngler(database);
		for (const ms of [100, 400, 700, 900]) {
			const record = { ...readingRecord({ name: `At ${ms} ms` }), takenAt: `2026-05-01T06:40:00.${ms}Z` };
			await readings.put(owner, randomUUID(), 0, record);
		}
		expect(await namesByPages(owner, 1)).toEqual(['At 900 ms', 'At 700 ms', 'At 400 ms', 'At 100 ms']);
	});

	it('read by key is there once, however few at a time, and whatever is written meanwhile', async () => {
		const own = await newAngler(database);
		const ids = Array.from({ length: 7 }, () => randomUUID());
		for (const id of ids) await readings.put(own, id, 0, readingRecord());
		await readings.put(angler, randomUUID(), 0, readingRecord());
		for (const together of [1, 3, 7, 50]) {
			const found: string[] = [];
			for await (const { id, version } of readings.byKey(own, { together })) {
				found.push(id);
				// What was read already gets newer: by its time it would come once more, and push another one out.
				await readings.put(own, id, version, readingRecord({ name: `Read ${together} at a time` }));
			}
			expect(found).toEqual(ids.toSorted());
		}
	});

	it('names a row that cannot be read and shows the others', async () => {
		const owner = await newAngler(database);
		const bad = randomUUID();
		await readings.put(owner, randomUUID(), 0, readingRecord({ name: 'Good' }));
		await readings.put(owner, bad, 0, readingRecord({ name: 'Bad' }));
		const document = { schemaVersion: SCHEMA_VERSION, reading: { waterTemperatureC: 'warm' } };
		await database.models.records.readings.update({ document }, { where: { anglerId: owner, id: bad } });
		const { items, unreadable } = await readings.list(owner);
		expect(items.map(({ record }) => record.name)).toEqual(['Good']);
		expect(unreadable).toMatchObject([{ id: bad, why: expect.stringContaining('reading.waterTemperatureC') }]);
	});

	it('refuses a place that is none', async () => {
		await expect(readings.list(angler, { after: 'nowhere' })).rejects.toMatchObject({ status: 422, path: 'after' });
	});
});

describe('a document', () => {
	const settings = storeOf('settings');
	const both = { schemaVersion: SCHEMA_VERSION, units: 'metric', shortcuts: true } as const;

	it('is one per angler, with versions like any record', async () => {
		const owner = await newAngler(database);
		expect(await settings.find(owner)).toBeNull();
		await settings.put(owner, 'settings', 0, both);
		await settings.put(owner, 'settings', 1, { ...both, units: 'imperial' });
		const stale = settings.put(owner, 'settings', 1, both);
		await expect(stale).rejects.toMatchObject({ status: 409, detail: { current: { version: 2 } } });
		expect(await settings.find(owner)).toMatchObject({ id: 'settings', version: 2, record: { units: 'imperial' } });
		expect(await settings.find(angler)).toBeNull();
	});

	it('can hold nothing, as a bench without a rig does', async () => {
		const owner = await newAngler(database);
		await storeOf('bench').put(owner, 'bench', 0, null);
		expect(await storeOf('bench').find(owner)).toEqual({ id: 'bench', version: 1, record: null });
	});

	it('without what is not known here is read all the same', async () => {
		const owner = await newAngler(database);
		await storeOf('stand').put(owner, 'stand', 0, { schemaVersion: SCHEMA_VERSION, stances: {}, houseRules: [] });
		const stances = { WIRE: 'heavy', MOONS: 'full', SKY: 'stormy' };
		const document = { schemaVersion: 1, stances, houseRules: [{ id: 'MY-01', prefers: { blade: { spoon: 1 } } }] };
		await database.models.Preference.update(
			{ document },
			{ where: { anglerId: owner, topic: 'stand' } as WhereOptions }
		);
		expect((await storeOf('stand').find(owner))?.record).toEqual({
			schemaVersion: SCHEMA_VERSION,
			stances: { WIRE: 'heavy' },
			houseRules: []
		});
	});
});

describe('writes of an angler', () => {
	it('are numbered, and what was written since a number is told once with its latest version', async () => {
		const owner = await newAngler(database);
		const [first, second] = [randomUUID(), randomUUID()];
		await readings.put(owner, first, 0, readingRecord());
		const { sequence } = await changesSince(owner, 0);
		await readings.put(owner, second, 0, readingRecord());
		await readings.put(owner, first, 1, readingRecord({ name: 'Again' }));
		await readings.remove(owner, second);
		const later = await changesSince(owner, sequence);
		expect(later.changes).toEqual([
			{ kind: 'readings', id: first, version: 2, deleted: false },
			{ kind: 'readings', id: second, version: 2, deleted: true }
		]);
		expect(await changesSince(owner, later.sequence)).toMatchObject({ changes: [], sequence: later.sequence });
		expect((await changesSince(await newAngler(database), 0)).changes).toEqual([]);
	});

	it('with a key are done once, however often they are sent', async () => {
		const owner = await newAngler(database);
		const [id, key] = [randomUUID(), randomUUID()];
		await readings.put(owner, id, 0, readingRecord(), { key });
		expect(await readings.put(owner, id, 0, readingRecord(), { key })).toMatchObject({ version: 1 });
		await readings.put(owner, id, 1, readingRecord({ name: 'Later' }), { key: randomUUID() });
		expect(await readings.put(owner, id, 0, readingRecord(), { key })).toMatchObject({ version: 1 });
		expect(await readings.get(owner, id)).toMatchObject({ version: 2, record: { name: 'Later' } });
	});

	it('that come at once are done one after the other, none lost', async () => {
		const owner = await newAngler(database);
		const ids = Array.from({ length: 8 }, () => randomUUID());
		await Promise.all(ids.map((id) => readings.put(owner, id, 0, readingRecord())));
		const { changes, sequence } = await changesSince(owner, 0);
		expect(changes.map(({ id }) => id).sort()).toEqual([...ids].sort());
		expect(sequence).toBe(ids.length);
	});

	it('that were refused leave no number and no key behind', async () => {
		const owner = await newAngler(database);
		const [id, key] = [randomUUID(), randomUUID()];
		await readings.put(owner, id, 0, readingRecord());
		const before = await changesSince(owner, 0);
		await expect(readings.put(owner, id, 7, readingRecord({ name: 'No' }), { key })).rejects.toMatchObject({
			status: 409
		});
		expect(await changesSince(owner, 0)).toEqual(before);
		expect(await readings.put(owner, id, 1, readingRecord({ name: 'Yes' }), { key })).toMatchObject({ version: 2 });
	});
});

describe('a document', () => {
	it('is replaced by every page that asks, also at once, and each is a version', async () => {
		const own = await newAngler(database, 'At once');
		const settings = storeOf('settings');
		const units = ['metric', 'imperial'] as const;
		const record = (at: number) => ({ schemaVersion: SCHEMA_VERSION, units: units[at % 2]!, shortcuts: at < 3 });
		await Promise.all([0, 1, 2, 3, 4, 5].map((at) => settings.replace(own, record(at) as never)));
		expect((await settings.find(own))?.version).toBe(6);
	});
});

describe('an account', () => {
	it('holds so many records of a kind and no more; those that are there can be changed', async () => {
		const own = await newAngler(database, 'Full');
		const small = new Store('readings', 3);
		const ids = [randomUUID(), randomUUID(), randomUUID()];
		for (const id of ids) await small.put(own, id, 0, readingRecord());
		await expect(small.put(own, randomUUID(), 0, readingRecord())).rejects.toMatchObject({ status: 422, code: 'full' });
		expect(await small.put(own, ids[0]!, 1, readingRecord({ name: 'Changed' }))).toMatchObject({ version: 2 });
		expect((await small.list(own)).items).toHaveLength(3);
	});
});
