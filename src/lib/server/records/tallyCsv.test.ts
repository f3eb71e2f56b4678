import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { seeded } from '../../core/foundation/basics/random';
import { SCHEMA_VERSION } from '../../core/records/version';
import { unpacked } from '../../core/trips/proof/packed';
import type { Database } from '../db/connection';
import { newAngler, useFreshDatabase } from '../db/testing';
import { seasonOf } from '../demo/season';
import { everyRecord } from './every';
import { factsOfAngler } from './facts';
import { storeOf } from './store';
import { totalsBeside } from './tallyTotals';
import { WATER } from './testing';
import { guarded, importTallyCsv, tallyCsv, unguarded } from './tallyCsv';

let database: Database;
beforeAll(async () => void (database = await useFreshDatabase()));
afterAll(() => database.sequelize.close());

/** An angler with two outings of the made-up season, and a note that looks like a formula. */
async function furnished(): Promise<string> {
	const anglerId = await newAngler(database);
	const days = [1, 2].map((day) => ({
		name: `Day ${day}`,
		spotId: null,
		takenAt: new Date(Date.UTC(2026, 4, day)),
		reading: WATER
	}));
	for (const { id, record, happenings } of seasonOf(seeded(3), days, randomUUID)) {
		await storeOf('outings').put(anglerId, id, 0, record);
		for (const one of happenings) await storeOf('happenings').put(anglerId, one.id, 0, one.record);
		await storeOf('happenings').put(anglerId, randomUUID(), 0, {
			schemaVersion: SCHEMA_VERSION,
			outingId: id,
			at: '2026-05-09T06:41:00.000Z',
			order: 500,
			what: { kind: 'note', text: '=HYPERLINK("x"), "quoted"\nand a second line' }
		});
	}
	return anglerId;
}
const everything = async (anglerId: string) => [
	await everyRecord(storeOf('outings').all(anglerId)),
	await everyRecord(storeOf('happenings').all(anglerId))
];

describe('the tally as CSV', () => {
	it('goes out and comes back into another account exactly, and twice changes nothing', async () => {
		const from = await furnished();
		const text = await tallyCsv(from);
		const to = await newAngler(database);
		const { added } = await importTallyCsv(to, text);
		expect(await everything(to)).toEqual(await everything(from));
		expect(await importTallyCsv(to, text)).toEqual({ added: 0, known: added });
		expect(await tallyCsv(to)).toBe(text);
		const [head, ...lines] = text.split('\r\n');
		const twice = await importTallyCsv(await newAngler(database), [head, ...lines, ...lines].join('\r\n'));
		expect(twice).toEqual({ added, known: added });
	});

	it('holds no cell that a spreadsheet takes for a formula', async () => {
		const text = await tallyCsv(await furnished());
		expect(text).toContain("'=HYPERLINK");
		expect(text).not.toMatch(/(^|,|\n)"?[=+@-]/);
		fc.assert(
			fc.property(fc.string(), (cell) => {
				expect(guarded(cell)).not.toMatch(/^[=+\-@]/);
				expect(unguarded(guarded(cell))).toBe(cell);
			})
		);
	});

	it('is refused by the line that is wrong, and nothing of it comes in', async () => {
		const from = await furnished();
		const lines = (await tallyCsv(from)).split('\r\n');
		const to = await newAngler(database);
		const at = lines.findIndex((line) => line.includes(',landed,'));
		const bad = lines.with(at, lines[at]!.replace(',landed,', ',caught,')).join('\r\n');
		await expect(importTallyCsv(to, bad)).rejects.toMatchObject({
			status: 422,
			message: expect.stringMatching(/^Line \d+: what/) as string
		});
		const orphan = [lines[0], lines.find((line) => line.includes(',landed,'))].join('\r\n');
		await expect(importTallyCsv(to, orphan)).rejects.toMatchObject({
			message: expect.stringContaining('its outing') as string
		});
		await expect(importTallyCsv(to, 'a,b\r\n1,2')).rejects.toMatchObject({
			message: expect.stringContaining('no column') as string
		});
		expect(await everything(to)).toEqual([[], []]);
	});

	it('takes what a row says in its own cells over the last column, and no version from there', async () => {
		const to = await newAngler(database);
		const [head, ...lines] = (await tallyCsv(await furnished())).split('\r\n');
		const outing = lines.find((line) => line.includes(',outing,'))!;
		const hostile = outing.replace('"{""', '"{""schemaVersion"":-1e300,""startedAt"":""never"",""');
		expect(hostile).not.toBe(outing);
		expect(await importTallyCsv(to, [head, hostile].join('\r\n'))).toEqual({ added: 1, known: 0 });
	});

	it('names both lines where one key says two things, and refuses what is none of our files by its first line', async () => {
		const to = await newAngler(database);
		const lines = (await tallyCsv(await furnished())).split('\r\n');
		const at = lines.findIndex((line) => line.includes(',cast,'));
		const twice = [...lines, lines[at]!.replace(/,cast,\d+/, ',cast,77')].join('\r\n');
		const told = `Line ${lines.length + 1}: the key ${lines[at]!.split(',')[1]} stands in line ${at + 1} too`;
		await expect(importTallyCsv(to, twice)).rejects.toMatchObject({ message: expect.stringContaining(told) as string });
		await expect(importTallyCsv(to, ',\n'.repeat(100_000))).rejects.toMatchObject({ path: '1' });
		await expect(importTallyCsv(to, ','.repeat(100_000))).rejects.toMatchObject({ path: '1' });
		expect(await everything(to)).toEqual([[], []]);
	});
});

describe('the record', () => {
	it('is told in stretches that add up, and in two figures beside one outing', async () => {
		const anglerId = await furnished();
		const facts = unpacked(await factsOfAngler(anglerId));
		const happenings = await everyRecord(storeOf('happenings').all(anglerId));
		const cast = happenings.reduce((sum, { record: { what } }) => sum + (what.kind === 'cast' ? what.count : 0), 0);
		expect(facts.reduce((sum, { casts }) => sum + casts, 0)).toBe(cast);
		const struck = happenings.filter(({ record: { what } }) => ['short', 'bite', 'landed', 'lost'].includes(what.kind));
		expect(facts.reduce((sum, { strikes }) => sum + strikes, 0)).toBe(struck.length);
		expect(await totalsBeside(anglerId, null)).toEqual({ casts: cast, strikes: struck.length });
		const [{ outingId } = { outingId: '' }] = facts;
		const own = facts.filter((fact) => fact.outingId !== outingId);
		expect(await totalsBeside(anglerId, outingId)).toEqual({
			casts: own.reduce((sum, { casts }) => sum + casts, 0),
			strikes: own.reduce((sum, { strikes }) => sum + strikes, 0)
		});
	});
});
