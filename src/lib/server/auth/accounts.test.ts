import { randomUUID } from 'node:crypto';
import { hash } from '@node-rs/argon2';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Database } from '../db/connection';
import { useFreshDatabase } from '../db/testing';
import { keepHouse } from '../housekeeping';
import { keptRecord, readingRecord } from '../records/testing';
import { storeOf } from '../records/store';
import { changePassphrase, noteExport, recover, removeAccount, renewCodes, signIn, signUp } from './accounts';
import { deleteAccount, resumeDeletions } from './deletion';
import { refusalOf } from './passphrase';
import { checkSession, endSession, IDLE_MS, openSession, SESSION_MS, sessionsOf } from './session';

const NOW = new Date('2026-05-09T06:40:00Z');
const PASSPHRASE = 'tern over the weir';
const after = (ms: number): Date => new Date(NOW.getTime() + ms);
let database: Database;
let people = 0;

/** Somebody who tries from a house of their own. */
const person = (passphrase = PASSPHRASE) => {
	people++;
	return { name: `Angler ${people}`, passphrase, address: `10.0.0.${people}` };
};

beforeAll(async () => {
	database = await useFreshDatabase();
});
afterAll(() => database.sequelize.close());

describe('an account', () => {
	it('is opened by its name, however it is written, and its passphrase alone', async () => {
		const who = person();
		const { anglerId } = await signUp(who, NOW);
		expect(await signIn({ ...who, name: `  ${who.name.toUpperCase()} ` }, NOW)).toBe(anglerId);
		await expect(signIn({ ...who, passphrase: `${PASSPHRASE}.` }, NOW)).rejects.toMatchObject({ status: 401 });
		const row = await database.models.Angler.findByPk(anglerId);
		expect(row?.passphrase).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
	});

	it('does not say whether there is one', async () => {
		const who = person();
		await signUp(who, NOW);
		const told = async (name: string) =>
			signIn({ ...who, name, passphrase: 'not this one' }, NOW).catch((error: Error) => error.message);
		expect(await told(who.name)).toBe(await told('Nobody at all'));
	});

	it('has a name of its own, and the refusal stands at the name', async () => {
		const who = person();
		await signUp(who, NOW);
		const twin = signUp({ ...who, name: who.name.toLowerCase() }, NOW);
		await expect(twin).rejects.toMatchObject({ status: 422, path: 'name' });
		await expect(signUp({ ...who, name: '  ' }, NOW)).rejects.toMatchObject({ status: 422, path: 'name' });
		await expect(signUp(person('short'), NOW)).rejects.toMatchObject({ status: 422, path: 'passphrase' });
	});

	it('is hashed anew at the next sign-in where the cost has changed', async () => {
		const who = person();
		const { anglerId } = await signUp(who, NOW);
		const cheap = await hash(PASSPHRASE, { memoryCost: 8192, timeCost: 1, parallelism: 1 });
		await database.models.Angler.update({ passphrase: cheap }, { where: { id: anglerId } });
		await signIn(who, NOW);
		expect((await database.models.Angler.findByPk(anglerId))?.passphrase).toContain('m=19456,t=2,p=1');
	});

	it('of the demo has no passphrase that could be guessed', async () => {
		await database.models.Angler.create({ id: randomUUID(), name: 'Demo', signName: 'demo' });
		await expect(signIn({ ...person(''), name: 'Demo' }, NOW)).rejects.toMatchObject({ status: 401 });
	});
});

