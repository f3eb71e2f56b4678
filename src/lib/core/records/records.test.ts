import fc from 'fast-check';
import { SCHEMA_VERSION } from './version';
import { describe, expect, it } from 'vitest';
import { startBuild } from '../rig/build/start';
import { refusalOf } from '../testing/refusal';
import { FAMILIES } from '../foundation/schema/words';
import { rigPartsSchema, rigSchema } from '../foundation/schema/rig';
import { DISPUTES } from '../claims/disputes';
import { BLADES_MAX } from '../foundation/schema/families';
import { DOCUMENT_KIND_NAMES } from './kind';
import { KINDS, kindOf, LISTED_KIND_NAMES } from './kinds';
import { readRecord } from './read';
import { readRigFile, rigFileOf } from './rigFile';
import { rigRecordOf } from './rigRecord';
import { readTransfer } from './transfer';

const reading = { waterTemperatureC: 16.5, visibilityM: 0.9, bottomM: 2.4 };
describe('the kinds of record', () => {
	it('are each under their own word, and every reference leads to a kind that comes before', () => {
		const names = [...LISTED_KIND_NAMES, ...DOCUMENT_KIND_NAMES];
		expect(Object.keys(KINDS).sort()).toEqual([...names].sort());
		for (const name of names) {
			const kind = KINDS[name];
			expect(kind.name).toBe(name);
			for (const target of Object.values(kind.references)) {
				expect(names.indexOf(target)).toBeLessThan(names.indexOf(name));
			}
		}
		expect([kindOf('rigs')?.what, kindOf('boats'), kindOf('constructor')]).toEqual(['rig', null, null]);
	});

	it('have a step from every older version', () => {
		for (const kind of Object.values(KINDS)) {
			for (let version = 1; version < SCHEMA_VERSION; version++) expect(kind.upgrades).toHaveProperty([version]);
		}
	});
});

describe('the version of a record', () => {
	const record = (schemaVersion: unknown) => ({
		schemaVersion,
		name: 'A',
		spotId: null,
		takenAt: '2026-05-09T06:40:00.000Z',
		reading
	});

	it.each([-1e300, -1e7, -1, 0, 1.5, NaN, Infinity, '2', null, [2], undefined])('%s is refused at once', (version) => {
		const refused = refusalOf(() => readRecord('readings', record(version)));
		expect(refused).toMatchObject({ code: 'invalid', path: 'schemaVersion' });
		const entry = { id: '11111111-1111-4111-8111-111111111111', version: 1, record: record(version) };
		const file = {
			kind: 'lucernal-records',
			schemaVersion: 2,
			exportedAt: '2026-05-09T06:40:00.000Z',
			readings: [entry]
		};
		expect(refusalOf(() => readTransfer(file))?.path).toBe('readings.0.record.schemaVersion');
	});
});

describe('a file of records', () => {
	const head = { kind: 'lucernal-records', schemaVersion: 2, exportedAt: '2026-05-09T06:40:00.000Z' };
	const entry = (id: string) => ({
		id,
		version: 1,
		record: { schemaVersion: 2, name: 'A', spotId: null, takenAt: '2026-05-09T06:40:00.000Z', reading }
	});
	const ID = 'AAAAAAAA-AAAA-4AAA-8AAA-AAAAAAAAAAAA';

	it('has one entry for a key, however it is written, and says which two share one', () => {
		const { file } = readTransfer({ ...head, readings: [entry(ID)] });
		expect(file.readings[0]?.id).toBe(ID.toLowerCase());
		const refused = refusalOf(() => readTransfer({ ...head, readings: [entry(ID), entry(ID.toLowerCase())] }));
		expect(refused).toMatchObject({ path: 'readings.1.id', message: expect.stringContaining('entries 0 and 1') });
	});

	it('may be one of several', () => {
		expect(readTransfer({ ...head, section: 2, sections: 3, readings: [] }).file.readings).toEqual([]);
	});

	it('takes no water whose time zone no clock knows, though a stored one is read', () => {
		const water = { schemaVersion: 2, name: 'W', timeZone: 'Mars/Olympus', place: 'lake', latitude: 44, longitude: 0 };
		expect(readRecord('waters', water).record).toMatchObject({ timeZone: 'Mars/Olympus' });
		const refused = refusalOf(() => readTransfer({ ...head, waters: [{ id: ID, version: 1, record: water }] }));
		expect(refused?.path).toBe('waters.0.record.timeZone');
	});
});

