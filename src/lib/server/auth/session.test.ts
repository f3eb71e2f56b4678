import { createHash, randomUUID } from 'node:crypto';
import { DatabaseError } from 'sequelize';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { Database } from '../db/connection';
import { readText, parseJson } from '../http/body';
import { log, logConsole, toldError } from '../http/log';
import { asHttpFailure, failureResponse, HttpFailure } from '../http/failures';
import { checkSession, closeSession, openSession, SESSION_MS } from './session';
import { ANGLER, WATERS } from '../demo/scenario';
import { seedDemo } from '../demo/seed';
import { storeOf } from '../records/store';
import { listWaters } from '../records/places';
import { newAngler, useFreshDatabase } from '../db/testing';
import { call } from '../../core/ranking/answer/call';
import { callInputSchema } from '../../core/foundation/schema/call';

let database: Database;
const NOW = new Date('2026-05-09T06:40:00Z');

beforeAll(async () => {
	database = await useFreshDatabase();
});
afterAll(() => database.sequelize.close());

describe('a session', () => {
	it('is known by its token, of which only a hash is stored', async () => {
		const anglerId = await newAngler(database, 'Known');
		const token = await openSession(anglerId, NOW);
		expect(await checkSession(token, NOW)).toMatchObject({ session: { anglerId, name: 'Known' }, recordsDown: false });
		const row = await database.models.Session.findOne({ where: { anglerId } });
		expect(row?.tokenHash).toBe(createHash('sha256').update(token).digest('hex'));
	});

	it('ends when it is closed, when its time is over, and was never opened by a guess', async () => {
		const anglerId = await newAngler(database);
		const token = await openSession(anglerId, NOW);
		const later = new Date(NOW.getTime() + SESSION_MS + 1);
		expect((await checkSession(token, later)).session).toBeNull();
		await closeSession(token);
		expect((await checkSession(token, NOW)).session).toBeNull();
		expect((await checkSession('guess', NOW)).session).toBeNull();
	});
});

describe('a database that takes no writes', () => {
	const refusing = (errno: number) =>
		new DatabaseError(Object.assign(new Error('refused'), { errno, sql: 'UPDATE angler' }));

	it('still knows who is signed in', async () => {
		const anglerId = await newAngler(database);
		const token = await openSession(anglerId, NOW);
		const { Session } = database.models;
		const update = vi.spyOn(Session.prototype, 'update').mockRejectedValue(refusing(1290));
		const later = new Date(NOW.getTime() + 60 * 60_000);
		expect((await checkSession(token, later)).session).toMatchObject({ anglerId });
		expect(update).toHaveBeenCalled();
		update.mockRestore();
	});

	it.each([1290, 1040, 1114, 1021, 1205, 1213, 1969])(
		'is told as busy by its error %i, never as our mistake',
		(errno) => {
			log.level = 'silent';
			const failure = asHttpFailure(refusing(errno), 'request-1');
			expect([failure.status, failure.retryAfterS]).toEqual([503, 2]);
			expect(failureResponse(failure).headers.get('retry-after')).toBe('2');
		}
	);
});

describe('a line of the log', () => {
	it('is one JSON object, also where a package prints on the console, and quotes none of it', () => {
		const lines: string[] = [];
		const before = { ...console };
		const write = vi.spyOn(log, 'error').mockImplementation((...given: unknown[]) => {
			const [{ err }, msg] = given as [{ err?: unknown }, string];
			lines.push(JSON.stringify({ err: err && toldError(err), msg }));
		});
		logConsole();
		console.error('sql: ROLLBACK', Object.assign(new Error('Private Person'), { sql: 'INSERT' }));
		console.error('Private Person');
		write.mockRestore();
		Object.assign(console, before);
		expect(lines).toHaveLength(2);
		expect(lines.join()).not.toMatch(/ROLLBACK|INSERT|Private/);
	});
});

describe('the demo', () => {
	it('has its angler, three waters, eight spots, about twenty readings and calls that replay, and is seeded once', async () => {
		await seedDemo(database);
		await seedDemo(database);
		const waters = await listWaters(ANGLER.id);
		expect(waters.map(({ name }) => name)).toEqual(WATERS.map(({ name }) => name).sort());
		expect(waters.flatMap(({ spots }) => spots)).toHaveLength(8);
		const kept = (await storeOf('readings').list(ANGLER.id)).items;
		expect(kept.length).toBeGreaterThanOrEqual(20);
		for (const { record } of kept) expect(new Date(record.takenAt).getFullYear()).toBe(2026);
		const calls = (await storeOf('kept-calls').list(ANGLER.id)).items;
		expect(calls.length).toBeGreaterThanOrEqual(3);
		for (const { record } of calls)
			expect(call(callInputSchema.parse({ reading: record.reading }))).toEqual(record.answer);
	});
});

describe('what comes in', () => {
	const request = (body: string) => new Request('http://127.0.0.1/', { method: 'POST', body });

	it('is read no further than its limit', async () => {
		expect(await readText(request('water'), 5)).toBe('water');
		await expect(readText(request('waters'), 5)).rejects.toMatchObject({ status: 413, code: 'body-too-large' });
	});

	it('may begin with a byte-order mark, and holds whole characters only', () => {
		expect(parseJson('\uFEFF{"a": 1}')).toEqual({ a: 1 });
		expect(parseJson('{"name": "a\\ud800b", "of": ["\\udc00"]}')).toEqual({ name: 'a\uFFFDb', of: ['\uFFFD'] });
		expect(parseJson('{"name": "\\ud83d\\udc1f"}')).toEqual({ name: '🐟' });
	});

	it('and is no JSON is refused by line and column', () => {
		expect(() => parseJson('{\n  "a": 1,\n  b: 2\n}')).toThrow(/line 3/);
		expect(() => parseJson('')).toThrow(HttpFailure);
	});
});

describe('a failure', () => {
	it('of the database is logged without names, values or SQL', async () => {
		const row = { id: randomUUID(), name: 'Private Person' };
		await database.models.Angler.create(row);
		const error = await database.models.Angler.create(row).catch((error: Error) => error);
		const told = JSON.stringify(toldError(error));
		expect(told).toContain('UniqueConstraintError');
		for (const secret of ['Private Person', row.id, 'INSERT']) expect(told).not.toContain(secret);
	});

	it('nobody expected tells nothing of its inside', async () => {
		log.level = 'silent';
		const failure = asHttpFailure(new Error('password in the clear'), 'request-1');
		expect(failure.status).toBe(500);
		expect(JSON.stringify(await failureResponse(failure).json())).not.toContain('password');
	});
});