describe('a passphrase', () => {
	it.each([
		['elevenchars', /12 characters/],
		['aaaaaaaaaaaaaaa', /repeats/],
		['Password1234', /first passphrases anyone would guess/],
		['correct horse battery staple', /first passphrases anyone would guess/],
		['Maren Vossel 12', /your name/]
	])('%s is refused', (passphrase, why) => {
		expect(refusalOf(passphrase, 'Maren Vossel')).toMatch(why);
	});

	it.each([PASSPHRASE, 'Brücke-Hecht-7-Boot', '湖の底にいる大きな魚を釣る'])('%s is taken', (passphrase) => {
		expect(refusalOf(passphrase, 'Maren Vossel')).toBeNull();
	});

	it('changed ends every other session, and the old one opens nothing', async () => {
		const who = person();
		const { anglerId } = await signUp(who, NOW);
		const [here, there] = [await openSession(anglerId, NOW), await openSession(anglerId, NOW)];
		const keep = (await checkSession(here, NOW)).session!.id;
		const change = { old: who.passphrase, fresh: 'heron under the bridge', address: who.address, keep };
		await expect(changePassphrase(anglerId, { ...change, old: 'not it' }, NOW)).rejects.toMatchObject({ path: 'old' });
		await changePassphrase(anglerId, change, NOW);
		expect((await checkSession(here, NOW)).session).not.toBeNull();
		expect((await checkSession(there, NOW)).session).toBeNull();
		await expect(signIn(who, NOW)).rejects.toMatchObject({ status: 401 });
		expect(await signIn({ ...who, passphrase: change.fresh }, NOW)).toBe(anglerId);
	});

	it('that is lost is replaced by a code, once; new codes end the old ones', async () => {
		const who = person();
		const { anglerId, codes } = await signUp(who, NOW);
		expect(new Set(codes).size).toBe(8);
		const token = await openSession(anglerId, NOW);
		const fresh = { ...who, passphrase: 'heron under the bridge' };
		const code = codes[0]!.toLowerCase().replaceAll('-', ' ');
		expect(await recover({ ...fresh, code }, NOW)).toBe(anglerId);
		expect((await checkSession(token, NOW)).session).toBeNull();
		expect(await signIn(fresh, NOW)).toBe(anglerId);
		await expect(recover({ ...fresh, code }, NOW)).rejects.toMatchObject({ status: 401 });
		const [renewed] = await renewCodes(anglerId);
		await expect(recover({ ...fresh, code: codes[1]! }, NOW)).rejects.toMatchObject({ status: 401 });
		expect(await recover({ ...fresh, code: renewed! }, NOW)).toBe(anglerId);
	});
});

describe('guessing', () => {
	it('is slowed down more and more, and the right passphrase from elsewhere still opens', async () => {
		const who = person();
		const { anglerId } = await signUp(who, NOW);
		const wrong = { ...who, passphrase: 'a guess at random', address: '10.9.9.9' };
		for (let guess = 0; guess < 6; guess++) await expect(signIn(wrong, NOW)).rejects.toMatchObject({ status: 401 });
		const blocked = { ...wrong, passphrase: PASSPHRASE };
		await expect(signIn(blocked, NOW)).rejects.toMatchObject({ status: 429, retryAfterS: 5 });
		expect(await signIn(who, NOW)).toBe(anglerId);
		expect(await signIn(blocked, after(6_000))).toBe(anglerId);
	});

	it('at once is no way around it: each counts before it is looked at', async () => {
		const who = person();
		await signUp(who, NOW);
		const wrong = { ...who, passphrase: 'a guess at random', address: '10.7.7.7' };
		const told = await Promise.all(
			Array.from({ length: 24 }, () => signIn(wrong, NOW).catch(({ status }: { status: number }) => status))
		);
		expect(told.filter((status) => status === 401)).toHaveLength(6);
		expect(told.filter((status) => status === 429)).toHaveLength(18);
	});

	it('right takes nothing from a house of many, and clears the account’s own tries', async () => {
		const who = person();
		const { anglerId } = await signUp(who, NOW);
		const wrong = { ...who, passphrase: 'a guess at random' };
		for (let round = 0; round < 11; round++) {
			for (let guess = 0; guess < 3; guess++) await expect(signIn(wrong, NOW)).rejects.toMatchObject({ status: 401 });
			expect(await signIn(who, NOW)).toBe(anglerId);
		}
	});

	it('which names there are is slowed down, also between names that are given', async () => {
		const [taken, mine] = [person(), { passphrase: PASSPHRASE, address: '10.6.6.6' }];
		await signUp(taken, NOW);
		const probe = () => signUp({ ...mine, name: taken.name }, NOW).catch(({ status }: { status: number }) => status);
		const told: unknown[] = [];
		for (let guess = 0; guess < 8; guess++) {
			told.push(await probe());
			if (guess % 2 === 0) await signUp({ ...mine, name: `Given ${guess}` }, NOW).catch(() => undefined);
		}
		expect(told).toEqual([422, 422, 422, 422, 422, 422, 429, 429]);
	});

	it('at one account after the other from one address is slowed down too', async () => {
		const address = '10.8.8.8';
		for (let guess = 0; guess < 41; guess++) {
			const name = `Nobody ${guess}`;
			await expect(signIn({ name, passphrase: 'guess', address }, NOW)).rejects.toMatchObject({ status: 401 });
		}
		await expect(signIn({ name: 'Nobody', passphrase: 'guess', address }, NOW)).rejects.toMatchObject({ status: 429 });
	});
});

