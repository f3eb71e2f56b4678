import { randomUUID } from 'node:crypto';
import { isActionFailure, isRedirect, type ActionFailure, type RequestEvent } from '@sveltejs/kit';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startBuild, withRig } from '$lib/core/rig/build/start';
import { rigRecordOf } from '$lib/core/records/rigRecord';
import type { Database } from '$lib/server/db/connection';
import { newAngler, useFreshDatabase } from '$lib/server/db/testing';
import { keptRecord, readingRecord } from '$lib/server/records/testing';
import { storeOf } from '$lib/server/records/store';
import { actions as kept, load as keptLoad } from './(app)/logbook/+page.server';
import { actions as settings } from './(app)/settings/+page.server';
import { actions as water } from './(app)/water/+page.server';
import { POST as openSession } from './api/v1/session/+server';
import { actions as recover } from './recover/+page.server';
import { actions as signIn } from './sign-in/+page.server';
import { actions as signUp } from './sign-up/+page.server';

let database: Database;
let people = 0;
beforeAll(async () => {
	database = await useFreshDatabase();
});
afterAll(() => database.sequelize.close());

type Fields = Readonly<Record<string, string | File>>;
interface Asker {
	readonly anglerId?: string | null;
	readonly address?: string;
	readonly cookies?: Map<string, string>;
}

/** What a browser without scripts sends, and the cookies that it holds. */
function posted(fields: Fields, { anglerId = null, address = '10.1.1.1', cookies = new Map() }: Asker = {}) {
	const body = new FormData();
	for (const [name, value] of Object.entries(fields)) body.set(name, value);
	return {
		request: new Request('http://127.0.0.1/here', { method: 'POST', body }),
		url: new URL('http://127.0.0.1/here'),
		params: {},
		locals: { session: anglerId && { id: 'this one', anglerId }, recordsDown: false, requestId: 'r' },
		cookies: {
			get: (name: string) => cookies.get(name),
			set: (name: string, value: string) => cookies.set(name, value),
			delete: (name: string) => cookies.delete(name)
		},
		getClientAddress: () => address,
		depends: () => undefined
	} as unknown as RequestEvent;
}

type Outcome = { to: string } | { status: number; data: Record<string, unknown> } | { told: Record<string, unknown> };

/** Where an action leads, what it refuses, or what it tells. */
async function outcome(action: unknown, event: RequestEvent): Promise<Outcome> {
	try {
		const told: unknown = await (action as (event: RequestEvent) => unknown)(event);
		if (isActionFailure(told)) {
			const { status, data } = told as unknown as ActionFailure<Record<string, unknown>>;
			return { status, data };
		}
		return { told: told as Record<string, unknown> };
	} catch (error) {
		if (isRedirect(error)) return { to: error.location };
		throw error;
	}
}
const angler = () => newAngler(database);

describe('the theme', () => {
	const chosen = async (back: string, theme = 'lamp') => {
		const cookies = new Map<string, string>();
		return { ...(await outcome(settings.theme, posted({ theme, back }, { cookies }))), cookies };
	};

	it.each(['/water', '/tank/approach', '/deck/places', '/logbook/6f1a3c52-0d4e-4b7a-9c11-2e5d8a7b4f01', '/'])(
		'is chosen on %s, and one stays there',
		async (back) => {
			const { cookies, ...rest } = await chosen(back);
			expect(rest).toEqual({ to: back });
			expect([...cookies.values()]).toEqual(['lamp']);
		}
	);

	it.each(['//elsewhere.example', 'https://elsewhere.example', '/\\elsewhere.example', '/a//b', '', 'water', '/%2F/x'])(
		'leads to nobody else’s page: %j',
		async (back) => {
			expect(await chosen(back)).toMatchObject({ to: '/settings' });
		}
	);

	it('that there is none of changes nothing', async () => {
		expect((await chosen('/water', 'neon')).cookies.size).toBe(0);
	});
});

describe('settings without scripts', () => {
	it('are kept, and a system of units that there is none of is refused', async () => {
		const anglerId = await angler();
		expect(await outcome(settings.settings, posted({ units: 'imperial', shortcuts: 'on' }, { anglerId }))).toEqual({
			told: { saved: true }
		});
		expect((await storeOf('settings').find(anglerId))?.record).toMatchObject({ units: 'imperial', shortcuts: true });
		const wrong = await outcome(settings.settings, posted({ units: 'furlongs' }, { anglerId }));
		expect(wrong).toEqual({ status: 422, data: { message: 'Choose a system of units.' } });
		const long = await outcome(settings.settings, posted({ units: 'metric', currency: 'florins' }, { anglerId }));
		expect(long).toEqual({ status: 422, data: { message: 'Use at most 4 letters for a currency.' } });
		expect((await storeOf('settings').find(anglerId))?.record).toMatchObject({ units: 'imperial' });
	});
});