describe('a record of the first version', () => {
	it('of the desk is read without the rig that lies on the bench now', () => {
		const place = { name: '', readingId: null, readingVersion: 0, spotId: null };
		const old = { schemaVersion: 1, ...place, takenAt: '2026-05-09T06:40:00.000Z', reading };
		const { record } = readRecord('desk', { ...old, rig: startBuild('buzzbait').rig, updatedAt: old.takenAt });
		expect(record).toMatchObject({ schemaVersion: SCHEMA_VERSION, locks: {} });
		expect(record).not.toHaveProperty('rig');
		expect(record).not.toHaveProperty('updatedAt');
	});

	it('in a rig’s file keeps the rear blade where it had more than its family carries', () => {
		const now = rigRecordOf('Thumper', startBuild('underspin'), []);
		const [blade] = now.build.rig.blades;
		const blades = [{ ...blade, position: 'front' }, blade, blade];
		const old = { ...now, schemaVersion: 1, build: { ...now.build, rig: { ...now.build.rig, blades } } };
		expect(readRigFile({ kind: 'lucernal-rig', schemaVersion: 1, rig: old }).build.rig.blades).toEqual([blade]);
		expect(readRigFile(JSON.parse(JSON.stringify(rigFileOf(now))))).toEqual(now);
	});

	it('that a later edition wrote is refused as such', () => {
		expect(refusalOf(() => readRecord('readings', { schemaVersion: 99 }))).toMatchObject({ code: 'newer-version' });
		const file = { kind: 'lucernal-records', schemaVersion: 99, exportedAt: '2026-05-09T06:40:00.000Z' };
		expect(refusalOf(() => readTransfer(file))).toMatchObject({ code: 'newer-version', path: 'schemaVersion' });
	});
});

describe('a rig', () => {
	it('has at most the blades that its family carries, in places of their own', () => {
		for (const family of FAMILIES) {
			const { rig } = startBuild(family);
			const rear = rig.blades.find(({ position }) => position === 'rear')!;
			const two = { ...rig, blades: [{ ...rear, position: 'front' }, rear] };
			expect(rigSchema.safeParse(two).success).toBe(BLADES_MAX[family] === 2);
			const { family: kept, weightOz } = rig;
			const parts = { family: kept, weightOz, blades: [rear, rear] };
			expect(rigPartsSchema.safeParse(parts).success).toBe(false);
			expect(rigPartsSchema.safeParse({ ...parts, blades: [rear] }).success).toBe(true);
		}
	});
});

describe('a stand', () => {
	const word = fc.oneof(fc.constantFrom(...DISPUTES.map(({ topic }) => topic)), fc.string({ maxLength: 12 }));
	const school = fc.oneof(
		fc.constantFrom(...DISPUTES.flatMap(({ schools }) => schools), 'auto', 'both'),
		fc.anything()
	);
	const rule = {
		id: 'MY-01',
		strength: 2,
		when: { join: 'all', words: ['night'] },
		prefers: { colour: { white: 1 } },
		because: 'So.'
	};
	const stances = fc.oneof(fc.dictionary(word, school, { noNullPrototype: true }), fc.anything());

	it('is read whatever lies in it: what is not known is named, and the rest holds', () => {
		fc.assert(
			fc.property(stances, fc.oneof(fc.array(fc.anything(), { maxLength: 4 }), fc.anything()), (sides, houseRules) => {
				const { record, aside } = readRecord('stand', { schemaVersion: SCHEMA_VERSION, stances: sides, houseRules });
				for (const [topic, side] of Object.entries(record.stances)) {
					const split = DISPUTES.find((one) => one.topic === topic)!;
					expect([...split.schools, 'auto', 'both']).toContain(side);
				}
				const given = typeof sides === 'object' && sides !== null ? Object.keys(sides).length : 0;
				const rules = Array.isArray(houseRules) ? houseRules.length : 0;
				const held = Object.keys(record.stances).length + record.houseRules.length;
				expect(held + aside.length).toBe(given + rules);
			})
		);
	});

	it.each([
		['beyond ten feet', 'beyond ten feet'],
		['thick grass tops', 'thick grass tops'],
		['beyond four metres', 'beyond four meters'],
		['beyond five metres', 'beyond five meters'],
		['to four metres', 'to four meters'],
		['four to nine metres', 'four to nine meters'],
		['beyond nine metres', 'beyond nine meters'],
		['seen over a metre', 'seen over a meter']
	])('keeps an own rule about “%s”, a word of an earlier edition', (earlier, now) => {
		const houseRules = [{ ...rule, when: { join: 'all', words: [earlier] } }];
		const { record, aside } = readRecord('stand', { schemaVersion: SCHEMA_VERSION, stances: {}, houseRules });
		expect(aside).toEqual([]);
		expect(record.houseRules[0]!.when.words).toEqual([now]);
	});

	it('names a rule whose value no part has', () => {
		const houseRules = [{ ...rule, prefers: { colour: { plaid: 1 } } }];
		const { record, aside } = readRecord('stand', { schemaVersion: 1, stances: {}, houseRules });
		expect([record.houseRules, aside.map(({ path }) => path)]).toEqual([[], ['houseRules.0.prefers']]);
	});
});