describe('guessing from many places', () => {
	it('at one account is slowed down too, and the owner waits a minute at most', async () => {
		const who = person();
		const { anglerId } = await signUp(who, NOW);
		const told = new Set<number>();
		for (let guess = 0; guess < 104; guess++) {
			const address = `2001:db8:${guess.toString(16)}::1`;
			const wrong = { ...who, address, passphrase: 'a guess at random' };
			told.add((await signIn(wrong, NOW).catch(({ status }: { status: number }) => status)) as number);
		}
		expect([...told]).toEqual([401, 429]);
		expect(await signIn(who, after(60_000))).toBe(anglerId);
	});

	it('counts all addresses of one subscriber as one', async () => {
		const who = person();
		await signUp(who, NOW);
		const guess = (at: number) =>
			signIn({ ...who, address: `2001:db8:77:1::${at.toString(16)}`, passphrase: 'a guess' }, NOW).catch(
				({ status }: { status: number }) => status
			);
		const told: unknown[] = [];
		for (let at = 1; at <= 8; at++) told.push(await guess(at));
		expect(told).toEqual([401, 401, 401, 401, 401, 401, 429, 429]);
	});

	it('makes no more accounts from one network than a club has members', async () => {
		const mine = { passphrase: PASSPHRASE, address: '2001:db8:88:1::1' };
		const told: unknown[] = [];
		for (let at = 0; at < 23; at++) {
			const made = signUp({ ...mine, name: `Member ${at}` }, NOW).then(() => 'made');
			told.push(await made.catch(({ status }: { status: number }) => status));
		}
		expect(told.filter((one) => one === 'made')).toHaveLength(21);
		expect(told.slice(21)).toEqual([429, 429]);
	});
});

describe('a clock that ran ahead', () => {
	it('locks nobody out once it is set right, and ends nobody’s session', async () => {
		const [who, other] = [person(), person()];
		const session = await openSession((await signUp(other, NOW)).anglerId, NOW);
		const ahead = after(91 * 24 * 60 * 60_000);
		const { anglerId } = await signUp(who, ahead);
		const wrong = { ...who, passphrase: 'a guess at random' };
		for (let guess = 0; guess < 8; guess++) await signIn(wrong, ahead).catch(() => undefined);
		await openSession(anglerId, ahead);
		expect(await signIn(who, NOW)).toBe(anglerId);
		await signUp({ ...person(), address: who.address }, NOW);
		expect((await checkSession(session, NOW)).session).not.toBeNull();
	});
});