describe('the water without scripts', () => {
	const READ = {
		units: 'metric',
		name: 'Dawn',
		takenAt: '2026-05-09T06:40:00.000Z',
		waterTemperatureC: '16.5',
		visibilityM: '0.9',
		bottomM: '2.4'
	};

	it('is kept once, however often the form is sent', async () => {
		const anglerId = await angler();
		const newId = randomUUID();
		for (let press = 0; press < 2; press++) {
			expect(await outcome(water.keep, posted({ ...READ, newId }, { anglerId }))).toMatchObject({
				told: { kept: { name: 'Dawn', readingId: newId, readingVersion: 1 } }
			});
		}
		const { items } = await storeOf('readings').list(anglerId);
		expect(items.map(({ id, record }) => [id, record.name])).toEqual([[newId, 'Dawn']]);
	});

	it.each([
		[{ waterTemperatureC: 'mild' }, { waterTemperatureC: 'Enter a number.' }],
		[{ bottomM: '' }, { bottomM: 'Fill this in.' }],
		[{ name: ' ' }, { name: 'Give it a name.' }]
	])('that is wrong by %j is refused at its field, and nothing is kept', async (wrong, errors) => {
		const anglerId = await angler();
		const told = await outcome(water.keep, posted({ ...READ, ...wrong }, { anglerId }));
		expect(told).toMatchObject({ status: 422, data: { errors } });
		expect((await storeOf('readings').list(anglerId)).items).toEqual([]);
	});

	it('goes on to its call, laid on the desk', async () => {
		const anglerId = await angler();
		expect(await outcome(water.call, posted(READ, { anglerId }))).toEqual({ to: '/call' });
		expect((await storeOf('desk').find(anglerId))?.record).toMatchObject({
			name: 'Dawn',
			reading: { waterTemperatureC: 16.5, bottomM: 2.4 }
		});
	});

	it('in feet is exactly what it was where nobody typed in a field', async () => {
		const anglerId = await angler();
		const reading = { ...readingRecord().reading, bottomM: 2.3456789 };
		await outcome(water.call, posted({ ...READ, bottomM: String(reading.bottomM) }, { anglerId }));
		const shown = { ...READ, units: 'imperial', waterTemperatureC: '62', visibilityM: '3', bottomM: '7.7' };
		await outcome(water.call, posted(shown, { anglerId }));
		expect((await storeOf('desk').find(anglerId))!.record.reading).toMatchObject({
			waterTemperatureC: 16.5,
			visibilityM: 0.9,
			bottomM: 2.3456789
		});
	});
});

describe('what is kept, without scripts', () => {
	async function withKept() {
		const anglerId = await angler();
		const [reading, call, rig] = [randomUUID(), randomUUID(), randomUUID()];
		await storeOf('readings').put(anglerId, reading, 0, readingRecord());
		await storeOf('kept-calls').put(anglerId, call, 0, keptRecord(reading));
		const build = withRig(startBuild('spinnerbait'), { weightOz: 0.75 });
		await storeOf('rigs').put(anglerId, rig, 0, rigRecordOf('Deep one', build, []));
		const act = (action: unknown, fields: Fields) => outcome(action, posted(fields, { anglerId }));
		return { anglerId, reading, call, rig, act };
	}

	it('is listed, and of one angler alone', async () => {
		const { anglerId, reading, call, rig } = await withKept();
		const lists = (await keptLoad(posted({}, { anglerId }) as never)) as Exclude<
			Awaited<ReturnType<typeof keptLoad>>,
			void
		>;
		expect(lists.readings.items.map(({ id }) => id)).toEqual([reading]);
		expect(lists.calls.items.map(({ id }) => id)).toEqual([call]);
		expect(lists.rigs.map(({ id }) => id)).toEqual([rig]);
		const other = (await keptLoad(posted({}, { anglerId: await angler() }) as never)) as typeof lists;
		expect([other.readings.items, other.calls.items, other.rigs]).toEqual([[], [], []]);
	});

	it('is opened: a reading on the desk, a rig on the bench, a call as both', async () => {
		const { anglerId, reading, call, rig, act } = await withKept();
		expect(await act(kept.open, { id: reading, kind: 'reading' })).toEqual({ to: '/water' });
		expect((await storeOf('desk').find(anglerId))?.record).toMatchObject({ name: 'Alder Bank', readingId: reading });
		await act(kept.open, { id: rig, kind: 'rig' });
		expect((await storeOf('bench').find(anglerId))?.record).toMatchObject({
			name: 'Deep one',
			rigId: rig,
			rigVersion: 1
		});
		await act(kept.openCall, { id: call });
		expect((await storeOf('desk').find(anglerId))?.record).toMatchObject({ name: 'First light', readingId: null });
		expect((await storeOf('bench').find(anglerId))?.record?.build.rig).toEqual(keptRecord().answer.calls[0]!.rig);
	});

	it('is duplicated under a key of its own', async () => {
		const { anglerId, reading, act } = await withKept();
		await act(kept.duplicate, { id: reading, kind: 'reading' });
		const { items } = await storeOf('readings').list(anglerId);
		expect(items.map(({ record }) => record.name).toSorted()).toEqual(['Alder Bank', 'Alder Bank, again']);
		expect((await storeOf('desk').find(anglerId))?.record.readingId).not.toBe(reading);
	});

	it('is deleted and brought back', async () => {
		const { anglerId, rig, act } = await withKept();
		const fields = { id: rig, kind: 'rig', name: 'Deep one' };
		expect(await act(kept.remove, fields)).toEqual({ told: { removed: fields } });
		await expect(storeOf('rigs').get(anglerId, rig)).rejects.toMatchObject({ status: 404 });
		expect(await act(kept.restore, fields)).toEqual({ told: { restored: 'Deep one' } });
		expect((await storeOf('rigs').get(anglerId, rig)).record.name).toBe('Deep one');
	});

	it('by somebody else is nobody’s to open or delete', async () => {
		const { reading, anglerId } = await withKept();
		const stranger = { anglerId: await angler() };
		for (const action of [kept.open, kept.duplicate, kept.remove]) {
			expect(await outcome(action, posted({ id: reading, kind: 'reading' }, stranger))).toMatchObject({ status: 404 });
		}
		expect((await storeOf('readings').get(anglerId, reading)).version).toBe(1);
	});

	const file = (text: string) => new File([text], 'records.json', { type: 'application/json' });
	it.each([
		[{}, 422, 'Choose a file first.'],
		[{ file: file('') }, 422, 'Choose a file first.'],
		[{ file: file('{ "kind": ') }, 422, /This is not JSON: it breaks/],
		[{ file: file('{"kind":"something"}') }, 422, /kind/]
	])('a file %# that is none is refused in words', async (fields, status, message) => {
		const { act } = await withKept();
		const told = await act(kept.preview, fields as Fields);
		expect(told).toMatchObject({ status, data: { message: expect.stringMatching(message) } });
	});
});

describe('accounts without scripts', () => {
	const PASSPHRASE = 'tern over the weir';
	const person = () => ({ name: `Walker ${++people}`, passphrase: PASSPHRASE });
	const at = () => ({ address: `10.2.0.${people}`, cookies: new Map<string, string>() });

	it('are made with codes, opened, and their session is in the cookie alone', async () => {
		const who = person();
		const made = at();
		const told = await outcome(signUp.default, posted(who, made));
		expect(told).toMatchObject({ told: { codes: expect.arrayContaining([expect.any(String)]) } });
		expect(made.cookies.size).toBe(1);
		const again = at();
		expect(await outcome(signIn.default, posted(who, again))).toEqual({ to: '/water' });
		expect([...again.cookies.values()][0]).not.toBe([...made.cookies.values()][0]);
	});

	it('refuse at the field, give the name back and never the passphrase', async () => {
		const who = person();
		const short = await outcome(signUp.default, posted({ ...who, passphrase: 'short' }, at()));
		expect(short).toMatchObject({ status: 422, data: { form: 'sign-up', field: 'passphrase', name: who.name } });
		expect(JSON.stringify(short)).not.toContain('short"');
		const unknown = at();
		expect(await outcome(signIn.default, posted(who, unknown))).toMatchObject({
			status: 401,
			data: { form: 'sign-in' }
		});
		expect(unknown.cookies.size).toBe(0);
	});

	it('whose passphrase is lost are opened with a code, once', async () => {
		const who = person();
		const told = (await outcome(signUp.default, posted(who, at()))) as { told: { codes: string[] } };
		const lost = { ...who, passphrase: 'heron under the bridge', code: told.told.codes[0]! };
		expect(await outcome(recover.default, posted(lost, at()))).toEqual({ to: '/water' });
		expect(await outcome(recover.default, posted(lost, at()))).toMatchObject({ status: 401 });
		expect(await outcome(signIn.default, posted(who, at()))).toMatchObject({ status: 401 });
	});

	it('are opened in place by a page whose session is over, by the right passphrase alone', async () => {
		const who = person();
		await outcome(signUp.default, posted(who, at()));
		const asked = async (body: unknown) => {
			const asker = at();
			const request = new Request('http://127.0.0.1/api/v1/session', {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify(body)
			});
			const response = await openSession({ ...posted({}, asker), request } as never);
			return { status: response.status, cookies: asker.cookies.size };
		};
		expect(await asked({ ...who, passphrase: 'another one' })).toEqual({ status: 401, cookies: 0 });
		expect(await asked({ name: who.name })).toEqual({ status: 422, cookies: 0 });
		expect(await asked(who)).toEqual({ status: 200, cookies: 1 });
	});
});