describe('housekeeping', () => {
	it('removes guesses, sessions and records that are old, and leaves the others', async () => {
		const { Throttle, Session, records } = database.models;
		const { anglerId } = await signUp(person(), NOW);
		const [old, fresh] = [await openSession(anglerId, after(-SESSION_MS - 1000)), await openSession(anglerId, NOW)];
		await database.sequelize.query('UPDATE throttle SET updated_at = :then', {
			replacements: { then: after(-7_200_000) }
		});
		const ids = [randomUUID(), randomUUID()];
		for (const id of ids) {
			await storeOf('readings').put(anglerId, id, 0, readingRecord());
			await storeOf('readings').remove(anglerId, id);
		}
		const deletedAt = after(-91 * 24 * 60 * 60_000);
		await records.readings.update({ deletedAt }, { where: { anglerId, id: ids[0]! }, paranoid: false });
		await records.readings.update({ deletedAt: NOW }, { where: { anglerId, id: ids[1]! }, paranoid: false });
		await keepHouse(NOW);
		expect(await Throttle.count()).toBe(0);
		expect((await checkSession(old, after(-SESSION_MS))).session).toBeNull();
		expect((await checkSession(fresh, NOW)).session).not.toBeNull();
		expect(await Session.count({ where: { anglerId } })).toBe(1);
		await expect(storeOf('readings').restore(anglerId, ids[0]!)).rejects.toMatchObject({ status: 404 });
		expect(await storeOf('readings').restore(anglerId, ids[1]!)).toMatchObject({ version: 3 });
		// What a purged record was named by is still read.
		const spotless = { ...keptRecord(ids[0]!), name: 'Outlives it' };
		expect(await storeOf('kept-calls').put(anglerId, randomUUID(), 0, spotless)).toMatchObject({ version: 1 });
	});
});

describe('sessions', () => {
	it('are listed with their browser, ended one by one, by nobody else', async () => {
		const [{ anglerId }, stranger] = [await signUp(person(), NOW), await signUp(person(), NOW)];
		const phone = await openSession(anglerId, NOW, 'A phone');
		await openSession(anglerId, after(1000), 'A laptop');
		const listed = await sessionsOf(anglerId, after(2000));
		expect(listed.map(({ device }) => device)).toEqual(['A laptop', 'A phone']);
		await endSession(stranger.anglerId, listed[1]!.id);
		expect((await checkSession(phone, NOW)).session).not.toBeNull();
		await endSession(anglerId, listed[1]!.id);
		expect((await checkSession(phone, NOW)).session).toBeNull();
	});

	it('end after a month without use, and after three in any case', async () => {
		const { anglerId } = await signUp(person(), NOW);
		const [idle, busy] = [await openSession(anglerId, NOW), await openSession(anglerId, NOW)];
		for (const share of [0.3, 0.6, 0.9]) {
			expect((await checkSession(busy, after(SESSION_MS * share))).session).not.toBeNull();
		}
		expect((await checkSession(idle, after(IDLE_MS + 1000))).session).toBeNull();
		expect((await checkSession(busy, after(SESSION_MS - 1000))).session).not.toBeNull();
		expect((await checkSession(busy, after(SESSION_MS + 1000))).session).toBeNull();
	});
});

describe('deleting an account', () => {
	it('of many rows goes on where it was cut off', async () => {
		const who = person();
		const { anglerId } = await signUp(who, NOW);
		for (let at = 0; at < 3; at++) await storeOf('readings').put(anglerId, randomUUID(), 0, readingRecord());
		await noteExport(anglerId, NOW);
		await database.models.Angler.update({ deletingAt: NOW }, { where: { id: anglerId } });
		expect(await deleteAccount(anglerId, -1)).toBe(false);
		await resumeDeletions();
		expect(await database.models.Angler.findByPk(anglerId)).toBeNull();
		expect(await database.models.records.readings.count({ where: { anglerId }, paranoid: false })).toBe(0);
	});

	it('asks for the file first and the passphrase, and leaves nothing', async () => {
		const who = person();
		const { anglerId } = await signUp(who, NOW);
		await storeOf('readings').put(anglerId, randomUUID(), 0, readingRecord());
		const remove = (passphrase: string) => removeAccount(anglerId, passphrase, who.address, NOW);
		await expect(remove(PASSPHRASE)).rejects.toMatchObject({ status: 409, code: 'export-first' });
		await noteExport(anglerId, NOW);
		await expect(remove('not it')).rejects.toMatchObject({ status: 422, path: 'passphrase' });
		await remove(PASSPHRASE);
		expect((await storeOf('readings').list(anglerId)).items).toEqual([]);
		await expect(signIn(who, NOW)).rejects.toMatchObject({ status: 401 });
	});
});
